"use client";

import { formatSeconds } from "@/core/units";
import type { RecordOfAthlete } from "@/server/record/open-record";
import { Toggle } from "@/ui/toggle";
import { useRecord } from "./use-record";

/** Drills of an athlete, ticked where they were done, with planned and real times. */
export function DrillsDone({ sessionId, of }: { sessionId: string; of: RecordOfAthlete }) {
  const { change } = useRecord(sessionId, of.athlete);
  return (
    <section aria-label={`Drills of ${of.name}`}>
      <h2 className="section-title mb-1">Drills</h2>
      <ul>
        {of.drills.map((d) => (
          <li key={d.key} className="flex items-start justify-between gap-4 border-t border-line py-1">
            <Toggle
              label={d.name}
              note={d.insteadOf ? `Instead of ${d.insteadOf}` : undefined}
              isOn={d.status === "done"}
              onChange={(isDone) => change({ kind: "drill", key: d.key, isDone })}
            />
            <span className="condensed pt-1 whitespace-nowrap text-ink-soft">
              {d.realSeconds !== null && `${formatSeconds(d.realSeconds)}, planned `}
              {formatSeconds(d.plannedSeconds)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
