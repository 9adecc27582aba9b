import { finish } from "../steps";
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
  return finish(searchSteps(problem, start, among, depth));
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

class Search {
  readonly selection: Selection;
  private readonly free: readonly number[];
  /** Options that can gain at all, with the most they can, the most promising first: others only take from it. */
  private readonly byGain: readonly { option: number; most: number }[];
  private readonly byGainPerUnit: readonly { option: number; most: number }[];
  /** The required list of an option, if it is in one. */
  private readonly listOf = new Map<number, readonly number[]>();

  constructor(
    private readonly problem: Problem,
    among: readonly number[],
  ) {
    this.selection = new Selection(problem);
    for (const list of problem.required) for (const option of list) this.listOf.set(option, list);
    this.free = among.filter((i) => !this.listOf.has(i));
    const alone = this.free.map((option) => ({ option, gain: this.selection.gain(option) }));
    const gaining = alone.filter((a) => a.gain > EPSILON);
    const byScore = (score: (a: (typeof alone)[number]) => number) =>
      gaining
        .map((a) => ({ option: a.option, most: score(a) }))
        .sort((a, b) => b.most - a.most || a.option - b.option);
    this.byGain = byScore((a) => a.gain);
    this.byGainPerUnit = byScore((a) => a.gain / this.usesOf(a.option));
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
    for (;;) {
      const best = this.bestToAdd(perUnit);
      if (best === null) return;
      this.selection.add(best);
    }
  }

  private usesOf(option: number): number {
    return this.problem.options[option]!.uses.find((u) => u.index === this.problem.scarce)?.amount ?? 1;
  }

  private bestToAdd(perUnit: boolean): number | null {
    let best: number | null = null;
    let bestScore = EPSILON;
    for (const { option, most } of perUnit ? this.byGainPerUnit : this.byGain) {
      if (most <= bestScore) break;
      if (!this.selection.admits(option)) continue;
      const gain = this.selection.gain(option);
      const score = perUnit ? gain / this.usesOf(option) : gain;
      if (gain > EPSILON && score > bestScore + EPSILON) {
        best = option;
        bestScore = score;
      }
    }
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
    for (const { option } of this.byGain) {
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
        const cost = selection.loss(option) / this.usesOf(option);
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
      this.fill(perUnit);
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
