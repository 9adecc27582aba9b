import { type LoadKit, nearestLoadable } from "../plates";
import { type E1rmFormula, estimateOneRepMax, type WorkingSets, weightForReps } from "../strength";
import type { Weight } from "../units";

/** What is changed about the working sets on the day. */
export type WorkingChange =
  | { kind: "lighter"; percent: number }
  | { kind: "same-effort"; reps: number; rir?: number; formula?: E1rmFormula };

/** Working sets after a change, rounded down to what can be loaded. */
export interface ChangedWorking {
  working: WorkingSets;
  /** The weight before it was rounded, in the fine unit. */
  exact: number;
}

/**
 * The working sets lighter by so many percent, or with other repetitions at the same effort by the estimated
 * maximum; the weight is rounded down to what can be loaded.
 *
 * @returns null if nothing so light can be loaded.
 */
export function changeWorking(
  kit: LoadKit,
  working: WorkingSets,
  change: WorkingChange,
): ChangedWorking | null {
  const next = { ...working };
  let exact: number;
  if (change.kind === "lighter") exact = working.weight * (1 - change.percent / 100);
  else {
    const { formula } = change;
    next.reps = change.reps;
    next.rir = change.rir ?? working.rir;
    const most = estimateOneRepMax(working.weight, working.reps + working.rir, formula);
    exact = weightForReps(most, next.reps + next.rir, formula);
  }
  const weight = roundDown(kit, exact);
  return weight === null ? null : { working: { ...next, weight }, exact };
}

/** The heaviest that can be loaded without going over a weight in the fine unit; null if that is nothing. */
export function roundDown(kit: LoadKit, exact: number): Weight | null {
  // What was multiplied and divided again may be off by less than a thousandth of the fine unit.
  return nearestLoadable(kit, Math.floor(exact + 1e-3) as Weight, false).lower;
}

/** How a single felt. */
export const FELT = ["easy", "right", "heavy"] as const;
export type Felt = (typeof FELT)[number];

/** How far the next single goes, as a share of the last, and how far a coarse step may carry it. */
const NEXT_SINGLE = { easy: { by: 0.05, most: 0.1 }, right: { by: 0.025, most: 0.05 } };

/**
 * The next single of a heavy single for the day, from how the last one felt: 5 % more after an easy one, 2.5 % after
 * one that was right, rounded down to what can be loaded but one step at least; none after a heavy one.
 *
 * @returns null where it is enough, or where the smallest step there is goes too far.
 */
export function nextSingle(kit: LoadKit, last: Weight, felt: Felt): Weight | null {
  if (felt === "heavy") return null;
  const { by, most } = NEXT_SINGLE[felt];
  const wanted = roundDown(kit, last * (1 + by));
  if (wanted !== null && wanted > last) return wanted;
  const { upper } = nearestLoadable(kit, (last + 1) as Weight, false);
  return upper !== null && upper <= last * (1 + most) ? upper : null;
}
