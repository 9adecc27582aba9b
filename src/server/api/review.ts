import type { Catalog } from "@/core/catalog";
import { drillById } from "@/core/catalog";
import { planWarmUp } from "@/core/plan";
import { type Change, type ReviewFinding, reviewWarmUp } from "@/core/remedies";
import { reviewContext, type WrittenSet, writtenOf } from "@/core/review";
import { weightValue } from "@/core/units";
import { reviewRequestSchema } from "../schemas/plan-api";
import { readBody } from "./problem";
import { equipmentOf, refuseLifts, sessionOf } from "./session";

function setJson<T extends Partial<WrittenSet>>(set: T) {
  return { ...set, ...(set.weight !== undefined && { weight: weightValue(set.weight) }) };
}

/** A change with drills by their ids and weights as numbers of the request's unit. */
function changeJson(change: Change) {
  switch (change.kind) {
    case "add-step":
    case "swap-step":
      return { ...change, drill: change.drill.id };
    case "change-set":
      return { ...change, to: setJson(change.to) };
    case "replace-ramp":
      return { ...change, sets: change.sets.map(setJson) };
    default:
      return change;
  }
}

/** A finding with its remedies as JSON. */
export function findingJson({ code, message, place, remedies }: ReviewFinding) {
  return {
    code,
    message,
    place,
    remedies: remedies.map(({ label, changes }) => ({ label, changes: changes.map(changeJson) })),
  };
}

/** POST /api/review: what speaks against a warm-up, and what would mend it. */
export async function reviewResponse(request: Request, catalog: Catalog): Promise<Response> {
  const read = await readBody(request, reviewRequestSchema(catalog));
  if ("refusal" in read) return read.refusal;
  const { plan, people, ...body } = read.body;
  const refusal = refuseLifts(body.lifts, body.unit, "lifts.");
  if (refusal) return refusal;
  const session = sessionOf(body, catalog);
  const ours = writtenOf(planWarmUp(session), session.minutes);
  const written = {
    steps: plan.steps.map((s) => ({ ...s, drill: drillById(catalog, s.drill)! })),
    ramps: session.lifts.map((_, i) => (plan.ramps ? (plan.ramps[i] ?? null) : ours.ramps[i]!)),
    minutes: session.minutes,
  };
  return Response.json({
    findings: reviewWarmUp(written, reviewContext(session, { people, counts: equipmentOf(body).counts })).map(
      findingJson,
    ),
  });
}
