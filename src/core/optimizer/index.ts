export { type Goal, type Limit, type Option, type Problem, type Term, worthOf } from "./problem";
export { type Progress, Prover, prove } from "./prove";
export { fill, search, searchSteps } from "./search";
export { EPSILON, isAllowed, objectiveOf, Selection } from "./selection";
