import type { DrillId } from "../catalog";
import type { Weight } from "../units";
import type { WarmUpDraft } from "./draft";

/** One change the coach makes to a warm-up. */
export type WarmUpEdit =
  | { kind: "lift"; lift: string; weight: Weight | null; reps: number; sets: number; rir: number }
  | { kind: "working"; change: Partial<Pick<WarmUpDraft, "weight" | "reps" | "sets" | "rir">> }
  | { kind: "frame"; change: Partial<Pick<WarmUpDraft, "minutes" | "approach" | "room">> }
  | { kind: "pin"; drill: DrillId; dose?: { sets: number; amount: number } }
  | { kind: "unpin"; drill: DrillId }
  | { kind: "drop"; drill: DrillId }
  | { kind: "restore-drill"; drill: DrillId }
  | { kind: "swap"; drill: DrillId; with: DrillId }
  | { kind: "set-weight"; set: number; weight: Weight; sets: number }
  | { kind: "set-reps"; set: number; reps: number; sets: number }
  | { kind: "ramp-sets"; sets: number }
  | { kind: "reset-ramp" };

function without(draft: WarmUpDraft, drill: DrillId): Pick<WarmUpDraft, "own" | "dropped"> {
  return {
    own: draft.own.filter((o) => o.drill !== drill),
    dropped: draft.dropped.filter((d) => d !== drill),
  };
}

function pinned(draft: WarmUpDraft, drill: DrillId, dose?: { sets: number; amount: number }) {
  const rest = without(draft, drill);
  return { ...rest, own: [...rest.own, { drill, ...(dose ? { dose } : {}) }] };
}

/**
 * The draft after one change. A change of the lift lets go of the ramp's own weights; a weight set by hand
 * also fixes the number of ramp sets, so that it stays the set it was.
 */
export function applyEdit(draft: WarmUpDraft, edit: WarmUpEdit): WarmUpDraft {
  switch (edit.kind) {
    case "lift": {
      const { kind: _, ...change } = edit;
      return { ...draft, ...change, rampSets: null, fixed: {} };
    }
    case "working":
    case "frame":
      return { ...draft, ...edit.change };
    case "pin":
      return { ...draft, ...pinned(draft, edit.drill, edit.dose) };
    case "unpin":
      return { ...draft, ...without(draft, edit.drill) };
    case "drop": {
      const rest = without(draft, edit.drill);
      return { ...draft, ...rest, dropped: [...rest.dropped, edit.drill] };
    }
    case "restore-drill":
      return { ...draft, ...without(draft, edit.drill) };
    case "swap": {
      const dropped = applyEdit(draft, { kind: "drop", drill: edit.drill });
      return { ...dropped, ...pinned(dropped, edit.with) };
    }
    case "set-weight":
    case "set-reps": {
      const before = draft.fixed[edit.set] ?? {};
      const own = edit.kind === "set-weight" ? { weight: edit.weight } : { reps: edit.reps };
      return { ...draft, rampSets: edit.sets, fixed: { ...draft.fixed, [edit.set]: { ...before, ...own } } };
    }
    case "ramp-sets":
      return { ...draft, rampSets: edit.sets, fixed: {} };
    case "reset-ramp":
      return { ...draft, rampSets: null, fixed: {} };
  }
}
