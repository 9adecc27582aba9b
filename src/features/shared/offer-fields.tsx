"use client";

import { Check, X } from "lucide-react";
import type { Drill } from "@/core/catalog";
import {
  type Condition,
  conditionInWords,
  LEAST_EXPERIENCES,
  OFFER_LIMITS,
  type OwnDrill,
} from "@/core/drills";
import { fail, ok } from "@/lib/result";
import { Button, IconButton } from "@/ui/button";
import { LabelledChoice } from "@/ui/choice";
import { TextField } from "@/ui/text-field";

/** Drills offered beside one until the coach says otherwise: with it they are three. */
const OFFERED = 2;

type Said = Pick<OwnDrill, "anyOf" | "condition">;

/** What may be done in a drill's place: one of several, or another for some, or once something has been reached. */
export function OfferFields({
  name,
  anyOf,
  condition,
  others,
  onSay,
  onTake,
  onReached,
}: {
  /** Of the drill. */
  name: string;
  anyOf: readonly Drill[];
  condition: Condition | undefined;
  /** What else would do, the best first. */
  others: readonly Drill[];
  onSay: (said: Said) => void;
  onTake: (drill: string) => void;
  /** Notes that it has been reached; absent: there is no one athlete. */
  onReached?: () => void;
}) {
  const offer = (drills: readonly Drill[]) =>
    onSay({ anyOf: drills.length > 0 ? drills.map((d) => d.id) : undefined });
  const best = others.slice(0, OFFERED);
  return (
    <>
      {anyOf.length > 0 ? (
        <section>
          <h3 className="section-title mb-1">Any of these</h3>
          <p className="text-xs text-ink-soft">
            {name} counts until one is taken. The card names all of them.
          </p>
          <ul>
            {anyOf.map((other) => (
              <li key={other.id} className="flex items-center gap-2 border-t border-line py-1">
                <span className="min-w-0 flex-1 truncate font-medium">{other.name}</span>
                <Button look="bare" aria-label={`Take ${other.name}`} onClick={() => onTake(other.id)}>
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
        <ConditionFields
          condition={condition}
          others={others}
          onChange={(to) => onSay({ condition: to })}
          onReached={onReached}
        />
      ) : (
        others[0] && (
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => onSay({ condition: { reached: "Easy and clean", next: others[0]!.id } })}>
              Another one once it is easy
            </Button>
            <Button onClick={() => onSay({ condition: { experience: "advanced", next: others[0]!.id } })}>
              Another one for advanced lifters
            </Button>
          </div>
        )
      )}
    </>
  );
}

/** When another drill is done, and which. */
function ConditionFields({
  condition,
  others,
  onChange,
  onReached,
}: {
  condition: Condition;
  others: readonly Drill[];
  onChange: (condition: Condition | undefined) => void;
  onReached?: () => void;
}) {
  const known = others.some((d) => d.id === condition.next);
  const options = others.map((d) => ({ value: d.id, label: d.name }));
  if (!known) options.unshift({ value: condition.next, label: condition.next });
  return (
    <section className="space-y-2">
      <h3 className="section-title">
        {"reached" in condition ? "Once something is reached" : "By experience"}
      </h3>
      {"reached" in condition ? (
        <TextField
          label="What has to be reached"
          value={condition.reached}
          format={(text) => text}
          parse={(text) =>
            text.trim() === ""
              ? fail("Say what has to be reached.")
              : ok(text.trim().slice(0, OFFER_LIMITS.reached))
          }
          onChange={(reached) => onChange({ reached, next: condition.next })}
        />
      ) : (
        <LabelledChoice
          label="For whom"
          value={condition.experience}
          groups={[
            {
              options: LEAST_EXPERIENCES.map((experience) => ({
                value: experience,
                label: conditionInWords({ experience, next: condition.next }),
              })),
            },
          ]}
          onChange={(to) =>
            onChange({ experience: LEAST_EXPERIENCES.find((e) => e === to)!, next: condition.next })
          }
        />
      )}
      <div className="flex items-end justify-between gap-3">
        <LabelledChoice
          label="Then"
          value={condition.next}
          groups={[{ options }]}
          onChange={(next) => onChange({ ...condition, next })}
        />
        <IconButton label="Take the condition out" onClick={() => onChange(undefined)}>
          <X aria-hidden className="size-4" />
        </IconButton>
      </div>
      {"reached" in condition && onReached && (
        <Button onClick={onReached}>
          <Check aria-hidden className="size-4" />
          Reached
        </Button>
      )}
    </section>
  );
}
