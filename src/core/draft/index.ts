export {
  changeMove,
  type DrillMove,
  joinMove,
  type ListedDrill,
  type ListRow,
  leaveMove,
  ownDoseOf,
  rowMove,
  rowsOf,
  throughMoves,
  timesThrough,
} from "./circuit-moves";
export {
  type DraftBackOff,
  type DraftDrill,
  type DraftLift,
  isOwnRamp,
  MOST_LIFTS,
  RAMP_AS_USUAL,
  type WarmUpDraft,
} from "./draft";
export { type DrillListEdit, editDrillList, pinDrill, swapDrill } from "./drill-list";
export { type DrillToAdd, drillsToAdd, usesOf } from "./drills-to-add";
export { applyEdit, type WarmUpEdit } from "./edits";
export { changeLift, moveLift, removeLift } from "./lift-list";
export { LIMITS, type Limits } from "./limits";
export { planRequestFor } from "./plan-request";
export { oneRepMaxIn, startDraft, startLift, usualApproach, workingWeightIn } from "./start-draft";
