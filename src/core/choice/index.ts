export { type Goal, type Limit, type Option, type Problem, type Term, worthOf } from "./problem";
export { choose, type Progress, prove, relaxedBound } from "./prove";
export { search } from "./search";
export { EPSILON, isAllowed, objectiveOf, Selection } from "./selection";
