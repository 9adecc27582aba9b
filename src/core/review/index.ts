export { applyRemedy } from "./apply-remedy";
export { type Company, type ReviewContext, reviewContext, writtenOf } from "./context";
export { findingsOf, isSameFinding, reviewWarmUp } from "./review";
export {
  type Change,
  FINDING_CODES,
  type FindingCode,
  type Found,
  type Place,
  type Remedy,
  type ReviewFinding,
  type WrittenSet,
  type WrittenStep,
  type WrittenWarmUp,
} from "./types";
