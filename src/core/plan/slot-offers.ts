import { isMeant } from "../catalog";
import { substitutesFor } from "./substitutes";
import type { Plan, PlanRequest, PlanStep } from "./types";

/** Drills that a slot shows in all. */
const SHOWN = 3;

/**
 * The steps of a plan, those in slots that offer with the next best drills for the same job beside them. What the coach
 * has pinned is offered with what the coach says.
 */
export function withSlotOffers(plan: Plan, { approach }: Pick<PlanRequest, "approach">): PlanStep[] {
  const slots = approach.slots.map((slot, i) => ({ ...slot, i })).filter((slot) => slot.offers);
  if (slots.length === 0) return plan.steps;
  const { chosen } = plan.blocks[0].choice;
  return plan.steps.map((step) => {
    const own = chosen.find((c) => c.drill.id === step.drill.id);
    const slot = slots.find(({ i }) => i === own?.slot);
    if (!slot || step.pinned || step.block > 0) return step;
    const others = substitutesFor(plan, step.drill.id)
      .map((s) => s.drill)
      .filter((d) => isMeant(d, slot.filledBy) && d.phases.includes(step.phase));
    return { ...step, anyOf: others.slice(0, SHOWN - 1) };
  });
}
