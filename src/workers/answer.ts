import { catalogWith } from "@/catalog";
import type { Asked } from "@/client/ask-worker";
import type { Catalog } from "@/core/catalog";

/** Answers the one question that a worker is made for, and ends the worker. */
export function answer<Q, A>(work: (question: Q, catalog: Catalog, tell: (answer: A) => void) => void): void {
  self.onmessage = ({ data: { question, custom } }: MessageEvent<Asked<Q>>) => {
    work(question, catalogWith(custom), (told) => self.postMessage(told));
    self.close();
  };
}
