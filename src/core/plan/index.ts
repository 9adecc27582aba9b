export { blockChoice, blocksOf, rampSecondsOf } from "./block-choice";
export { planRamps } from "./plan-ramps";
export { planExactly, planWarmUp } from "./plan-warm-up";
export { demandInSentence, joinWords, reasonFor } from "./reasons";
export { type Substitute, substitutesFor } from "./substitutes";
export type { CoveredDemand, Plan, PlannedLift, PlanRequest, PlanStep } from "./types";
