import { shareBarSteps } from "./share-bar";
import { shiftsOf } from "./shifts";
import { splitGroup } from "./split-group";
import type { Lifter, SharedBar } from "./types";

/** A rack with its lifters, by place in the roster, and their running order. */
export interface RackOrder extends SharedBar {
  lifters: readonly number[];
  /** Which shift it is, from 0, where there are more people than places; each has a clock of its own. */
  shift: number;
}

/**
 * Who lifts on which rack and in which order (docs/model.md, "Sharing a bar"): good orders of all racks first, then
 * each of them proven. Yields what there is so far. More people than places come in shifts.
 */
export function* rackOrders(
  lifters: readonly Lifter[],
  racks: number,
  secondsPerMove: number,
): Generator<readonly RackOrder[], readonly RackOrder[]> {
  const searches = shiftsOf(lifters.length, racks).flatMap((people, shift) => {
    const here = people.map((i) => lifters[i]!);
    return splitGroup(here, racks, secondsPerMove)!.map((split) => ({
      shift,
      lifters: split.map((i) => people[i]!),
      search: shareBarSteps(
        split.map((i) => here[i]!),
        secondsPerMove,
      ),
    }));
  });
  const orders = searches.map(({ search, ...rack }): RackOrder => ({ ...search.next().value, ...rack }));
  yield orders.slice();
  for (const [r, { search, ...rack }] of searches.entries()) {
    for (;;) {
      const { value, done } = search.next();
      orders[r] = { ...value, ...rack };
      yield orders.slice();
      if (done) break;
    }
  }
  return orders;
}
