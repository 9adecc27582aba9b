export { planExactly, planWarmUp } from "./plan-warm-up";
export { type Substitute, substitutesFor } from "./substitutes";
export type { CoveredDemand, Plan, PlannedLift, PlanRequest, PlanStep } from "./types";
