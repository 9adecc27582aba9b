import type { Weight } from "../units";
import { type E1rmFormula, estimateOneRepMax } from "./one-rep-max";

/** The working sets of a main lift. */
export interface WorkingSets {
  weight: Weight;
  /** Repetitions of each set, 1 to 20. */
  reps: number;
  sets: number;
  /** Repetitions in reserve, 0 to 10. */
  rir: number;
}

/**
 * Effort: the working weight as a share of the e1RM, 0 to 1.
 *
 * @example effort({ weight: weight(100), reps: 5, sets: 5, rir: 0 }) // 0.857…
 */
export function effort(working: WorkingSets, formula: E1rmFormula = "epley"): number {
  return working.weight / estimateOneRepMax(working.weight, working.reps + working.rir, formula);
}
