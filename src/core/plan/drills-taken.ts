import type { TakenDrill } from "../drills";
import type { Plan } from "./types";

/** The drills of a plan's first block, each at its dose of one round, as they can be taken over or kept. */
export function drillsTaken(plan: Pick<Plan, "blocks">): TakenDrill[] {
  return plan.blocks[0].choice.chosen.map(({ drill, sets, amount, rounds }) => ({
    drill: drill.id,
    sets,
    amount,
    rounds,
  }));
}
