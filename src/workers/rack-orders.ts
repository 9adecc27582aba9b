import { takeCustomContent } from "@/catalog";
import type { Asked } from "@/client/ask-worker";
import { type RackOrder, rackOrders } from "@/core/rack";
import type { RackRequest } from "@/core/session";

export type RackQuestion = RackRequest;

/** The orders so far. */
export type RackAnswer = readonly RackOrder[];

self.onmessage = ({ data: { own, question: data } }: MessageEvent<Asked<RackQuestion>>) => {
  takeCustomContent(own);
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
