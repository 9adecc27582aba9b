import { DEMANDS, type DemandId } from "../demands";
import type { Drill, DrillLoad, Position } from "./drill";
import type { EquipmentId } from "./equipment";

/** Which drills are meant: those to which all that is given applies. */
export interface DrillFilter {
  /** One of these. */
  ids?: readonly string[];
  /** Serves at least 2 of one of these. */
  serves?: readonly DemandId[];
  loads?: readonly DrillLoad["kind"][];
  positions?: readonly Position[];
  /** Needs one of these, or could do with it. */
  equipment?: readonly EquipmentId[];
  assisted?: boolean;
  stretch?: boolean;
  /** At most this effort. */
  mostEffort?: number;
  /** Serves no pattern: a joint is moved, no lift is done. */
  noPattern?: boolean;
  /** At least this many sets at the usual dose. */
  leastSets?: number;
}

const SERVES_AT_LEAST = 2;

const isPattern = (demand: DemandId) => DEMANDS[demand].kind === "pattern";

/** Whether a drill is one of those a filter means. */
export function isMeant(drill: Drill, filter: DrillFilter): boolean {
  const { ids, serves, loads, positions, equipment, assisted, stretch, mostEffort, leastSets, noPattern } =
    filter;
  if (ids && !ids.includes(drill.id)) return false;
  if (serves && !serves.some((d) => (drill.serves[d] ?? 0) >= SERVES_AT_LEAST)) return false;
  if (loads && !loads.includes(drill.load.kind)) return false;
  if (positions && !positions.includes(drill.position)) return false;
  if (equipment && !drill.equipment.some((need) => need.some((e) => equipment.includes(e)))) return false;
  if (assisted !== undefined && drill.assisted !== assisted) return false;
  if (stretch !== undefined && drill.stretch !== stretch) return false;
  if (mostEffort !== undefined && drill.effort > mostEffort) return false;
  if (
    noPattern &&
    Object.keys(drill.serves).some((d) => isPattern(d as DemandId) && drill.serves[d as DemandId]! >= 2)
  )
    return false;
  return leastSets === undefined || drill.dose.sets[1] >= leastSets;
}
