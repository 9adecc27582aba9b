import { isBarKit, lightestOf, loadableWeights, loadTable, type Stack, stackMoves } from "../plates";
import { additionFindings } from "./additions";
import { baseOf, coldStart } from "./base-and-start";
import { rampsFromFloor } from "./check-working-weight";
import {
  FIRST_JUMP_SHARE,
  HEAVY,
  LEAST_GAP,
  LIGHT_SHARE,
  MOST_SETS,
  systemConstants,
  WARM_START,
} from "./constants";
import { countSets } from "./count-sets";
import { describeSets, platesOf } from "./describe-sets";
import { rampFindings } from "./findings";
import { fitLoads, type LoadsWanted } from "./fit-loads";
import { fixedWithout, withoutWeights } from "./fixed-sets";
import { idealWeights } from "./ideal-weights";
import { lightSets, withFirstAgain } from "./light-sets";
import { type RampLimits, rampLimits } from "./limits";
import { namedShares } from "./named-shares";
import { RAMP_STYLES, topOf } from "./styles";
import type { Ramp, RampFinding, RampRequest, RampSet } from "./types";

/**
 * The ramp-up sets of one lift for one athlete: how many, how heavy, how often, with which plates and how
 * much rest (docs/model.md, "The ramp"). Weights and plates are chosen together, exactly.
 *
 * Where the gym or the weight makes a rule impossible it gives way in a fixed order, and a finding says so.
 * The working weight must be loadable: see `checkWorkingWeight`.
 */
export function planRamp(request: RampRequest): Ramp {
  const { kit, working, lift } = request;
  const W = working.weight;
  const fromFloor = rampsFromFloor(lift, kit, W);
  const table = isBarKit(kit) ? loadTable(kit, W, fromFloor) : null;
  const loadable = loadableWeights(kit, W, fromFloor);
  const limits = rampLimits(request, W, loadable[0]!);

  const { count, extras, named, start, cutByWarmth } = countAndStart(request, limits, fromFloor);
  const idealsOf = (sets: number) => idealWeights(request, sets, start, cutByWarmth, named);
  const fixed = request.fixed ?? {};
  const isEmptyFirst = asksForEmptyBar(request, limits);
  const first = { isEmptyFirst, hasOwnSecond: fixed[1]?.weight !== undefined };
  const usual = { sets: count - extras, idealsOf };
  const all = lightSets(usual, extras, limits, first);
  // Where there is no room for all light sets there are fewer.
  const left = inAHurry(request, usual.sets, all.idealsOf(count - all.again).length + all.again - usual.sets);
  const plain = { ...usual, sets: left.plain };
  const light = request.fewer ? lightSets(plain, left.light, limits, first) : all;
  const asked: LoadsWanted = {
    request,
    table,
    loadable,
    limits,
    count: light.idealsOf(left.plain + left.light - light.again).length,
    idealsOf: light.idealsOf,
    first: start === limits.lightest ? limits.lightest : undefined,
  };
  const climbing = left.light > 0 ? withNoMoreHeavyOnes(asked, plain.sets) : asked;
  const wanted = isEmptyFirst ? afterEmptyBar(climbing) : climbing;
  const withFixed = fitLoads(wanted, fixedWithout(fixed, 1, light.again));
  const steps = withFixed ?? fitLoads(wanted, {})!;
  const loads = withFirstAgain(steps, light.again, W);

  const sets = describeSets(request, loads, withFixed ? fixed : withoutWeights(fixed));
  const findings: RampFinding[] = rampFindings(request, {
    limits,
    wanted: wanted.count + loads.weights.length - steps.weights.length,
    weights: loads.weights,
    reps: sets.map((s) => s.reps),
    fromFloor,
    fixedReleased: !withFixed,
    hasLightSets: left.light > 0,
    isExact: loads.isExact,
  });
  return assembleRamp(request, sets, loads.stacks, findings);
}

/** Sets put together with their working weight and sums. */
export function assembleRamp(
  { lift, kit, working, fewer = 0, additions = [] }: RampRequest,
  sets: RampSet[],
  stacks: readonly Stack[],
  findings: RampFinding[],
  done = 0,
): Ramp {
  const moves = stacks.reduce((sum, stack, i) => sum + stackMoves(stacks[i - 1] ?? [], stack), 0);
  return {
    lift: lift.id,
    kit,
    sets,
    done,
    fewer,
    working: { weight: working.weight, ...platesOf(kit, stacks.at(-2) ?? [], stacks.at(-1)!) },
    totals: {
      seconds: sets.reduce((sum, s) => sum + s.seconds + s.restSeconds, 0),
      reps: sets.reduce((sum, s) => sum + s.reps, 0),
      repsAt85: sets.reduce((sum, s) => sum + (s.fraction >= HEAVY ? s.reps : 0), 0),
      moves,
    },
    findings: [...findings, ...additionFindings(sets, lift, additions)],
  };
}

/**
 * With light sets the jumps grow where these end, but not above, and no more sets are heavy than in the ramp without them, unless the
 * coach has given their number.
 */
function withNoMoreHeavyOnes(steps: LoadsWanted, plainCount: number): LoadsWanted {
  const W = steps.limits.working;
  const growthFrom = LIGHT_SHARE * W;
  if (steps.request.rampSets !== undefined) return { ...steps, growthFrom };
  const usual = fitLoads({ ...steps, count: plainCount }, {})!;
  const heavy = usual.weights.filter((w) => w >= HEAVY * W).length;
  return { ...steps, growthFrom, mostHeavy: Math.max(1, heavy) };
}

/** A bar complex is done with the empty bar, also where the ramp itself begins at full height. */
function asksForEmptyBar({ kit, lift, additions = [] }: RampRequest, { lightest }: RampLimits): boolean {
  return additions.includes("bar-complex") && !!lift.family && kit.kind === "barbell" && lightest > kit.empty;
}

/** The ramp with a set more before it; a number of sets that the coach has given counts this one too. */
function afterEmptyBar(plain: LoadsWanted): LoadsWanted {
  const { request, idealsOf } = plain;
  const empty = lightestOf(request.kit);
  return {
    ...plain,
    count: request.rampSets ?? plain.count + 1,
    idealsOf: (sets) => (sets === 0 ? [] : [empty, ...idealsOf(sets - 1)]),
    first: empty,
  };
}

interface CountAndStart {
  count: number;
  /** How many of them are light ones for an area or a cold room. */
  extras: number;
  /** Shares of the working weight that the style names itself; null: none. */
  named: readonly number[] | null;
  start: number;
  cutByWarmth: boolean;
}

function countAndStart(request: RampRequest, limits: RampLimits, fromFloor: boolean): CountAndStart {
  const { working, unit, similarDone } = request;
  const W = working.weight;
  const { firstJump } = systemConstants(unit);
  const { sets, extras, cutByWarmth } = countSets(request, W / baseOf(request, limits, fromFloor));
  const style = RAMP_STYLES[request.style];
  const plain = sets - extras;
  const named = namedShares(request, limits, plain);
  const warmStart = W * (WARM_START.least + WARM_START.byWarmth * similarDone);
  const isCold = request.start !== undefined || !(named || cutByWarmth);
  const wantedStart = isCold ? coldStart(request, limits) : named ? W * named[0]! : warmStart;
  const start = Math.max(limits.lightest, wantedStart);
  if (request.rampSets !== undefined) return { count: sets, extras, named, start, cutByWarmth };

  const top = W * (named?.at(-1) ?? topOf(request.style, working.reps));
  // As near to the top as its set may lie.
  const highest = Math.min(top + LEAST_GAP * W, W - limits.gap);
  const room = start < top ? 1 + Math.max(0, Math.floor((highest - start) / limits.gap)) : 1;
  const light = named && request.slowToWarm !== "sore" ? 0 : extras;
  const wanted = sets === 0 ? 0 : named ? named.length : Math.min(MOST_SETS, plain + style.addedSets);
  let count = W - start < limits.gap ? 0 : Math.min(wanted, room);
  const isAfterTheBar = () => idealWeights(request, 1, start, cutByWarmth)[0]! - start >= limits.gap;
  if (count === 1 && request.experience === "beginner" && isCold && room > 1 && isAfterTheBar()) count = 2;
  if (count >= 2 && !named) {
    const jump = idealWeights(request, count, start, cutByWarmth)[1]! - start;
    if (jump > W * FIRST_JUMP_SHARE && jump > firstJump && count < room) count += 1;
  }
  return { count: count + light, extras: light, named, start, cutByWarmth };
}

/** The sets that are left where some are given up for lack of time: light ones first, of which a sore area keeps one. */
function inAHurry({ fewer = 0, slowToWarm }: RampRequest, plain: number, light: number) {
  const lightLeft = Math.max(light - fewer, slowToWarm === "sore" ? Math.min(1, light) : 0);
  const plainLeft = plain - Math.max(0, fewer - (light - lightLeft));
  return { plain: Math.max(Math.min(1, plain), plainLeft), light: lightLeft };
}
