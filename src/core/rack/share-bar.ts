import { drain } from "@/lib/drain";
import { stackMoves } from "../plates";
import type { Weight } from "../units";
import { layOutOrder, plainTurns } from "./running-order";
import type { Lifter, SharedBar } from "./types";

/** So many half-finished orders are kept for a first answer. */
const BEAM = 120;
/** The exact search is left once it holds so many half-finished orders at a time: ramps too long to prove. */
const MOST_LABELS = 400_000;

/** An order as far as it goes, with all that decides how it can go on. */
interface Label {
  /** Sets done by each lifter, as one number: see `BarSearch.weights`. */
  done: number;
  /** Whose load is on the bar; the number of lifters: nobody's. */
  last: number;
  /** When the last set ended. Seconds. */
  clock: number;
  /** When each may lift again. Seconds. */
  ready: readonly number[];
  moves: number;
  /** No order that begins like this can have everybody ready earlier, nor move fewer plates. Seconds; plates. */
  bound: number;
  movesBound: number;
  before: Label | null;
}

/**
 * The best running order of ramps on one bar: everybody ready for the first working set as early as can be, then
 * with the fewest plates moved (docs/model.md, "Sharing a bar").
 *
 * Exact by labels over (sets done by each, whose load is on the bar): because of the rests a state alone does not
 * decide, so all orders to it are kept that no other one beats in everything. A beam gives the first answer, which
 * bounds the rest.
 *
 * @param secondsPerMove to move a plate on one side.
 * @param onBar plates of one side that are on the bar at the start, inside first.
 */
export function shareBar(
  lifters: readonly Lifter[],
  secondsPerMove: number,
  onBar: readonly Weight[] = [],
): SharedBar {
  return drain(shareBarSteps(lifters, secondsPerMove, onBar));
}

/** As `shareBar`; yields the best order so far after each set more. Who stops asking keeps that. */
export function* shareBarSteps(
  lifters: readonly Lifter[],
  secondsPerMove: number,
  onBar: readonly Weight[] = [],
): Generator<SharedBar, SharedBar> {
  const search = new BarSearch(lifters, secondsPerMove, onBar);
  const laidOut = (order: readonly number[]) => layOutOrder(lifters, order, secondsPerMove, undefined, onBar);
  const turns = laidOut(plainTurns(lifters));
  const told = (label: Label, isProven: boolean): SharedBar => ({
    best: laidOut(orderOf(label)),
    turns,
    isProven,
  });
  let best = search.beam();
  yield told(best, false);
  let open: Label[] = [search.start];
  for (let set = 0; set < search.sets; set++) {
    const next = search.nextLabels(open, best);
    if (next === null) return told(best, false);
    open = next;
    yield told(best, false);
  }
  for (const end of open) if (isBetter(end, best)) best = end;
  return told(best, true);
}

/** The lifters of a label's turns in order. */
function orderOf(label: Label): number[] {
  const order: number[] = [];
  for (let at = label; at.before; at = at.before) order.push(at.last);
  return order.reverse();
}

/** Whether an order that begins like `a` may be better than one that begins like `b` can be at best. */
function isBetter(a: Label, b: Label): boolean {
  return a.bound !== b.bound ? a.bound < b.bound : a.movesBound < b.movesBound;
}

class BarSearch {
  readonly sets: number;
  readonly start: Label;
  private readonly count: number;
  /** What one set of each lifter adds to `done`: digits of a number whose bases are their sets and one. */
  private readonly weights: number[] = [];
  private readonly states: number;
  /** Plates moved from a set to another: `moves[from * all + to]`, sets numbered through; the last is the bar at the start. */
  private readonly moves: Int32Array;
  private readonly firstOf: number[] = [];
  /** `setOf[state * lifters + i]`: sets that lifter i has done in a state. */
  private readonly setOf: Uint8Array;
  /** The same with the seconds of their sets and rests that are left. */
  private readonly chain: Float64Array;
  /** Of each state the seconds of the sets that are left, and the least plates to move for them by who was last. */
  private readonly secondsLeft: Float64Array;
  private readonly movesLeft: Int32Array;
  /**
   * `soonest[(state * (lifters + 1) + last) * lifters + i]`: seconds from the end of the last set before which
   * lifter i cannot start, plates and the sets of others considered. Whoever is rested by then is rested enough.
   */
  private readonly soonest: Float64Array;
  /** Of each state the shortest last rest of those who are not done. */
  private readonly restLeft: Float64Array;

  constructor(
    private readonly lifters: readonly Lifter[],
    private readonly secondsPerMove: number,
    onBar: readonly Weight[],
  ) {
    this.count = lifters.length;
    let states = 1;
    let numbered = 0;
    for (const { sets } of lifters) {
      this.weights.push(states);
      this.firstOf.push(numbered);
      states *= sets.length + 1;
      numbered += sets.length;
    }
    this.states = states;
    this.sets = numbered;
    const loads = [...lifters.flatMap((l) => l.sets.map((s) => s.perSide)), onBar];
    this.moves = Int32Array.from(loads.flatMap((a) => loads.map((b) => stackMoves(a, b))));
    this.setOf = new Uint8Array(states * this.count);
    this.chain = new Float64Array(states * this.count);
    for (let done = 0; done < states; done++) {
      lifters.forEach(({ sets }, i) => {
        const set = Math.floor(done / this.weights[i]!) % (sets.length + 1);
        this.setOf[done * this.count + i] = set;
        this.chain[done * this.count + i] = sets
          .slice(set)
          .reduce((sum, s) => sum + s.seconds + s.restSeconds, 0);
      });
    }
    this.secondsLeft = new Float64Array(states);
    this.restLeft = new Float64Array(states);
    this.movesLeft = new Int32Array(states * (this.count + 1));
    this.soonest = new Float64Array(states * (this.count + 1) * this.count);
    this.lookBack();
    this.start = {
      done: 0,
      last: this.count,
      clock: 0,
      ready: lifters.map((l) => l.from ?? 0),
      moves: 0,
      bound: 0,
      movesBound: this.movesLeft[this.count]!,
      before: null,
    };
    this.start.bound = this.boundOf(0, 0, this.start.ready, this.start.movesBound, 0, 0);
  }

  private doneBy(done: number, lifter: number): number {
    return this.setOf[done * this.count + lifter]!;
  }

  /** Plates moved to the next set of a lifter from the load of whoever was last. */
  private changing(done: number, last: number, lifter: number): number {
    const from = last === this.count ? this.sets : this.firstOf[last]! + this.doneBy(done, last) - 1;
    return this.moves[from * (this.sets + 1) + this.firstOf[lifter]! + this.doneBy(done, lifter)]!;
  }

  /** From the end back: what is left of each state, rests left aside. Exact, so the bounds made of it are close. */
  private lookBack(): void {
    const { states, count, lifters } = this;
    for (let done = states - 1; done >= 0; done--) {
      let rest = Number.POSITIVE_INFINITY;
      for (let last = 0; last <= count; last++) {
        if (last < count && this.doneBy(done, last) === 0) continue;
        let least = Number.POSITIVE_INFINITY;
        for (let i = 0; i < count; i++) {
          const set = this.doneBy(done, i);
          const { sets } = lifters[i]!;
          if (set === sets.length) continue;
          rest = Math.min(rest, sets.at(-1)!.restSeconds);
          const next = done + this.weights[i]!;
          this.secondsLeft[done] = this.secondsLeft[next]! + sets[set]!.seconds;
          least = Math.min(least, this.changing(done, last, i) + this.movesLeft[next * (count + 1) + i]!);
        }
        this.noteSoonest(done, last);
        this.movesLeft[done * (count + 1) + last] = least === Number.POSITIVE_INFINITY ? 0 : least;
      }
      this.restLeft[done] = rest === Number.POSITIVE_INFINITY ? 0 : rest;
    }
  }

  private noteSoonest(done: number, last: number): void {
    const { count, lifters } = this;
    const starts: number[] = [];
    const ends: number[] = [];
    for (let i = 0; i < count; i++) {
      const set = lifters[i]!.sets[this.doneBy(done, i)];
      starts.push(set ? this.changing(done, last, i) * this.secondsPerMove : Number.POSITIVE_INFINITY);
      ends.push(starts[i]! + (set?.seconds ?? 0));
    }
    for (let i = 0; i < count; i++) {
      const afterOthers = Math.min(...ends.filter((_, j) => j !== i), Number.POSITIVE_INFINITY);
      this.soonest[(done * (count + 1) + last) * count + i] = Math.min(starts[i]!, afterOthers);
    }
  }

  /** The label after one more set of a lifter; null if it cannot be better than the best. */
  private after(label: Label, lifter: number, best: Label | null): Label | null {
    const set = this.doneBy(label.done, lifter);
    const { seconds, restSeconds } = this.lifters[lifter]!.sets[set]!;
    const changing = this.changing(label.done, label.last, lifter);
    const clock = Math.max(label.clock + changing * this.secondsPerMove, label.ready[lifter]!) + seconds;
    const done = label.done + this.weights[lifter]!;
    const readyAgain = clock + restSeconds;
    const moves = label.moves + changing;
    const movesLeft = this.movesLeft[done * (this.count + 1) + lifter]!;
    const bound = this.boundOf(done, clock, label.ready, movesLeft, lifter, readyAgain);
    const movesBound = moves + movesLeft;
    if (best && (bound > best.bound || (bound === best.bound && movesBound >= best.movesBound))) return null;
    const ready = label.ready.with(lifter, readyAgain);
    return { done, last: lifter, clock, ready, moves, bound, movesBound, before: label };
  }

  /**
   * The larger of each lifter's own remaining chain, and all sets and changes that are left.
   *
   * @param ready when each may lift again, but for one lifter who has lifted since.
   */
  private boundOf(
    done: number,
    clock: number,
    ready: readonly number[],
    movesLeft: number,
    lifter: number,
    readyAgain: number,
  ): number {
    let bound = clock + this.secondsLeft[done]! + movesLeft * this.secondsPerMove + this.restLeft[done]!;
    for (let i = 0; i < this.count; i++) {
      const left = this.chain[done * this.count + i]!;
      const from = i === lifter ? readyAgain : ready[i]!;
      bound = Math.max(bound, left === 0 ? from : Math.max(clock, from) + left);
    }
    return bound;
  }

  /** Adds the labels after one more set of each lifter that may be better than the best. */
  private follow(label: Label, to: Label[], best: Label | null): void {
    for (let i = 0; i < this.count; i++) {
      if (this.doneBy(label.done, i) === this.lifters[i]!.sets.length) continue;
      const follower = this.after(label, i, best);
      if (follower) to.push(follower);
    }
  }

  /** A good order at once: the most promising labels of each number of sets go on. */
  beam(): Label {
    let open = [this.start];
    for (let set = 0; set < this.sets; set++) {
      const next: Label[] = [];
      for (const label of open) this.follow(label, next, null);
      open = this.undominated(next)
        .sort((a, b) => a.bound - b.bound || a.movesBound - b.movesBound || a.clock - b.clock)
        .slice(0, BEAM);
    }
    return open.reduce((a, b) => (isBetter(b, a) ? b : a));
  }

  /** All labels of one set more that may still be better than the best; null if they are too many. */
  nextLabels(open: readonly Label[], best: Label): Label[] | null {
    const next: Label[] = [];
    for (const label of open) this.follow(label, next, best);
    const kept = this.undominated(next);
    return kept.length > MOST_LABELS ? null : kept;
  }

  /** Without the labels that another one in the same state beats in everything. */
  private undominated(labels: readonly Label[]): Label[] {
    const byState = new Map<number, Label[]>();
    for (const label of labels.toSorted((a, b) => a.clock - b.clock || a.moves - b.moves)) {
      const state = label.done * (this.count + 1) + label.last;
      const kept = byState.get(state);
      if (!kept) byState.set(state, [label]);
      else if (!kept.some((k) => this.dominates(k, label))) kept.push(label);
    }
    return [...byState.values()].flat();
  }

  /** Whether `a` leads to nothing worse than `b`; both in one state. */
  private dominates(a: Label, b: Label): boolean {
    if (a.clock > b.clock || a.moves > b.moves) return false;
    const { count } = this;
    const from = (a.done * (count + 1) + a.last) * count;
    for (let i = 0; i < count; i++) {
      const ready = a.ready[i]!;
      if (ready <= b.ready[i]!) continue;
      // Who is done is ready too late only if that is after all that is certain of b.
      if (
        this.chain[a.done * count + i] === 0 ? ready > b.bound : ready > b.clock + this.soonest[from + i]!
      ) {
        return false;
      }
    }
    return true;
  }
}
