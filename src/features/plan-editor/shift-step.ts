import { rowMove, rowsOf, type WarmUpEdit } from "@/core/draft";
import type { LiftPlan, PlanStep } from "@/core/plan";
import { editOf, listedOf } from "./listed";

/** The edit that moves a drill one row up (−1) or down (1); null at the end of its block, or in a group. */
export function shiftStep(plan: LiftPlan, step: PlanStep, direction: 1 | -1): WarmUpEdit | null {
  // What all do together has one order for all.
  if (step.part) return null;
  const list = listedOf(plan);
  const rows = rowsOf(list);
  const from = rows.findIndex((r) => r.kind === "drill" && r.drill === step.drill.id);
  const to = from + direction;
  if (to < 0 || to >= rows.length) return null;
  const move = rowMove(list, from, to);
  return move && editOf(move, plan);
}
