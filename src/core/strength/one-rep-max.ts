export const E1RM_FORMULAS = ["epley", "brzycki"] as const;
export type E1rmFormula = (typeof E1RM_FORMULAS)[number];

/** Past this many repetitions to failure the estimate is poor. */
const MOST_RELIABLE_REPS = 12;

/**
 * The estimated one-repetition maximum (e1RM).
 *
 * @param weight any unit; the result is in the same unit, not rounded.
 * @param repsToFailure repetitions done plus repetitions in reserve, at least 1 and under 37.
 * @param formula Epley `W(1 + r/30)` or Brzycki `36W/(37 − r)`; W itself for one repetition.
 * @example estimateOneRepMax(100, 5, "epley") // 116.66…
 */
export function estimateOneRepMax(
  weight: number,
  repsToFailure: number,
  formula: E1rmFormula = "epley",
): number {
  if (repsToFailure <= 1) return weight;
  return formula === "epley" ? weight * (1 + repsToFailure / 30) : (36 * weight) / (37 - repsToFailure);
}

/**
 * The weight for so many repetitions at a one-repetition maximum: the estimate the other way round.
 *
 * @param oneRepMax any unit; the result is in the same unit, not rounded.
 * @param repsToFailure repetitions to do plus repetitions in reserve, at least 1 and under 37.
 * @example weightForReps(116.66, 5) // 100
 */
export function weightForReps(
  oneRepMax: number,
  repsToFailure: number,
  formula: E1rmFormula = "epley",
): number {
  return oneRepMax / estimateOneRepMax(1, repsToFailure, formula);
}

/** Whether an e1RM from this many repetitions to failure should be shown as a poor estimate. */
export function isPoorEstimate(repsToFailure: number): boolean {
  return repsToFailure > MOST_RELIABLE_REPS;
}

/**
 * Repetitions to failure with a weight at a one-repetition maximum, by Epley: 30(M/W − 1).
 *
 * @param weight and oneRepMax in the same unit.
 * @returns at least 1; not rounded.
 * @example repsToFailureAt(100, 116.667) // 5.00…
 */
export function repsToFailureAt(weight: number, oneRepMax: number): number {
  return Math.max(1, 30 * (oneRepMax / weight - 1));
}
