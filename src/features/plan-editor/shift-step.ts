import type { WarmUpEdit } from "@/core/draft";
import type { LiftPlan, PlanStep } from "@/core/plan";

/** The edit that fixes a drill one place earlier (−1) or later (1); null at the end of its block, or in a group. */
export function shiftStep(plan: LiftPlan, step: PlanStep, direction: 1 | -1): WarmUpEdit | null {
  // What all do together has one order for all.
  if (step.part) return null;
  const order = plan.steps.filter((s) => s.round === 1).map((s) => s.drill.id);
  const place = order.indexOf(step.drill.id) + direction;
  if (place < 0 || place >= order.length) return null;
  const { sets, amount } = step.dose;
  return { kind: "pin", drill: step.drill.id, block: plan.block, dose: { sets, amount }, place };
}
