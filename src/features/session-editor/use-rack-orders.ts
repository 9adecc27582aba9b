"use client";

import { useWorker } from "@/client/ask-worker";
import type { RackAnswer, RackQuestion } from "@/workers/rack-orders";

const makeWorker = () =>
  new Worker(new URL("../../workers/rack-orders.ts", import.meta.url), { type: "module" });

/** Orders a group over its racks in a worker whenever the question changes; undefined until it has been answered. */
export function useRackOrders(question: RackQuestion | null): RackAnswer | undefined {
  return useWorker<RackQuestion, RackAnswer>(makeWorker, question).answers.at(-1);
}
