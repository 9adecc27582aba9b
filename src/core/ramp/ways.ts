import type { Weight } from "../units";
import type { StackTree } from "./stack-tree";

/** One way to have come to a stack at a weight, set by set. */
export interface Way {
  /** Node of the stack in the tree of stacks. */
  node: number;
  weight: Weight;
  /** The weight of the set before; -Infinity for the first set. */
  before: number;
  cost: number;
  previous: Way | null;
}

/** Compares the weights of two equally long ways from the first set on. */
export function compareEarlySets(a: Way | null, b: Way | null): number {
  if (a === b || !a || !b) return 0;
  return compareEarlySets(a.previous, b.previous) || a.weight - b.weight;
}

/** Whether going on from `a` at `costA` beats `b` at `costB`; ties go to lighter early sets. */
export function isCheaper(costA: number, a: Way, costB: number, b: Way): boolean {
  return costA !== costB ? costA < costB : compareEarlySets(a, b) < 0;
}

/** The cheapest of a set of ways to go on to any stack from, looked up over the prefixes that stacks share. */
export class PrefixTable {
  private readonly best = new Map<number, { cost: number; way: Way }>();

  /** @param move cost of one plate moved. */
  constructor(
    private readonly tree: StackTree,
    private readonly move: number,
  ) {}

  /** Makes a way known at every prefix of its stack; stops where a better one has been. */
  insert(way: Way): void {
    let cost = way.cost;
    for (let node = way.node; node >= 0; node = this.tree.parent[node]!) {
      const known = this.best.get(node);
      if (known && !isCheaper(cost, way, known.cost, known.way)) return;
      this.best.set(node, { cost, way });
      cost += this.move;
    }
  }

  cheapestTo(target: number): { cost: number; way: Way } | null {
    let best: { cost: number; way: Way } | null = null;
    let moves = 0;
    for (let node = target; node >= 0; node = this.tree.parent[node]!) {
      const known = this.best.get(node);
      if (known && (!best || isCheaper(known.cost + moves, known.way, best.cost, best.way))) {
        best = { cost: known.cost + moves, way: known.way };
      }
      moves += this.move;
    }
    return best;
  }
}

/** Like `PrefixTable`, but it keeps the costs only: from a stack to the end of the ramp. */
export class PrefixCosts {
  private readonly best: Float64Array;

  constructor(
    private readonly tree: StackTree,
    private readonly move: number,
  ) {
    this.best = new Float64Array(tree.parent.length).fill(Number.POSITIVE_INFINITY);
  }

  insert(from: number, onward: number): void {
    let cost = onward;
    for (let node = from; node >= 0 && cost < this.best[node]!; node = this.tree.parent[node]!) {
      this.best[node] = cost;
      cost += this.move;
    }
  }

  /** Infinity if nothing has been inserted. */
  cheapestTo(from: number): number {
    let least = Number.POSITIVE_INFINITY;
    let moves = 0;
    for (let node = from; node >= 0; node = this.tree.parent[node]!) {
      least = Math.min(least, this.best[node]! + moves);
      moves += this.move;
    }
    return least;
  }
}
