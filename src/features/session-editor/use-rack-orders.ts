"use client";

import { useEffect, useState } from "react";
import { askWorker } from "@/client/ask-worker";
import type { RackAnswer, RackQuestion } from "@/workers/rack-orders";

/** Orders a group over its racks in a worker whenever the question changes; undefined until it has been answered. */
export function useRackOrders(question: RackQuestion | null): RackAnswer | undefined {
  const [answered, setAnswered] = useState<{ question: RackQuestion; answer: RackAnswer } | null>(null);
  useEffect(() => {
    if (!question) return;
    const worker = new Worker(new URL("@/workers/rack-orders.ts", import.meta.url), { type: "module" });
    return askWorker<RackQuestion, RackAnswer>(worker, question, {
      answered: (answer) => setAnswered({ question, answer }),
    });
  }, [question]);
  // An answer names lifters by their place in its own question, so it is none for another one.
  return answered?.question === question ? answered.answer : undefined;
}
