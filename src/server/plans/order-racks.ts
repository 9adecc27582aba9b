import type { Catalog } from "@/core/catalog";
import type { GroupPlan } from "@/core/group";
import type { GymKit } from "@/core/gym";
import { type RackOrder, rackOrders } from "@/core/rack";
import { type RackRequest, rackRequestFor, type Session } from "@/core/session";
import { finishBetweenRequests } from "../api/finish-between-requests";

/** The bars of a session as they are shared. */
export interface OrderedRacks {
  lifters: RackRequest["lifters"];
  orders: readonly RackOrder[];
}

/**
 * Orders a session's bars as its page does. Null where nobody shares one, or as soon as nobody waits for it any more.
 */
export async function orderRacks(
  session: Pick<Session, "racks">,
  plan: GroupPlan,
  gym: GymKit,
  catalog: Catalog,
  signal: AbortSignal,
): Promise<OrderedRacks | null> {
  const request = rackRequestFor(plan, session.racks, gym, catalog);
  if (!request) return null;
  const { lifters, racks, secondsPerMove } = request;
  const orders = await finishBetweenRequests(rackOrders(lifters, racks, secondsPerMove), signal);
  return orders && { lifters, orders };
}
