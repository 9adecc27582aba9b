import { ownDoseOf, type WarmUpEdit } from "@/core/draft";
import type { PlanStep } from "@/core/plan";

/** The edit that keeps a drill as it stands in the plan, or at another place. */
export function pinEdit(step: PlanStep, other: { place?: number } = {}): WarmUpEdit {
  return { kind: "pin", drill: step.drill.id, block: step.block, dose: ownDoseOf(step), ...other };
}
