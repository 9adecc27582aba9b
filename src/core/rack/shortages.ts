import type { PlateKind } from "../plates";
import type { Weight } from "../units";
import type { RackOrder } from "./rack-orders";
import type { BarTurn, Lifter } from "./types";

/** A time in which more plates of a size would be on bars than there are in the room. */
export interface Shortage {
  plate: Weight;
  /** Pairs on bars at the worst moment, and pairs there are. */
  needed: number;
  there: number;
  /** Seconds from the first set. */
  from: number;
  to: number;
  /** Places of the racks, in the orders, that have such plates on then. */
  racks: number[];
}

/** What is on a bar from a moment on. */
interface Loaded {
  rack: number;
  from: number;
  to: number;
  perSide: readonly Weight[];
}

/**
 * When plates run short if all racks of one shift load from one stock. A plate counts for a bar from the moment the
 * load before is done, when its change may begin, until the load itself is done.
 *
 * @param lifters the roster that the orders name lifters by.
 * @param stock pairs in the room.
 */
export function shortages(
  orders: readonly RackOrder[],
  lifters: readonly Lifter[],
  stock: readonly PlateKind[],
): Shortage[] {
  const loaded = orders.flatMap((order, rack) => loadsOf(order, lifters, rack));
  const moments = [...new Set(loaded.flatMap((l) => [l.from, l.to]))].sort((a, b) => a - b);
  const found: Shortage[] = [];
  for (const { weight, pairs } of stock) {
    let open: Shortage | null = null;
    for (const [m, moment] of moments.entries()) {
      const now = loaded.filter((l) => l.from <= moment && moment < l.to);
      const users = now.filter((l) => l.perSide.includes(weight));
      const needed = users.reduce((sum, l) => sum + l.perSide.filter((p) => p === weight).length, 0);
      if (needed <= pairs) {
        open = null;
        continue;
      }
      const racks = users.map((l) => l.rack);
      // At the last moment nothing is on any bar, so there is a next one.
      const to = moments[m + 1]!;
      if (open) {
        open.to = to;
        open.needed = Math.max(open.needed, needed);
        open.racks = [...new Set([...open.racks, ...racks])].sort((a, b) => a - b);
      } else {
        open = { plate: weight, needed, there: pairs, from: moment, to, racks };
        found.push(open);
      }
    }
  }
  return found.sort((a, b) => a.from - b.from || b.plate - a.plate);
}

function loadsOf({ best, lifters: own }: RackOrder, lifters: readonly Lifter[], rack: number): Loaded[] {
  return best.turns.map((turn: BarTurn, i) => ({
    rack,
    from: i === 0 ? 0 : best.turns[i - 1]!.endsAt,
    to: turn.endsAt,
    perSide: lifters[own[turn.lifter]!]!.sets[turn.set]!.perSide,
  }));
}
