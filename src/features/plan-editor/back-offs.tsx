"use client";

import { Plus, X } from "lucide-react";
import type { DraftBackOff, DraftLift, WarmUpEdit } from "@/core/draft";
import { LIMITS } from "@/core/draft";
import { formatWeight, parseWeight, type Weight } from "@/core/units";
import { fail } from "@/lib/result";
import { Button, IconButton } from "@/ui/button";
import { Stepper } from "@/ui/stepper";
import { WholeStepper } from "@/ui/whole-stepper";

const MOST = 5;
/** A first back-off lies at about this share of the top set. */
const USUAL_SHARE = 0.85;

/** The sets after the top set; the ramp goes to the top set, and these count for the time until the next lift. */
export function BackOffs({
  lift,
  at,
  weights,
  unit,
  onEdit,
}: {
  lift: DraftLift;
  at: number;
  weights: readonly Weight[];
  unit: string;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const { backOffs } = lift;
  const put = (next: readonly DraftBackOff[]) =>
    onEdit({ kind: "change-lift", at, change: { backOffs: next } });
  const change = (i: number, to: Partial<DraftBackOff>) =>
    put(backOffs.map((b, j) => (j === i ? { ...b, ...to } : b)));
  const wanted = (lift.weight ?? 0) * USUAL_SHARE;
  const usual = weights.findLast((w) => w <= wanted) ?? weights[0];
  return (
    <section aria-label="Back-off sets">
      <h3 className="section-title mb-1">Back-offs</h3>
      {backOffs.map((b, i) => (
        <div
          // biome-ignore lint/suspicious/noArrayIndexKey: a back-off is its place in the list
          key={i}
          className="flex flex-wrap items-end gap-x-3 border-t border-line py-1"
        >
          <WholeStepper
            label="Sets"
            value={b.sets}
            range={LIMITS.sets}
            onChange={(sets) => change(i, { sets })}
          />
          <WholeStepper
            label="Reps"
            value={b.reps}
            range={LIMITS.reps}
            onChange={(reps) => change(i, { reps })}
          />
          <Stepper
            label="Weight"
            value={b.weight}
            format={formatWeight}
            parse={(text) => {
              const parsed = parseWeight(text);
              if (!parsed.ok || weights.includes(parsed.value)) return parsed;
              return fail("These plates do not make this weight.");
            }}
            next={(w, direction) => weights[weights.indexOf(w) + direction] ?? null}
            onChange={(weight) => change(i, { weight })}
            suffix={unit}
            width="5ch"
          />
          <IconButton label={`Remove back-off ${i + 1}`} onClick={() => put(backOffs.toSpliced(i, 1))}>
            <X aria-hidden className="size-4" />
          </IconButton>
        </div>
      ))}
      {backOffs.length < MOST && usual !== undefined && (
        <Button
          onClick={() => put([...backOffs, { weight: usual, reps: lift.reps, sets: 2, rir: lift.rir }])}
        >
          <Plus aria-hidden className="size-4" />
          Add back-off sets
        </Button>
      )}
    </section>
  );
}
