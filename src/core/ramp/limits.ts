import { type LoadKit, smallestStep } from "../plates";
import type { Weight } from "../units";
import { LEAST_GAP, ONE_SET_JUMP_SHARE, repsBand, systemConstants } from "./constants";
import type { RampRequest } from "./types";

/** What bounds the weights of one ramp. */
export interface RampLimits {
  working: Weight;
  /** The smallest step from one load to the next. */
  step: Weight;
  /** Least difference between neighbours. */
  gap: number;
  /** Lightest load the ramp may start from: the lightest there is, or the lightest that stands at full height. */
  lightest: Weight;
}

export function rampLimits(kit: LoadKit, working: Weight, lightest: Weight): RampLimits {
  const step = smallestStep(kit);
  return { working, step, gap: Math.max(Math.ceil(working * LEAST_GAP), step), lightest };
}

/** The largest last jump allowed for this number of sets, in the weights' fine unit. */
export function lastJumpLimit(
  { working, unit }: Pick<RampRequest, "working" | "unit">,
  sets: number,
  step: number,
): number {
  if (sets === 0) return Number.POSITIVE_INFINITY;
  const share = repsBand(working.reps).lastJump;
  if (sets > 1) return Math.max(share * working.weight, step);
  const alone = Math.min(ONE_SET_JUMP_SHARE, 2 * share) * working.weight;
  return Math.max(systemConstants(unit).oneSetReach, alone, step);
}
