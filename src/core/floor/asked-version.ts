import { fitSteps, type StepChange } from "./fit-steps";
import type { Happening } from "./floor-event";
import { secondsInto, secondsOf, standingOf, stepNow } from "./floor-items";
import type { FloorAthlete, FloorStep, FloorSwap } from "./floor-plan";
import type { FloorState, StepState } from "./fold-events";

/** What an athlete asks for: at most so many minutes to the first working set, or drills that need nothing. */
export interface Ask {
  minutes: number | null;
  noKit: boolean;
}

/** What a warm-up becomes where it is taken. */
export interface AskedVersion {
  changes: readonly StepChange[];
  swaps: readonly { step: FloorStep; swap: FloorSwap }[];
  /** To the first working set. Seconds. */
  seconds: number;
  happenings: readonly Happening[];
}

/**
 * The version of a warm-up that an athlete asks for, of what is not done yet: what needs something is swapped for its nearest that does
 * not, or left out; then the best that fits the time beside the ramp.
 *
 * @param now in milliseconds since 1970.
 */
export function askedVersion(
  athlete: FloorAthlete,
  state: FloorState,
  { minutes, noKit }: Ask,
  now: number,
): AskedVersion {
  const standing = standingOf(athlete, state.people[athlete.id]!, state.startedAt);
  const left = standing.items.slice(0, standing.before);
  const ramp = left.reduce((sum, i) => sum + (i.kind === "set" && !i.done ? secondsOf(i) : 0), 0);
  const open = left.flatMap((i) => (i.kind === "step" && !i.state.done ? [i] : []));
  const swaps: { step: FloorStep; swap: FloorSwap }[] = [];
  const bare: StepChange[] = [];
  const steps = open.flatMap((item): { step: FloorStep; state?: StepState }[] => {
    const { step } = item;
    if (!noKit || !step.needsKit) return [{ step, state: item.state }];
    const swap = step.swaps.find((s) => !s.needsKit && !swaps.some((o) => o.swap.drill === s.drill));
    if (!swap) {
      bare.push({ kind: "left-out", step, saves: secondsOf(item) });
      return [];
    }
    swaps.push({ step, swap });
    return [{ step: stepNow({ ...step, shorter: [] }, { swapped: swap }) }];
  });
  const gone = standing.now?.kind === "step" ? secondsInto(standing, state, now) : 0;
  const room = minutes === null ? Number.MAX_SAFE_INTEGER : Math.max(0, minutes * 60 - ramp + gone);
  const whole = steps.reduce((sum, { step }) => sum + secondsOf({ kind: "step", step, state: {} }), 0);
  const fitted = whole <= room ? [] : fitSteps(steps, room);
  const changes = [...bare, ...fitted];
  const out = new Set(changes.flatMap((c) => (c.kind === "left-out" ? [c.step.key] : [])));
  const kept = swaps.filter((s) => !out.has(s.step.key));
  return {
    changes,
    swaps: kept,
    seconds: Math.max(0, ramp + whole - fitted.reduce((sum, c) => sum + c.saves, 0) - gone),
    happenings: [
      ...kept.map(({ step, swap: { drill, name, dose, seconds, cue } }): Happening => {
        return { kind: "step-swapped", step: step.key, drill, name, dose, seconds, cue };
      }),
      ...changes.map((c): Happening => {
        return c.kind === "left-out"
          ? { kind: "step-skipped", step: c.step.key, why: "time" }
          : { kind: "step-shortened", step: c.step.key, dose: c.dose, seconds: c.seconds };
      }),
    ],
  };
}
