import { isBarKit } from "../plates";
import {
  FLOOR_BASE_DIVISOR,
  MACHINE_BASE_SHARE,
  SLOW_START_SHARE,
  START_SHARE,
  systemConstants,
} from "./constants";
import type { RampLimits } from "./limits";
import type { RampRequest } from "./types";

type Loaded = Pick<RampRequest, "kit" | "unit" | "working">;

/**
 * What a working weight is measured against when the sets are counted (docs/model.md, "How many sets"), in the
 * fine unit.
 */
export function baseOf({ kit, unit, working }: Loaded, limits: RampLimits, fromFloor: boolean): number {
  const { leastBase, handBase } = systemConstants(unit);
  switch (kit.kind) {
    case "barbell":
      return Math.max(kit.empty, leastBase, fromFloor ? limits.lightest / FLOOR_BASE_DIVISOR : 0);
    case "dumbbells":
    case "kettlebells":
      return handBase;
    case "machine":
    case "stack":
      return Math.max(limits.lightest, working.weight * MACHINE_BASE_SHARE);
    case "bodyweight":
      return limits.lightest;
  }
}

/**
 * Where a cold ramp starts (docs/model.md, "How heavy"), in the fine unit: the coach's own start, the empty bar
 * or floor load, or a share of the working weight, less of it for who is slow to warm.
 */
export function coldStart(
  { kit, working, start, slowToWarm }: Loaded & Pick<RampRequest, "start" | "slowToWarm">,
  limits: RampLimits,
): number {
  if (start !== undefined) return Math.max(limits.lightest, start * working.weight);
  if (kit.kind === "barbell") return limits.lightest;
  const share = slowToWarm === 0 ? START_SHARE[kit.kind] : SLOW_START_SHARE;
  return Math.max(limits.lightest, share * working.weight);
}

/** What is not there in words: plates, or weights of a list. */
export function whatLoads({ kit }: Pick<RampRequest, "kit">): "plates" | "weights" {
  return isBarKit(kit) ? "plates" : "weights";
}
