import type { Finding } from "@/lib/result";
import { isBarKit, loadableWeights, loadTable, type Stack, stackMoves } from "../plates";
import { formatSeconds, formatWeightWithUnit, type Weight } from "../units";
import { standsAtFullHeight } from "./check-working-weight";
import { ANY_JUMPS, type ChosenLoads, chooseLoads, type DoneLoad } from "./choose-loads";
import { FIRST_AT_MOST, SECONDS_PER_MOVE } from "./constants";
import { describeSets } from "./describe-sets";
import { rampFindings } from "./findings";
import { fitLoads, type LoadsWanted } from "./fit-loads";
import { stepsTo } from "./ideal-weights";
import { lastJumpLimit, type RampLimits, rampLimits } from "./limits";
import { assembleRamp, planRamp } from "./plan-ramp";
import { RAMP_STYLES, topOf } from "./styles";
import type { FixedSet, Ramp, RampRequest, RampSet } from "./types";

/** A ramp set as it was done. */
export interface DoneSet {
  weight: Weight;
  reps: number;
  /** Plates on one side, inside first; none where there are no plates. */
  perSide: readonly Weight[];
}

/** A ramp of which some has been done, and what is wanted of the rest. */
export interface Adjustment {
  /**
   * The working sets as they are wanted now. `rampSets` and `fixed` count from the first set of all, the done ones
   * among them.
   */
  request: RampRequest;
  /** In the order they were done. */
  done: readonly DoneSet[];
  /** Seconds until the first working set is to begin; absent: as long as it takes. */
  secondsLeft?: number;
}

/** The first sets of a ramp as sets that have been done. */
export function doneSets(ramp: Ramp, sets: number): DoneSet[] {
  return ramp.sets.slice(0, sets).map(({ weight, reps, perSide }) => ({ weight, reps, perSide }));
}

/**
 * A ramp planned anew from what has been done: the done sets stay as they were, the rest leads from the heaviest of
 * them, with the plates that are on the bar, to the working weight (docs/model.md, "On the day").
 *
 * Where time is short sets go from the light end first; the last step is kept longest, and a finding says what was
 * given up. The rest after the last done set is over or counts from now.
 *
 * @throws RangeError if a done set's plates are not among the kit's.
 */
export function adjustRamp({ request, done, secondsLeft }: Adjustment): Ramp {
  const { kit, working } = request;
  const W = working.weight;
  const fromFloor = standsAtFullHeight(request.lift, kit, W);
  const heaviest = Math.max(W, ...done.map((d) => d.weight)) as Weight;
  const loadable = loadableWeights(kit, W, fromFloor);
  const wanted = {
    request,
    table: isBarKit(kit) ? loadTable(kit, heaviest, fromFloor) : null,
    loadable,
    limits: rampLimits(kit, W, loadable[0]!),
    from: lastDone(request, done),
  };
  const reached = wanted.from?.weight ?? 0;
  const fixed = shifted(request.fixed ?? {}, done.length);
  const countWanted = setsLeft(wanted, done);
  const whole = restOfRamp(wanted, fixed, countWanted);
  const { loads, givenUp } = secondsLeft === undefined ? { loads: whole, givenUp: 0 } : hurried(whole);
  const sets = setsWith(loads);
  return assembleRamp(request, sets, stacksWith(loads), findings(), done.length);

  function stacksWith(rest: ChosenLoads): Stack[] {
    return [...done.map((d) => stackOf(request, d)), ...rest.stacks];
  }

  function setsWith(rest: ChosenLoads): RampSet[] {
    const weights = [...done.map((d) => d.weight), ...rest.weights];
    const stacks = stacksWith(rest);
    const doneReps = Object.fromEntries(
      done.map((d, i): [number, FixedSet] => [i, { ...request.fixed?.[i], reps: d.reps }]),
    );
    const sets = describeSets(request, { weights, stacks }, { ...request.fixed, ...doneReps });
    return sets.map((s, i) => ({ ...s, reps: done[i]?.reps ?? s.reps }));
  }

  /** Seconds from now to the first working set: changing plates, then the sets that are left with their rests. */
  function secondsOf(rest: ChosenLoads): number {
    const left = setsWith(rest).slice(done.length);
    const changing = stackMoves(wanted.from?.stack ?? [], rest.stacks[0]!) * SECONDS_PER_MOVE;
    return changing + left.reduce((sum, s) => sum + s.seconds + s.restSeconds, 0);
  }

  /** The most sets that fit, the lightest of the rest left out first; the last one goes last of all. */
  function hurried(all: ChosenLoads): { loads: ChosenLoads; givenUp: number } {
    const isLoaded = done.some((d) => d.weight > wanted.limits.lightest);
    let weights = all.weights;
    let loads = all;
    while (secondsOf(loads) > secondsLeft! && weights.length > 0) {
      // The first loaded set stays light enough, as long as there is another to leave out instead.
      const second = weights[1];
      const keepsFirst =
        !isLoaded && second !== undefined && second > FIRST_AT_MOST * W && weights.length > 2;
      weights = weights.toSpliced(keepsFirst ? 1 : 0, 1);
      loads = keepWeights(wanted, weights);
    }
    return { loads, givenUp: all.weights.length - weights.length };
  }

  function findings(): Finding[] {
    const said = rampFindings(request, {
      limits: wanted.limits,
      wanted: givenUp > 0 ? loads.weights.length : countWanted,
      weights: loads.weights,
      reps: sets.map((s) => s.reps),
      fromFloor,
      fixedReleased: false,
    }).filter((f) => f.code !== "no-ramp-needed");
    const limit = lastJumpLimit(request, sets.length, wanted.limits.step);
    const jump = W - reached;
    if (loads.weights.length === 0 && jump > limit) {
      said.push({
        code: "last-jump",
        message: `From ${formatWeightWithUnit(reached as Weight, request.unit)} it is ${Math.round((100 * jump) / W)} % of the working weight at once: more than is wanted for sets of ${working.reps}.`,
      });
    }
    if (jump <= 0) {
      said.push({
        code: "working-weight-reached",
        message:
          jump === 0
            ? "The working weight has been reached: the next set is the first working set."
            : `More than the working weight has been lifted already: take the bar down to ${formatWeightWithUnit(W, request.unit)}.`,
      });
    }
    if (givenUp > 0) {
      said.push({
        code: "hurried",
        message: `To fit the time, ${givenUp === 1 ? "one set is" : `${givenUp} sets are`} left out.`,
      });
    }
    if (secondsLeft !== undefined && secondsOf(loads) > secondsLeft) {
      said.push({
        code: "over-time",
        message: `Even so it takes ${formatSeconds(secondsOf(loads))} to the first working set.`,
      });
    }
    return said;
  }
}

function lastDone(request: RampRequest, done: readonly DoneSet[]): DoneLoad | undefined {
  const last = done.at(-1);
  return (
    last && {
      weight: last.weight,
      before: done.at(-2)?.weight ?? Number.NEGATIVE_INFINITY,
      stack: stackOf(request, last),
    }
  );
}

function stackOf({ kit }: RampRequest, { perSide }: Pick<DoneSet, "perSide">): Stack {
  if (!isBarKit(kit)) return [];
  return perSide.map((plate) => {
    const kind = kit.plates.findIndex((p) => p.weight === plate);
    if (kind < 0) throw new RangeError(`The kit has no plate of ${plate}.`);
    return kind;
  });
}

/** What the coach has set by hand for the sets that are left, counted from the first of them. */
function shifted(fixed: Readonly<Record<number, FixedSet>>, by: number): Record<number, FixedSet> {
  return Object.fromEntries(
    Object.entries(fixed).flatMap(([i, set]) => (Number(i) >= by ? [[Number(i) - by, set]] : [])),
  );
}

type Wanted = Omit<LoadsWanted, "count" | "idealsOf">;

/** How many sets are left to do: the coach's own number, or as many as lead on from what has been reached. */
function setsLeft({ request, limits, from }: Wanted, done: readonly DoneSet[]): number {
  if (from && limits.working - from.weight < limits.gap) return 0;
  if (request.rampSets !== undefined) return Math.max(0, request.rampSets - done.length);
  return countLeft(request, limits, from?.weight ?? (0 as Weight));
}

/** The sets that are left where time does not matter. */
function restOfRamp(wanted: Wanted, fixed: Readonly<Record<number, FixedSet>>, count: number): ChosenLoads {
  const { request, from } = wanted;
  if (!from) return fromTheStart(request);
  if (count === 0) return keepWeights(wanted, []);
  const asked: LoadsWanted = { ...wanted, count, idealsOf: (sets) => idealsFrom(request, from.weight, sets) };
  return fitLoads(asked, fixed) ?? fitLoads(asked, {}) ?? keepWeights(wanted, []);
}

/** The loads of a ramp of which nothing has been done. */
function fromTheStart(request: RampRequest): ChosenLoads {
  const { sets, working } = planRamp(request);
  const weights = sets.map((s) => s.weight);
  return { weights, stacks: [...sets, working].map((s) => stackOf(request, s)), cost: 0 };
}

/** As many as a ramp from the start would still have above what has been reached; one at least for the last jump. */
function countLeft(request: RampRequest, limits: RampLimits, reached: Weight): number {
  const fresh = planRamp({ ...request, fixed: {} });
  const above = fresh.sets.filter((s) => s.weight - reached >= limits.gap).length;
  const isFar = limits.working - reached > lastJumpLimit(request, 2, limits.step);
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
function keepWeights({ request, table, from }: Wanted, weights: readonly Weight[]): ChosenLoads {
  if (!table) return { weights: [...weights], stacks: [...weights, 0].map(() => []), cost: 0 };
  return chooseLoads({
    table,
    working: request.working.weight,
    ideals: weights,
    candidates: weights.map((w) => [w]),
    ...ANY_JUMPS,
    from,
  })!;
}
