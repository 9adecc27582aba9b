import type { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { type GroupPlan, planGroupSteps } from "@/core/group";
import {
  givenUp,
  type Plan,
  type PlanRequest,
  type PlanTest,
  planExactly,
  planWarmUp,
  substitutesFor,
} from "@/core/plan";
import { reviewWarmUp } from "@/core/remedies";
import { reviewContext, writtenOf } from "@/core/review";
import { planRequestSchema } from "../schemas/plan-api";
import { finishBetweenRequests, gone } from "./finish-between-requests";
import { readBody } from "./problem";
import { rampJson } from "./ramp";
import { findingJson } from "./review";
import { equipmentOf, liftsOf, refuseLifts, sessionOf, withWorking } from "./session";

type Body = z.output<ReturnType<typeof planRequestSchema>>;

/** A plan with its weights as numbers of the request's unit. */
function planJson(plan: Plan, request: PlanRequest) {
  const { objective, bound, model } = plan.blocks[0].choice;
  const gained = objective - model.problem.atNothing;
  return {
    steps: plan.steps.map((step) => ({
      drill: step.drill.id,
      name: step.drill.name,
      block: step.block,
      phase: step.phase,
      round: step.round,
      rounds: step.rounds,
      circuit: step.circuit,
      dose: step.dose,
      seconds: step.seconds,
      startsAt: step.startsAt,
      serves: step.serves,
      reason: step.reason,
      pinned: step.pinned,
      anyOf: step.anyOf.map((d) => d.id),
      condition: step.condition && { reached: step.condition.reached, next: step.condition.next.id },
      insteadOf: step.insteadOf && { drill: step.insteadOf.drill.id, why: step.insteadOf.why },
      considered: step.round === 1 ? considered(plan, step.drill.id) : [],
    })),
    tests: plan.tests.map(testJson),
    ramps: plan.ramps.flatMap((ramp) => (ramp ? [rampJson(ramp)] : [])),
    blocks: plan.blocks.map(({ lifts, startsAt, rampsAt, workAt, endsAt }) => ({
      lifts,
      startsAt,
      rampsAt,
      workAt,
      endsAt,
    })),
    coverage: plan.coverage.map(({ demand, asked, served }) => ({ demand, asked, served })),
    coolDown: plan.coolDown && {
      ...plan.coolDown,
      drills: plan.coolDown.drills.map(({ drill, dose }) => ({ drill: drill.id, name: drill.name, dose })),
    },
    seconds: plan.seconds,
    /** How much better another choice of drills could be at most, as a share of what this one reaches. */
    gap: gained <= 0 || !Number.isFinite(bound) ? 0 : Math.max(0, (bound - objective) / gained),
    givenUp: givenUp(request, plan),
    findings: plan.findings,
    review: reviewWarmUp(writtenOf(plan, request.minutes), reviewContext(request)).map(findingJson),
  };
}

function considered(plan: Plan, drill: string) {
  return substitutesFor(plan, drill).map((s) => ({
    drill: s.drill.id,
    name: s.drill.name,
    relation: s.relation,
    seconds: s.seconds,
    lost: s.lost,
  }));
}

function testJson({ drill, ...test }: PlanTest) {
  return { ...test, drill: drill.id, name: drill.name };
}

function groupJson(plan: GroupPlan) {
  return {
    ...plan,
    members: plan.members.map(({ steps, tests, ramps, ...member }) => ({
      ...member,
      tests: tests.map((t) => testJson({ ...t, block: 0 })),
      steps: steps.map(({ placed: _, ...step }) => step),
      ramps: ramps.flatMap((r) => (r ? [rampJson(r)] : [])),
    })),
  };
}

/** POST /api/plan: the warm-up of one athlete, or of a group. */
export async function planResponse(request: Request, catalog: Catalog): Promise<Response> {
  const read = await readBody(request, planRequestSchema(catalog));
  if ("refusal" in read) return read.refusal;
  const { body } = read;
  if (body.group) return groupResponse(body, body.group, catalog, request.signal);
  const refusal = refuseLifts(body.lifts, body.unit, "lifts.");
  if (refusal) return refusal;
  const session = sessionOf(body, catalog);
  const plan = body.exact
    ? await finishBetweenRequests(planExactly(session), request.signal)
    : planWarmUp(session);
  return plan ? Response.json(planJson(plan, session)) : gone();
}

async function groupResponse(
  body: Body,
  group: NonNullable<Body["group"]>,
  catalog: Catalog,
  signal: AbortSignal,
): Promise<Response> {
  const ownLifts = group.map(({ working }) => body.lifts.map((l, i) => withWorking(l, working?.[i])));
  for (const [a, lifts] of ownLifts.entries()) {
    const path = group[a]!.working ? `group.${a}.working.` : "lifts.";
    const refusal = refuseLifts(lifts, body.unit, path);
    if (refusal) return refusal;
  }
  const session = sessionOf(body, catalog);
  const planning = planGroupSteps({
    ...session,
    ...equipmentOf(body),
    members: group.map(({ name, experience, limiters, areas, reached }, a) => ({
      id: String(a),
      name,
      athlete: { experience, limiters, areas, reached },
      lifts: liftsOf(body, ownLifts[a]!, catalog),
    })),
  });
  const plan = await finishBetweenRequests(planning, signal);
  return plan ? Response.json(groupJson(plan)) : gone();
}
