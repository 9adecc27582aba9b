import { isBarKit, type LoadTable } from "../plates";
import type { Weight } from "../units";
import { candidateWeights } from "./candidate-weights";
import { type ChosenLoads, chooseLoads } from "./choose-loads";
import { chooseWeights } from "./choose-weights";
import { HEAVY, LEAST_GAP, systemConstants } from "./constants";
import { idealsThrough } from "./ideal-weights";
import { lastJumpLimit, type RampLimits } from "./limits";
import type { FixedSet, RampRequest } from "./types";
import type { DoneLoad, WeightProblem } from "./weight-problem";

/** Chooses weights, and plates where there are any. */
type Choose = (problem: WeightProblem) => ChosenLoads | null;

/** What loads are found for. */
export interface LoadsWanted {
  request: RampRequest;
  /** The plates; null where there are none. */
  table: LoadTable | null;
  /** All that can be loaded, lightest first. */
  loadable: readonly Weight[];
  limits: RampLimits;
  /** How many sets. */
  count: number;
  /** Where they would lie if every weight could be loaded. */
  idealsOf: (sets: number) => number[];
  /** What the first set is exactly, unless it is the only one; absent: what suits best. */
  first?: Weight;
  /** From which weight on a jump may be larger than the one before it by an everyday step at most; absent: all. */
  growthFrom?: number;
  /** How many sets, the last ones, may be heavy; absent: any. The coach's own may be. */
  mostHeavy?: number;
  /** The set that has just been done, from which they go on; absent: the ramp begins. */
  from?: DoneLoad;
}

/**
 * Finds loads for the wanted number of sets, giving way in order: everyday plates alone, growth of the jumps, the limit of
 * the last jump, one set fewer. Returns null only if the coach's own weights cannot be kept at all.
 */
export function fitLoads(
  {
    request,
    table,
    loadable,
    limits,
    count,
    idealsOf,
    first,
    growthFrom,
    mostHeavy = Number.POSITIVE_INFINITY,
    from,
  }: LoadsWanted,
  fixed: Readonly<Record<number, FixedSet>>,
): ChosenLoads | null {
  const W = limits.working;
  const reached = from?.weight ?? 0;
  const below = loadable.filter((w) => w < W && w > reached);
  const everyday = everydayLoads(below, request, limits);
  const choose: Choose = (problem) => (table ? chooseLoads({ ...problem, table }) : chooseWeights(problem));
  const hasFixed = Object.entries(fixed).some(([i, f]) => f.weight !== undefined && Number(i) < count);
  if (hasFixed && Object.values(fixed).some((f) => f.weight !== undefined && !below.includes(f.weight))) {
    return null;
  }

  for (let sets = Math.min(count, below.length); sets >= 0; sets--) {
    // A set alone may jump further, but not where others have been done before it.
    const lastJump = lastJumpLimit(request, sets + (from ? 1 : 0), limits.gap);
    const among = (loads: Weight[], step: Weight, ideals = idealsOf(sets)): WeightProblem => {
      const window = Math.max(W * LEAST_GAP, step);
      const candidates = ideals.map((ideal, i) => {
        const own = fixed[i]?.weight;
        if (own !== undefined) return [own];
        if (i === 0 && sets > 1 && first !== undefined) return [first];
        const mayBeHeavy = i >= sets - mostHeavy;
        const near = candidateWeights(loads, ideal, window).filter((w) => mayBeHeavy || w < HEAVY * W);
        const found = i === 0 && !from ? inWholeSteps(near, request) : near;
        return i === sets - 1 ? withinLastJump(found, loads, W - lastJump, ideal) : found;
      });
      return {
        working: W,
        ideals,
        candidates,
        gap: limits.gap,
        lastJump,
        growth: limits.everydayStep,
        growthFrom,
        from,
      };
    };
    const problem = among(below, limits.step);
    const anyGrowth = { growth: Number.POSITIVE_INFINITY };
    /** Around what the coach has set: where the other sets cannot stay, they go along. */
    const goingAlong = () => {
      const ideals = idealsThrough(problem.ideals, fixed, W);
      const steps = { ...among(everyday, limits.everydayStep, ideals), ...anyGrowth };
      return (
        choose(steps) ??
        choose({ ...among(below, limits.step, ideals), ...anyGrowth }) ??
        choose({ ...steps, gap: limits.step })
      );
    };
    const loads =
      (everyday.length < below.length ? choose(among(everyday, limits.everydayStep)) : null) ??
      choose(problem) ??
      choose({ ...problem, ...anyGrowth }) ??
      (hasFixed ? goingAlong() : null) ??
      leastLastJump(problem, choose, below, hasFixed || request.rampSets !== undefined);
    if (loads) return loads;
    if (hasFixed) return null;
  }
  return null;
}

/** Of the loads of a bar those that everyday plates make, wherever there are smaller ones: on the way up they will do. */
function everydayLoads(loads: Weight[], { kit }: RampRequest, { step, everydayStep }: RampLimits): Weight[] {
  if (!isBarKit(kit) || everydayStep === step) return loads;
  return loads.filter((w) => (w - kit.empty) % everydayStep === 0);
}

/** What a ramp may begin with: of the loads of a bar those that its smallest plates are not needed for, if there is one. */
function inWholeSteps(near: Weight[], { kit, unit }: RampRequest): Weight[] {
  if (!isBarKit(kit)) return near;
  const { leastGap } = systemConstants(unit);
  const whole = near.filter((w) => (w - kit.empty) % leastGap === 0);
  return whole.length > 0 ? whole : near;
}

/** The last set's candidates; if none keeps the last jump, the nearest loadable weight that does is added. */
function withinLastJump(found: Weight[], below: Weight[], least: number, ideal: number): Weight[] {
  if (found.some((w) => w >= least)) return found;
  const nearest = below
    .filter((w) => w >= least)
    .sort((a, b) => Math.abs(a - ideal) - Math.abs(b - ideal) || a - b)[0];
  return nearest === undefined ? found : [...found, nearest].sort((a, b) => a - b);
}

/** The most weights of a last set that are tried. */
const MOST_LAST = 500;

/** The ramp with the heaviest possible last set when its limit cannot be kept. */
function leastLastJump(
  problem: WeightProblem,
  choose: Choose,
  below: Weight[],
  coachDecides: boolean,
): ChosenLoads | null {
  const last = problem.candidates.length - 1;
  const free = { ...problem, growth: Number.POSITIVE_INFINITY, lastJump: Number.POSITIVE_INFINITY };
  // A coach's own weights or number of sets may lie closer together than the rule has it.
  const gaps = coachDecides ? [problem.gap, 1] : [problem.gap];
  for (const gap of gaps) {
    const ownLast = problem.candidates[last]?.length === 1;
    const heaviestFirst = ownLast
      ? problem.candidates[last]!
      : below.filter((w) => problem.working - w >= gap).toReversed();
    for (const weight of heaviestFirst.slice(0, MOST_LAST)) {
      const candidates = problem.candidates.map((ws, i) => (i === last ? [weight] : ws));
      const loads = choose({ ...free, gap, candidates });
      if (loads) return loads;
    }
  }
  return null;
}
