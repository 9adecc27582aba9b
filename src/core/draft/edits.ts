import type { DrillId } from "../catalog";
import type { TakenDrill } from "../drills";
import type { AdditionId, DoneSet, FixedSet, RampStyleId } from "../ramp";
import type { Weight } from "../units";
import { type DraftBackOff, type DraftLift, MOST_LIFTS, RAMP_AS_USUAL, type WarmUpDraft } from "./draft";
import { dropDrill, letGoDrill, pinDrill } from "./drill-list";
import { changeLift, moveLift, removeLift } from "./lift-list";

/** One change the coach makes to a warm-up. `at` is the place of a lift in the session. */
export type WarmUpEdit =
  | { kind: "add-lift"; lift: DraftLift }
  | { kind: "remove-lift"; at: number }
  | { kind: "move-lift"; at: number; to: number }
  | { kind: "choose-lift"; at: number; lift: DraftLift }
  | { kind: "pair"; at: number; paired: boolean }
  | { kind: "back-offs"; at: number; backOffs: readonly DraftBackOff[] }
  | { kind: "working"; at: number; change: Partial<Pick<DraftLift, "weight" | "reps" | "sets" | "rir">> }
  | { kind: "bar"; at: number; bar: string | null; weight: Weight | null }
  | { kind: "frame"; change: Partial<Pick<WarmUpDraft, "minutes" | "approach" | "room">> }
  | { kind: "pin"; drill: DrillId; block: number; dose?: { sets: number; amount: number }; place?: number }
  | { kind: "unpin"; drill: DrillId }
  | { kind: "drop"; drill: DrillId }
  | { kind: "restore-drill"; drill: DrillId }
  | { kind: "swap"; drill: DrillId; block: number; with: DrillId; dose?: { sets: number; amount: number } }
  | { kind: "take-over"; drills: readonly TakenDrill[] }
  | { kind: "set-weight"; at: number; set: number; weight: Weight; sets: number }
  | { kind: "set-reps"; at: number; set: number; reps: number; sets: number }
  | { kind: "set-rest"; at: number; set: number; restSeconds: number; sets: number }
  | { kind: "ramp-sets"; at: number; sets: number }
  | { kind: "ramp-style"; at: number; style: RampStyleId | null }
  | { kind: "ramp-start"; at: number; start: number | null }
  | { kind: "additions"; at: number; additions: readonly AdditionId[] }
  | { kind: "on-blocks"; at: number; onBlocks: boolean }
  | { kind: "done"; at: number; done: readonly DoneSet[]; drills: readonly TakenDrill[] }
  | { kind: "seconds-left"; at: number; seconds: number | null }
  | { kind: "reset-ramp"; at: number }
  | { kind: "several"; edits: readonly WarmUpEdit[] };

/** A ramp set with something fixed by hand, and with it the number of sets. */
function withOwnSet(lift: DraftLift, { set, sets }: { set: number; sets: number }, own: FixedSet): DraftLift {
  return { ...lift, rampSets: sets, fixed: { ...lift.fixed, [set]: { ...lift.fixed[set], ...own } } };
}

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
    case "pair":
      return changeLift(draft, edit.at, (l) => ({ ...l, pairedWithNext: edit.paired }));
    case "back-offs":
      return changeLift(draft, edit.at, (l) => ({ ...l, backOffs: edit.backOffs }));
    case "working":
      return changeLift(draft, edit.at, (l) => ({ ...l, ...edit.change }));
    case "bar":
      return changeLift(draft, edit.at, (l) => ({ ...l, bar: edit.bar, weight: edit.weight, fixed: {} }));
    case "frame":
      return { ...draft, ...edit.change };
    case "pin":
      return pinDrill(draft, edit);
    case "unpin":
    case "restore-drill":
      return letGoDrill(draft, edit.drill);
    case "drop":
      return dropDrill(draft, edit.drill);
    case "swap":
      return pinDrill(dropDrill(draft, edit.drill), {
        drill: edit.with,
        block: edit.block,
        dose: edit.dose,
      });
    case "take-over":
      return { ...draft, taken: edit.drills };
    case "set-weight":
      return changeLift(draft, edit.at, (l) => withOwnSet(l, edit, { weight: edit.weight }));
    case "set-reps":
      return changeLift(draft, edit.at, (l) => withOwnSet(l, edit, { reps: edit.reps }));
    case "set-rest":
      return changeLift(draft, edit.at, (l) => withOwnSet(l, edit, { restSeconds: edit.restSeconds }));
    case "ramp-sets":
      return changeLift(draft, edit.at, (l) => ({ ...l, rampSets: edit.sets, fixed: {} }));
    case "ramp-style":
      return changeLift(draft, edit.at, (l) => ({ ...l, rampStyle: edit.style, fixed: {} }));
    case "ramp-start":
      return changeLift(draft, edit.at, (l) => ({ ...l, rampStart: edit.start, fixed: {} }));
    case "reset-ramp":
      return changeLift(draft, edit.at, (l) => ({ ...l, ...RAMP_AS_USUAL }));
    case "additions":
      return changeLift(draft, edit.at, (l) => ({ ...l, additions: edit.additions }));
    case "on-blocks":
      return changeLift(draft, edit.at, (l) => ({ ...l, onBlocks: edit.onBlocks, fixed: {} }));
    case "done": {
      const next = changeLift(draft, edit.at, (l) => ({ ...l, done: edit.done }));
      const isUnderWay = next.lifts.some((l) => l.done.length > 0);
      return { ...next, begun: isUnderWay ? (draft.begun ?? edit.drills) : null };
    }
    case "seconds-left":
      return changeLift(draft, edit.at, (l) => ({ ...l, secondsLeft: edit.seconds }));
    case "several":
      return edit.edits.reduce(applyEdit, draft);
  }
}
