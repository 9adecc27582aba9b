export {
  type Company,
  loadableOf,
  type ReviewContext,
  reviewContext,
  workSecondsOf,
  writtenOf,
  writtenSet,
} from "./context";
export { limitersOfSteps, mendsPlane } from "./drill-rules";
export { atHighestDose, helpersFor, secondsOf, servedOf } from "./plan-rules";
export { findingsOf, isSameFinding, REVIEW_RULES } from "./review";
export {
  FINDING_CODES,
  type FindingCode,
  type Found,
  type Place,
  type WrittenSet,
  type WrittenStep,
  type WrittenWarmUp,
} from "./types";
