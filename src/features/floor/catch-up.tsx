"use client";

import { useFloor, useNow } from "@/client/use-floor";
import {
  BEHIND,
  catchUps,
  type Happening,
  type SkipReason,
  type StepChange,
  sessionBehind,
} from "@/core/floor";
import { formatSeconds } from "@/core/units";
import { useAct } from "./acts";
import { FloorButton } from "./floor-button";

/** What becomes of a step, in words. @example "no couch stretch", "row 2 min instead of 3 min" */
export function changeWords(change: StepChange): string {
  const { step } = change;
  return change.kind === "left-out"
    ? `no ${step.name.toLowerCase()}`
    : `${step.name.toLowerCase()} ${formatSeconds(change.seconds)} instead of ${formatSeconds(step.seconds)}`;
}

/** What is said when changes are taken. */
export function changeEvents(
  athlete: string | null,
  changes: readonly StepChange[],
  why: SkipReason,
): { athlete: string | null; what: Happening }[] {
  return changes.map((change) => ({
    athlete,
    what:
      change.kind === "left-out"
        ? { kind: "step-skipped", step: change.step.key, why }
        : { kind: "step-shortened", step: change.step.key, dose: change.dose, seconds: change.seconds },
  }));
}

/** How often it is looked at what would make up for lost time. Milliseconds. */
const LOOK_EVERY_MS = 5000;
/** So many are named; there is a button for all. */
const MOST_NAMED = 3;

/** From a minute behind on: what would be left out to be on time, taken with one tap; or the later time is. */
export function CatchUpBar() {
  const { plan, state } = useFloor();
  const act = useAct();
  const now = useNow(LOOK_EVERY_MS);
  const behind = sessionBehind(plan, state, now);
  if (behind === null || behind < BEHIND || state.finished) return null;
  const offers = catchUps(plan, state, now);
  const minutes = Math.round(behind / 60);
  const shown = offers.slice(0, MOST_NAMED);
  const taken = offers.flatMap((o) => changeEvents(o.athlete, o.changes, "time"));
  const later = (state.due ?? state.startedAt! + plan.readySeconds * 1000) + behind * 1000;
  return (
    <section
      aria-label="Behind"
      className="flex flex-wrap items-center gap-x-4 gap-y-2 bg-ochre-wash px-4 py-2 text-base"
    >
      <p className="min-w-0 flex-1">
        <span className="font-bold">{minutes} min behind.</span>{" "}
        {shown.length === 0
          ? "Nothing is left that could be left out."
          : shown
              .map((o) => `${o.name ? `${o.name}: ` : ""}${o.changes.map(changeWords).join(", ")}`)
              .join(". ")}
        {offers.length > MOST_NAMED && `, and ${offers.length - MOST_NAMED} more`}
      </p>
      {taken.length > 0 && (
        <FloorButton look="main" onClick={() => act("Shortened to be on time", taken)}>
          Shorten
        </FloorButton>
      )}
      <FloorButton
        onClick={() =>
          act(`Lifting ${minutes} min later`, [
            { athlete: null, what: { kind: "due-changed", due: Math.round(later) } },
          ])
        }
      >
        Lift {minutes} min later
      </FloorButton>
    </section>
  );
}
