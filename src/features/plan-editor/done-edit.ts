import type { WarmUpEdit } from "@/core/draft";
import { drillsTaken, type LiftPlan } from "@/core/plan";
import { type DoneSet, doneSets } from "@/core/ramp";

/** Says which ramp sets have been done, and with them which drills. */
export function doneEdit(plan: LiftPlan, done: readonly DoneSet[]): WarmUpEdit {
  return { kind: "done", at: plan.at, done, drills: drillsTaken(plan) };
}

/** A ramp set and all before it are done; one that has been is not after all, and none after it. */
export function tickEdit(plan: LiftPlan, set: number): WarmUpEdit {
  const ramp = plan.ramps[0]!;
  return doneEdit(plan, doneSets(ramp, set < ramp.done ? set : set + 1));
}
