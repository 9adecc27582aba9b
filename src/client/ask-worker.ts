"use client";

import { useEffect, useState } from "react";
import type { CustomContent } from "@/core/catalog";
import { useCustomContent } from "./custom-content";

/** What a worker is sent: the question, and the gym's custom content that it is to be answered with. */
export interface Asked<Q> {
  custom: CustomContent;
  question: Q;
}

/** What listens to a worker: every answer it gives, and that it failed. */
export interface WorkerListener<A> {
  answered: (answer: A) => void;
  failed?: () => void;
}

/**
 * Asks a worker that has just been made. The function given back ends it; nothing is heard of it afterwards, not
 * even the failure that a browser reports of a worker that is ended while it still loads.
 */
export function askWorker<Q, A>(worker: Worker, asked: Asked<Q>, listener: WorkerListener<A>): () => void {
  worker.onmessage = ({ data }: MessageEvent<A>) => listener.answered(data);
  worker.onerror = () => listener.failed?.();
  worker.postMessage(asked);
  return () => {
    worker.onmessage = null;
    worker.onerror = null;
    worker.terminate();
  };
}

/** How far a worker is with a question. */
export interface WorkerState<Q, A> {
  question: Q | null;
  /** In the order in which they came. */
  answers: readonly A[];
  hasFailed: boolean;
}

/**
 * The answers of a worker to a question, asked once the question has come to rest; the next question ends the work on
 * the one before, and so does null.
 *
 * @param make makes the worker; it stays the same function from call to call.
 * @param question stays the same object until it is another question.
 * @param restMs for how long a question has to stay the same before it is asked. Milliseconds.
 * @param round counted up, the same question is asked again.
 */
export function useWorker<Q extends object, A>(
  make: () => Worker,
  question: Q | null,
  { restMs = 0, round = 0 }: { restMs?: number; round?: number } = {},
): WorkerState<Q, A> {
  const { custom } = useCustomContent();
  const [state, setState] = useState<WorkerState<Q, A>>({ question: null, answers: [], hasFailed: false });
  // biome-ignore lint/correctness/useExhaustiveDependencies: another round asks again
  useEffect(() => {
    if (question === null) return;
    let quit = () => {};
    const ask = () => {
      const answers: A[] = [];
      quit = askWorker<Q, A>(
        make(),
        { custom, question },
        {
          answered: (answer) => {
            answers.push(answer);
            // The list grows in place: a copy for each of thousands of answers would cost more than the answers.
            setState({ question, answers, hasFailed: false });
          },
          failed: () => setState({ question, answers, hasFailed: true }),
        },
      );
    };
    const timer = setTimeout(ask, restMs);
    return () => {
      clearTimeout(timer);
      quit();
    };
  }, [make, question, custom, restMs, round]);
  return state.question === question && question !== null
    ? state
    : { question, answers: [], hasFailed: false };
}
