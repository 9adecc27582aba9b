import type { Approach } from "../catalog";
import type { AskedDemand } from "../drills";

/** What counts as served for good once an earlier lift has asked it, or drills have served it. */
const phasesAgain = ["mobilise", "activate", "power", "rehearse"];

/**
 * The approach as it holds before a later lift: no raise, no rounds and no jobs of its own, since the body is
 * warm; only what the lift still asks for.
 */
export function approachBetweenLifts(approach: Approach): Approach {
  return {
    ...approach,
    phases: approach.phases
      .filter((p) => phasesAgain.includes(p.phase))
      .map((p) => ({ ...p, least: 0, shortPrice: 0 })),
    slots: [],
    onlySlots: false,
    circuit: null,
    floors: {},
    planes: [],
    limiters: { ...approach.limiters, place: "in-phase" },
  };
}

/**
 * What a later lift asks that is still new.
 *
 * @param done for each demand the most that lifts before it asked, or that drills have served.
 */
export function onlyNew(demands: readonly AskedDemand[], done: readonly number[]): AskedDemand[] {
  return demands.map((d, i) => {
    const left = (weight: number) =>
      done[i]! > 0 ? Math.max(0, Math.min(weight, d.asked - done[i]!)) : weight;
    return { ...d, weight: left(d.weight), weightWithoutLimiter: left(d.weightWithoutLimiter) };
  });
}
