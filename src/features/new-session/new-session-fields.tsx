"use client";

import { ChevronDown, X } from "lucide-react";
import { useState } from "react";
import { useCatalog } from "@/client/catalog";
import { LIMITS, MOST_LIFTS } from "@/core/draft";
import { counted } from "@/core/units";
import { AddLift } from "@/features/shared/add-lift";
import { approachGroups, liftGroups } from "@/features/shared/lift-groups";
import type { NewSessionChoices } from "@/server/sessions/start-session";
import { Button, IconButton } from "@/ui/button";
import { Choice, LabelledChoice } from "@/ui/choice";
import { DayField } from "@/ui/day-field";
import { TickSheet } from "@/ui/tick-sheet-later";
import { TimeField } from "@/ui/time-field";
import { WholeStepper } from "@/ui/whole-stepper";
import { lastOf, type NewSessionDraft, nameOf, peopleOf, type Who, whoAre } from "./precedent";

interface FieldsProps {
  choices: NewSessionChoices;
  draft: NewSessionDraft;
  set: (to: Partial<NewSessionDraft>) => void;
  onWho: (who: Who) => void;
  onFrom: (from: string) => void;
  onDeleteTemplate: (template: string) => void;
}

/** What a new session is made of: who and from what, when and how, and the lifts. */
export function NewSessionFields(props: FieldsProps) {
  const { choices, draft, set } = props;
  const catalog = useCatalog();
  return (
    <div className="space-y-5">
      <WhoAndFrom {...props} />
      <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <DayField label="Day" value={draft.day} onChange={(day) => set({ day })} />
        <TimeField label="First working set" value={draft.time} onChange={(time) => set({ time })} />
        <WholeStepper
          label="Minutes"
          value={draft.minutes}
          range={LIMITS.minutes}
          onChange={(minutes) => set({ minutes })}
        />
        <LabelledChoice
          label="Approach"
          value={draft.approach}
          groups={approachGroups(catalog, draft.approach)}
          onChange={(approach) => set({ approach })}
        />
        {choices.gyms.length > 1 && (
          <LabelledChoice
            label="Where"
            value={draft.gymId ?? choices.gyms[0]!.id}
            groups={[{ options: choices.gyms.map((g) => ({ value: g.id, label: g.name })) }]}
            onChange={(gymId) => set({ gymId })}
          />
        )}
      </div>
      <Lifts lifts={draft.lifts} onChange={(lifts) => set({ lifts })} />
    </div>
  );
}

function WhoAndFrom({ choices, draft, onWho, onFrom, onDeleteTemplate }: FieldsProps) {
  const [isTicking, setTicking] = useState(false);
  const from = [
    ...(lastOf(choices, draft.who) ? [{ value: "last", label: "Their last session" }] : []),
    { value: "anew", label: "Nothing" },
    ...choices.templates.map((t) => ({ value: t.id, label: t.name, note: "Template" })),
  ];
  return (
    <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
      <span className="flex flex-col gap-1">
        <span aria-hidden className="condensed text-2xs text-ink-faint">
          Who
        </span>
        <Button
          look="bare"
          aria-label={`Who: ${nameOf(choices, draft.who)}`}
          className="-ml-3 text-xl font-extrabold tracking-tight"
          onClick={() => setTicking(true)}
        >
          {nameOf(choices, draft.who)}
          <ChevronDown aria-hidden className="size-[0.85em] shrink-0 opacity-60" />
        </Button>
        <TickSheet
          title="Who"
          placeholder="Type a name or a group"
          items={choices.athletes.map(({ id, name, group }) => ({
            id,
            label: name,
            heading: group,
            words: group,
          }))}
          ticked={peopleOf(choices, draft.who)}
          action={(count) => (count === 0 ? "Take" : `Take ${counted(count, "athlete")}`)}
          open={isTicking}
          onOpenChange={setTicking}
          quick={choices.groups
            .filter((g) => g.people > 0)
            .map((g) => ({ id: g.id, label: g.name, heading: "Groups", note: counted(g.people, "athlete") }))}
          onQuick={(id) => onWho(`group ${id}`)}
          onTake={(ids) => onWho(whoAre(choices, ids))}
        />
      </span>
      {from.length > 1 && (
        <LabelledChoice
          label="Start from"
          value={draft.from}
          groups={[{ options: from }]}
          onChange={onFrom}
        />
      )}
      {choices.templates.some((t) => t.id === draft.from) && (
        <Button look="bare" className="-ml-4" onClick={() => onDeleteTemplate(draft.from)}>
          Delete this template
        </Button>
      )}
    </div>
  );
}

function Lifts({ lifts, onChange }: { lifts: string[]; onChange: (lifts: string[]) => void }) {
  const catalog = useCatalog();
  return (
    <div>
      <span className="condensed text-2xs text-ink-faint">Lifts, in order</span>
      <ol>
        {lifts.map((lift, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
          <li key={i} className="flex min-h-9 items-center gap-2">
            <span className="w-4 text-right text-ink-faint">{i + 1}</span>
            <Choice
              label={`Lift ${i + 1}`}
              value={lift}
              groups={liftGroups(catalog, lift)}
              onChange={(id) => onChange(lifts.with(i, id))}
              triggerClassName="text-base font-bold"
            />
            {lifts.length > 1 && (
              <IconButton label={`Remove lift ${i + 1}`} onClick={() => onChange(lifts.toSpliced(i, 1))}>
                <X aria-hidden className="size-4" />
              </IconButton>
            )}
          </li>
        ))}
      </ol>
      {lifts.length < MOST_LIFTS && (
        <AddLift className="min-h-9" onAdd={(lift) => onChange([...lifts, lift])} />
      )}
    </div>
  );
}
