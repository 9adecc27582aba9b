import type { Stack } from "../plates";
import type { Weight } from "../units";

/** Which weights each ramp set may have, and what must hold between them. */
export interface WeightProblem {
  working: Weight;
  /** Ideal weight of each ramp set. */
  ideals: readonly number[];
  /** Loadable weights each ramp set may take, lightest first. */
  candidates: readonly (readonly Weight[])[];
  /** Least difference between neighbours, the working weight included. */
  gap: number;
  /** Largest difference between the last ramp set and the working weight; Infinity: any. */
  lastJump: number;
  /** How much an inner jump may exceed the one before; Infinity: any. */
  growth: number;
  /** Jumps are compared with those before from this weight on; absent: all. */
  growthFrom?: number;
  /** The set that has just been done, from which the ramp goes on; absent: it begins. */
  from?: DoneLoad;
}

/** A set that has been done: it stays as it is. */
export interface DoneLoad {
  weight: Weight;
  /** The weight of the set before it; −Infinity for the first set. */
  before: number;
  /** What is on the bar now; empty where there are no plates. */
  stack: Stack;
}

/** Weights as they are: no jump between them is too small or too large. */
export const ANY_JUMPS = {
  gap: Number.NEGATIVE_INFINITY,
  lastJump: Number.POSITIVE_INFINITY,
  growth: Number.POSITIVE_INFINITY,
};

/** The weight before a set as the growth of jumps sees it: under where it is looked at, any jump may follow. */
export function asBefore({ growthFrom = 0 }: Pick<WeightProblem, "growthFrom">, weight: number): number {
  return weight < growthFrom ? Number.NEGATIVE_INFINITY : weight;
}
