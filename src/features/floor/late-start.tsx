"use client";

import { useFloor, useNow } from "@/client/use-floor";
import { type FloorAthlete, type Happening, lateStart } from "@/core/floor";
import { useAct } from "./acts";
import { changeEvents, changesInWords } from "./catch-up";
import { FloorButton } from "./floor-button";

/** Somebody who is not there: comes now, with the best that fits what is left, or with all of it. */
export function LateStart({ athlete }: { athlete: FloorAthlete }) {
  const { plan, state } = useFloor();
  const act = useAct();
  const now = useNow(5000);
  const person = state.people[athlete.id]!;
  const changes = state.startedAt === null ? [] : lateStart(plan, athlete, person, state, now);
  const arrived: { athlete: string; what: Happening } = { athlete: athlete.id, what: { kind: "arrived" } };
  const short = [arrived, ...changeEvents(athlete.id, changes, "late")];
  return (
    <div className="mt-4">
      <p className="text-2xl font-bold">{person.presence === "left" ? "Has gone" : "Not here"}</p>
      {changes.length > 0 && (
        <p className="mt-1 text-lg text-ink-soft">To be ready with the others: {changesInWords(changes)}.</p>
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        <FloorButton look="main" size="large" onClick={() => act(`${athlete.name} is here`, short)}>
          {changes.length > 0 ? "Here now, shortened" : "Here now"}
        </FloorButton>
        {changes.length > 0 && (
          <FloorButton size="large" onClick={() => act(`${athlete.name} is here`, [arrived])}>
            Here now, all of it
          </FloorButton>
        )}
      </div>
    </div>
  );
}
