import { nameInSentence } from "../catalog";
import { DEMAND_IDS, type DemandId } from "../demands";
import { type Candidate, MATTERS_FROM, SHORTFALL_SERVED } from "../drills";
import { demandInSentence } from "../plan";
import { formatSeconds } from "../units";
import { drillSecondsOf, type ReviewContext, servedBySteps } from "./context";
import { rampSeconds } from "./ramp-rules";
import type { Found, WrittenStep, WrittenWarmUp } from "./types";

/** A drill at a dose that could serve a demand, and how much. */
export interface Helper {
  candidate: Candidate;
  served: number;
}

/** What could still be added for a demand, one of each family and the strongest first; stretches are no help. */
export function helpersFor({ model }: ReviewContext, written: WrittenWarmUp, demand: DemandId): Helper[] {
  const index = model.demands.findIndex((d) => d.demand === demand);
  const used = new Set(
    model.candidates
      .filter((c) => written.steps.some((s) => s.block === 0 && s.drill.id === c.drill.id))
      .map((c) => c.family),
  );
  const best = new Map<number, Helper>();
  for (const candidate of model.candidates) {
    const served = candidate.serves.find((s) => s.demand === index)?.served ?? 0;
    if (served === 0 || candidate.drill.stretch || used.has(candidate.family)) continue;
    if (served > (best.get(candidate.family)?.served ?? 0)) best.set(candidate.family, { candidate, served });
  }
  return [...best.values()].sort((a, b) => b.served - a.served);
}

/** The steps with those that serve a demand at their highest dose. */
export function atHighestDose(steps: readonly WrittenStep[], demand: DemandId): WrittenStep[] {
  return steps.map((step) => {
    const { dose, serves } = step.drill;
    if (step.block !== 0 || !serves[demand]) return step;
    const highest = { ...step, sets: dose.sets[2], amount: dose.amount[2] };
    return highest.sets * highest.amount > step.sets * step.amount ? highest : step;
  });
}

/** What steps of the first block serve of a demand. */
export function servedOf(steps: readonly WrittenStep[], demand: DemandId): number {
  return servedBySteps(steps.filter((s) => s.block === 0))[DEMAND_IDS.indexOf(demand)]!;
}

/** Demands of the first block that matter, are hardly served, and could be by a drill that is to be had. */
export function unservedDemands(context: ReviewContext, written: WrittenWarmUp): Found[] {
  return context.model.demands.flatMap((d): Found[] => {
    if (d.weight < MATTERS_FROM) return [];
    const served = servedOf(written.steps, d.demand);
    if (served >= SHORTFALL_SERVED) return [];
    const helpers = helpersFor(context, written, d.demand);
    const most = servedOf(atHighestDose(written.steps, d.demand), d.demand);
    if (helpers.reduce((sum, h) => sum + h.served, most) < SHORTFALL_SERVED) return [];
    const name = demandInSentence(d.demand);
    const asks = d.askedBy ? `the ${nameInSentence(d.askedBy.name)}` : "this approach";
    const from = d.limiter ? "a limiter of this athlete" : `needed for ${asks}`;
    const enough = helpers.filter((h) => h.served >= SHORTFALL_SERVED - served);
    const least = Math.min(...enough.map((h) => h.candidate.seconds));
    const cost = enough.length > 0 ? ` About ${formatSeconds(Math.ceil(least / 5) * 5)} would cover it.` : "";
    const hardly = served > 0 ? "barely covered" : "not covered";
    return [
      {
        code: "unserved",
        message: `${name[0]!.toUpperCase()}${name.slice(1)}, ${from}, is ${hardly}.${cost}`,
        place: { kind: "demand", demand: d.demand },
        subject: d.demand,
      },
    ];
  });
}

/** Seconds to the first working set as written: drills of the first block and its ramps. */
export function secondsOf(context: ReviewContext, written: WrittenWarmUp): number {
  const ramps = context.blocks[0].reduce((sum, lift) => sum + rampSeconds(written, lift), 0);
  return drillSecondsOf(written.steps, 0) + ramps;
}

export function overTime(context: ReviewContext, written: WrittenWarmUp): Found[] {
  const over = secondsOf(context, written) - written.minutes * 60;
  if (over <= 0) return [];
  const message = `It takes ${formatSeconds(Math.ceil(over))} more than the ${written.minutes} min there are.`;
  return [{ code: "over-time", message, place: { kind: "plan" }, subject: "" }];
}
