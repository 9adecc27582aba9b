import { isBarKit, loadableWeights, loadTable, type Stack, stackMoves } from "../plates";
import type { Weight } from "../units";
import { rampsFromFloor } from "./check-working-weight";
import type { ChosenLoads } from "./choose-loads";
import { FIRST_AT_MOST, SECONDS_PER_MOVE } from "./constants";
import { describeSets } from "./describe-sets";
import { adjustmentFindings, rampFindings } from "./findings";
import { fixedWithout } from "./fixed-sets";
import { lastJumpLimit, rampLimits } from "./limits";
import { assembleRamp } from "./plan-ramp";
import {
  type DoneSet,
  keepWeights,
  lastDone,
  restAsPlanned,
  restOfRamp,
  setsLeft,
  stackOf,
} from "./rest-of-ramp";
import type { FixedSet, Ramp, RampRequest, RampSet } from "./types";

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
  const fromFloor = rampsFromFloor(request.lift, kit, W);
  const heaviest = Math.max(W, ...done.map((d) => d.weight)) as Weight;
  const loadable = loadableWeights(kit, W, fromFloor);
  const wanted = {
    request,
    table: isBarKit(kit) ? loadTable(kit, heaviest, fromFloor) : null,
    loadable,
    limits: rampLimits(request, W, loadable[0]!),
    from: lastDone(request, done),
  };
  const planned = restAsPlanned(request, done);
  const countWanted = planned ? planned.weights.length : setsLeft(wanted, done);
  const fixed = fixedWithout(request.fixed ?? {}, 0, done.length);
  const whole = planned ?? restOfRamp(wanted, fixed, countWanted);
  const { loads, givenUp } = secondsLeft === undefined ? { loads: whole, givenUp: 0 } : hurried(whole);
  const sets = setsWith(loads);
  const reached = wanted.from?.weight ?? (0 as Weight);
  const seconds = secondsLeft === undefined ? undefined : secondsOf(loads);
  const findings = [
    ...rampFindings(request, {
      limits: wanted.limits,
      wanted: givenUp > 0 ? loads.weights.length : countWanted,
      weights: loads.weights,
      reps: sets.map((s) => s.reps),
      fromFloor,
      fixedReleased: false,
      hasLightSets: request.slowToWarm !== 0 || request.room === "cold",
    }).filter((f) => f.code !== "no-ramp-needed"),
    ...adjustmentFindings(request, {
      reached,
      isLastJump: loads.weights.length === 0,
      lastJumpLimit: lastJumpLimit(request, sets.length, wanted.limits.gap),
      setsGivenUp: givenUp,
      takesTooLong: seconds !== undefined && seconds > secondsLeft! ? seconds : null,
    }),
  ];
  return assembleRamp(request, sets, stacksWith(loads), findings, done.length);

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
    let loads = all;
    let weights = all.weights;
    while (secondsOf(loads) > secondsLeft! && weights.length > 0) {
      // The first loaded set stays light enough, as long as there is another to leave out instead.
      const second = weights[1];
      const keepsFirst =
        !isLoaded &&
        weights[0] !== wanted.from?.weight &&
        second !== undefined &&
        second > FIRST_AT_MOST * W &&
        weights.length > 2;
      weights = weights.toSpliced(keepsFirst ? 1 : 0, 1);
      loads = keepWeights(wanted, weights);
    }
    return { loads, givenUp: all.weights.length - weights.length };
  }
}
