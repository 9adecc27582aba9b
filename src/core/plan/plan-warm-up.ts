import { slowToWarmFor } from "../athlete";
import type { Lift } from "../catalog";
import { DEMAND_IDS, DEMANDS } from "../demands";
import { doseOf } from "../dose";
import { planRamp, type Ramp } from "../ramp";
import {
  askedDemands,
  buildChoiceModel,
  type Candidate,
  type ChoiceModel,
  chooseDrills,
  orderDrills,
  type Placed,
  timetable,
} from "../sequence";
import { planFindings } from "./findings";
import { reasonFor } from "./reasons";
import type { CoveredDemand, Plan, PlanRequest } from "./types";

/** How often the choice is tightened until the ordered timetable fits the time. */
const MOST_TIGHTENINGS = 12;

/**
 * Share of what a lift asks that the lifts before it have asked already, 0 to 1:
 * Σ min(b, a) / Σ b over the demands (docs/model.md, "Already warm").
 */
export function similarDone(lift: Lift, before: readonly Lift[]): number {
  let shared = 0;
  let all = 0;
  for (const demand of DEMAND_IDS) {
    const asks = lift.asks[demand] ?? 0;
    all += asks;
    shared += Math.min(asks, Math.max(0, ...before.map((b) => b.asks[demand] ?? 0)));
  }
  return all === 0 ? 0 : shared / all;
}

/**
 * Plans the warm-up of one athlete: the ramp of each lift, and before the first one the drills that serve the
 * session best in the time the ramp leaves. A plan is always given; what it had to give up stands in `findings`.
 */
export function planWarmUp(request: PlanRequest): Plan {
  const ramps = request.lifts.map(
    (planned, i): Ramp | null =>
      planned.working &&
      planRamp({
        unit: request.unit,
        kit: planned.kit,
        lift: planned.lift,
        working: planned.working,
        style: planned.style ?? request.approach.rampStyle,
        experience: planned.experience ?? request.athlete.experience,
        slowToWarm: planned.slowToWarm ?? slowToWarmFor(request.athlete, planned.lift),
        similarDone:
          planned.similarDone ??
          similarDone(
            planned.lift,
            request.lifts.slice(0, i).map((p) => p.lift),
          ),
        room: planned.room ?? request.room,
        rampSets: planned.rampSets,
        fixed: planned.fixed,
      }),
  );
  const demands = askedDemands(
    request.lifts.map((p, i) => ({ ...p, ramped: (ramps[i]?.sets.length ?? 0) > 0 })),
    request.athlete.limiters,
    request.approach,
  );
  const rampSeconds = ramps[0]?.totals.seconds ?? 0;
  const forDrills = Math.max(0, request.minutes * 60 - rampSeconds);
  const { model, placed, seconds } = fitDrills(buildChoiceModel({ ...request, demands, seconds: forDrills }));

  const chosen = placed.map((p) => p.candidate);
  const plan: Plan = {
    steps: placed.map((p) => ({
      drill: p.candidate.drill,
      phase: p.candidate.phase,
      dose: doseOf(p.candidate.drill.dose, p.candidate.sets, p.candidate.amount),
      seconds: p.seconds,
      startsAt: p.startsAt,
      serves: p.candidate.serves
        .map((s) => ({ demand: demands[s.demand]!, served: s.served }))
        .filter((s) => s.demand.weight > 0 || s.demand.asked > 0)
        .map((s) => ({ demand: s.demand.demand, weight: s.served })),
      reason: reasonFor(p.candidate, demands),
      pinned: p.candidate.pinned,
    })),
    ramps,
    coverage: coverageOf(model, chosen),
    drillSeconds: seconds,
    seconds: seconds + rampSeconds,
    findings: [],
    choice: { model, chosen },
  };
  plan.findings = planFindings(request, plan);
  return plan;
}

/** Chooses and orders; while the ordered timetable overruns, chooses again with that much less time. */
function fitDrills(model: ChoiceModel): { model: ChoiceModel; placed: Placed[]; seconds: number } {
  let budget = model.seconds;
  let chosen = chooseDrills(model);
  let result = timetable(orderDrills(chosen));
  for (let i = 0; i < MOST_TIGHTENINGS && result.seconds > model.seconds; i++) {
    if (chosen.every((c) => c.pinned)) break;
    budget = Math.max(0, budget - (result.seconds - model.seconds));
    chosen = chooseDrills({ ...model, seconds: budget }, chosen);
    result = timetable(orderDrills(chosen));
  }
  return { model, ...result };
}

function coverageOf(model: ChoiceModel, chosen: readonly Candidate[]): CoveredDemand[] {
  return model.demands
    .map((d, i) => {
      const byDrills = chosen.reduce(
        (sum, c) => sum + (c.serves.find((s) => s.demand === i)?.served ?? 0),
        0,
      );
      const bonus = d.limiter ? d.weight - d.weightWithoutLimiter : 0;
      return {
        demand: d.demand,
        asked: d.asked + bonus,
        served: byDrills + (d.asked > 0 ? d.servedByRamp : 0),
        limiter: d.limiter,
      };
    })
    .filter((c) => c.asked > 0)
    .sort((a, b) => b.asked - a.asked || DEMANDS[a.demand].name.localeCompare(DEMANDS[b.demand].name));
}
