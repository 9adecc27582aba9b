import type { PlannedAthlete } from "@/core/athlete";
import { planRequestFor, type WarmUpDraft } from "@/core/draft";
import type { TakenDrill } from "@/core/drills";
import type { GymKit } from "@/core/gym";
import { drillsTaken, planExactly } from "@/core/plan";
import { answer } from "./answer";

/** What the worker is asked: the best plan for a draft. */
export interface ExactPlanQuestion {
  draft: WarmUpDraft;
  athlete: PlannedAthlete;
  gym: GymKit;
}

/** What it tells: how far it is, and at the end the drills of the best plan. */
export type ExactPlanAnswer =
  | { kind: "progress"; objective: number; bound: number }
  | { kind: "done"; objective: number; drills: readonly TakenDrill[] };

answer<ExactPlanQuestion, ExactPlanAnswer>(({ draft, athlete, gym }, catalog, tell) => {
  const planning = planExactly(planRequestFor(draft, athlete, gym, catalog));
  for (;;) {
    const { value, done } = planning.next();
    if (done) {
      const { objective } = value.blocks[0].choice;
      tell({ kind: "done", objective, drills: drillsTaken(value) });
      return;
    }
    tell({ kind: "progress", objective: value.objective, bound: value.bound });
  }
});
