export { type OneOfGroup, planTogether } from "./plan-together";
export { reviewWarmUp } from "./review-warm-up";
export { type PlanForReview, planAlone, type TriedRemedies, triedRemedies } from "./tried-remedies";
export type { Change, Remedy, ReviewFinding } from "./types";
