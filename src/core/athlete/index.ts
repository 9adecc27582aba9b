export { type AthleteProfile, ageOn, isStiff, rulesOut, slowToWarmFor } from "./athlete";
export type { AthleteRecord, OneRepMax, PlannedAthlete, WorkingWeight } from "./athlete-record";
export { OLD_AFTER_WEEKS } from "./old-weight";
