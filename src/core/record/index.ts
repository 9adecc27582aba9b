export { eventsAsPlanned } from "./as-planned";
export { athletePaces, type DrillTimes, drillPaces } from "./drill-paces";
export { lighterWeight, type NextWeight, nextWorkingWeight, type WorkDone } from "./next-weight";
export {
  AFTERWARDS,
  type AthleteSession,
  type DrillDone,
  type LiftPlanned,
  type SetDone,
  sessionRecord,
} from "./session-record";
