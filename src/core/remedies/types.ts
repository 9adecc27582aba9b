import type { Drill, DrillId } from "../catalog";
import type { Found, WrittenSet } from "../review";

/** One change to a warm-up. Steps and sets are named by where they stand before any of the remedy's changes. */
export type Change =
  | { kind: "drop-step"; step: number }
  | { kind: "add-step"; drill: Drill; block: number; sets: number; amount: number; at: number }
  | { kind: "swap-step"; step: number; drill: Drill; sets: number; amount: number }
  | { kind: "move-step"; step: number; to: number }
  | { kind: "dose-step"; step: number; sets: number; amount: number }
  | { kind: "both-sides"; drill: DrillId; block: number }
  | { kind: "minutes"; minutes: number }
  | { kind: "change-set"; lift: number; set: number; to: Partial<WrittenSet> }
  | { kind: "replace-ramp"; lift: number; sets: readonly WrittenSet[] };

/** What would remove a finding, in words for a button. */
export interface Remedy {
  label: string;
  changes: readonly Change[];
}

export interface ReviewFinding extends Found {
  /** Each removes the finding when it is applied; the best first. */
  remedies: readonly Remedy[];
}
