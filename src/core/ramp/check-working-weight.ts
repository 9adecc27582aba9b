import { fail, ok, type Result } from "@/lib/result";
import { isBarKit, type LoadKit, loadableWeights, nearestLoadable } from "../plates";
import type { Weight } from "../units";
import type { RampLift } from "./types";

/** A working weight that cannot be loaded, with its neighbours that can. */
export interface UnloadableWeight {
  lower: Weight | null;
  upper: Weight | null;
}

/**
 * Whether a bar at working weight stands at full height on the floor with the plates there are.
 * Where it does not, it is lifted from blocks or a rack, and any plates will do.
 */
export function standsAtFullHeight(
  lift: Pick<RampLift, "fromFloor">,
  kit: LoadKit,
  working: Weight,
): boolean {
  if (!lift.fromFloor || !isBarKit(kit)) return false;
  const nearest = nearestLoadable(kit, working, true);
  return nearest.lower === working;
}

/** Whether the working weight can be loaded with the kit; if not, the nearest weights that can. */
export function checkWorkingWeight(kit: LoadKit, working: Weight): Result<Weight, UnloadableWeight> {
  const nearest = nearestLoadable(kit, working, false);
  return nearest.lower === working ? ok(working) : fail(nearest);
}

/** Every weight that a ramp set of this lift can have, lightest first, all below the working weight. */
export function rampWeights(lift: Pick<RampLift, "fromFloor">, kit: LoadKit, working: Weight): Weight[] {
  return loadableWeights(kit, working, standsAtFullHeight(lift, kit, working)).filter((w) => w < working);
}
