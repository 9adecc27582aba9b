import { type LoadTable, type Stack, UNREACHABLE } from "../plates";
import type { Weight } from "../units";
import { EXTRA_PLATE_COST } from "./constants";

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
  private readonly plate: number[] = [0];
  /** Grains missing to the working weight; negative when there is more than that on the bar. */
  private readonly missing: number[];
  private readonly children: Map<number, number>[] = [new Map()];

  /** @param fewest the fewest plates on a side that make the working weight. */
  constructor(
    private readonly table: LoadTable,
    working: Weight,
    private readonly fewest: number,
  ) {
    this.missing = [(working - table.kit.empty) / 2 / table.grain];
    this.toWork = [fewest];
  }

  /** The node of a stack, made if it is new. */
  nodeOf(stack: Stack): number {
    let node = 0;
    for (const plate of stack) node = this.children[node]!.get(plate) ?? this.grow(node, plate);
    return node;
  }

  stackAt(node: number): Stack {
    const stack: number[] = [];
    for (let n = node; n > 0; n = this.parent[n]!) stack.unshift(this.plate[n]!);
    return stack;
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
    this.children.push(new Map());
    this.children[parent]!.set(plate, node);
    const byStripping = this.toWork[parent]! + 1;
    this.toWork.push(Math.min(byStripping, this.byAdding(plate, depth, missing)));
    return node;
  }

  /** The least cost if nothing comes off any more; Infinity if the working weight cannot be reached so. */
  private byAdding(plate: number, depth: number, missing: number): number {
    const adds = missing < 0 ? UNREACHABLE : this.table.fewest[plate]![missing]!;
    if (adds === UNREACHABLE) return Number.POSITIVE_INFINITY;
    return adds + EXTRA_PLATE_COST * Math.max(0, depth + adds - this.fewest);
  }
}
