import type { Drill, Lift } from "../catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "../demands";
import { MADE_OF_FROM, OWN_PATTERN_FROM } from "./constants";

/**
 * How much of a lift's own shape a rehearsal has: of the patterns that the lift is made of, those that it serves. None
 * without the lift's main pattern: that is a part of its kind.
 */
export function shapeOf(drill: Drill, lift: Lift): number {
  const has = (pattern: DemandId) => (drill.serves[pattern] ?? 0) >= OWN_PATTERN_FROM;
  if (!drill.rehearses?.includes(lift.id)) return 0;
  if (lift.pattern === null) return 1;
  if (!has(lift.pattern)) return 0;
  const madeOf = DEMAND_IDS.filter(
    (d) => DEMANDS[d].kind === "pattern" && (lift.asks[d] ?? 0) >= MADE_OF_FROM,
  );
  return 1 + madeOf.filter(has).length;
}

/** Whether a drill is done with the bar alone. */
export const isEmptyBar = ({ load }: Drill) => load.kind === "empty-bar";
