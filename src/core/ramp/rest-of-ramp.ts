import { isEqual } from "@/lib/equality";
import { isBarKit, type Stack } from "../plates";
import type { Weight } from "../units";
import { type ChosenLoads, chooseLoads } from "./choose-loads";
import { fitLoads, type LoadsWanted } from "./fit-loads";
import { stepsTo } from "./ideal-weights";
import { lastJumpLimit, type RampLimits } from "./limits";
import { planRamp } from "./plan-ramp";
import { RAMP_STYLES, topOf } from "./styles";
import type { FixedSet, RampRequest } from "./types";
import { ANY_JUMPS, type DoneLoad } from "./weight-problem";

/** A ramp set as it was done. */
export interface DoneSet {
  weight: Weight;
  reps: number;
  /** Plates on one side, inside first; none where there are no plates. */
  perSide: readonly Weight[];
}

/** The last set that was done, as the rest leads on from it. */
export function lastDone(request: RampRequest, done: readonly DoneSet[]): DoneLoad | undefined {
  const last = done.at(-1);
  return (
    last && {
      weight: last.weight,
      before: done.at(-2)?.weight ?? Number.NEGATIVE_INFINITY,
      stack: stackOf(request, last),
    }
  );
}

/**
 * The plates of a done set as kinds of the kit, inside first.
 *
 * @throws RangeError if one of them is not among the kit's.
 */
export function stackOf({ kit }: RampRequest, { perSide }: Pick<DoneSet, "perSide">): Stack {
  if (!isBarKit(kit)) return [];
  return perSide.map((plate) => {
    const kind = kit.plates.findIndex((p) => p.weight === plate);
    if (kind < 0) throw new RangeError(`The kit has no plate of ${plate}.`);
    return kind;
  });
}

/** What the rest of a ramp is worked out from. */
export type RestWanted = Omit<LoadsWanted, "count" | "idealsOf">;

/** How many sets are left to do: the coach's own number, or as many as lead on from what has been reached. */
export function setsLeft({ request, limits, from }: RestWanted, done: readonly DoneSet[]): number {
  if (from && limits.working - from.weight < limits.gap) return 0;
  if (request.rampSets !== undefined) return Math.max(0, request.rampSets - done.length);
  return countLeft(request, limits, from?.weight ?? (0 as Weight));
}

/** What is left of the ramp as it was planned, if what has been done are its first sets; null otherwise. */
export function restAsPlanned(request: RampRequest, done: readonly DoneSet[]): ChosenLoads | null {
  const whole = fromTheStart(request);
  const isAsPlanned = done.every(
    (d, i) => d.weight === whole.weights[i] && isEqual(stackOf(request, d), whole.stacks[i]),
  );
  if (!isAsPlanned) return null;
  return {
    ...whole,
    weights: whole.weights.slice(done.length),
    stacks: whole.stacks.slice(done.length),
  };
}

/** The sets that lead on from what has been reached where time does not matter. */
export function restOfRamp(
  wanted: RestWanted,
  fixed: Readonly<Record<number, FixedSet>>,
  count: number,
): ChosenLoads {
  const { request, from } = wanted;
  if (count === 0) return keepWeights(wanted, []);
  const reached = from?.weight ?? (0 as Weight);
  const asked: LoadsWanted = { ...wanted, count, idealsOf: (sets) => idealsFrom(request, reached, sets) };
  return fitLoads(asked, fixed) ?? fitLoads(asked, {}) ?? keepWeights(wanted, []);
}

/** The loads of a ramp of which nothing has been done. */
function fromTheStart(request: RampRequest): ChosenLoads {
  const { sets, working, findings } = planRamp(request);
  const weights = sets.map((s) => s.weight);
  const isExact = findings.every((f) => f.code !== "too-many-loads");
  return { weights, stacks: [...sets, working].map((s) => stackOf(request, s)), cost: 0, isExact };
}

/** As many as a ramp from the start would still have above what has been reached; one at least for the last jump. */
function countLeft(request: RampRequest, limits: RampLimits, reached: Weight): number {
  const fresh = planRamp({ ...request, fixed: {} });
  const above = fresh.sets.filter((s) => s.weight - reached >= limits.gap).length;
  const isFar = limits.working - reached > lastJumpLimit(request, 2, limits.gap);
  return Math.max(above, isFar ? 1 : 0);
}

/** Where the sets that are left would lie if every weight could be loaded: on from what has been reached. */
function idealsFrom(request: RampRequest, reached: Weight, sets: number): number[] {
  const W = request.working.weight;
  const { jumpRatio } = RAMP_STYLES[request.style];
  const top = Math.max(W * topOf(request.style, request.working.reps), reached + (W - reached) / 2);
  return stepsTo(reached, top, sets, jumpRatio);
}

/** These weights and no others, with the plates that take the fewest moves from what is on the bar. */
export function keepWeights({ request, table, from }: RestWanted, weights: readonly Weight[]): ChosenLoads {
  if (!table) return { weights: [...weights], stacks: [...weights, 0].map(() => []), cost: 0, isExact: true };
  return chooseLoads({
    table,
    working: request.working.weight,
    ideals: weights,
    candidates: weights.map((w) => [w]),
    ...ANY_JUMPS,
    from,
  })!;
}
