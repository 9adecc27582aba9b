import type { WarmUpEdit } from "@/core/draft";
import type { PlanStep } from "@/core/plan";

/** The edit that keeps a drill as it stands in the plan, or with another dose or at another place. */
export function pinEdit(
  { drill, block, dose: { sets, amount } }: PlanStep,
  other: { dose?: { sets: number; amount: number }; place?: number } = {},
): WarmUpEdit {
  return { kind: "pin", drill: drill.id, block, dose: { sets, amount }, ...other };
}
