import { takeOwnContent } from "@/catalog";
import { type RackOrder, rackOrders } from "@/core/rack";
import type { RackRequest } from "@/core/session";
import type { Asked } from "./ask-worker";

export type RackQuestion = RackRequest;

/** The orders so far. */
export type RackAnswer = readonly RackOrder[];

self.onmessage = ({ data: { own, question: data } }: MessageEvent<Asked<RackQuestion>>) => {
  takeOwnContent(own);
  const ordering = rackOrders(data.lifters, data.racks, data.secondsPerMove);
  // The first answer is for the eye, the last one is proven; what comes between looks the same.
  const first = ordering.next();
  self.postMessage(first.value satisfies RackAnswer);
  for (;;) {
    const { value, done } = ordering.next();
    if (done) {
      self.postMessage(value satisfies RackAnswer);
      return;
    }
  }
};
