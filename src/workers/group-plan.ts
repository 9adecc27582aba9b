import { type GroupPlan, type GroupRequest, planEachSteps, planGroupSteps } from "@/core/group";
import type { PlanRequest } from "@/core/plan";
import { answer } from "./answer";
import { type Sent, taken } from "./sent-request";

/** What the worker is asked: people to plan for, as a group or individually. */
export type GroupPlanQuestion =
  | { kind: "together"; request: Sent<GroupRequest> }
  | { kind: "each"; members: readonly { id: string; name: string; request: Sent<PlanRequest> }[] };

/** What it tells: how far it is, 0 to 1, and at the end the plan. */
export type GroupPlanAnswer = { kind: "progress"; done: number } | { kind: "done"; plan: GroupPlan };

answer<GroupPlanQuestion, GroupPlanAnswer>((question, { drills }, tell) => {
  const planning =
    question.kind === "together"
      ? planGroupSteps(taken<GroupRequest>(question.request, drills))
      : planEachSteps(
          question.members.map((m) => ({ ...m, request: taken<PlanRequest>(m.request, drills) })),
        );
  for (;;) {
    const { value, done } = planning.next();
    if (done) {
      tell({ kind: "done", plan: value });
      return;
    }
    tell({ kind: "progress", done: value.done });
  }
});
