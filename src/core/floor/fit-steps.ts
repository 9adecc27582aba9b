import type { Dose } from "../dose";
import { secondsOf, stepNow } from "./floor-items";
import type { FloorStep } from "./floor-plan";
import type { StepState } from "./fold-events";

/** What becomes of a step so that the rest fits. */
export type StepChange =
  | { kind: "left-out"; step: FloorStep; saves: number }
  | { kind: "shorter"; step: FloorStep; dose: Dose; seconds: number; saves: number };

/** A step in the one way or the other. */
interface Way {
  seconds: number;
  worth: number;
  change: StepChange | null;
}

/** Seconds that are one in the sums: finer than anybody sees. */
const GRAIN = 5;

function waysOf(step: FloorStep, canShorten: boolean): Way[] {
  const whole = secondsOf({ kind: "step", step, state: {} });
  const shorter = canShorten
    ? step.shorter.map(({ dose, seconds, worth }): Way => {
        const saves = step.seconds - seconds;
        return {
          seconds: whole - saves,
          worth,
          change: { kind: "shorter", step, dose, seconds, saves },
        };
      })
    : [];
  return [
    { seconds: whole, worth: step.worth, change: null },
    ...shorter.filter((w) => w.change!.saves > 0),
    { seconds: 0, worth: 0, change: { kind: "left-out", step, saves: whole } },
  ];
}

/**
 * What is left out or done shorter so that steps fit into a time: what is lost is worth the least, in the points by which the
 * approach chose. Exact over every combination, to five seconds (docs/model.md, "The floor").
 *
 * @param seconds that there are for them.
 * @returns the changes, in the order of the steps; none where all fits.
 */
export function fitSteps(
  steps: readonly { step: FloorStep; state?: StepState }[],
  seconds: number,
): StepChange[] {
  const left = steps.map(({ step, state }) => ({
    step: stepNow(step, state),
    ways: waysOf(stepNow(step, state), !state?.swapped && !state?.shortened),
  }));
  const whole = left.reduce((sum, { ways }) => sum + ways[0]!.seconds, 0);
  if (whole <= seconds) return [];
  const cells = Math.max(0, Math.floor(seconds / GRAIN));
  // best[c]: the most that the steps so far are worth within c grains, and how.
  let best: { worth: number; how: StepChange[] }[] = Array.from({ length: cells + 1 }, () => ({
    worth: 0,
    how: [],
  }));
  for (const { ways } of left) {
    best = best.map((_, cell) => {
      let top: { worth: number; how: StepChange[] } | null = null;
      for (const way of ways) {
        const rest = cell - Math.ceil(way.seconds / GRAIN);
        if (rest < 0) continue;
        const worth = best[rest]!.worth + way.worth;
        if (top && worth <= top.worth) continue;
        top = { worth, how: way.change ? [...best[rest]!.how, way.change] : best[rest]!.how };
      }
      return top!;
    });
  }
  return best[cells]!.how;
}
