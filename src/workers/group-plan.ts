import { catalog, takeCustomContent } from "@/catalog";
import type { Asked } from "@/client/ask-worker";
import { type GroupPlan, type GroupRequest, planEachSteps, planGroupSteps } from "@/core/group";
import type { PlanRequest } from "@/core/plan";

/** What the worker is asked: people to plan for, together or each alone, without the drills, which it has. */
export type GroupPlanQuestion =
  | { kind: "together"; request: Omit<GroupRequest, "drills"> }
  | { kind: "each"; members: readonly { id: string; name: string; request: Omit<PlanRequest, "drills"> }[] };

/** What it tells: how far it is, 0 to 1, and at the end the plan. */
export type GroupPlanAnswer = { kind: "progress"; done: number } | { kind: "done"; plan: GroupPlan };

self.onmessage = ({ data: { own, question: data } }: MessageEvent<Asked<GroupPlanQuestion>>) => {
  takeCustomContent(own);
  const tell = (answer: GroupPlanAnswer) => self.postMessage(answer);
  const { drills } = catalog;
  const planning =
    data.kind === "together"
      ? planGroupSteps({ ...data.request, drills })
      : planEachSteps(data.members.map((m) => ({ ...m, request: { ...m.request, drills } })));
  for (;;) {
    const { value, done } = planning.next();
    if (done) {
      tell({ kind: "done", plan: value });
      return;
    }
    tell({ kind: "progress", done: value.done });
  }
};
