export type { WarmUpDraft } from "./draft";
export { applyEdit, type WarmUpEdit } from "./edits";
export {
  type AthleteRecord,
  type GymKit,
  type GymPlate,
  planRequestFor,
  type WorkingWeight,
} from "./plan-request";
export { startDraft, workingWeightIn } from "./start-draft";
