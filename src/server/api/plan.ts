import { catalog } from "@/catalog";
import { type Plan, planWarmUp } from "@/core/plan";
import { planRequestSchema } from "../schemas/plan-api";
import { readBody } from "./problem";
import { kitOf, rampJson, refuseWeight } from "./ramp";

/** A plan with its weights as numbers of the request's unit. */
function planJson(plan: Plan) {
  return {
    steps: plan.steps.map((step) => ({
      drill: step.drill.id,
      name: step.drill.name,
      phase: step.phase,
      dose: step.dose,
      seconds: step.seconds,
      startsAt: step.startsAt,
      serves: step.serves,
      reason: step.reason,
    })),
    ramps: plan.ramps.flatMap((ramp) => (ramp ? [rampJson(ramp)] : [])),
    coverage: plan.coverage.map(({ demand, asked, served }) => ({ demand, asked, served })),
    seconds: plan.seconds,
    findings: plan.findings,
  };
}

/** POST /api/plan: the warm-up of one athlete. */
export async function planResponse(request: Request): Promise<Response> {
  const read = await readBody(request, planRequestSchema);
  if ("refusal" in read) return read.refusal;
  const { body } = read;
  for (const [i, lift] of body.lifts.entries()) {
    const refusal = refuseWeight(lift, body.unit, `lifts.${i}.working.weight`);
    if (refusal) return refusal;
  }
  const plan = planWarmUp({
    unit: body.unit,
    lifts: body.lifts.map((l) => ({
      lift: catalog.lifts.find((known) => known.id === l.lift)!,
      kit: kitOf(l, body.unit),
      working: l.working,
      style: l.style,
      rampSets: l.rampSets,
      slowToWarm: l.athlete?.slowToWarm,
      similarDone: l.similarDone,
      experience: l.athlete?.experience,
      room: l.room,
    })),
    minutes: body.minutes,
    athlete: body.athlete,
    approach: catalog.approaches.find((a) => a.id === body.approach)!,
    room: body.room,
    equipment: body.equipment ? new Set(body.equipment) : null,
    own: [],
    dropped: [],
    drills: catalog.drills,
  });
  return Response.json(planJson(plan));
}
