import {
  isBarKit,
  type LoadKit,
  type LoadTable,
  loadableWeights,
  loadTable,
  type Stack,
  sharedPlates,
  stackMoves,
} from "../plates";
import type { Finding } from "../result";
import type { Weight } from "../units";
import { baseOf, coldStart } from "./base-and-start";
import { candidateWeights } from "./candidate-weights";
import { standsAtFullHeight } from "./check-working-weight";
import { type ChosenLoads, chooseLoads, type WeightProblem } from "./choose-loads";
import { chooseWeights } from "./choose-weights";
import {
  ADDED_FOR_AREA,
  FIRST_JUMP_SHARE,
  HEAVY,
  LEAST_GAP,
  MOST_SETS,
  SECONDS_PER_MOVE,
  SLOW_SETS,
  systemConstants,
  WARM_START,
} from "./constants";
import { countSets } from "./count-sets";
import { rampFindings } from "./findings";
import { idealWeights } from "./ideal-weights";
import { lastJumpLimit, type RampLimits, rampLimits } from "./limits";
import { restAfter, restBeforeWork } from "./rest";
import { setReps } from "./set-reps";
import { setSeconds } from "./set-seconds";
import { RAMP_STYLES, topOf } from "./styles";
import type { FixedSet, Ramp, RampRequest, RampSet } from "./types";

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
  const fromFloor = standsAtFullHeight(lift, kit, W);
  const table = isBarKit(kit) ? loadTable(kit, W, fromFloor) : null;
  const loadable = loadableWeights(kit, W, fromFloor);
  const limits = rampLimits(kit, W, loadable[0]!);

  const { count, start, cutByWarmth } = countAndStart(request, limits, fromFloor);
  const fixed = request.fixed ?? {};
  const withFixed = fitLoads(request, table, loadable, limits, { count, start, cutByWarmth }, fixed);
  const loads = withFixed ?? fitLoads(request, table, loadable, limits, { count, start, cutByWarmth }, {})!;

  const sets = describeSets(request, loads, withFixed ? fixed : onlyReps(fixed));
  const findings: Finding[] = rampFindings(request, {
    limits,
    wanted: count,
    weights: loads.weights,
    reps: sets.map((s) => s.reps),
    fromFloor,
    fixedReleased: !withFixed,
  });
  const last = loads.stacks.at(-1)!;
  const moves = loads.stacks.reduce((sum, stack, i) => sum + stackMoves(loads.stacks[i - 1] ?? [], stack), 0);
  return {
    lift: lift.id,
    kit,
    sets,
    working: { weight: W, ...platesOf(kit, loads.stacks.at(-2) ?? [], last) },
    totals: {
      seconds: sets.reduce((sum, s) => sum + s.seconds + s.restSeconds, 0),
      reps: sets.reduce((sum, s) => sum + s.reps, 0),
      repsAt85: sets.reduce((sum, s) => sum + (s.fraction >= HEAVY ? s.reps : 0), 0),
      moves,
    },
    findings,
  };
}

/** Chooses weights, and plates where there are any. */
type Choose = (problem: WeightProblem) => ChosenLoads | null;

interface CountAndStart {
  count: number;
  start: number;
  cutByWarmth: boolean;
}

function countAndStart(request: RampRequest, limits: RampLimits, fromFloor: boolean): CountAndStart {
  const { working, unit, similarDone } = request;
  const W = working.weight;
  const { firstJump } = systemConstants(unit);
  const { sets, cutByWarmth } = countSets(request, W / baseOf(request, limits, fromFloor));
  const style = RAMP_STYLES[request.style];
  const shares = style.shares?.(working.reps, similarDone);
  const warmStart = W * (WARM_START.least + WARM_START.byWarmth * similarDone);
  const isCold = request.start !== undefined || !(shares || cutByWarmth);
  const wantedStart = isCold ? coldStart(request, limits) : shares ? W * shares[0]! : warmStart;
  const start = Math.max(limits.lightest, wantedStart);
  if (request.rampSets !== undefined) return { count: sets, start, cutByWarmth };

  const top = W * (shares?.at(-1) ?? topOf(request.style, working.reps));
  const room = start < top ? 1 + Math.floor((top - start) / limits.gap) : 1;
  const added = request.slowToWarm === "sore" ? ADDED_FOR_AREA.sore : 0;
  const wanted =
    sets === 0 ? 0 : shares ? shares.length + added : Math.min(MOST_SETS, sets + style.addedSets);
  let count = W - start < limits.gap ? 0 : Math.min(wanted, room);
  if (count >= 2 && !shares) {
    const jump = idealWeights(request, count, start, cutByWarmth)[1]! - start;
    if (jump > W * FIRST_JUMP_SHARE && jump > firstJump && count < room) count += 1;
  }
  return { count, start, cutByWarmth };
}

/**
 * Finds loads for the wanted number of sets, giving way in order: growth of the jumps, the limit of the last
 * jump, one set fewer. Returns null only if the coach's own weights cannot be kept at all.
 */
function fitLoads(
  request: RampRequest,
  table: LoadTable | null,
  loadable: Weight[],
  limits: RampLimits,
  { count, start, cutByWarmth }: CountAndStart,
  fixed: Readonly<Record<number, FixedSet>>,
): ChosenLoads | null {
  const W = limits.working;
  const below = loadable.filter((w) => w < W);
  const choose: Choose = (problem) => (table ? chooseLoads({ ...problem, table }) : chooseWeights(problem));
  const hasFixed = Object.entries(fixed).some(([i, f]) => f.weight !== undefined && Number(i) < count);
  if (hasFixed && Object.values(fixed).some((f) => f.weight !== undefined && !below.includes(f.weight))) {
    return null;
  }

  for (let sets = Math.min(count, below.length); sets >= 0; sets--) {
    const ideals = idealWeights(request, sets, start, cutByWarmth);
    const lastJump = lastJumpLimit(request, sets, limits.step);
    const window = Math.max(W * LEAST_GAP, limits.step);
    const candidates = ideals.map((ideal, i) => {
      const own = fixed[i]?.weight;
      if (own !== undefined) return [own];
      if (i === 0 && sets > 1 && start === limits.lightest) return [limits.lightest];
      const found = candidateWeights(below, ideal, window);
      return i === sets - 1 ? withinLastJump(found, below, W - lastJump, ideal) : found;
    });
    const problem: WeightProblem = {
      working: W,
      ideals,
      candidates,
      gap: limits.gap,
      lastJump,
      growth: limits.step,
    };
    const loads =
      choose(problem) ??
      choose({ ...problem, growth: Number.POSITIVE_INFINITY }) ??
      leastLastJump(problem, choose, below, hasFixed || request.rampSets !== undefined);
    if (loads) return loads;
    if (hasFixed) return null;
  }
  return null;
}

/** The last set's candidates; if none keeps the last jump, the nearest loadable weight that does is added. */
function withinLastJump(found: Weight[], below: Weight[], least: number, ideal: number): Weight[] {
  if (found.some((w) => w >= least)) return found;
  const nearest = below
    .filter((w) => w >= least)
    .sort((a, b) => Math.abs(a - ideal) - Math.abs(b - ideal) || a - b)[0];
  return nearest === undefined ? found : [...found, nearest].sort((a, b) => a - b);
}

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
    const heaviestFirst = ownLast ? [...problem.candidates[last]!] : below.toReversed();
    for (const weight of heaviestFirst) {
      const candidates = problem.candidates.map((ws, i) => (i === last ? [weight] : ws));
      const loads = choose({ ...free, gap, candidates });
      if (loads) return loads;
    }
  }
  return null;
}

function onlyReps(fixed: Readonly<Record<number, FixedSet>>): Record<number, FixedSet> {
  return Object.fromEntries(Object.entries(fixed).map(([i, f]) => [i, { reps: f.reps }]));
}

function platesOf(kit: LoadKit, before: Stack, stack: Stack) {
  if (!isBarKit(kit)) return { perSide: [], add: [], strip: [] };
  const common = sharedPlates(before, stack);
  const weigh = (plates: readonly number[]) => plates.map((k) => kit.plates[k]!.weight);
  return {
    perSide: weigh(stack),
    add: weigh(stack.slice(common)),
    strip: weigh(before.slice(common).toReversed()),
  };
}

const SLOW_NOTE = "Slow, full range";
const FAST_NOTE = "Down under control, up fast";

function describeSets(
  request: RampRequest,
  loads: ChosenLoads,
  fixed: Readonly<Record<number, FixedSet>>,
): RampSet[] {
  const { kit, working, lift } = request;
  const fractions = loads.weights.map((w) => w / working.weight);
  const { singlesFrom } = RAMP_STYLES[request.style];
  const reps = setReps(fractions, working.reps, lift, fixed, singlesFrom);
  return loads.weights.map((weight, i) => {
    const stack = loads.stacks[i]!;
    const isLast = i === loads.weights.length - 1;
    const leastRest = isLast ? restBeforeWork(working.reps) : restAfter(fractions[i]!);
    const changing = stackMoves(stack, loads.stacks[i + 1]!) * SECONDS_PER_MOVE;
    const slow = i < SLOW_SETS;
    const fast = !slow && i >= loads.weights.length - 2;
    return {
      weight,
      fraction: fractions[i]!,
      reps: reps[i]!,
      ...platesOf(kit, loads.stacks[i - 1] ?? [], stack),
      restSeconds: Math.max(leastRest, changing),
      leastRestSeconds: leastRest,
      seconds: setSeconds(reps[i]!, i),
      notes: slow ? [SLOW_NOTE] : fast ? [FAST_NOTE] : [],
    };
  });
}
