import { ownDoseOf, type WarmUpEdit } from "@/core/draft";
import type { OwnDrill } from "@/core/drills";
import type { PlanStep } from "@/core/plan";

/** The edit that keeps a drill as it stands in the plan, or with something else said of it. */
export function pinEdit(step: PlanStep, other: Omit<OwnDrill, "drill" | "dose"> = {}): WarmUpEdit {
  return { kind: "pin", drill: step.drill.id, block: step.block, dose: ownDoseOf(step), ...other };
}

/** The drill that the coach has said something of where a step is there: that in whose place it is done, or itself. */
export function saidDrill({ insteadOf, drill }: PlanStep): string {
  return insteadOf?.drill.id ?? drill.id;
}
