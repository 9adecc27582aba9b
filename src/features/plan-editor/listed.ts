import type { DrillMove, ListedDrill, WarmUpEdit } from "@/core/draft";
import type { LiftPlan } from "@/core/plan";

/** The drills before a lift as a list: each once, however often it goes round. */
export function listedOf({ steps }: Pick<LiftPlan, "steps">): ListedDrill[] {
  return steps
    .filter((s) => s.round === 1)
    .map(({ drill, dose, rounds, circuit }) => ({ drill: drill.id, dose, rounds, circuit }));
}

/** A move among the drills before a lift as an edit of the warm-up. */
export function editOf(move: DrillMove, { block }: Pick<LiftPlan, "block">): WarmUpEdit {
  return { ...move, block };
}
