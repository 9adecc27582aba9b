import { shareBarSteps } from "./share-bar";
import { splitGroup } from "./split-group";
import type { Lifter, SharedBar } from "./types";

/** A rack with its lifters, by place in the roster, and their running order. */
export interface RackOrder extends SharedBar {
  lifters: readonly number[];
}

/**
 * Who lifts on which rack and in which order (docs/model.md, "Sharing a bar"): good orders of all racks first, then
 * each of them proven. Yields what there is so far; null if the racks have no room for everybody.
 */
export function* rackOrders(
  lifters: readonly Lifter[],
  racks: number,
  secondsPerMove: number,
): Generator<readonly RackOrder[], readonly RackOrder[] | null> {
  const split = splitGroup(lifters, racks, secondsPerMove);
  if (split === null) return null;
  const searches = split.map((own) =>
    shareBarSteps(
      own.map((i) => lifters[i]!),
      secondsPerMove,
    ),
  );
  const orders = searches.map((search, r): RackOrder => ({ ...search.next().value, lifters: split[r]! }));
  yield orders.slice();
  for (const [r, search] of searches.entries()) {
    for (;;) {
      const { value, done } = search.next();
      orders[r] = { ...value, lifters: split[r]! };
      yield orders.slice();
      if (done) break;
    }
  }
  return orders;
}
