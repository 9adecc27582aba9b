import { type LoadTable, type Stack, UNREACHABLE } from "../plates";
import type { Weight } from "../units";
import { EXTRA_PLATE_COST } from "./constants";

/** Which stacks of a weight are looked at. */
export interface StackLimits {
  /** Only those of so many plates more than the fewest that make it. */
  mostExtra?: number;
  /** No more than so many. */
  mostOfEach?: number;
}

/** The most stacks that are looked at for one ramp: three times what a gym with everything there is asks for. */
const MOST_LOOKED = 100_000;

/** There are more ways to load a ramp than can be compared. */
export class TooManyStacks extends Error {
  override name = "TooManyStacks";
}

/**
 * Stacks as nodes of a tree: the parent of a stack has one plate less. Node 0 is the empty bar. Plates moved
 * from one stack to another are the steps between their nodes.
 */
export class StackTree {
  /** By node; -1 above the empty bar. */
  readonly parent: number[] = [-1];
  /** Plates on a side. */
  readonly depth: number[] = [0];
  /** Least cost from a stack to the working weight in moves, extra plates included; never too much. */
  readonly toWork: number[];
  /** Fewest plates to add, nothing coming off, to reach the working weight; Infinity if that cannot be. */
  private readonly adding: number[];
  private readonly plate: number[] = [0];
  /** How many stacks have been looked at. */
  private looked = 0;
  /** Grains missing to the working weight; negative when there is more than that on the bar. */
  private readonly missing: number[];
  /** The child grown last, and of a child the one grown before it; 0: none. */
  private readonly lastChild: number[] = [0];
  private readonly sibling: number[] = [0];

  /** @param fewest the fewest plates on a side that make the working weight. */
  constructor(
    private readonly table: LoadTable,
    working: Weight,
    private readonly fewest: number,
  ) {
    this.missing = [(working - table.kit.empty) / 2 / table.grain];
    this.toWork = [fewest];
    this.adding = [fewest];
  }

  /**
   * The stacks that weigh `side` and can be part of a ramp of at most `mostMoves`: their plates, the way from
   * them to the working weight and its extra plates counted, the floor rule kept. Branches that cannot lead to
   * such a stack are left early.
   *
   * @param limits `before`: loads of other weights that come before on the way, each of which takes a move at least;
   *   `after`: how many come after, the working weight among them.
   * @throws TooManyStacks where there are more of them than can be compared.
   */
  nodesOf(
    side: number,
    mostMoves: number,
    {
      before = 0,
      after = 0,
      mostExtra = Number.POSITIVE_INFINITY,
      mostOfEach = Number.POSITIVE_INFINITY,
    }: StackLimits & { before?: number; after?: number } = {},
  ): number[] {
    const { kit, grain, fewest, fromFloor } = this.table;
    const found: number[] = [];
    const mostPlates = Math.min(
      mostMoves - after,
      (this.table.fewestLoadable[side / grain] ?? UNREACHABLE) + mostExtra,
    );
    const add = (node: number, from: number, used: number, rest: number, stands: boolean): void => {
      this.looked += 1;
      if (this.looked > MOST_LOOKED) throw new TooManyStacks();
      if (rest === 0) {
        if (stands || !fromFloor) found.push(node);
        return;
      }
      for (let kind = from; kind < kit.plates.length; kind++) {
        // Lighter kinds alone need ever more plates: once it is too many, it stays so.
        if (this.depth[node]! + fewest[kind]![rest]! > mostPlates || found.length >= mostOfEach) return;
        const plate = kit.plates[kind]!;
        const left = rest - plate.weight / grain;
        const count = kind === from ? used + 1 : 1;
        if (left < 0 || count > plate.pairs || fewest[kind]![left] === UNREACHABLE) continue;
        const child = this.childOf(node, kind);
        if (this.leastThrough(child, fewest[kind]![left]!, before, after) > mostMoves) continue;
        add(child, kind, count, left, stands || plate.fullDiameter);
      }
    };
    const grains = side / grain;
    if (grains >= 0 && Number.isInteger(grains)) add(0, 0, 0, grains, false);
    return found;
  }

  /** The node of a stack that is on the bar, whatever it leads to. */
  nodeOf(stack: Stack): number {
    return stack.reduce((node, kind) => this.childOf(node, kind), 0);
  }

  stackAt(node: number): Stack {
    const stack: number[] = [];
    for (let n = node; n > 0; n = this.parent[n]!) stack.unshift(this.plate[n]!);
    return stack;
  }

  /** Least moves of a ramp through any stack that has `more` plates or more on top of this one. */
  private leastThrough(node: number, more: number, before: number, after: number): number {
    const depth = this.depth[node]!;
    const plates = depth + more;
    const byStripping = Math.max(after, plates - depth + this.toWork[this.parent[node]!]! + 1);
    const whole = depth + this.adding[node]!;
    const byAdding = Math.max(after, whole - plates) + EXTRA_PLATE_COST * Math.max(0, whole - this.fewest);
    return Math.max(before, plates) + Math.min(byStripping, byAdding);
  }

  /** The stack with one plate more. */
  private childOf(node: number, kind: number): number {
    for (let child = this.lastChild[node]!; child > 0; child = this.sibling[child]!) {
      if (this.plate[child] === kind) return child;
    }
    return this.grow(node, kind);
  }

  private grow(parent: number, plate: number): number {
    const { kit, grain } = this.table;
    const node = this.parent.length;
    const depth = this.depth[parent]! + 1;
    const missing = this.missing[parent]! - kit.plates[plate]!.weight / grain;
    this.parent.push(parent);
    this.depth.push(depth);
    this.plate.push(plate);
    this.missing.push(missing);
    this.lastChild.push(0);
    this.sibling.push(this.lastChild[parent]!);
    this.lastChild[parent] = node;
    const known = missing < 0 ? UNREACHABLE : this.table.fewest[plate]![missing]!;
    const adding = known === UNREACHABLE ? Number.POSITIVE_INFINITY : known;
    this.adding.push(adding);
    const byAdding = adding + EXTRA_PLATE_COST * Math.max(0, depth + adding - this.fewest);
    this.toWork.push(Math.min(this.toWork[parent]! + 1, byAdding));
    return node;
  }
}
