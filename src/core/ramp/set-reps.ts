import { HEAVY, HIGH_REPS } from "./constants";
import type { FixedSet, RampLift } from "./types";

const FIRST_SET_REPS = { usual: 8, highReps: 10, olympic: 5 };
const OLYMPIC_MOST_REPS = 3;
const MOST_TOTAL_REPS = { usual: 30, highReps: 35 };
const MOST_HEAVY_REPS = 3;

/** The most repetitions of a whole ramp, and of its sets at 85 % and more, before it costs working sets. */
export function mostRampReps(workingReps: number): { total: number; heavy: number } {
  return {
    total: workingReps >= HIGH_REPS ? MOST_TOTAL_REPS.highReps : MOST_TOTAL_REPS.usual,
    heavy: Math.max(MOST_HEAVY_REPS, workingReps),
  };
}

function usualReps(fraction: number, workingReps: number): number {
  if (fraction < 0.5) return 8;
  if (workingReps >= 8 && fraction < 0.7) return 6;
  if (fraction < 0.65) return 5;
  if (fraction < 0.75) return 3;
  return fraction < HEAVY ? 2 : 1;
}

function mostReps(fraction: number, workingReps: number): number {
  if (fraction < 0.5) return Math.max(workingReps, 5);
  if (workingReps <= 3 && fraction >= 0.8) return 1;
  return fraction >= 0.7 ? workingReps : Math.max(workingReps, 3);
}

/**
 * Repetitions of each ramp set (docs/model.md, "Reps"): by share of the working weight, never rising,
 * trimmed until the ramp is not a workout. Numbers that the coach has set stay as they are.
 *
 * @param fractions each set's share of the working weight, 0 to 1, rising.
 * @param singlesFrom from this share on sets are of one repetition.
 */
export function setReps(
  fractions: readonly number[],
  workingReps: number,
  lift: Pick<RampLift, "olympic">,
  fixed: Readonly<Record<number, FixedSet>> = {},
  singlesFrom = Number.POSITIVE_INFINITY,
): number[] {
  const high = workingReps >= HIGH_REPS;
  const reps: number[] = [];
  for (const [i, fraction] of fractions.entries()) {
    const own = fixed[i]?.reps;
    if (own !== undefined) {
      reps.push(own);
      continue;
    }
    let count = usualReps(fraction, workingReps);
    if (i === 0) {
      if (fraction < 0.5 && high) count = FIRST_SET_REPS.highReps;
      if (lift.olympic) count = Math.min(count, FIRST_SET_REPS.olympic);
    } else {
      count = Math.min(count, mostReps(fraction, workingReps), reps[i - 1]!);
      if (lift.olympic) count = Math.min(count, OLYMPIC_MOST_REPS);
    }
    reps.push(fraction >= singlesFrom ? 1 : count);
  }
  const trimmable = (i: number) => i > 0 && fixed[i]?.reps === undefined && reps[i]! > 1;
  const most = mostRampReps(workingReps);
  trim(reps, most.total, trimmable);
  const heavy = fractions.map((f) => f >= HEAVY);
  trim(reps, most.heavy, (i) => heavy[i]! && trimmable(i), heavy);
  return reps;
}

/** Takes one repetition at a time from the last of the largest sets until the counted sets hold at most `most`. */
function trim(
  reps: number[],
  most: number,
  trimmable: (i: number) => boolean,
  counted: readonly boolean[] = reps.map(() => true),
): void {
  const total = () => reps.reduce((sum, r, i) => sum + (counted[i] ? r : 0), 0);
  while (total() > most) {
    let largest = -1;
    for (let i = 0; i < reps.length; i++) {
      if (trimmable(i) && (largest < 0 || reps[i]! >= reps[largest]!)) largest = i;
    }
    if (largest < 0) return;
    reps[largest]! -= 1;
  }
}
