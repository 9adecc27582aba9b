"use client";

import { useWorker } from "@/client/ask-worker";
import type { WarmUpEdit } from "@/core/draft";
import type { RemediesAnswer, RemediesQuestion } from "@/workers/remedies";

/** How long the draft rests before remedies are tried. Milliseconds. */
const REST_MS = 200;

export type Remedies = ReadonlyMap<string, readonly { label: string; edit: WarmUpEdit }[]>;

const makeWorker = () =>
  new Worker(new URL("../../workers/remedies.ts", import.meta.url), { type: "module" });

/**
 * What would mend each finding of a draft's plan, by the finding's code and message: tried in a worker once the
 * draft has come to rest, since every try plans anew.
 *
 * @param question stays the same object until it is another question.
 */
export function useRemedies(question: RemediesQuestion): Remedies {
  const { answers } = useWorker<RemediesQuestion, RemediesAnswer>(makeWorker, question, { restMs: REST_MS });
  return new Map(answers.map((a) => [a.of, a.options]));
}
