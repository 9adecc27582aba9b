import type { WarmUpDraft, WarmUpEdit } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import type { LiftPlan } from "@/core/plan";
import type { Weight } from "@/core/units";
import type { Chosen } from "./selection";
import type { NoteReached } from "./use-reached";

/** What a panel about a part of the plan shows and changes. */
export interface PanelProps {
  plan: LiftPlan;
  draft: WarmUpDraft;
  gym: GymKit;
  weights: readonly Weight[];
  onChoose: (chosen: Chosen) => void;
  onEdit: (edit: WarmUpEdit) => void;
  onReached: NoteReached;
}
