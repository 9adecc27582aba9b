"use client";

import { X } from "lucide-react";
import type { Drill } from "@/core/catalog";
import { OFFER_LIMITS } from "@/core/drills";
import type { PlanStep } from "@/core/plan";
import { fail, ok } from "@/lib/result";
import { Button, IconButton } from "@/ui/button";
import { LabelledChoice } from "@/ui/choice";
import { TextField } from "@/ui/text-field";
import type { PanelProps } from "./panel-props";
import { pinEdit } from "./pin-edit";

/** Drills offered beside one until the coach says otherwise: with it they are three. */
const OFFERED = 2;

/** What may be done in a drill's place: one of several, or another once something has been reached. */
export function OfferFields({
  step,
  others,
  onEdit,
}: Pick<PanelProps, "onEdit"> & {
  step: PlanStep;
  /** What else would do, the best first. */
  others: readonly Drill[];
}) {
  const { anyOf, condition, drill } = step;
  const offer = (drills: readonly Drill[]) =>
    onEdit(pinEdit(step, { anyOf: drills.length > 0 ? drills.map((d) => d.id) : undefined }));
  const best = others.slice(0, OFFERED);
  const later = [...new Set([...(condition ? [condition.next] : []), ...others])];
  return (
    <>
      {anyOf.length > 0 ? (
        <section>
          <h3 className="section-title mb-1">Any of these</h3>
          <p className="text-xs text-ink-soft">
            {drill.name} counts until one is taken. The card names all of them.
          </p>
          <ul>
            {anyOf.map((other) => (
              <li key={other.id} className="flex items-center gap-2 border-t border-line py-1">
                <span className="min-w-0 flex-1 truncate font-medium">{other.name}</span>
                <Button
                  look="bare"
                  aria-label={`Take ${other.name}`}
                  onClick={() => onEdit({ kind: "swap", drill: drill.id, block: step.block, with: other.id })}
                >
                  Take it
                </Button>
                <IconButton
                  label={`Offer ${other.name} no longer`}
                  onClick={() => offer(anyOf.filter((d) => d !== other))}
                >
                  <X aria-hidden className="size-4" />
                </IconButton>
              </li>
            ))}
          </ul>
        </section>
      ) : (
        best.length > 0 && (
          <Button onClick={() => offer(best)}>Offer it with {best.map((d) => d.name).join(" and ")}</Button>
        )
      )}
      {condition ? (
        <section className="space-y-2">
          <h3 className="section-title">Once something is reached</h3>
          <TextField
            label="What has to be reached"
            value={condition.reached}
            format={(text) => text}
            parse={(text) =>
              text.trim() === ""
                ? fail("Say what has to be reached.")
                : ok(text.trim().slice(0, OFFER_LIMITS.reached))
            }
            onChange={(reached) => onEdit(pinEdit(step, { condition: { reached, next: condition.next.id } }))}
          />
          <div className="flex items-end justify-between gap-3">
            <LabelledChoice
              label="Then"
              value={condition.next.id}
              groups={[{ options: later.map((d) => ({ value: d.id, label: d.name })) }]}
              onChange={(next) => onEdit(pinEdit(step, { condition: { reached: condition.reached, next } }))}
            />
            <IconButton
              label="Take the condition out"
              onClick={() => onEdit(pinEdit(step, { condition: undefined }))}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </div>
        </section>
      ) : (
        others[0] && (
          <Button
            onClick={() =>
              onEdit(pinEdit(step, { condition: { reached: "Easy and clean", next: others[0]!.id } }))
            }
          >
            Another one once it is easy
          </Button>
        )
      )}
    </>
  );
}
