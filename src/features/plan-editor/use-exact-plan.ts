"use client";

import { useEffect, useState } from "react";
import { askWorker } from "@/client/ask-worker";
import type { AthleteRecord } from "@/core/athlete";
import type { WarmUpDraft } from "@/core/draft";
import type { TakenDrill } from "@/core/drills";
import type { GymKit } from "@/core/gym";
import type { Plan } from "@/core/plan";
import type { ExactPlanAnswer, ExactPlanQuestion } from "@/workers/exact-plan";

/** How long the draft rests before the exact plan is worked out. Milliseconds. */
const REST_MS = 350;
/** Less better than this is not worth a word: share of what the plan reaches. */
const WORTH_OFFERING = 0.0005;

/** How sure it is that there is no better choice of drills. */
export type Proof =
  | { kind: "waiting" }
  /** At most this share better, as far as is known. */
  | { kind: "working"; gap: number }
  | { kind: "best" }
  /** A better one was found; the coach decides. */
  | { kind: "better"; by: number; drills: readonly TakenDrill[] }
  | { kind: "failed" };

/**
 * Works out the best plan for a draft in a worker, after the draft has come to rest; the next change ends the
 * work. What it finds is offered, never put in by itself. Without a draft it
 * waits.
 */
export function useExactPlan(
  draft: WarmUpDraft | null,
  athlete: AthleteRecord,
  gym: GymKit,
  plan: Plan,
): Proof {
  const [proof, setProof] = useState<Proof>({ kind: "waiting" });
  const { objective, model } = plan.blocks[0]!.choice;
  const gained = Math.max(1e-6, objective - model.problem.atNothing);
  useEffect(() => {
    setProof({ kind: "waiting" });
    if (!draft) return;
    let quit = () => {};
    const timer = setTimeout(() => {
      const worker = new Worker(new URL("@/workers/exact-plan.ts", import.meta.url), { type: "module" });
      quit = askWorker<ExactPlanQuestion, ExactPlanAnswer>(
        worker,
        { draft, athlete, gym },
        {
          failed: () => setProof({ kind: "failed" }),
          answered: (answer) => {
            if (answer.kind === "progress") {
              setProof({ kind: "working", gap: Math.max(0, (answer.bound - objective) / gained) });
              return;
            }
            const by = (answer.objective - objective) / gained;
            setProof(by > WORTH_OFFERING ? { kind: "better", by, drills: answer.drills } : { kind: "best" });
            quit();
          },
        },
      );
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      quit();
    };
  }, [draft, athlete, gym, objective, gained]);
  return proof;
}
