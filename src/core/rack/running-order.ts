import { sharedPlates, stackMoves } from "../plates";
import type { Weight } from "../units";
import type { BarTurn, Lifter, RunningOrder } from "./types";

/** Seconds to move a plate on one side, by how many load the bar (docs/model.md, "Sharing a bar"). */
export const SECONDS_PER_MOVE = { 1: 8, 2: 5 } as const;

const startOf = ({ from = 0 }: Lifter): number => from;

/**
 * Lays a running order out in time: each set starts when the plates are changed and its lifter has rested.
 *
 * @param order the lifter of each turn, by place in the roster; each as often as they have sets.
 * @param secondsPerMove to move a plate on one side.
 * @param from when each lifter can begin, where that is later than what they say themselves. Seconds.
 * @param onBar plates of one side that are on the bar at the start, inside first.
 */
export function layOutOrder(
  lifters: readonly Lifter[],
  order: readonly number[],
  secondsPerMove: number,
  from: readonly number[] = lifters.map(startOf),
  onBar: readonly Weight[] = [],
): RunningOrder {
  const done = lifters.map(() => 0);
  const readyAt = [...from];
  let load = onBar;
  let clock = 0;
  let moves = 0;
  const turns = order.map((lifter): BarTurn => {
    const set = done[lifter]!;
    const { perSide, seconds, restSeconds } = lifters[lifter]!.sets[set]!;
    const common = sharedPlates(load, perSide);
    const strip = load.slice(common).toReversed();
    const add = perSide.slice(common);
    const changing = strip.length + add.length;
    const startsAt = Math.max(clock + changing * secondsPerMove, readyAt[lifter]!);
    const turn = {
      lifter,
      set,
      strip,
      add,
      startsAt,
      endsAt: startsAt + seconds,
      waitedSeconds: startsAt - readyAt[lifter]!,
    };
    clock = turn.endsAt;
    moves += changing;
    readyAt[lifter] = clock + restSeconds;
    done[lifter] = set + 1;
    load = perSide;
    return turn;
  });
  return {
    turns,
    readyAt,
    seconds: Math.max(0, ...readyAt),
    moves,
    waitedSeconds: turns.reduce((sum, t) => sum + t.waitedSeconds, 0),
  };
}

/**
 * A fair order at once: next is always who can start soonest; of those who are as soon, whose own way is longest.
 */
export function greedyOrder(lifters: readonly Lifter[], secondsPerMove: number): number[] {
  const done = lifters.map(() => 0);
  const readyAt = lifters.map(startOf);
  const left = lifters.map((l) => l.sets.reduce((sum, s) => sum + s.seconds + s.restSeconds, 0));
  const order: number[] = [];
  let load: readonly Weight[] = [];
  let clock = 0;
  for (;;) {
    let next = -1;
    let soonest = Number.POSITIVE_INFINITY;
    lifters.forEach(({ sets }, i) => {
      const set = sets[done[i]!];
      if (!set) return;
      const changing = stackMoves(load, set.perSide);
      const start = Math.max(clock + changing * secondsPerMove, readyAt[i]!);
      if (start < soonest || (start === soonest && left[i]! > left[next]!)) {
        soonest = start;
        next = i;
      }
    });
    if (next < 0) return order;
    const { perSide, seconds, restSeconds } = lifters[next]!.sets[done[next]!]!;
    order.push(next);
    clock = soonest + seconds;
    readyAt[next] = clock + restSeconds;
    left[next]! -= seconds + restSeconds;
    done[next]! += 1;
    load = perSide;
  }
}

/** Everybody in roster order, a set each, round after round. */
export function plainTurns(lifters: readonly Lifter[]): number[] {
  const rounds = Math.max(0, ...lifters.map((l) => l.sets.length));
  return Array.from({ length: rounds }, (_, round) =>
    lifters.flatMap((l, i) => (round < l.sets.length ? [i] : [])),
  ).flat();
}
