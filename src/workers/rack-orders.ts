import { type RackOrder, rackOrders } from "@/core/rack";
import type { RackRequest } from "@/core/session";
import { drain } from "@/lib/drain";
import { answer } from "./answer";

export type RackQuestion = RackRequest;

/** The orders so far: the first answer is for the eye, the last one is proven; what comes between looks the same. */
export type RackAnswer = readonly RackOrder[];

answer<RackQuestion, RackAnswer>(({ lifters, racks, secondsPerMove }, _, tell) => {
  const ordering = rackOrders(lifters, racks, secondsPerMove);
  const first = ordering.next();
  tell(first.value);
  if (!first.done) tell(drain(ordering));
});
