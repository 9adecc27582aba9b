import { smallestStep } from "../plates";
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
  /** The step that counts on the way up: the smallest, but none of plates that are there for the working weight. */
  everydayStep: Weight;
  /** Lightest load the ramp may start from: the lightest there is, or the lightest that stands at full height. */
  lightest: Weight;
}

export function rampLimits(
  { kit, unit }: Pick<RampRequest, "kit" | "unit">,
  working: Weight,
  lightest: Weight,
): RampLimits {
  const step = smallestStep(kit);
  const gap = Math.max(Math.ceil(working * LEAST_GAP), step);
  const everydayStep = Math.max(step, systemConstants(unit).everydayStep) as Weight;
  return { working, step, everydayStep, gap, lightest };
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
