export type { Approach, FormatRule, PhaseRule, Slot } from "./approach";
export { AREA_IDS, AREA_LEVELS, AREAS, type AreaId, type AreaLevel, type AthleteArea } from "./areas";
export {
  approachFor,
  type Catalog,
  type CustomContent,
  drillById,
  families,
  knownApproach,
  knownLift,
  liftById,
  NO_CUSTOM_CONTENT,
  withCustomContent,
} from "./catalog";
export {
  type Drill,
  type DrillContent,
  type DrillId,
  type DrillLoad,
  drillRecord,
  figureOf,
  PLANES,
  type Plane,
  type Position,
} from "./drill";
export { type DrillFilter, isMeant } from "./drill-filter";
export {
  countedKit,
  EQUIPMENT,
  EQUIPMENT_IDS,
  type EquipmentId,
  hasKit,
  type KitStock,
  kitInUse,
  kitWithout,
  MOST_TURNS,
  RAISE_MACHINES,
  turnsFor,
} from "./equipment";
export { type DrillSearch, findDrills } from "./find-drills";
export { findLifts, type LiftSearch } from "./find-lifts";
export type { GymSet, GymSetLoads } from "./gym-set";
export { IMPLEMENTS, type Implement, type Lift, type LiftId } from "./lift";
export { nameInSentence } from "./name-in-sentence";
export { PHASE_NAMES, PHASES, type Phase } from "./phases";
export { needsOf, roomNotes, travelOn } from "./room";
