import { catalog } from "@/catalog";
import { type GroupPlan, type GroupRequest, planGroupSteps } from "@/core/group";

/** What the worker is asked: a group to plan, without the drills, which it has. */
export type GroupPlanQuestion = Omit<GroupRequest, "drills">;

/** What it tells: how far it is, 0 to 1, and at the end the plan. */
export type GroupPlanAnswer = { kind: "progress"; done: number } | { kind: "done"; plan: GroupPlan };

self.onmessage = ({ data }: MessageEvent<GroupPlanQuestion>) => {
  const tell = (answer: GroupPlanAnswer) => self.postMessage(answer);
  const planning = planGroupSteps({ ...data, drills: catalog.drills });
  for (;;) {
    const { value, done } = planning.next();
    if (done) {
      tell({ kind: "done", plan: value });
      return;
    }
    tell({ kind: "progress", done: value.done });
  }
};
