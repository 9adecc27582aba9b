export { eventsAsPlanned } from "./as-planned";
export { type DrillTimes, drillPaces } from "./drill-paces";
export { type NextWeight, nextWorkingWeight, type WorkDone } from "./next-weight";
export {
  AFTERWARDS,
  type AthleteSession,
  type DrillDone,
  type LiftPlanned,
  type SetDone,
  sessionRecord,
} from "./session-record";
