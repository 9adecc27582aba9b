export {
  type DraftBackOff,
  type DraftDrill,
  type DraftLift,
  isOwnRamp,
  MOST_LIFTS,
  RAMP_AS_USUAL,
  type WarmUpDraft,
} from "./draft";
export {
  circuitOf,
  type DrillListEdit,
  dropDrill,
  editDrillList,
  letGoDrill,
  pinDrill,
  swapDrill,
} from "./drill-list";
export { type DrillToAdd, drillsToAdd } from "./drills-to-add";
export { applyEdit, type WarmUpEdit } from "./edits";
export { changeLift, moveLift, removeLift } from "./lift-list";
export { LIMITS, type Limits } from "./limits";
export { planRequestFor } from "./plan-request";
export { editForRemedy } from "./remedy-edit";
export { oneRepMaxIn, startDraft, startLift, usualApproach, workingWeightIn } from "./start-draft";
export { type PlanForReview, planAlone, type TriedRemedies, triedRemedies } from "./tried-remedies";
