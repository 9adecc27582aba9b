"use client";

import { useState } from "react";
import type { WarmUpEdit } from "@/core/draft";
import type { LiftPlan } from "@/core/plan";
import type { Found, WrittenWarmUp } from "@/core/review";
import type { Chosen } from "./selection";
import type { Remedies } from "./use-remedies";

/** Findings shown before the coach asks for more. */
const SHOWN = 5;

/** What the review found, each with what can be done about it. */
export function ReviewList({
  found,
  remedies,
  written,
  plan,
  onEdit,
  onChoose,
}: {
  found: readonly Found[];
  remedies: Remedies;
  written: WrittenWarmUp;
  plan: LiftPlan;
  onEdit: (edit: WarmUpEdit) => void;
  onChoose: (chosen: Chosen) => void;
}) {
  const [all, setAll] = useState(false);
  const shown = all ? found : found.slice(0, SHOWN);
  return (
    <section aria-live="polite">
      <h2 className="section-title mb-1">Review</h2>
      {found.length === 0 && <p className="text-ink-soft">No issues.</p>}
      <ul>
        {shown.map((f) => {
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
              <p className="mt-0.5 flex min-h-6 flex-wrap gap-x-3 gap-y-0.5">
                {remedies.get(f.code + f.message)?.map(({ label, edit }) => (
                  <button
                    key={label}
                    type="button"
                    className="min-h-6 text-left text-ember underline decoration-ember/40 underline-offset-3 hover:decoration-ember"
                    onClick={() => onEdit(edit)}
                  >
                    {label}
                  </button>
                ))}
              </p>
            </li>
          );
        })}
      </ul>
      {found.length > SHOWN && (
        <button
          type="button"
          className="min-h-6 text-ink-soft underline decoration-line-strong underline-offset-4 hover:text-ink"
          onClick={() => setAll(!all)}
        >
          {all ? "Show fewer" : `${found.length - SHOWN} more`}
        </button>
      )}
    </section>
  );
}

/** What to show of a finding's place; null: the plan as a whole, or another lift's part of it. */
function placeOf({ place }: Found, written: WrittenWarmUp, plan: LiftPlan): Chosen | null {
  if (place.kind === "step") {
    const { drill, block } = written.steps[place.step]!;
    return block === plan.block ? { kind: "drill", drill: drill.id } : null;
  }
  return place.kind === "set" && place.lift === plan.at ? { kind: "set", set: place.set } : null;
}
