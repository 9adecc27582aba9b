import { isBarKit, smallestStep } from "../plates";
import type { Weight } from "../units";
import { LEAST_GAP, ONE_SET_JUMP_SHARE, repsBand, systemConstants } from "./constants";
import type { RampRequest } from "./types";

/** What bounds the weights of one ramp. */
export interface RampLimits {
  working: Weight;
  /** The smallest step from one load to the next. */
  step: Weight;
  /** Least difference between neighbours as they are planned. */
  gap: number;
  /** Neighbours that are closer than this are no step, whoever has set them. */
  close: number;
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
  const close = Math.max(Math.ceil(working * LEAST_GAP), step);
  const { everydayStep, heavyStep, heavyWorking, leastGap } = systemConstants(unit);
  const usual = isBarKit(kit) && working >= heavyWorking ? heavyStep : everydayStep;
  return {
    ...{ working, step, close, lightest },
    gap: isBarKit(kit) ? Math.max(close, leastGap) : close,
    everydayStep: Math.max(step, usual) as Weight,
  };
}

/**
 * The largest last jump allowed for this number of sets, in the weights' fine unit.
 *
 * @param gap the least difference between neighbours.
 */
export function lastJumpLimit(
  { working, unit }: Pick<RampRequest, "working" | "unit">,
  sets: number,
  gap: number,
): number {
  if (sets === 0) return Number.POSITIVE_INFINITY;
  const share = repsBand(working.reps).lastJump;
  if (sets > 1) return Math.max(share * working.weight, gap);
  const alone = Math.min(ONE_SET_JUMP_SHARE, 2 * share) * working.weight;
  return Math.max(systemConstants(unit).oneSetReach, alone, gap);
}
