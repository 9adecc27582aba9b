import { nameInSentence } from "../catalog";
import { DEMAND_IDS, type DemandId, JOBS } from "../demands";
import { type AskedDemand, type Candidate, drillsAtPace, SHORTFALL_SERVED } from "../drills";
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

/** A lift hangs on what it asks so much of. */
const HANGS_ON = 2.4;

/** Whether something is done for the job of a demand: a coach does not ask for each part of it. */
function isJobDone({ steps }: WrittenWarmUp, demand: DemandId): boolean {
  const job = Object.values(JOBS).find((demands: readonly DemandId[]) => demands.includes(demand));
  const parts: readonly DemandId[] = job ?? [demand];
  const isFor = ({ drill, block }: WrittenStep) =>
    block === 0 && !drill.phases.includes("raise") && parts.some((d) => (drill.serves[d] ?? 0) > 0);
  return steps.some(isFor);
}

/** How many drills there are before the first lift, what raises aside. */
function drillsOf({ steps }: WrittenWarmUp): number {
  return steps.filter((s) => s.block === 0 && !s.drill.phases.includes("raise")).length;
}

/**
 * The greatest gap in the first block: what the lift hangs on or a limiter, for which nothing is done although a drill is
 * to be had. One at a time, as a coach says it; what the approach leaves out, and heat, is its own business.
 */
export function unservedDemands(context: ReviewContext, written: WrittenWarmUp): Found[] {
  const { approach } = context.request;
  const { leavesOut, onlySlots, slots } = approach;
  // What only does what resembles the lift has few drills: once it has them, nothing else is missing but for limiters.
  const isFull =
    approach.phases.some((p) => p.resembling) &&
    drillsOf(written) >= drillsAtPace(approach, context.model.seconds);
  // An approach of fixed jobs does what these are for, and what a limiter needs.
  const hasJobFor = (demand: DemandId) =>
    !onlySlots || slots.some((s) => s.filledBy.serves?.includes(demand));
  const asked = context.model.demands
    .filter(
      (d) =>
        d.limiter ||
        (!isFull && hasJobFor(d.demand) && d.weight >= HANGS_ON && !isJobDone(written, d.demand)),
    )
    .filter((d) => d.demand !== "temperature" && !leavesOut.includes(d.demand))
    .toSorted((a, b) => b.weight - a.weight);
  return asked.flatMap((d) => gapAt(context, written, d)).slice(0, 1);
}

/** What is said of a demand that is hardly served and could be. */
function gapAt(context: ReviewContext, written: WrittenWarmUp, d: AskedDemand): Found[] {
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
}

/** Seconds to the first working set as written: drills of the first block and its ramps. */
export function secondsOf(context: ReviewContext, written: WrittenWarmUp): number {
  const ramps = context.blocks[0].reduce((sum, lift) => sum + rampSeconds(written, lift), 0);
  return drillSecondsOf(written.steps, 0) + ramps;
}

/** No coach counts what is over by so small a share. */
const OVER_SHARE = 0.05;

export function overTime(context: ReviewContext, written: WrittenWarmUp): Found[] {
  const over = secondsOf(context, written) - written.minutes * 60;
  if (over <= OVER_SHARE * written.minutes * 60) return [];
  const message = `It takes ${formatSeconds(Math.ceil(over))} more than the ${written.minutes} min there are.`;
  return [{ code: "over-time", message, place: { kind: "plan" }, subject: "" }];
}
