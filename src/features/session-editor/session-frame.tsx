"use client";

import { useCatalog } from "@/client/catalog";
import { knownApproach } from "@/core/catalog";
import { LIMITS } from "@/core/draft";
import { arriveBy, type Session, type SessionEdit } from "@/core/session";
import { approachGroups } from "@/features/shared/lift-groups";
import { TEMPERATURES } from "@/features/shared/temperatures";
import { UsualMinutes } from "@/features/shared/usual-minutes";
import { LabelledChoice } from "@/ui/choice";
import { useTimeInWords } from "@/ui/conventions";
import { DayField } from "@/ui/day-field";
import { TimeField } from "@/ui/time-field";
import { WholeStepper } from "@/ui/whole-stepper";

const WAYS = [
  { value: "together", label: "Group", note: "Shared drills, plus one or two individual ones." },
  { value: "alone", label: "Individual", note: "Each athlete's own warm-up, side by side." },
];

/** When and where a session is, how long its warm-up may take, and in which way it is planned. */
export function SessionFrame({
  session,
  gyms,
  readyAt,
  rampMinutes,
  onEdit,
}: {
  session: Session;
  gyms: readonly { id: string; name: string }[];
  /** Seconds to the first working set of the last one; null: not known. */
  readyAt: number | null;
  /** What the longest ramp takes, rounded up; 0: not known. */
  rampMinutes: number;
  onEdit: (edit: SessionEdit) => void;
}) {
  const catalog = useCatalog();
  const inWords = useTimeInWords();
  const change = (to: (SessionEdit & { kind: "frame" })["change"]) => onEdit({ kind: "frame", change: to });
  return (
    <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2 print:hidden">
      <DayField label="Day" value={session.day} onChange={(day) => change({ day })} />
      <TimeField label="First working set" value={session.time} onChange={(time) => change({ time })} />
      <WholeStepper
        label="Minutes"
        value={session.minutes}
        range={LIMITS.minutes}
        onChange={(minutes) => change({ minutes })}
      />
      <UsualMinutes
        approach={knownApproach(catalog, session.approach)}
        minutes={session.minutes}
        rampMinutes={rampMinutes}
        onTake={(minutes) => change({ minutes })}
      />
      {session.time && (
        <span className="flex flex-col" role="status">
          <span className="condensed text-2xs text-ink-faint">Arrive</span>
          <span className="min-h-6 text-sm font-bold text-ember">
            {inWords(arriveBy(session.time, session.minutes, readyAt))}
          </span>
        </span>
      )}
      <LabelledChoice
        label="Warm-up"
        value={session.together ? "together" : "alone"}
        groups={[{ options: WAYS }]}
        onChange={(way) => change({ together: way === "together" })}
      />
      <LabelledChoice
        label="Approach"
        value={session.approach}
        groups={approachGroups(catalog, session.approach)}
        onChange={(approach) => change({ approach })}
      />
      <LabelledChoice
        label="Gym"
        value={session.room}
        groups={TEMPERATURES}
        onChange={(room) => change({ room: room as Session["room"] })}
      />
      {gyms.length > 1 && (
        <LabelledChoice
          label="Where"
          value={session.gymId}
          groups={[{ options: gyms.map((g) => ({ value: g.id, label: g.name })) }]}
          onChange={(gymId) => change({ gymId })}
        />
      )}
    </div>
  );
}
