import type { Catalog } from "@/core/catalog";
import type { GroupPlan } from "@/core/group";
import type { GymKit } from "@/core/gym";
import { type RackOrder, rackOrders } from "@/core/rack";
import {
  type RackRequest,
  rackRequestFor,
  type Session,
  type SessionReady,
  sessionReady,
} from "@/core/session";
import { drain } from "@/lib/drain";

/** The bars of a session as they are shared. */
export interface OrderedRacks {
  lifters: RackRequest["lifters"];
  orders: readonly RackOrder[];
  ready: SessionReady;
}

/** Orders a session's bars as its page does; null where nobody shares one. */
export function orderRacks(
  session: Pick<Session, "racks">,
  plan: GroupPlan,
  gym: GymKit,
  catalog: Catalog,
): OrderedRacks | null {
  const request = rackRequestFor(plan, session.racks, gym, catalog);
  if (!request) return null;
  const { lifters, racks, secondsPerMove } = request;
  const orders = drain(rackOrders(lifters, racks, secondsPerMove));
  return { lifters, orders, ready: sessionReady(plan, request, orders) };
}
