import { type Problem, worthOf } from "./problem";

/** Differences below this are rounding. */
export const EPSILON = 1e-9;

/** For each option the options that have it as a partner. */
function dependentsOf(problem: Problem): readonly (readonly number[])[] {
  const dependents: number[][] = problem.options.map(() => []);
  problem.options.forEach((option, i) => {
    for (const p of option.partners ?? []) dependents[p]!.push(i);
  });
  return dependents;
}

const dependentsByProblem = new WeakMap<readonly unknown[], readonly (readonly number[])[]>();

/**
 * Chosen options and the objective they make, kept up to date as options come and go. Written as running sums
 * because a search asks for the gain of every option over and over.
 */
export class Selection {
  readonly chosen: number[] = [];
  private readonly met: Float64Array;
  private readonly used: Float64Array;
  private readonly isIn: Uint8Array;
  /** How many partners of each option are chosen. */
  private readonly partnersIn: Int32Array;
  private readonly dependents: readonly (readonly number[])[];
  private cost = 0;

  constructor(private readonly problem: Problem) {
    this.met = new Float64Array(problem.goals.length);
    this.used = new Float64Array(problem.limits.length);
    this.isIn = new Uint8Array(problem.options.length);
    this.partnersIn = new Int32Array(problem.options.length);
    const known = dependentsByProblem.get(problem.options) ?? dependentsOf(problem);
    dependentsByProblem.set(problem.options, known);
    this.dependents = known;
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

  private count(index: number, sign: 1 | -1): void {
    const option = this.problem.options[index]!;
    this.isIn[index] = sign === 1 ? 1 : 0;
    for (const { index: goal, amount } of option.gives) this.met[goal]! += sign * amount;
    for (const { index: limit, amount } of option.uses) this.used[limit]! += sign * amount;
    for (const d of this.dependents[index]!) this.partnersIn[d]! += sign;
    this.cost += sign * option.cost;
  }

  /** Whether an option may join: it is not in yet, every limit has room, and a partner is there if it needs one. */
  admits(index: number): boolean {
    const option = this.problem.options[index]!;
    if (this.isIn[index] === 1) return false;
    if (option.partners && this.partnersIn[index] === 0) return false;
    return this.hasRoomFor(index);
  }

  /** Whether every limit has room for an option. */
  hasRoomFor(index: number): boolean {
    for (const { index: limit, amount } of this.problem.options[index]!.uses) {
      if (this.used[limit]! + amount > this.problem.limits[limit]!.most + EPSILON) return false;
    }
    return true;
  }

  /** Whether a chosen option may leave without leaving another one without its partner. */
  canLose(index: number): boolean {
    return this.dependents[index]!.every((d) => !this.has(d) || this.partnersIn[d]! > 1);
  }

  /** The chosen options that would stand without a partner if this one left. */
  widowedBy(index: number): number[] {
    return this.dependents[index]!.filter((d) => this.has(d) && this.partnersIn[d] === 1);
  }

  /** What the objective gains if an option joins. Points. */
  gain(index: number): number {
    const { goals } = this.problem;
    const option = this.problem.options[index]!;
    let gain = -option.cost;
    for (const { index: goal, amount } of option.gives) {
      let at = this.met[goal]!;
      let left = amount;
      for (const { upTo, slope } of goals[goal]!.pieces) {
        if (at >= upTo) continue;
        const here = Math.min(left, upTo - at);
        gain += slope * here;
        at += here;
        left -= here;
        if (left <= 0) break;
      }
    }
    return gain;
  }

  /** What the objective loses if a chosen option leaves. Points. */
  loss(index: number): number {
    this.count(index, -1);
    const loss = this.gain(index);
    this.count(index, 1);
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
      const { partners } = problem.options[i]!;
      return partners === null || partners.some((p) => selection.has(p));
    }) &&
    problem.required.every((list) => list.filter((i) => selection.has(i)).length === 1)
  );
}
