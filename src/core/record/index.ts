export { AFTERWARDS, eventsAsPlanned } from "./as-planned";
export { type NextWeight, nextWorkingWeight, type WorkDone } from "./next-weight";
export { type AthleteSession, type DrillDone, type SetDone, sessionRecord } from "./session-record";
