import { SAME, WHOLE } from "./constants";
import type { Relaxation } from "./relaxation";

/**
 * Fixing by reduced cost (Dantzig, Fulkerson and Johnson 1954): the options that may still be part of a choice better
 * than the best one so far.
 *
 * @param bound what the relaxation reaches. Points.
 * @param objective what the best choice so far reaches. Points.
 */
export function optionsWorthKeeping(relaxation: Relaxation, bound: number, objective: number): number[] {
  return relaxation.binaries.flatMap(({ option, variable }) => {
    if (option === null) return [];
    const isOut = relaxation.valueOf(variable) < WHOLE;
    return isOut && bound - relaxation.reducedCost(variable) <= objective + SAME ? [] : [option];
  });
}
