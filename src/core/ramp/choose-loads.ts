import type { LoadTable, Stack } from "../plates";
import type { Weight } from "../units";
import { DEVIATION_COST, EXTRA_PLATE_COST } from "./constants";
import { type StackLimits, StackTree, TooManyStacks } from "./stack-tree";
import { compareEarlySets, isCheaper, PrefixCosts, PrefixTable, type Way } from "./ways";
import { asBefore, type DoneLoad, type WeightProblem } from "./weight-problem";

/** The same where the weights are made of plates. */
export interface LoadProblem extends WeightProblem {
  table: LoadTable;
}

export interface ChosenLoads {
  weights: Weight[];
  /** Stacks of the ramp sets and then of the working weight. */
  stacks: Stack[];
  /** Plates moved on one side + 0.5 × plates at W beyond the fewest + 40 × Σ |weight − ideal| / W. */
  cost: number;
  /** Whether everything that can be loaded has been compared; false: there was too much of it. */
  isExact: boolean;
}

/** Covers the rounding where a cost is compared with a ceiling. */
const ROUNDING = 1e-6;
/** How much the ceiling within a prepared search is raised when no ramp was found under it. In moves. */
const NARROW_STEP = 0.5;
/** A first ramp is looked for among stacks with so many plates more than their weight takes. */
const ROUGH_EXTRA_PLATES = 1;
/** The most weights of one set that are compared; gyms with everything there is make half as many. */
const MOST_CANDIDATES = 100;
/** Stacks of a weight that are looked at where there are too many. */
const FEW_STACKS = 3;

/**
 * Chooses weights and plates of a whole ramp together, at the least cost (docs/model.md, "Which plates").
 * Exact: ties go to fewer plates at the working weight, then to lighter early sets.
 *
 * A first ramp, the best with few plates, sets a ceiling. Under it only stacks are made that can be part of a ramp so
 * cheap; a pass from the end back to the start then gives each its exact cost to finish, the growth of jumps left
 * aside, and drops those from which none can be finished.
 *
 * @returns null when no ramp satisfies the problem.
 */
export function chooseLoads(problem: LoadProblem): ChosenLoads | null {
  return problem.from ? chooseLoadsFrom(problem, problem.from) : chooseAllLoads(problem);
}

/** A done set is a first one that has no choice. */
function chooseLoadsFrom(problem: LoadProblem, from: DoneLoad): ChosenLoads | null {
  const chosen = chooseAllLoads({
    ...problem,
    ideals: [from.weight, ...problem.ideals],
    candidates: [[from.weight], ...problem.candidates],
  });
  return chosen && { ...chosen, weights: chosen.weights.slice(1), stacks: chosen.stacks.slice(1) };
}

function chooseAllLoads(whole: LoadProblem): ChosenLoads | null {
  const problem = { ...whole, candidates: whole.candidates.map((ws, i) => thinned(ws, whole.ideals[i]!)) };
  if (!hasSolution(problem)) return null;
  const isWhole = problem.candidates.every((ws, i) => ws.length === whole.candidates[i]!.length);
  const { table, working } = problem;
  const fewest = table.fewestLoadable[(working - table.kit.empty) / 2 / table.grain]!;
  const any = Number.POSITIVE_INFINITY;
  const first =
    withinBudget(() => best(prepare(problem, fewest, any, { mostExtra: ROUGH_EXTRA_PLATES }), any)) ??
    // Each weight by a few of the stacks that make it with the fewest plates: there is always a ramp of these.
    best(prepare(problem, fewest, any, { mostExtra: 0, mostOfEach: FEW_STACKS }), any);
  const exact = withinBudget(() => best(prepare(problem, fewest, first.cost), first.cost));
  return exact ? { ...exact, isExact: isWhole } : { ...first, isExact: false };
}

/** The result of some work; null where it takes too many stacks. */
function withinBudget<T>(work: () => T): T | null {
  try {
    return work();
  } catch (error) {
    if (error instanceof TooManyStacks) return null;
    throw error;
  }
}

/** So many of a set's weights as there is time to compare: the nearest to its ideal among them, the others evenly. */
function thinned(weights: readonly Weight[], ideal: number): readonly Weight[] {
  if (weights.length <= MOST_CANDIDATES) return weights;
  const step = weights.length / (MOST_CANDIDATES - 1);
  const nearest = weights.reduce((a, b) => (Math.abs(b - ideal) < Math.abs(a - ideal) ? b : a));
  const even = Array.from({ length: MOST_CANDIDATES - 1 }, (_, i) => weights[Math.floor(i * step)]!);
  return [...new Set([...even, nearest])].sort((a, b) => a - b);
}

/** The cheapest ramp of a prepared search, of which there is one of at most `ceiling`. */
function best(search: Search, ceiling: number): ChosenLoads {
  // Most ramps cost no more than they would if jumps could grow: the narrow search comes first.
  for (let narrow = leastCost(search); narrow < ceiling; narrow += NARROW_STEP) {
    const chosen = chooseUnder(search, narrow);
    if (chosen) return chosen;
  }
  return chooseUnder(search, ceiling)!;
}

/** The least cost of a prepared search with the growth of jumps left aside, in moves. */
function leastCost({ tree, move, layers, ends }: Search): number {
  const first = layers[0];
  const costs = first
    ? first.flatMap((t) => t.nodes.map((node, at) => tree.depth[node]! * move + t.cost + t.onward[at]!))
    : ends.map(({ node, extra }) => tree.depth[node]! * move + extra);
  return costs.reduce((a, b) => Math.min(a, b), Number.POSITIVE_INFINITY) / move;
}

/** Whether any weights satisfy the problem; plates do not matter for that, since each candidate can be loaded. */
function hasSolution(problem: WeightProblem): boolean {
  const { candidates, working, gap, growth, lastJump, from } = problem;
  if (candidates.length === 0) return true;
  // For each weight the lightest set that can stand before it, which leaves the next jump most room.
  const before = from?.before ?? Number.NEGATIVE_INFINITY;
  let reached = candidates[0]!.map((weight) => ({ weight: weight as number, before }));
  for (const weights of candidates.slice(1)) {
    const next: typeof reached = [];
    let lightest = 0;
    for (const w of weights) {
      // What cannot jump as far as here cannot jump further either.
      while (lightest < reached.length) {
        const { weight, before } = reached[lightest]!;
        if (w <= 2 * weight - before + growth) break;
        lightest += 1;
      }
      const from = reached[lightest];
      if (from && w - from.weight >= gap) next.push({ weight: w, before: asBefore(problem, from.weight) });
    }
    reached = next;
  }
  return reached.some(({ weight: w }) => working - w >= gap && working - w <= lastJump);
}

/** For each set the least deviation cost of it and all later ones, in moves; 0 past the last. */
function leastDeviations({ candidates, ideals, working }: WeightProblem): number[] {
  const sums = new Array<number>(candidates.length + 1).fill(0);
  for (let i = candidates.length - 1; i >= 0; i--) {
    const least = Math.min(...candidates[i]!.map((w) => Math.abs(w - ideals[i]!)));
    sums[i] = sums[i + 1]! + (DEVIATION_COST * least) / working;
  }
  return sums;
}

/** A weight that a set may take, with the stacks that make it. */
interface Target {
  weight: Weight;
  nodes: number[];
  /** For each stack the least cost from it to the end: moves, extra plates and later deviations. */
  onward: number[];
  /** For lying off the ideal. */
  cost: number;
}

/** What the search of one ramp works with. Costs are integers, in units of 1 / (2W) of a move: ties are exact. */
interface Search {
  problem: LoadProblem;
  tree: StackTree;
  /** Cost of one plate moved. */
  move: number;
  /** The weights of each set, lightest first. */
  layers: Target[][];
  ends: { node: number; extra: number }[];
}

/**
 * The stacks that can be part of a ramp of at most `ceiling` moves, each with its least cost to the end.
 *
 * @param limits which stacks of a weight are looked at; absent: all.
 * @throws TooManyStacks where there are more of them than can be compared.
 */
function prepare(problem: LoadProblem, fewest: number, ceiling: number, limits: StackLimits = {}): Search {
  const { table, working, ideals, candidates, from } = problem;
  const move = 2 * working;
  const tree = new StackTree(table, working, fewest);
  const later = leastDeviations(problem);
  // An empty bar that is asked for is never meant to stand on the floor.
  // Loads that rise strictly take a move each, before a set and after it.
  const rises = problem.gap > 0;
  const nodesOf = (w: Weight, deviation: number, before: number) =>
    w === table.kit.empty
      ? [tree.nodeOf([])]
      : tree.nodesOf((w - table.kit.empty) / 2, ceiling - deviation + ROUNDING, {
          before: rises ? before : 0,
          after: rises ? candidates.length - before : 0,
          ...limits,
        });
  const layers = candidates.map((weights, i) =>
    weights.map((weight): Target => {
      const cost = 2 * DEVIATION_COST * Math.abs(weight - ideals[i]!);
      const others = later[0]! - later[i]! + later[i + 1]!;
      const nodes = i === 0 && from ? [tree.nodeOf(from.stack)] : nodesOf(weight, cost / move + others, i);
      return { weight, cost, nodes, onward: [] };
    }),
  );
  const ends = nodesOf(working, later[0]!, candidates.length).map((node) => ({
    node,
    extra: EXTRA_PLATE_COST * (tree.depth[node]! - fewest) * move,
  }));
  const search = { problem, tree, move, layers, ends };
  lookAhead(
    search,
    (ceiling + ROUNDING) * move,
    later.map((d) => (later[0]! - d) * move),
  );
  return search;
}

/**
 * From the last set back to the first: the least cost from each stack to the end, the growth of jumps left
 * aside, and out with the stacks from which no ramp under the ceiling can be finished.
 *
 * @param earlier the least deviation cost of the sets before each set.
 */
function lookAhead({ problem, tree, move, layers, ends }: Search, ceiling: number, earlier: number[]): void {
  const { working, gap, lastJump } = problem;
  let reach = new PrefixCosts(tree, move);
  for (const { node, extra } of ends) reach.insert(node, extra);
  for (let i = layers.length - 1; i >= 0; i--) {
    const next = layers[i + 1]?.toReversed() ?? [];
    if (i < layers.length - 1) reach = new PrefixCosts(tree, move);
    let inserted = 0;
    // From the heaviest weight down ever more of the next set's weights lie far enough above.
    for (const target of layers[i]!.toReversed()) {
      for (; inserted < next.length && next[inserted]!.weight - target.weight >= gap; inserted++) {
        const { nodes, onward, cost } = next[inserted]!;
        for (const [at, node] of nodes.entries()) reach.insert(node, onward[at]! + cost);
      }
      const jump = working - target.weight;
      const isOut = i === layers.length - 1 && (jump < gap || jump > lastJump);
      const kept: number[] = [];
      for (const node of isOut ? [] : target.nodes) {
        const onward = reach.cheapestTo(node);
        if (tree.depth[node]! * move + earlier[i]! + target.cost + onward > ceiling) continue;
        kept.push(node);
        target.onward.push(onward);
      }
      target.nodes = kept;
    }
  }
}

const EMPTY_BAR: Way = {
  node: 0,
  weight: 0 as Weight,
  before: Number.NEGATIVE_INFINITY,
  cost: 0,
  previous: null,
};

/**
 * The cheapest ramp of at most `ceiling` moves by dynamic programming over sets and stacks, with the weight
 * before in the state. Null if there is none.
 */
function chooseUnder(search: Search, ceiling: number): ChosenLoads | null {
  const { tree, move, layers, ends, problem } = search;
  const most = (ceiling + ROUNDING) * move;
  let ways: Way[] = [EMPTY_BAR];
  for (const [i, targets] of layers.entries()) {
    ways = i === 0 ? firstWays(search, targets, most) : nextWays(search, ways, targets, most);
    if (ways.length === 0) return null;
  }
  const reach = new PrefixTable(tree, move);
  for (const way of ways) reach.insert(way);
  let best: Way | null = null;
  for (const { node, extra } of ends) {
    const from = reach.cheapestTo(node);
    if (!from) continue;
    const end = {
      node,
      weight: problem.working,
      before: from.way.weight,
      cost: from.cost + extra,
      previous: from.way,
    };
    if (!best || isBetterEnd(tree, end, best)) best = end;
  }
  if (!best || best.cost > most) return null;

  const chain: Way[] = [];
  for (let way: Way | null = best; way && way !== EMPTY_BAR; way = way.previous) chain.unshift(way);
  return {
    weights: chain.slice(0, -1).map((way) => way.weight),
    stacks: chain.map((way) => tree.stackAt(way.node)),
    cost: best.cost / move,
    isExact: true,
  };
}

function firstWays({ tree, move, problem }: Search, targets: readonly Target[], most: number): Way[] {
  return targets.flatMap(({ weight, nodes, onward, cost }) =>
    nodes.flatMap((node, at) => {
      const way = {
        ...EMPTY_BAR,
        before: problem.from?.before ?? EMPTY_BAR.before,
        node,
        weight,
        cost: cost + tree.depth[node]! * move,
        previous: EMPTY_BAR,
      };
      return way.cost + onward[at]! <= most ? [way] : [];
    }),
  );
}

/**
 * All useful ways to the next set. Of the ways to one stack a way is useful if no other with a lighter set
 * before it, which leaves the next jump more room, is as cheap.
 */
function nextWays(
  { tree, move, problem }: Search,
  ways: readonly Way[],
  targets: readonly Target[],
  most: number,
): Way[] {
  const useful = new Map<number, Way[]>();
  const heaviestFirst = targets.toReversed();
  for (const sources of byWeight(ways)) {
    const { weight } = sources[0]!;
    sources.sort((a, b) => a.before - b.before);
    const reach = new PrefixTable(tree, move);
    let inserted = 0;
    // From the heaviest target down the growth rule lets in ever more of the sources.
    for (const target of heaviestFirst) {
      if (target.weight - weight < problem.gap) continue;
      const latestBefore = 2 * weight + problem.growth - target.weight;
      while (inserted < sources.length && sources[inserted]!.before <= latestBefore) {
        reach.insert(sources[inserted++]!);
      }
      if (inserted === 0) continue;
      target.nodes.forEach((node, at) => {
        const from = reach.cheapestTo(node);
        if (!from) return;
        const cost = from.cost + target.cost;
        if (cost + target.onward[at]! > most) return;
        keepIfUseful(useful, {
          node,
          weight: target.weight,
          before: asBefore(problem, weight),
          cost,
          previous: from.way,
        });
      });
    }
  }
  return [...useful.values()].flat();
}

/** The ways to each weight, the lightest weight first. */
function byWeight(ways: readonly Way[]): Way[][] {
  const groups = new Map<Weight, Way[]>();
  for (const way of ways) {
    const group = groups.get(way.weight);
    if (group) group.push(way);
    else groups.set(way.weight, [way]);
  }
  return [...groups].sort(([a], [b]) => a - b).map(([, group]) => group);
}

/** Sources come lightest first, so a new way must be cheaper than all kept ones (or tie and be lighter early). */
function keepIfUseful(useful: Map<number, Way[]>, way: Way): void {
  const kept = useful.get(way.node);
  if (!kept) useful.set(way.node, [way]);
  else if (kept.every((k) => isCheaper(way.cost, way, k.cost, k))) kept.push(way);
}

function isBetterEnd(tree: StackTree, a: Way, b: Way): boolean {
  if (a.cost !== b.cost) return a.cost < b.cost;
  const plates = tree.depth[a.node]! - tree.depth[b.node]!;
  return plates !== 0 ? plates < 0 : compareEarlySets(a, b) < 0;
}
