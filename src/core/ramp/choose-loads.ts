import { type LoadTable, type Stack, stacksOf } from "../plates";
import type { Weight } from "../units";
import { DEVIATION_COST, EXTRA_PLATE_COST } from "./constants";

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

/** A stack as a node of the tree of all stacks: its parent has one plate less. Node 0 is the empty bar. */
interface StackTree {
  parent: number[];
  depth: number[];
  /** Kind of the outermost plate. */
  plate: number[];
  children: Map<number, number>[];
}

/** One way to have reached a stack at a weight: cheapest for its previous weight. */
interface State {
  node: number;
  weight: Weight;
  /** The weight of the set before; -Infinity for the first set. */
  before: number;
  cost: number;
  previous: State | null;
}

/**
 * Chooses weights and plates of a whole ramp together, at the least cost (docs/model.md, "Which plates").
 * Exact: ties go to fewer plates at the working weight, then to lighter early sets.
 *
 * The stacks are tried with few plates first. A ramp with a stack of d plates anywhere costs at least
 * d + (d − fewest at W) / 2 moves and its least deviation, so past the d where that exceeds the cost
 * found, no deeper stack can win and the search ends.
 *
 * @returns null when no ramp satisfies the problem.
 */
export function chooseLoads(problem: LoadProblem): ChosenLoads | null {
  const { table, working, candidates, ideals } = problem;
  const sideOf = (w: Weight) => (w - table.kit.empty) / 2;
  const fewestAt = (w: Weight) => table.fewest[0]![sideOf(w) / table.grain]!;
  const allPlates = table.kit.plates.reduce((sum, p) => sum + p.pairs, 0);
  const fewest = fewestAt(working);
  const leastDeviation = candidates.reduce(
    (sum, weights, i) => sum + Math.min(...weights.map((w) => Math.abs(w - ideals[i]!))),
    0,
  );

  let mostPlates = Math.max(fewest + 1, ...candidates.map((ws) => Math.min(...ws.map(fewestAt))));
  for (;;) {
    const chosen = chooseWithin(problem, fewest, mostPlates);
    if (mostPlates >= allPlates) return chosen;
    if (!chosen) {
      mostPlates = Math.min(allPlates, mostPlates * 2);
      continue;
    }
    const movesLeft = chosen.cost - (DEVIATION_COST * leastDeviation) / working;
    const deepestThatCouldWin = Math.floor(
      (movesLeft + EXTRA_PLATE_COST * fewest) / (1 + EXTRA_PLATE_COST) + 1e-9,
    );
    if (deepestThatCouldWin <= mostPlates) return chosen;
    mostPlates = Math.min(allPlates, deepestThatCouldWin);
  }
}

/** The cheapest ramp whose stacks all have at most `mostPlates` plates on a side. */
function chooseWithin(problem: LoadProblem, fewest: number, mostPlates: number): ChosenLoads | null {
  const { table, working, ideals, candidates } = problem;
  // Costs are kept as integers, in units of 1 / (2W) of a move, so that ties are exact.
  const move = 2 * working;
  const deviation = (i: number, w: number) => 2 * DEVIATION_COST * Math.abs(w - ideals[i]!);
  const tree: StackTree = { parent: [-1], depth: [0], plate: [-1], children: [new Map()] };
  const nodesOf = (w: Weight) =>
    stacksOf(table, (w - table.kit.empty) / 2, mostPlates).map((stack) => nodeOf(tree, stack));

  const empty: State = {
    node: 0,
    weight: 0 as Weight,
    before: Number.NEGATIVE_INFINITY,
    cost: 0,
    previous: null,
  };
  let layer = new Map<Weight, State[]>();
  for (const [i, weights] of candidates.entries()) {
    const targets = weights.map((w) => ({ weight: w, nodes: nodesOf(w), cost: deviation(i, w) }));
    layer = i === 0 ? firstLayer(tree, targets, empty, move) : nextLayer(tree, layer, targets, problem, move);
    if (layer.size === 0) return null;
  }

  const last = candidates.length === 0 ? [empty] : [...layer.values()].flat();
  const eligible = last.filter(
    (s) => s === empty || (working - s.weight >= problem.gap && working - s.weight <= problem.lastJump),
  );
  const reach = new PrefixTable(tree, move);
  for (const state of eligible) reach.insert(state);
  let best: State | null = null;
  for (const node of nodesOf(working)) {
    const from = reach.cheapestTo(node);
    if (!from) continue;
    const plates = tree.depth[node]!;
    const cost = from.cost + 2 * EXTRA_PLATE_COST * working * (plates - fewest);
    const state = { node, weight: working, before: from.state.weight, cost, previous: from.state };
    if (!best || isBetterEnd(tree, state, best)) best = state;
  }
  if (!best) return null;

  const chain: State[] = [];
  for (let s: State | null = best; s && s !== empty; s = s.previous) chain.unshift(s);
  return {
    weights: chain.slice(0, -1).map((s) => s.weight),
    stacks: chain.map((s) => stackAt(tree, s.node)),
    cost: best.cost / move,
  };
}

interface Target {
  weight: Weight;
  nodes: number[];
  cost: number;
}

function firstLayer(tree: StackTree, targets: Target[], empty: State, move: number): Map<Weight, State[]> {
  const layer = new Map<Weight, State[]>();
  for (const { weight, nodes, cost } of targets) {
    const states = nodes.map((node) => ({
      node,
      weight,
      before: Number.NEGATIVE_INFINITY,
      cost: cost + tree.depth[node]! * move,
      previous: empty,
    }));
    if (states.length > 0) layer.set(weight, states);
  }
  return layer;
}

/**
 * All useful states of the next set. For a stack at a weight, a state is useful if no other one with a
 * lighter set before it (which leaves the next jump more room) is as cheap.
 */
function nextLayer(
  tree: StackTree,
  layer: Map<Weight, State[]>,
  targets: Target[],
  problem: LoadProblem,
  move: number,
): Map<Weight, State[]> {
  const useful = new Map<number, State[]>();
  const sources = [...layer.entries()].sort(([a], [b]) => a - b);
  for (const [weight, states] of sources) {
    const byBefore = states.toSorted((a, b) => a.before - b.before);
    const reach = new PrefixTable(tree, move);
    let inserted = 0;
    // From the heaviest target down the growth rule lets in ever more of the sources.
    for (const target of targets.toReversed()) {
      if (target.weight - weight < problem.gap) continue;
      const latestBefore = 2 * weight + problem.growth - target.weight;
      while (inserted < byBefore.length && byBefore[inserted]!.before <= latestBefore) {
        reach.insert(byBefore[inserted++]!);
      }
      for (const node of target.nodes) {
        const from = reach.cheapestTo(node);
        if (!from) continue;
        keepIfUseful(useful, {
          node,
          weight: target.weight,
          before: weight,
          cost: from.cost + target.cost,
          previous: from.state,
        });
      }
    }
  }
  const next = new Map<Weight, State[]>();
  for (const states of useful.values()) {
    const { weight } = states[0]!;
    next.set(weight, [...(next.get(weight) ?? []), ...states]);
  }
  return next;
}

/** Sources come lightest first, so a new state must be cheaper than all kept ones (or tie and be lighter early). */
function keepIfUseful(useful: Map<number, State[]>, state: State): void {
  const kept = useful.get(state.node);
  if (!kept) {
    useful.set(state.node, [state]);
    return;
  }
  if (kept.every((k) => isCheaper(state.cost, state, k.cost, k))) kept.push(state);
}

/** The cheapest way to any stack from a set of states, looked up over the prefixes that stacks share. */
class PrefixTable {
  private readonly best = new Map<number, { cost: number; state: State }>();

  constructor(
    private readonly tree: StackTree,
    private readonly move: number,
  ) {}

  /** Makes a state known at every prefix of its stack; stops where a better one has been. */
  insert(state: State): void {
    let cost = state.cost;
    for (let node = state.node; node >= 0; node = this.tree.parent[node]!) {
      const known = this.best.get(node);
      if (known && !isCheaper(cost, state, known.cost, known.state)) return;
      this.best.set(node, { cost, state });
      cost += this.move;
    }
  }

  cheapestTo(target: number): { cost: number; state: State } | null {
    let best: { cost: number; state: State } | null = null;
    let moves = 0;
    for (let node = target; node >= 0; node = this.tree.parent[node]!) {
      const known = this.best.get(node);
      if (known && (!best || isCheaper(known.cost + moves, known.state, best.cost, best.state))) {
        best = { cost: known.cost + moves, state: known.state };
      }
      moves += this.move;
    }
    return best;
  }
}

/** Whether reaching some stack by way of `a` at `costA` beats `b` at `costB`; ties go to lighter early sets. */
function isCheaper(costA: number, a: State, costB: number, b: State): boolean {
  return costA !== costB ? costA < costB : compareEarlySets(a, b) < 0;
}

function isBetterEnd(tree: StackTree, a: State, b: State): boolean {
  if (a.cost !== b.cost) return a.cost < b.cost;
  const plates = tree.depth[a.node]! - tree.depth[b.node]!;
  return plates !== 0 ? plates < 0 : compareEarlySets(a, b) < 0;
}

/** Compares the weights of two equally long chains from the first set on. */
function compareEarlySets(a: State | null, b: State | null): number {
  if (a === b || !a || !b) return 0;
  return compareEarlySets(a.previous, b.previous) || a.weight - b.weight;
}

function nodeOf(tree: StackTree, stack: Stack): number {
  let node = 0;
  for (const plate of stack) {
    let child = tree.children[node]!.get(plate);
    if (child === undefined) {
      child = tree.parent.length;
      tree.parent.push(node);
      tree.depth.push(tree.depth[node]! + 1);
      tree.plate.push(plate);
      tree.children.push(new Map());
      tree.children[node]!.set(plate, child);
    }
    node = child;
  }
  return node;
}

function stackAt(tree: StackTree, node: number): Stack {
  const stack: number[] = [];
  for (let n = node; n > 0; n = tree.parent[n]!) stack.unshift(tree.plate[n]!);
  return stack;
}
