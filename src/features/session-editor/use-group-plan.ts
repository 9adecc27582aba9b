"use client";

import { useCallback, useState } from "react";
import { useWorker } from "@/client/ask-worker";
import type { GroupPlan } from "@/core/group";
import type { GroupPlanAnswer, GroupPlanQuestion } from "@/workers/group-plan";

export type GroupPlanning =
  | { kind: "working"; done: number }
  | { kind: "done" }
  | { kind: "cancelled" }
  | { kind: "failed" };

const makeWorker = () =>
  new Worker(new URL("../../workers/group-plan.ts", import.meta.url), { type: "module" });

/**
 * Plans a group in a worker whenever the question changes; the plan before stays in view meanwhile. `cancel`
 * ends the work, `again` takes it up anew.
 *
 * @param first the plan of the first question, where it is known already: it is not worked out again.
 */
export function useGroupPlan(question: GroupPlanQuestion | null, first: GroupPlan | null = null) {
  const [known] = useState(first ? question : null);
  const [cancelled, setCancelled] = useState<GroupPlanQuestion | null>(null);
  const [round, setRound] = useState(0);
  const asked = question === known || question === cancelled ? null : question;
  const { answers, hasFailed } = useWorker<GroupPlanQuestion, GroupPlanAnswer>(makeWorker, asked, { round });
  const last = answers.at(-1);
  const [plan, setPlan] = useState(first);
  if (last?.kind === "done" && last.plan !== plan) setPlan(last.plan);

  const planning: GroupPlanning = hasFailed
    ? { kind: "failed" }
    : question !== null && question === cancelled
      ? { kind: "cancelled" }
      : last?.kind === "done" || (question !== null && question === known)
        ? { kind: "done" }
        : { kind: "working", done: last?.kind === "progress" ? last.done : 0 };
  const cancel = useCallback(() => setCancelled(question), [question]);
  const again = useCallback(() => {
    setCancelled(null);
    setRound((r) => r + 1);
  }, []);
  return { plan, planning, cancel, again };
}
