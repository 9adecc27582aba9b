"use client";

import { useFloor, useNow } from "@/client/use-floor";
import {
  BEHIND,
  type CatchUp,
  catchUps,
  dueAt,
  type Happening,
  type SkipReason,
  type StepChange,
  sessionBehind,
} from "@/core/floor";
import { formatSeconds } from "@/core/units";
import { joinWords } from "@/lib/join-words";
import { useAct } from "./acts";
import { FloorButton } from "./floor-button";

/** What becomes of some steps, in words. @example "leave out couch stretch and side lunge; easy row 2 min, not 3 min" */
export function changesInWords(changes: readonly StepChange[]): string {
  const out = changes.filter((c) => c.kind === "left-out").map((c) => c.step.name.toLowerCase());
  const shorter = changes.flatMap((c) =>
    c.kind === "shorter"
      ? [`${c.step.name.toLowerCase()} ${formatSeconds(c.seconds)}, not ${formatSeconds(c.step.seconds)}`]
      : [],
  );
  return [out.length > 0 ? `leave out ${joinWords(out)}` : "", ...shorter].filter(Boolean).join("; ");
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
/** From a minute behind on: what would be left out to be on time, taken with one tap; or the later time is. */
export function CatchUpBar() {
  const { plan, state } = useFloor();
  const act = useAct();
  const now = useNow(LOOK_EVERY_MS);
  const behind = sessionBehind(plan, state, now);
  if (behind === null || behind < BEHIND || state.finished) return null;
  const offers = catchUps(plan, state, now);
  const minutes = Math.round(behind / 60);
  const later = dueAt(plan, state, now) + behind * 1000;
  return (
    <section
      aria-label="Behind"
      className="flex flex-wrap items-center gap-x-4 gap-y-2 bg-ochre-wash px-4 py-2 text-base sm:px-6"
    >
      <p className="min-w-0 flex-1 max-sm:basis-full">
        <span className="font-bold">{minutes} min behind.</span> {offersInWords(offers)}
      </p>
      {offers.length > 0 && (
        <FloorButton
          look="main"
          onClick={() =>
            act(
              "Shortened to be on time",
              offers.flatMap((o) => changeEvents(o.athlete, o.changes, "time")),
            )
          }
        >
          {offers.length > 1 ? `Shorten for ${offers.length}` : "Shorten"}
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

/** What shortening comes to: of one in full, of several whom it concerns. */
function offersInWords(offers: readonly CatchUp[]): string {
  const [first, ...more] = offers;
  if (!first) return "Nothing is left that could be left out.";
  if (more.length === 0)
    return `To be on time${first.name ? `, ${first.name}` : ""}: ${changesInWords(first.changes)}.`;
  return `To be on time, shorter for ${joinWords(offers.map((o) => o.name ?? "all"))}.`;
}

/** One athlete who is behind: what would be left out for that one alone. */
export function OwnCatchUp({ athlete }: { athlete: string }) {
  const { plan, state } = useFloor();
  const act = useAct();
  const now = useNow(LOOK_EVERY_MS);
  const offer = plan.isGroup ? undefined : catchUps(plan, state, now).find((o) => o.athlete === athlete);
  if (!offer) return null;
  return (
    <p className="mt-3 flex flex-wrap items-center gap-3 bg-ochre-wash px-3 py-2 text-base">
      <span className="min-w-0 flex-1">To be on time: {changesInWords(offer.changes)}.</span>
      <FloorButton
        onClick={() => act(`${offer.name}: shortened`, changeEvents(athlete, offer.changes, "time"))}
      >
        Shorten
      </FloorButton>
    </p>
  );
}
