"use client";

import type { LiftPlan } from "@/core/plan";
import type { ReviewFinding, WrittenWarmUp } from "@/core/review";
import { editForRemedy, type WarmUpDraft, type WarmUpEdit } from "@/core/warm-up";
import type { Chosen } from "./selection";

/** Remedies shown before the coach asks for more. */
const SHOWN = 2;

/** What the review found, each with what can be done about it. */
export function ReviewList({
  found,
  written,
  draft,
  plan,
  onEdit,
  onChoose,
}: {
  found: readonly ReviewFinding[];
  written: WrittenWarmUp;
  draft: WarmUpDraft;
  plan: LiftPlan;
  onEdit: (edit: WarmUpEdit) => void;
  onChoose: (chosen: Chosen) => void;
}) {
  return (
    <section aria-live="polite">
      <h2 className="section-title mb-1">Review</h2>
      {found.length === 0 && <p className="text-ink-soft">Nothing speaks against this plan.</p>}
      <ul>
        {found.map((f) => {
          const to = placeOf(f, written, plan);
          return (
            <li key={f.code + f.message} className="border-t border-line py-1.5">
              {to ? (
                <button
                  type="button"
                  className="text-left font-medium hover:underline"
                  onClick={() => onChoose(to)}
                >
                  {f.message}
                </button>
              ) : (
                <p className="font-medium">{f.message}</p>
              )}
              <p className="mt-0.5 flex flex-wrap gap-x-3 gap-y-0.5">
                {f.remedies
                  .flatMap((remedy) => {
                    const edit = editForRemedy(remedy, written, draft);
                    return edit ? [{ remedy, edit }] : [];
                  })
                  .slice(0, SHOWN)
                  .map(({ remedy, edit }) => (
                    <button
                      key={remedy.label}
                      type="button"
                      className="min-h-6 text-left text-ember underline decoration-ember/40 underline-offset-3 hover:decoration-ember"
                      onClick={() => onEdit(edit)}
                    >
                      {remedy.label}
                    </button>
                  ))}
              </p>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** What to show of a finding's place; null: the plan as a whole, or another lift's part of it. */
function placeOf({ place }: ReviewFinding, written: WrittenWarmUp, plan: LiftPlan): Chosen | null {
  if (place.kind === "step") {
    const { drill, block } = written.steps[place.step]!;
    return block === plan.block ? { kind: "drill", drill: drill.id } : null;
  }
  return place.kind === "set" && place.lift === plan.at ? { kind: "set", set: place.set } : null;
}
