import { type Problem, type Term, worthOf } from "./problem";

/** Differences below this are rounding. */
export const EPSILON = 1e-9;

/**
 * A problem's options and goals in flat arrays, because a search asks for the gain of every option over and over.
 * Option i gives `giveAmount[k]` to `giveGoal[k]` for k from `giveFrom[i]` to `giveFrom[i + 1]`, and so on.
 */
interface Flat {
  giveFrom: Int32Array;
  giveGoal: Int32Array;
  giveAmount: Float64Array;
  useFrom: Int32Array;
  useLimit: Int32Array;
  useAmount: Float64Array;
  pieceFrom: Int32Array;
  pieceUpTo: Float64Array;
  pieceSlope: Float64Array;
  cost: Float64Array;
  /** For each option the options that have it as a prerequisite. */
  dependents: readonly (readonly number[])[];
}

/** Where the parts of each list begin in the list of all parts, and where the last one ends. */
function starts(lists: readonly (readonly unknown[])[]): Int32Array {
  const from = new Int32Array(lists.length + 1);
  lists.forEach((list, i) => {
    from[i + 1] = from[i]! + list.length;
  });
  return from;
}

/** The terms of all lists, one after the other. */
function flattenTerms(lists: readonly (readonly Term[])[]) {
  const from = starts(lists);
  const index = new Int32Array(from.at(-1)!);
  const amount = new Float64Array(from.at(-1)!);
  let k = 0;
  for (const list of lists) {
    for (const term of list) {
      index[k] = term.index;
      amount[k] = term.amount;
      k += 1;
    }
  }
  return { from, index, amount };
}

function flatten({ options, goals }: Problem): Flat {
  const gives = flattenTerms(options.map((o) => o.gives));
  const uses = flattenTerms(options.map((o) => o.uses));
  const pieces = goals.map((g) => g.pieces);
  const dependents: number[][] = options.map(() => []);
  options.forEach((option, i) => {
    for (const p of option.prerequisites ?? []) dependents[p]!.push(i);
  });
  return {
    giveFrom: gives.from,
    giveGoal: gives.index,
    giveAmount: gives.amount,
    useFrom: uses.from,
    useLimit: uses.index,
    useAmount: uses.amount,
    pieceFrom: starts(pieces),
    pieceUpTo: Float64Array.from(pieces.flatMap((list) => list.map((p) => p.upTo))),
    pieceSlope: Float64Array.from(pieces.flatMap((list) => list.map((p) => p.slope))),
    cost: Float64Array.from(options, (o) => o.cost),
    dependents,
  };
}

/** Kept by the problem's options, which problems that differ in their limits share. */
const flatByOptions = new WeakMap<readonly unknown[], Flat>();

function flatOf(problem: Problem): Flat {
  const known = flatByOptions.get(problem.options);
  if (known) return known;
  const flat = flatten(problem);
  flatByOptions.set(problem.options, flat);
  return flat;
}

/** Chosen options and the objective they make, kept up to date as options come and go. */
export class Selection {
  readonly chosen: number[] = [];
  private readonly met: Float64Array;
  private readonly used: Float64Array;
  /** The most that may be used of each limit, rounding allowed for. */
  private readonly most: Float64Array;
  private readonly isIn: Uint8Array;
  /** How many prerequisites of each option are chosen. */
  private readonly prerequisitesIn: Int32Array;
  private readonly flat: Flat;
  private cost = 0;

  constructor(private readonly problem: Problem) {
    this.met = new Float64Array(problem.goals.length);
    this.used = new Float64Array(problem.limits.length);
    this.most = Float64Array.from(problem.limits, (limit) => limit.most + EPSILON);
    this.isIn = new Uint8Array(problem.options.length);
    this.prerequisitesIn = new Int32Array(problem.options.length);
    this.flat = flatOf(problem);
  }

  has(option: number): boolean {
    return this.isIn[option] === 1;
  }

  /** How much of a goal the chosen options meet. */
  metOf(goal: number): number {
    return this.met[goal]!;
  }

  /** How much of a limit the chosen options use. */
  usedOf(limit: number): number {
    return this.used[limit]!;
  }

  add(option: number): void {
    this.chosen.push(option);
    this.count(option, 1);
  }

  remove(option: number): void {
    this.chosen.splice(this.chosen.indexOf(option), 1);
    this.count(option, -1);
  }

  private count(option: number, sign: 1 | -1): void {
    const { giveFrom, giveGoal, giveAmount, useFrom, useLimit, useAmount, cost, dependents } = this.flat;
    this.isIn[option] = sign === 1 ? 1 : 0;
    for (let k = giveFrom[option]!; k < giveFrom[option + 1]!; k++) {
      this.met[giveGoal[k]!]! += sign * giveAmount[k]!;
    }
    for (let k = useFrom[option]!; k < useFrom[option + 1]!; k++) {
      this.used[useLimit[k]!]! += sign * useAmount[k]!;
    }
    for (const d of dependents[option]!) this.prerequisitesIn[d]! += sign;
    this.cost += sign * cost[option]!;
  }

  /** Whether an option may join: it is not in yet, every limit has room, and a prerequisite is there if it needs one. */
  admits(option: number): boolean {
    return this.isIn[option] === 0 && this.hasPrerequisiteFor(option) && this.hasRoomFor(option);
  }

  /** Whether a prerequisite of an option is there, or it needs none. */
  hasPrerequisiteFor(option: number): boolean {
    return this.prerequisitesIn[option]! > 0 || this.problem.options[option]!.prerequisites === null;
  }

  /** Whether every limit has room for an option. */
  hasRoomFor(option: number): boolean {
    const { useFrom, useLimit, useAmount } = this.flat;
    for (let k = useFrom[option]!; k < useFrom[option + 1]!; k++) {
      const limit = useLimit[k]!;
      if (this.used[limit]! + useAmount[k]! > this.most[limit]!) return false;
    }
    return true;
  }

  /** Whether a chosen option may leave without leaving another one without its prerequisite. */
  canLose(option: number): boolean {
    return this.flat.dependents[option]!.every((d) => !this.has(d) || this.prerequisitesIn[d]! > 1);
  }

  /** The chosen options that would stand without a prerequisite if this one left. */
  widowedBy(option: number): number[] {
    return this.flat.dependents[option]!.filter((d) => this.has(d) && this.prerequisitesIn[d] === 1);
  }

  /** What the objective gains if an option joins. Points. It only falls as others join. */
  gain(option: number): number {
    const { giveFrom, giveGoal, giveAmount, pieceFrom, pieceUpTo, pieceSlope, cost } = this.flat;
    let gain = -cost[option]!;
    for (let k = giveFrom[option]!; k < giveFrom[option + 1]!; k++) {
      const goal = giveGoal[k]!;
      let at = this.met[goal]!;
      let left = giveAmount[k]!;
      for (let p = pieceFrom[goal]!; p < pieceFrom[goal + 1]!; p++) {
        const room = pieceUpTo[p]! - at;
        if (room <= 0) continue;
        const here = Math.min(left, room);
        gain += pieceSlope[p]! * here;
        at += here;
        left -= here;
        if (left <= 0) break;
      }
    }
    return gain;
  }

  /** What the objective loses if a chosen option leaves. Points. */
  loss(option: number): number {
    this.count(option, -1);
    const loss = this.gain(option);
    this.count(option, 1);
    return loss;
  }

  /** The objective of the chosen options. Points. */
  objective(): number {
    let total = this.problem.atNothing - this.cost;
    for (let goal = 0; goal < this.met.length; goal++) {
      total += worthOf(this.problem.goals[goal]!, this.met[goal]!);
    }
    return total;
  }
}

/** The objective of a list of options. Points. */
export function objectiveOf(problem: Problem, chosen: readonly number[]): number {
  const selection = new Selection(problem);
  for (const option of chosen) selection.add(option);
  return selection.objective();
}

/** Whether a list of options keeps every rule of the problem. */
export function isAllowed(problem: Problem, chosen: readonly number[]): boolean {
  const selection = new Selection(problem);
  for (const option of chosen) selection.add(option);
  return (
    problem.limits.every((limit, i) => selection.usedOf(i) <= limit.most + 1e-6) &&
    chosen.every((i) => {
      const { prerequisites } = problem.options[i]!;
      return prerequisites === null || prerequisites.some((p) => selection.has(p));
    }) &&
    problem.required.every((list) => list.filter((i) => selection.has(i)).length === 1)
  );
}
