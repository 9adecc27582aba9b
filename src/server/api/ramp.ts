import { type Catalog, knownLift } from "@/core/catalog";
import {
  barKit,
  bodyKit,
  dumbbellKit,
  hungOn,
  kettlebellKit,
  type LoadKit,
  lightestOf,
  type PlateKind,
  stackKit,
} from "@/core/plates";
import { checkWorkingWeight, planRamp, type Ramp, type RampRequest } from "@/core/ramp";
import { kilograms, type UnitSystem, type Weight, weightValue } from "@/core/units";
import { type LiftRequest, type LoadRequest, rampRequestSchema } from "../schemas/ramp-api";
import { problem, readBody, unloadable } from "./problem";

/** Plates from this size on are taken for full diameter where the request does not say. */
const USUAL_FULL_DIAMETER = { kg: 20, lb: 45 };

/** What a lift request is loaded from. */
export function kitOf({ implement, plates = [] }: LoadRequest, unit: UnitSystem): LoadKit {
  const full = kilograms(USUAL_FULL_DIAMETER, unit);
  const kinds = plates.map((p): PlateKind => ({ ...p, fullDiameter: p.fullDiameter ?? p.weight >= full }));
  switch (implement.kind) {
    case "barbell":
      return barKit(implement.weight, implement.collars ?? (0 as Weight), kinds);
    case "machine":
      return barKit(implement.weight, 0 as Weight, kinds, "machine");
    case "dumbbells":
      return dumbbellKit(implement.pairs);
    case "kettlebells":
      return kettlebellKit(implement.bells);
    case "stack":
      return stackKit(implement);
    case "bodyweight":
      return bodyKit(implement.bodyWeight, implement.help, hungOn(kinds));
  }
}

/** The refusal for a working weight under the bar or between what the plates make; null if it can be loaded. */
export function refuseWeight(request: LoadRequest, unit: UnitSystem, path: string): Response | null {
  const kit = kitOf(request, unit);
  const checked = checkWorkingWeight(kit, request.working.weight);
  if (checked.ok) return null;
  if (checked.error.lower !== null) return unloadable(path, unit, checked.error);
  const lightest = lightestOf(kit);
  const what = kit.kind === "barbell" ? "the bar with its collars" : "the lightest there is";
  const message = `The working weight is under ${what} (${weightValue(lightest)} ${unit}).`;
  return problem(400, "The request is not valid.", {
    errors: [{ path, message }],
    nearest: { lower: null, upper: weightValue(lightest) },
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
    implement: ramp.kit.kind,
    sets: ramp.sets.map((set) => ({
      weight: weightValue(set.weight),
      fraction: Number(set.fraction.toFixed(4)),
      reps: set.reps,
      ...plates(set),
      restSeconds: set.restSeconds,
      leastRestSeconds: set.leastRestSeconds,
      seconds: set.seconds,
      notes: set.notes,
    })),
    working: { weight: weightValue(ramp.working.weight), ...plates(ramp.working) },
    totals: ramp.totals,
    findings: ramp.findings,
  };
}

/** POST /api/ramp: the ramp-up sets of one lift. */
export async function rampResponse(request: Request, catalog: Catalog): Promise<Response> {
  const read = await readBody(request, rampRequestSchema(catalog));
  if ("refusal" in read) return read.refusal;
  const { body } = read;
  const refusal = refuseWeight(body, body.unit, "working.weight");
  return refusal ?? Response.json(rampJson(rampOf(body, body.unit, catalog)));
}

/** The ramp of a lift request whose working weight can be loaded. */
export function rampOf(body: LiftRequest, unit: UnitSystem, catalog: Catalog): Ramp {
  return planRamp(toRampRequest(body, unit, catalog));
}

/** A lift request as the core takes it. */
export function toRampRequest(body: LiftRequest, unit: UnitSystem, catalog: Catalog): RampRequest {
  const lift = knownLift(catalog, body.lift);
  return {
    unit,
    lift: { ...lift, fromFloor: body.floor ? body.floor === "full-height" : lift.fromFloor },
    working: body.working,
    kit: kitOf(body, unit),
    style: body.style,
    experience: body.athlete?.experience ?? "intermediate",
    slowToWarm: body.athlete?.slowToWarm ?? 0,
    similarDone: body.similarDone ?? 0,
    room: body.room ?? "normal",
    rampSets: body.rampSets,
    start: body.start,
    additions: body.additions,
    receivesLow: body.athlete?.receivesLow,
  };
}
