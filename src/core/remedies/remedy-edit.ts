import { isOwnRamp, type WarmUpDraft, type WarmUpEdit } from "../draft";
import type { WrittenWarmUp } from "../review";
import type { Change, Remedy } from "./types";

/**
 * The edit of a draft that does what a remedy does to the plan made from it.
 *
 * @param written the plan that was reviewed.
 * @returns null where the draft has no such decision.
 */
export function editForRemedy(remedy: Remedy, written: WrittenWarmUp, draft: WarmUpDraft): WarmUpEdit | null {
  const edits = remedy.changes.map((c) => editFor(c, written, draft));
  const made = edits.filter((e) => e !== null);
  if (made.length < edits.length || made.length === 0) return null;
  const seen = new Set<string>();
  const once = made.filter((e) => {
    const key = JSON.stringify(e);
    return !seen.has(key) && seen.add(key);
  });
  return { kind: "several", edits: once };
}

function editFor(change: Change, written: WrittenWarmUp, draft: WarmUpDraft): WarmUpEdit | null {
  const stepAt = (index: number) => written.steps[index]!;
  switch (change.kind) {
    case "drop-step":
      return { kind: "drop", drill: stepAt(change.step).drill.id };
    case "add-step": {
      const { drill, block, sets, amount } = change;
      return { kind: "pin", drill: drill.id, block, dose: { sets, amount } };
    }
    case "swap-step": {
      const { drill, block } = stepAt(change.step);
      const dose = { sets: change.sets, amount: change.amount };
      return { kind: "swap", drill: drill.id, block, with: change.drill.id, dose };
    }
    case "dose-step": {
      const { drill, block } = stepAt(change.step);
      return { kind: "pin", drill: drill.id, block, dose: { sets: change.sets, amount: change.amount } };
    }
    case "move-step": {
      const { drill, block, sets, amount } = stepAt(change.step);
      // A place counts drills, not their rounds.
      const ahead = written.steps.slice(0, change.to).filter((s) => s.block === block && s.drill !== drill);
      const place = new Set(ahead.map((s) => s.drill.id)).size;
      return { kind: "pin", drill: drill.id, block, dose: { sets, amount }, place };
    }
    case "minutes":
      return { kind: "frame", change: { minutes: change.minutes } };
    case "change-set": {
      const { lift: at, set, to } = change;
      const sets = written.ramps[at]!.length;
      if (to.weight !== undefined)
        return { kind: "change-set", at, set, sets, change: { weight: to.weight } };
      if (to.reps !== undefined) return { kind: "change-set", at, set, sets, change: { reps: to.reps } };
      const { restSeconds } = to;
      return restSeconds === undefined
        ? null
        : { kind: "change-set", at, set, sets, change: { restSeconds } };
    }
    case "replace-ramp": {
      const own = draft.lifts[change.lift]!;
      return isOwnRamp(own) ? { kind: "reset-ramp", at: change.lift } : null;
    }
    case "both-sides":
      return null;
  }
}
