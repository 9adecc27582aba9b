"use client";

import { useMemo } from "react";
import { useWorker } from "@/client/ask-worker";
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

/** How sure it is that there is no better selection of drills. */
export type Proof =
  | { kind: "waiting" }
  /** At most this share better, as far as is known. */
  | { kind: "working"; gap: number }
  | { kind: "best" }
  /** A better one was found; the coach decides. */
  | { kind: "better"; by: number; drills: readonly TakenDrill[] }
  | { kind: "failed" };

const makeWorker = () =>
  new Worker(new URL("../../workers/exact-plan.ts", import.meta.url), { type: "module" });

/**
 * Works out the best plan for a draft in a worker, after the draft has come to rest; the next change ends the
 * work. What it finds is offered, never put in by itself.
 */
export function useExactPlan(draft: WarmUpDraft, athlete: AthleteRecord, gym: GymKit, plan: Plan): Proof {
  const { objective, model } = plan.blocks[0].choice;
  const gained = Math.max(1e-6, objective - model.problem.atNothing);
  const question = useMemo(() => ({ draft, athlete, gym }), [draft, athlete, gym]);
  const { answers, hasFailed } = useWorker<ExactPlanQuestion, ExactPlanAnswer>(makeWorker, question, {
    restMs: REST_MS,
  });
  const last = answers.at(-1);
  if (hasFailed) return { kind: "failed" };
  if (!last) return { kind: "waiting" };
  if (last.kind === "progress")
    return { kind: "working", gap: Math.max(0, (last.bound - objective) / gained) };
  const by = (last.objective - objective) / gained;
  return by > WORTH_OFFERING ? { kind: "better", by, drills: last.drills } : { kind: "best" };
}
