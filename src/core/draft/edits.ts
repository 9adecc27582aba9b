import type { DrillId } from "../catalog";
import type { OwnDose } from "../dose";
import type { OwnDrill, TakenDrill, TestStep } from "../drills";
import type { DoneSet, FixedSet } from "../ramp";
import { type DraftLift, MOST_LIFTS, RAMP_AS_USUAL, type WarmUpDraft } from "./draft";
import { type DrillListEdit, editDrillList, pinDrill, swapDrill } from "./drill-list";
import { changeLift, moveLift, removeLift } from "./lift-list";

/** What a ramp is worked out from: where it changes, sets fixed by hand are let go. */
const RAMP_SETTINGS = ["bar", "onBlocks", "rampSets", "rampStyle", "rampStart"] as const;

type LiftSetting =
  | (typeof RAMP_SETTINGS)[number]
  | ("weight" | "reps" | "sets" | "rir" | "backOffs" | "additions" | "pairedWithNext" | "secondsLeft");

/** One change the coach makes to a warm-up. `at` is the place of a lift in the session. */
export type WarmUpEdit =
  | { kind: "add-lift"; lift: DraftLift }
  | { kind: "remove-lift"; at: number }
  | { kind: "move-lift"; at: number; to: number }
  | { kind: "choose-lift"; at: number; lift: DraftLift }
  | { kind: "change-lift"; at: number; change: Partial<Pick<DraftLift, LiftSetting>> }
  | { kind: "frame"; change: Partial<Pick<WarmUpDraft, "minutes" | "approach" | "room" | "coolDown">> }
  | ({ kind: "pin"; block: number } & OwnDrill)
  | { kind: "swap"; drill: DrillId; block: number; with: DrillId; dose?: OwnDose }
  | DrillListEdit
  | { kind: "tests"; tests: readonly TestStep[] }
  | { kind: "take-over"; drills: readonly TakenDrill[] }
  | { kind: "change-set"; at: number; set: number; sets: number; change: FixedSet }
  | { kind: "done"; at: number; done: readonly DoneSet[]; drills: readonly TakenDrill[] }
  | { kind: "reset-ramp"; at: number }
  | { kind: "several"; edits: readonly WarmUpEdit[] };

/**
 * The draft after one change. Once a ramp set has been done the drills before it stay as they were. A change of the
 * lift lets go of the ramp's own weights; a weight set by hand also fixes the number of ramp sets, so that it stays the
 * set it was.
 */
export function applyEdit(draft: WarmUpDraft, edit: WarmUpEdit): WarmUpDraft {
  switch (edit.kind) {
    case "add-lift":
      return draft.lifts.length < MOST_LIFTS ? { ...draft, lifts: [...draft.lifts, edit.lift] } : draft;
    case "remove-lift":
      return removeLift(draft, edit.at);
    case "move-lift":
      return moveLift(draft, edit.at, edit.to);
    case "choose-lift":
      return changeLift(draft, edit.at, ({ pairedWithNext }) => ({ ...edit.lift, pairedWithNext }));
    case "change-lift": {
      const letsGo = RAMP_SETTINGS.some((setting) => setting in edit.change);
      return changeLift(draft, edit.at, (l) => ({ ...l, ...(letsGo && { fixed: {} }), ...edit.change }));
    }
    case "change-set": {
      const { set, sets, change } = edit;
      return changeLift(draft, edit.at, (l) => {
        return { ...l, rampSets: sets, fixed: { ...l.fixed, [set]: { ...l.fixed[set], ...change } } };
      });
    }
    case "frame":
      return { ...draft, ...edit.change };
    case "pin":
      return pinDrill(draft, edit);
    case "swap": {
      const { drill, with: other, block, dose } = edit;
      return swapDrill(draft, drill, { drill: other, block, dose });
    }
    case "circuit":
    case "reset-drill":
    case "drop":
    case "leave-circuit":
      return editDrillList(draft, edit);
    case "tests":
      return { ...draft, tests: edit.tests };
    case "take-over":
      return { ...draft, taken: edit.drills };
    case "reset-ramp":
      return changeLift(draft, edit.at, (l) => ({ ...l, ...RAMP_AS_USUAL }));
    case "done": {
      const next = changeLift(draft, edit.at, (l) => ({ ...l, done: edit.done }));
      const isUnderWay = next.lifts.some((l) => l.done.length > 0);
      return { ...next, begun: isUnderWay ? (draft.begun ?? edit.drills) : null };
    }
    case "several":
      return edit.edits.reduce(applyEdit, draft);
  }
}
