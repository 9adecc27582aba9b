export { E1RM_FORMULAS, type E1rmFormula, estimateOneRepMax, isPoorEstimate } from "./one-rep-max";
export { effort, type WorkingSets } from "./working-sets";
