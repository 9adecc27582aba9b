import { type LoadTable, type Stack, stacksOf } from "../plates";
import type { Weight } from "../units";
import { DEVIATION_COST, EXTRA_PLATE_COST } from "./constants";
import { StackTree } from "./stack-tree";
import { compareEarlySets, isCheaper, PrefixTable, type Way } from "./ways";

/** Which weights each ramp set may have, and what must hold between them. */
export interface LoadProblem {
  table: LoadTable;
  working: Weight;
  /** Ideal weight of each ramp set. */
  ideals: readonly number[];
  /** Loadable weights each ramp set may take, lightest first. */
  candidates: readonly (readonly Weight[])[];
  /** Least difference between neighbours, the working weight included. */
  gap: number;
  /** Largest difference between the last ramp set and the working weight; Infinity: any. */
  lastJump: number;
  /** How much an inner jump may exceed the one before; Infinity: any. */
  growth: number;
}

export interface ChosenLoads {
  weights: Weight[];
  /** Stacks of the ramp sets and then of the working weight. */
  stacks: Stack[];
  /** Plates moved on one side + 0.5 × plates at W beyond the fewest + 40 × Σ |weight − ideal| / W. */
  cost: number;
}

/** Covers the rounding where a cost is compared with a ceiling. */
const ROUNDING = 1e-6;
/** How much the ceiling is raised when no ramp was found under it. In moves. */
const CEILING_STEP = 1.5;

/**
 * Chooses weights and plates of a whole ramp together, at the least cost (docs/model.md, "Which plates").
 * Exact: ties go to fewer plates at the working weight, then to lighter early sets.
 *
 * The search runs under a ceiling that starts at what a ramp costs at least and rises until one is found: under
 * it every way that cannot end as cheaply is dropped, and with it most of the stacks there are. A ramp with a
 * stack of d plates anywhere costs at least d + (d − fewest at W) / 2 moves and its least deviation, which
 * bounds the plates of a stack.
 *
 * @returns null when no ramp satisfies the problem.
 */
export function chooseLoads(problem: LoadProblem): ChosenLoads | null {
  if (!hasSolution(problem)) return null;
  const { table, working } = problem;
  const fewest = table.fewestLoadable[(working - table.kit.empty) / 2 / table.grain]!;
  const least = leastDeviations(problem)[0]!;
  for (let ceiling = fewest + least + CEILING_STEP; ; ceiling += CEILING_STEP) {
    const deepest = (ceiling - least + EXTRA_PLATE_COST * fewest) / (1 + EXTRA_PLATE_COST);
    const chosen = chooseUnder(problem, fewest, Math.floor(deepest + ROUNDING), ceiling);
    if (chosen) return chosen;
  }
}

/** Whether any weights satisfy the problem; plates do not matter for that, since each candidate can be loaded. */
function hasSolution({ candidates, working, gap, growth, lastJump }: LoadProblem): boolean {
  if (candidates.length === 0) return true;
  // For each weight the lightest set that can stand before it, which leaves the next jump most room.
  let reached = new Map(candidates[0]!.map((w): [number, number] => [w, Number.NEGATIVE_INFINITY]));
  for (const weights of candidates.slice(1)) {
    const next = new Map<number, number>();
    for (const w of weights) {
      for (const [from, before] of reached) {
        const fits = w - from >= gap && w <= 2 * from - before + growth;
        if (fits && from < (next.get(w) ?? Number.POSITIVE_INFINITY)) next.set(w, from);
      }
    }
    reached = next;
  }
  return [...reached.keys()].some((w) => working - w >= gap && working - w <= lastJump);
}

/** For each set the least deviation cost of it and all later ones, in moves; 0 past the last. */
function leastDeviations({ candidates, ideals, working }: LoadProblem): number[] {
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
  /** For lying off the ideal. */
  cost: number;
}

/** What one set of the search works with. */
interface Layer {
  tree: StackTree;
  /** Cost of one plate moved, in the search's integer units. */
  move: number;
  targets: Target[];
  /** What a way to this set may cost together with the moves from it to the working weight. */
  ceiling: number;
}

/**
 * The cheapest ramp that costs no more than `ceiling` and whose stacks all have at most `mostPlates` plates on a
 * side, by dynamic programming over sets and stacks with the weight before in the state. Null if there is none.
 */
function chooseUnder(
  problem: LoadProblem,
  fewest: number,
  mostPlates: number,
  ceiling: number,
): ChosenLoads | null {
  const { table, working, ideals, candidates } = problem;
  // Costs are integers, in units of 1 / (2W) of a move, so that ties are exact.
  const move = 2 * working;
  const tree = new StackTree(table, working, fewest);
  const later = leastDeviations(problem);
  const nodesOf = (w: Weight) =>
    stacksOf(table, (w - table.kit.empty) / 2, mostPlates).map((stack) => tree.nodeOf(stack));

  const empty: Way = {
    node: 0,
    weight: 0 as Weight,
    before: Number.NEGATIVE_INFINITY,
    cost: 0,
    previous: null,
  };
  let ways: Way[] = [empty];
  for (const [i, weights] of candidates.entries()) {
    const layer: Layer = {
      tree,
      move,
      targets: weights.map((weight) => ({
        weight,
        nodes: nodesOf(weight),
        cost: 2 * DEVIATION_COST * Math.abs(weight - ideals[i]!),
      })),
      ceiling: (ceiling - later[i + 1]! + ROUNDING) * move,
    };
    ways = i === 0 ? firstWays(layer, empty) : nextWays(layer, ways, problem);
    if (ways.length === 0) return null;
  }

  const reach = new PrefixTable(tree, move);
  for (const way of ways) {
    const jump = working - way.weight;
    if (way === empty || (jump >= problem.gap && jump <= problem.lastJump)) reach.insert(way);
  }
  let best: Way | null = null;
  for (const node of nodesOf(working)) {
    const from = reach.cheapestTo(node);
    if (!from) continue;
    const extra = 2 * EXTRA_PLATE_COST * working * (tree.depth[node]! - fewest);
    const end = {
      node,
      weight: working,
      before: from.way.weight,
      cost: from.cost + extra,
      previous: from.way,
    };
    if (!best || isBetterEnd(tree, end, best)) best = end;
  }
  if (!best || best.cost > (ceiling + ROUNDING) * move) return null;

  const chain: Way[] = [];
  for (let way: Way | null = best; way && way !== empty; way = way.previous) chain.unshift(way);
  return {
    weights: chain.slice(0, -1).map((way) => way.weight),
    stacks: chain.map((way) => tree.stackAt(way.node)),
    cost: best.cost / move,
  };
}

function firstWays({ tree, move, targets, ceiling }: Layer, empty: Way): Way[] {
  return targets.flatMap(({ weight, nodes, cost }) =>
    nodes
      .map((node) => ({ ...empty, node, weight, cost: cost + tree.depth[node]! * move, previous: empty }))
      .filter((way) => way.cost + tree.toWork[way.node]! * move <= ceiling),
  );
}

/**
 * All useful ways to the next set. Of the ways to one stack a way is useful if no other with a lighter set
 * before it, which leaves the next jump more room, is as cheap.
 */
function nextWays(
  { tree, move, targets, ceiling }: Layer,
  ways: readonly Way[],
  problem: LoadProblem,
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
      for (const node of target.nodes) {
        const from = reach.cheapestTo(node);
        if (!from) continue;
        const cost = from.cost + target.cost;
        if (cost + tree.toWork[node]! * move > ceiling) continue;
        keepIfUseful(useful, { node, weight: target.weight, before: weight, cost, previous: from.way });
      }
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
