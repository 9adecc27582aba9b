"use client";

import { useEffect, useState } from "react";
import { askWorker } from "@/client/ask-worker";
import type { WarmUpEdit } from "@/core/draft";
import type { RemediesAnswer, RemediesQuestion } from "@/workers/remedies";

/** How long the draft rests before remedies are tried. Milliseconds. */
const REST_MS = 200;

export type Remedies = ReadonlyMap<string, readonly { label: string; edit: WarmUpEdit }[]>;

const NONE: Remedies = new Map();

/**
 * What would mend each finding of a draft's plan, by the finding's code and message: tried in a worker once the
 * draft has come to rest, since every try plans anew.
 *
 * @param question stays the same object until it is another question.
 */
export function useRemedies(question: RemediesQuestion): Remedies {
  const [remedies, setRemedies] = useState<Remedies>(NONE);
  useEffect(() => {
    setRemedies(NONE);
    let quit = () => {};
    const timer = setTimeout(() => {
      const worker = new Worker(new URL("@/workers/remedies.ts", import.meta.url), { type: "module" });
      quit = askWorker<RemediesQuestion, RemediesAnswer>(worker, question, {
        answered: (answer) => setRemedies((known) => new Map(known).set(answer.of, answer.options)),
      });
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      quit();
    };
  }, [question]);
  return remedies;
}
