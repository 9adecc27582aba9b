import type { NonEmpty } from "@/lib/non-empty";
import type { Drill, EquipmentId } from "../catalog";
import { DEMAND_IDS } from "../demands";
import { doseSeconds, doseShare, effectOfShare } from "../dose";
import {
  type AskedDemand,
  buildChoiceModel,
  type ChoiceModel,
  changeSeconds,
  setUpSecondsAfter,
} from "../drills";
import { blockChoice, blocksOf, type Plan, type PlanRequest, planRamps } from "../plan";
import { loadableWeights } from "../plates";
import type { Ramp } from "../ramp";
import type { Weight } from "../units";
import type { WrittenSet, WrittenStep, WrittenWarmUp } from "./types";

/** Everything a review compares a warm-up with: what the session asks and what could be done. */
export interface ReviewContext {
  request: PlanRequest;
  /** Places of the lifts in each block. */
  blocks: NonEmpty<readonly number[]>;
  /** Our own ramps of the same lifts. */
  ramps: readonly (Ramp | null)[];
  /** What may be chosen in the first block, and what is asked. */
  model: ChoiceModel;
  company: Company;
}

/** How many warm up together, and how many there are of things that one person uses at a time. */
export interface Company {
  people: number;
  counts: Readonly<Partial<Record<EquipmentId, number>>>;
}

const ALONE: Company = { people: 1, counts: {} };

/** What a review of any warm-up for this session compares it with. The coach's own decisions do not count here. */
export function reviewContext(request: PlanRequest, company: Company = ALONE): ReviewContext {
  const free = { ...request, own: [], dropped: [], taken: undefined, begun: undefined };
  const blocks = blocksOf(request.lifts);
  const ramps = planRamps(free, blocks[0]);
  const choice = blockChoice(free, ramps, 0, { served: [], drills: [] });
  return { request: free, blocks, ramps, model: buildChoiceModel(choice), company };
}

/** A plan as it would stand on paper. */
export function writtenOf(plan: Plan, minutes: number): WrittenWarmUp {
  return {
    steps: plan.steps.map(({ drill, block, dose: { sets, amount, format } }) => ({
      ...{ drill, block, sets, amount, side: "both" },
      ...(format && { format }),
    })),
    ramps: plan.ramps.map((ramp) => ramp?.sets.map(writtenSet) ?? null),
    minutes,
  };
}

export function writtenSet({ weight, reps, restSeconds }: WrittenSet): WrittenSet {
  return { weight, reps, restSeconds };
}

/** Work and rests of a step, set-up left out. Seconds. */
export function workSecondsOf(step: WrittenStep): number {
  const { dose } = step.drill;
  const range = step.side === "both" ? dose : { ...dose, sides: 1 as const };
  return doseSeconds(range, step);
}

/** Seconds of a block's drills one after the other, with changes and set-ups (docs/model.md, "Time"). */
export function drillSecondsOf(steps: readonly WrittenStep[], block: number): number {
  const here = steps.filter((s) => s.block === block);
  return here.reduce((sum, step, i) => {
    const before = here[i - 1]?.drill ?? null;
    return (
      sum + changeSeconds(before, step.drill) + setUpSecondsAfter(before, step.drill) + workSecondsOf(step)
    );
  }, 0);
}

/** What steps serve of each demand of the catalogue; sets of the same drill count together. */
export function servedBySteps(steps: readonly WrittenStep[]): number[] {
  const total = new Map<Drill, number>();
  for (const step of steps) {
    const sides = step.side === "both" || step.drill.dose.sides === 1 ? 1 : 0.5;
    total.set(step.drill, (total.get(step.drill) ?? 0) + sides * doseShare(step.drill.dose, step));
  }
  const served = DEMAND_IDS.map(() => 0);
  for (const [drill, share] of total) {
    const effect = effectOfShare(share);
    DEMAND_IDS.forEach((demand, i) => {
      served[i]! += (drill.serves[demand] ?? 0) * effect;
    });
  }
  return served;
}

/** What a block asks, after what the blocks before it have served. */
export function demandsOf(
  context: ReviewContext,
  written: WrittenWarmUp,
  block: number,
): readonly AskedDemand[] {
  if (block === 0) return context.model.demands;
  const before = written.steps.filter((s) => s.block < block);
  return blockChoice(context.request, context.ramps, block, {
    served: servedBySteps(before),
    drills: before.map((s) => s.drill.id),
  }).demands;
}

/** What a lift can be loaded to, up to its working weight, lightest first; null where no ramp can be worked out. */
export function loadableOf({ request, ramps }: ReviewContext, lift: number): readonly Weight[] | null {
  const { working, kit } = request.lifts[lift]!;
  if (!working || !kit || !ramps[lift]) return null;
  return loadableWeights(kit, working.weight);
}
