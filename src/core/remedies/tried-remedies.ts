import type { PlannedAthlete } from "../athlete";
import type { Catalog, DrillId } from "../catalog";
import { applyEdit, planRequestFor, type WarmUpDraft, type WarmUpEdit } from "../draft";
import type { GymKit } from "../gym";
import { planWarmUp } from "../plan";
import {
  findingsOf,
  isSameFinding,
  type ReviewContext,
  reviewContext,
  type WrittenWarmUp,
  writtenOf,
} from "../review";
import { applyRemedy } from "./apply-remedy";
import { editForRemedy } from "./remedy-edit";
import { reviewWarmUp } from "./review-warm-up";
import type { Remedy, ReviewFinding } from "./types";

/** A finding of a draft's plan with edits of the draft that remove it. */
export interface TriedRemedies {
  finding: ReviewFinding;
  options: readonly { label: string; edit: WarmUpEdit }[];
}

/** Plans what a draft asks for, as it is reviewed. */
export type PlanForReview = (draft: WarmUpDraft) => { written: WrittenWarmUp; context: ReviewContext };

/** Plans a draft of one who warms up alone. */
export function planAlone(athlete: PlannedAthlete, gym: GymKit, catalog: Catalog): PlanForReview {
  return (draft) => {
    const request = planRequestFor(draft, athlete, gym, catalog);
    return { written: writtenOf(planWarmUp(request), draft.minutes), context: reviewContext(request) };
  };
}

/** Edits offered for one finding. */
const MOST_OFFERED = 2;

/**
 * Tries the remedies of each finding of a draft's plan: an edit is offered only if the plan that is made after
 * it no longer has the finding. Where planning around one change brings the finding back, the whole plan is
 * fixed as the remedy leaves it. Planning takes some milliseconds a try, so this is work for a worker.
 *
 * @param shared drills that others do with this athlete, which may be left but not changed. With any of them the
 *   plan as a whole is not this draft's to fix.
 */
export function* triedRemedies(
  draft: WarmUpDraft,
  look: PlanForReview,
  shared: ReadonlySet<DrillId> = new Set(),
): Generator<TriedRemedies, void> {
  const { written, context } = look(draft);
  for (const finding of reviewWarmUp(written, context)) {
    const isGone = (edit: WarmUpEdit) => {
      const after = look(applyEdit(draft, edit));
      const found = findingsOf(after.written, after.context);
      return !found.some((f) => isSameFinding(f, finding));
    };
    const options: { label: string; edit: WarmUpEdit }[] = [];
    for (const remedy of finding.remedies) {
      if (options.length === MOST_OFFERED) break;
      const single = editForRemedy(remedy, written, draft);
      if (!single || changesShared(single, shared)) continue;
      const edits = shared.size > 0 ? [single] : [single, wholePlan(remedy, written, single)];
      const edit = edits.find(isGone);
      if (edit) options.push({ label: remedy.label, edit });
    }
    yield { finding, options };
  }
}

/** Whether an edit would make one of these drills the athlete's own. */
function changesShared(edit: WarmUpEdit, shared: ReadonlySet<DrillId>): boolean {
  if (edit.kind === "several") return edit.edits.some((e) => changesShared(e, shared));
  return edit.kind === "pin" && shared.has(edit.drill);
}

/** Fixes every drill as it stands after a remedy. */
function wholePlan(remedy: Remedy, written: WrittenWarmUp, single: WarmUpEdit): WarmUpEdit {
  const after = applyRemedy(written, remedy);
  const seen = new Set<string>();
  const pins = after.steps.flatMap(({ drill, block, sets, amount }): WarmUpEdit[] => {
    const key = `${block} ${drill.id}`;
    if (seen.has(key)) return [];
    seen.add(key);
    return [{ kind: "pin", drill: drill.id, block, dose: { sets, amount } }];
  });
  return { kind: "several", edits: [single, ...pins] };
}
