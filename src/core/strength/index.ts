export { type MaximumOfDay, maximumHistory, type SetsOnRecord } from "./maximum-history";
export { type OfMaximum, parseOfMaximum, TRAINING_MAX_SHARE, weightOfMaximum } from "./of-maximum";
export {
  E1RM_FORMULAS,
  type E1rmFormula,
  estimateOneRepMax,
  isPoorEstimate,
  repsToFailureAt,
  weightForReps,
} from "./one-rep-max";
export { RAISE_LIMITS, type Raise, raisedWeight } from "./raise";
export { effort, type WorkingSets } from "./working-sets";
