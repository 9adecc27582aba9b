import { drain } from "@/lib/drain";
import type { Problem } from "./problem";
import { EPSILON, Selection } from "./selection";

const MOST_ROUNDS = 20;
/** Pairs are exchanged in choices of up to this many: in long ones there are too many, and they help little. */
const PAIRS_UP_TO = 8;
/** So many options that could gain most are forced in. */
const FORCED = 12;
/** What loses more than this by being forced in is not worth exchanging after. Points. */
const NEAR = 2;

/**
 * A good choice at once: a greedy start improved by exchanging options, one or two at a time, and by forcing
 * in what could gain most, until nothing gets better. The same problem gives the same choice; it keeps every limit.
 *
 * @param start a choice to improve instead of starting anew; what no longer fits is left out.
 * @param among the options to look at; absent: all.
 * @param depth "full" also exchanges pairs and forces options in, which takes the most time.
 */
export function search(
  problem: Problem,
  start: readonly number[] = [],
  among: readonly number[] = problem.options.map((_, i) => i),
  depth: "brief" | "full" = "brief",
): number[] {
  return drain(searchSteps(problem, start, among, depth));
}

/** As `search`; yields what is chosen so far after each exchange that it has tried. */
export function* searchSteps(
  problem: Problem,
  start: readonly number[] = [],
  among: readonly number[] = problem.options.map((_, i) => i),
  depth: "brief" | "full" = "brief",
): Generator<readonly number[], number[]> {
  const searching = new Search(problem, among);
  searching.begin(start);
  yield* searching.improve(depth === "full");
  return searching.selection.chosen.toSorted((a, b) => a - b);
}

/** A choice with the best that still has room added to it, nothing taken out. */
export function fill(problem: Problem, start: readonly number[]): number[] {
  const searching = new Search(
    problem,
    problem.options.map((_, i) => i),
  );
  searching.begin(start);
  return searching.selection.chosen.slice();
}

/** Options that may still join, and what each would gain at most: others joining only take from it. */
class Waiting {
  count = 0;
  readonly option: Int32Array;
  readonly gain: Float64Array;

  constructor(size: number) {
    this.option = new Int32Array(size);
    this.gain = new Float64Array(size);
  }

  push(option: number, gain: number): void {
    this.option[this.count] = option;
    this.gain[this.count] = gain;
    this.count += 1;
  }

  copyFrom(other: Waiting): void {
    this.count = other.count;
    this.option.set(other.option.subarray(0, other.count));
    this.gain.set(other.gain.subarray(0, other.count));
  }
}

class Search {
  readonly selection: Selection;
  /** Options that can gain at all, those that can gain most first. */
  private readonly byGain: Int32Array;
  /** What each of these gains while nothing is chosen. */
  private readonly alone: Float64Array;
  /** What each option uses of the budget. */
  private readonly budgetUse: Float64Array;
  private readonly here: Waiting;
  private readonly left: Waiting;
  /** The required list of an option, if it is in one. */
  private readonly listOf = new Map<number, readonly number[]>();

  constructor(
    private readonly problem: Problem,
    among: readonly number[],
  ) {
    this.selection = new Selection(problem);
    for (const list of problem.required) for (const option of list) this.listOf.set(option, list);
    this.alone = new Float64Array(problem.options.length);
    for (const option of among) this.alone[option] = this.selection.gain(option);
    this.byGain = Int32Array.from(
      among
        .filter((option) => this.alone[option]! > EPSILON && !this.listOf.has(option))
        .sort((a, b) => this.alone[b]! - this.alone[a]! || a - b),
    );
    this.budgetUse = Float64Array.from(
      problem.options,
      (o) => o.uses.find((u) => u.index === problem.budget)?.amount ?? 1,
    );
    this.here = new Waiting(this.byGain.length);
    this.left = new Waiting(this.byGain.length);
  }

  begin(start: readonly number[]): void {
    const { selection, problem } = this;
    for (const list of problem.required) selection.add(list.find((i) => start.includes(i)) ?? list[0]!);
    for (const list of problem.required) if (this.isOverLimit()) this.changeRequired(list, list[0]!);
    const later: number[] = [];
    for (const option of start) {
      if (this.listOf.has(option)) continue;
      if (selection.admits(option)) selection.add(option);
      else later.push(option);
    }
    for (const option of later) if (selection.admits(option)) selection.add(option);
    this.fill(true);
  }

  private isOverLimit(): boolean {
    return this.problem.limits.some((limit, i) => this.selection.usedOf(i) > limit.most + EPSILON);
  }

  private changeRequired(list: readonly number[], to: number): void {
    const now = list.find((i) => this.selection.has(i))!;
    if (now === to) return;
    this.selection.remove(now);
    this.selection.add(to);
  }

  /** Adds the best option that may join until none gains. */
  private fill(perUnit: boolean): void {
    this.lookAround();
    this.fillFromHere(perUnit);
  }

  /** Notes which options have room beside what is chosen, and what they gain. */
  private lookAround(): void {
    const { selection, here } = this;
    here.count = 0;
    for (const option of this.byGain) {
      if (selection.has(option) || !selection.hasRoomFor(option)) continue;
      const gain = selection.gain(option);
      if (gain > EPSILON) here.push(option, gain);
    }
  }

  /** As `fill`, for what is chosen as it was when it looked around last. */
  private fillFromHere(perUnit: boolean): void {
    this.left.copyFrom(this.here);
    for (let isFirst = true; ; isFirst = false) {
      const best = this.bestToAdd(perUnit, isFirst);
      if (best === null) return;
      this.selection.add(best);
    }
  }

  /** @param areExact the gains of all that is left are what they gain now. */
  private bestToAdd(perUnit: boolean, areExact: boolean): number | null {
    const { selection, left, budgetUse } = this;
    let best: number | null = null;
    let bestScore = EPSILON;
    let kept = 0;
    for (let k = 0; k < left.count; k++) {
      const option = left.option[k]!;
      let gain = left.gain[k]!;
      const share = perUnit ? 1 / budgetUse[option]! : 1;
      if (gain * share > bestScore + EPSILON && (areExact || !selection.has(option))) {
        // What has no room or gains nothing never will while others only join.
        if (!areExact) {
          gain = selection.hasRoomFor(option) ? selection.gain(option) : 0;
          if (gain <= EPSILON) continue;
        }
        if (gain * share > bestScore + EPSILON && selection.hasPrerequisiteFor(option)) {
          best = option;
          bestScore = gain * share;
        }
      }
      if (selection.has(option)) continue;
      left.option[kept] = option;
      left.gain[kept] = gain;
      kept += 1;
    }
    left.count = kept;
    return best;
  }

  /** Exchanges of single options as long as they help, then of pairs, then forcing in; until nothing helps. */
  *improve(pairs: boolean): Generator<readonly number[]> {
    const { selection } = this;
    for (let round = 0; round < MOST_ROUNDS; round++) {
      let helped = this.redoseRequired();
      for (const out of selection.chosen.slice()) {
        helped = this.tryExchange([out]) || helped;
        yield selection.chosen;
      }
      if (helped) continue;
      if (!pairs || !(this.exchangePair() || this.forceOneIn())) return;
    }
  }

  /** Forces in what could gain most, losing what is least useful for the room; keeps the first that is better. */
  private forceOneIn(): boolean {
    const { selection } = this;
    const value = selection.objective();
    let tried = 0;
    for (const option of this.byGain) {
      if (selection.has(option)) continue;
      tried += 1;
      if (tried > FORCED) return false;
      const before = selection.chosen.slice();
      this.makeRoomFor(option);
      if (selection.admits(option)) {
        selection.add(option);
        this.fill(true);
        const isNear = selection.objective() > value - NEAR;
        for (const out of isNear ? selection.chosen.slice() : []) if (out !== option) this.tryExchange([out]);
        if (selection.objective() > value + EPSILON) return true;
      }
      this.restore(before);
    }
    return false;
  }

  private makeRoomFor(incoming: number): void {
    const { selection, problem } = this;
    const { uses } = problem.options[incoming]!;
    while (!selection.hasRoomFor(incoming)) {
      const full = uses.filter(
        ({ index, amount }) => selection.usedOf(index) + amount > problem.limits[index]!.most + EPSILON,
      );
      let least: number | null = null;
      let leastCost = Number.POSITIVE_INFINITY;
      for (const option of selection.chosen) {
        if (this.listOf.has(option)) continue;
        if (!problem.options[option]!.uses.some((u) => full.some((f) => f.index === u.index))) continue;
        const cost = selection.loss(option) / this.budgetUse[option]!;
        if (cost < leastCost) {
          least = option;
          leastCost = cost;
        }
      }
      if (least === null) return;
      this.takeOut(least);
    }
  }

  private exchangePair(): boolean {
    const { chosen } = this.selection;
    if (chosen.length > PAIRS_UP_TO) return false;
    for (let i = 0; i < chosen.length; i++) {
      for (let j = i + 1; j < chosen.length; j++) if (this.tryExchange([chosen[i]!, chosen[j]!])) return true;
    }
    return false;
  }

  /** Gives each required list its best option, as far as limits have room. */
  private redoseRequired(): boolean {
    const { selection } = this;
    let helped = false;
    for (const list of this.problem.required) {
      for (const option of list) {
        const now = list.find((i) => selection.has(i))!;
        if (option === now || !selection.canLose(now)) continue;
        const loss = selection.loss(now);
        selection.remove(now);
        const better = selection.admits(option) && selection.gain(option) > loss + EPSILON;
        selection.add(better ? option : now);
        helped ||= better;
      }
    }
    return helped;
  }

  /** Takes options out and fills the room anew in two ways; keeps the first that beats what was there. */
  private tryExchange(out: readonly number[]): boolean {
    const { selection } = this;
    if (!out.every((o) => selection.has(o) && !this.listOf.has(o))) return false;
    const before = selection.chosen.slice();
    const value = selection.objective();
    for (const perUnit of [false, true]) {
      for (const option of out) this.takeOut(option);
      if (!perUnit) this.lookAround();
      this.fillFromHere(perUnit);
      if (selection.objective() > value + EPSILON) return true;
      this.restore(before);
    }
    return false;
  }

  private takeOut(option: number): void {
    const { selection } = this;
    if (!selection.has(option)) return;
    for (const widow of selection.widowedBy(option)) if (!this.listOf.has(widow)) selection.remove(widow);
    selection.remove(option);
  }

  /** Puts the selection back to what it was, touching only what differs. */
  private restore(before: readonly number[]): void {
    const { selection } = this;
    for (const option of selection.chosen.slice()) if (!before.includes(option)) selection.remove(option);
    for (const option of before) if (!selection.has(option)) selection.add(option);
  }
}
