"use client";

import { useEffect, useMemo, useState } from "react";
import { askWorker } from "@/client/ask-worker";
import { useFloor, useNow } from "@/client/use-floor";
import { NO_CUSTOM_CONTENT } from "@/core/catalog";
import { type LiveRack, quickRack, type RackQuestion, rackQuestions } from "@/core/floor";

/** How often it is looked whether the order has to be worked out anew. Milliseconds. */
const LOOK_EVERY_MS = 1000;

const make = () => new Worker(new URL("../../workers/live-racks.ts", import.meta.url));

/** For how long a worker is given to load. Milliseconds. */
const LOADING_MS = 5000;

/** Has the worker's script loaded while there is a network, for when there is none. */
export function useWorkerAtHand(): void {
  useEffect(() => {
    const worker = make();
    const timer = setTimeout(() => worker.terminate(), LOADING_MS);
    return () => {
      clearTimeout(timer);
      worker.terminate();
    };
  }, []);
}

/** The racks as they stand: a good order at once, the best one as soon as a worker has it. */
export function useLiveRacks(): LiveRack[] {
  const { plan, state } = useFloor();
  const now = useNow(LOOK_EVERY_MS);
  const asked = useMemo(() => rackQuestions(plan, state, now), [plan, state, now]);
  // The same question has the same answer: it is asked again only when something of it has changed.
  const key = JSON.stringify(asked);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key says all that the questions do
  const questions = useMemo(() => asked, [key]);
  const quick = useMemo(() => questions.map(quickRack), [questions]);
  const [best, setBest] = useState<{ questions: readonly RackQuestion[]; racks: LiveRack[] } | null>(null);
  useEffect(
    () =>
      askWorker<readonly RackQuestion[], LiveRack[]>(
        make(),
        { custom: NO_CUSTOM_CONTENT, question: questions },
        { answered: (racks) => setBest({ questions, racks }) },
      ),
    [questions],
  );
  return best?.questions === questions ? best.racks : quick;
}
