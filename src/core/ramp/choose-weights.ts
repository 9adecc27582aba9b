import type { Weight } from "../units";
import type { ChosenLoads } from "./choose-loads";
import { DEVIATION_COST } from "./constants";
import { asBefore, type WeightProblem } from "./weight-problem";

/** A way to one set: the weights so far, with what they cost. */
interface Way {
  weights: readonly Weight[];
  /** Sum of deviations, in the fine unit: whole numbers, so that ties are exact. */
  off: number;
}

/**
 * Chooses the weights of a ramp where nothing is put on or taken off between sets: the least deviation from the
 * ideals under the same rules as `chooseLoads`, ties to lighter early sets. Exact, by dynamic programming over
 * sets, each with the weight before it.
 *
 * @returns null when no ramp satisfies the problem.
 */
export function chooseWeights(problem: WeightProblem): ChosenLoads | null {
  const { working, ideals, candidates, gap, lastJump, growth, from } = problem;
  const done = from ? [from.before as Weight, from.weight] : [];
  let ways: Way[] = [{ weights: done, off: 0 }];
  for (const [i, weights] of candidates.entries()) {
    const best = new Map<string, Way>();
    for (const way of ways) {
      const [before, at] = [way.weights.at(-2), way.weights.at(-1)];
      for (const w of weights) {
        if (at !== undefined && w - at < gap) continue;
        if (at !== undefined && before !== undefined && w - at > at - asBefore(problem, before) + growth)
          continue;
        const next = { weights: [...way.weights, w], off: way.off + Math.abs(w - ideals[i]!) };
        // What comes later depends on the last two weights alone.
        const state = `${at} ${w}`;
        const known = best.get(state);
        if (!known || isBetter(next, known)) best.set(state, next);
      }
    }
    ways = [...best.values()];
  }
  const ends = ways.filter(({ weights }) => {
    const jump = working - (weights.at(-1) ?? Number.NEGATIVE_INFINITY);
    return weights.length === 0 || (jump >= gap && jump <= lastJump);
  });
  if (ends.length === 0) return null;
  const { weights, off } = ends.reduce((a, b) => (isBetter(b, a) ? b : a));
  return {
    weights: weights.slice(done.length),
    stacks: [...weights.slice(done.length), working].map(() => []),
    cost: (DEVIATION_COST * off) / working,
    isExact: true,
  };
}

function isBetter(a: Way, b: Way): boolean {
  if (a.off !== b.off) return a.off < b.off;
  const at = a.weights.findIndex((w, i) => w !== b.weights[i]);
  return at >= 0 && a.weights[at]! < b.weights[at]!;
}
