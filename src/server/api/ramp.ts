import { catalog } from "@/catalog";
import { type BarKit, barKit, type PlateKind } from "@/core/plates";
import { checkWorkingWeight, planRamp, type Ramp } from "@/core/ramp";
import { kilograms, type UnitSystem, type Weight, weightValue } from "@/core/units";
import { type LoadRequest, rampRequestSchema } from "../schemas/ramp-api";
import { problem, readBody, unloadable } from "./problem";

/** Plates from this size on are taken for full diameter where the request does not say. */
const USUAL_FULL_DIAMETER = { kg: 20, lb: 45 };

/** The bar and plates of a lift request. */
export function kitOf({ implement, plates }: LoadRequest, unit: UnitSystem): BarKit {
  const full = kilograms(USUAL_FULL_DIAMETER, unit);
  const kinds = plates.map((p): PlateKind => ({ ...p, fullDiameter: p.fullDiameter ?? p.weight >= full }));
  return barKit(implement.weight, implement.collars ?? (0 as Weight), kinds);
}

/** The refusal for a working weight under the bar or between what the plates make; null if it can be loaded. */
export function refuseWeight(request: LoadRequest, unit: UnitSystem, path: string): Response | null {
  const kit = kitOf(request, unit);
  const checked = checkWorkingWeight(kit, request.working.weight);
  if (checked.ok) return null;
  if (checked.error.lower !== null) return unloadable(path, unit, checked.error);
  const message = `The working weight is under the bar with its collars (${weightValue(kit.empty)} ${unit}).`;
  return problem(400, "The request is not valid.", {
    errors: [{ path, message }],
    nearest: { lower: null, upper: weightValue(kit.empty) },
  });
}

/** A ramp with its weights as numbers of the request's unit. */
export function rampJson(ramp: Ramp) {
  const list = (weights: readonly Weight[]) => weights.map(weightValue);
  const plates = (on: { perSide: Weight[]; add: Weight[]; strip: Weight[] }) => ({
    perSide: list(on.perSide),
    add: list(on.add),
    strip: list(on.strip),
  });
  return {
    lift: ramp.lift,
    sets: ramp.sets.map((set) => ({
      weight: weightValue(set.weight),
      fraction: Number(set.fraction.toFixed(4)),
      reps: set.reps,
      ...plates(set),
      restSeconds: set.restSeconds,
      seconds: set.seconds,
      notes: set.notes,
    })),
    working: { weight: weightValue(ramp.working.weight), ...plates(ramp.working) },
    totals: ramp.totals,
    findings: ramp.findings,
  };
}

/** POST /api/ramp: the ramp-up sets of one lift. */
export async function rampResponse(request: Request): Promise<Response> {
  const read = await readBody(request, rampRequestSchema);
  if ("refusal" in read) return read.refusal;
  const { body } = read;
  const refusal = refuseWeight(body, body.unit, "working.weight");
  if (refusal) return refusal;
  const ramp = planRamp({
    unit: body.unit,
    lift: catalog.lifts.find((l) => l.id === body.lift)!,
    working: body.working,
    kit: kitOf(body, body.unit),
    style: body.style,
    experience: body.athlete?.experience ?? "intermediate",
    slowToWarm: body.athlete?.slowToWarm ?? 0,
    similarDone: body.similarDone ?? 0,
    room: body.room ?? "normal",
    rampSets: body.rampSets,
  });
  return Response.json(rampJson(ramp));
}
