export { type AthleteProfile, ageOn, isStiff, type ReachedSign, rulesOut, slowToWarmFor } from "./athlete";
export type { AthleteRecord, OneRepMax, PlannedAthlete, WorkingWeight } from "./athlete-record";
export { drillsFor } from "./drills-for";
export { OLD_AFTER_WEEKS } from "./old-weight";
export {
  type DrillWishes,
  mergeWishes,
  NO_WISHES,
  sharedWishes,
  wishesFor,
  withFavourites,
} from "./wishes";
