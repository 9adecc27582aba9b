export { type DraftBackOff, type DraftDrill, type DraftLift, MOST_LIFTS, type WarmUpDraft } from "./draft";
export { applyEdit, type WarmUpEdit } from "./edits";
export {
  type AthleteRecord,
  type GymKit,
  type GymPlate,
  planRequestFor,
  type WorkingWeight,
} from "./plan-request";
export { editForRemedy } from "./remedy-edit";
export { startDraft, startLift, workingWeightIn } from "./start-draft";
export { type TriedRemedies, triedRemedies } from "./tried-remedies";
