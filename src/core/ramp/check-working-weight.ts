import { fail, ok, type Result } from "@/lib/result";
import { type BarKit, isBarKit, type LoadKit, loadableWeights, nearestLoadable } from "../plates";
import type { Weight } from "../units";
import { FLOOR_LOAD_AT_MOST } from "./constants";
import type { RampLift } from "./types";

/** A working weight that cannot be loaded, with its neighbours that can. */
export interface UnloadableWeight {
  lower: Weight | null;
  upper: Weight | null;
}

/**
 * Whether a ramp goes from the floor: the bar stands at full height at the working weight, and at a load light enough to
 * begin with. Where it does not, it is lifted from the hang, from blocks or a rack, and any plates will do.
 */
export function rampsFromFloor(
  lift: Pick<RampLift, "fromFloor" | "olympic">,
  kit: LoadKit,
  working: Weight,
): boolean {
  if (!lift.fromFloor || !isBarKit(kit)) return false;
  const lightest = lightestOnFloor(kit);
  const most = FLOOR_LOAD_AT_MOST[lift.olympic ? "olympic" : "usual"] * working;
  if (lightest === null || lightest >= most) return false;
  return nearestLoadable(kit, working, true).lower === working;
}

/** The lightest load that stands at full height; null: no plate is of full diameter. */
export function lightestOnFloor(kit: BarKit): Weight | null {
  return nearestLoadable(kit, 0 as Weight, true).upper;
}

/** Whether the working weight can be loaded with the kit; if not, the nearest weights that can. */
export function checkWorkingWeight(kit: LoadKit, working: Weight): Result<Weight, UnloadableWeight> {
  const nearest = nearestLoadable(kit, working, false);
  return nearest.lower === working ? ok(working) : fail(nearest);
}

/** Every weight that a ramp set of this lift can have, lightest first, all below the working weight. */
export function rampWeights(
  lift: Pick<RampLift, "fromFloor" | "olympic">,
  kit: LoadKit,
  working: Weight,
): Weight[] {
  return loadableWeights(kit, working, rampsFromFloor(lift, kit, working)).filter((w) => w < working);
}
