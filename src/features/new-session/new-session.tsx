"use client";

import { Plus, X } from "lucide-react";
import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { newSessionChoicesAction, removeTemplateAction, startSessionAction } from "@/app/actions";
import { useOfferActions } from "@/client/palette-actions";
import { counted } from "@/core/units";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { AddLift } from "@/features/shared/add-lift";
import { approachGroups, liftGroups } from "@/features/shared/lift-groups";
import type { NewSessionChoices, Precedent } from "@/server/sessions/start-session";
import { Button, IconButton } from "@/ui/button";
import { Choice, type ChoiceGroup, LabelledChoice } from "@/ui/choice";
import { DayField } from "@/ui/day-field";
import { Sheet, SheetClose } from "@/ui/sheet";
import { TimeField } from "@/ui/time-field";
import { WholeStepper } from "@/ui/whole-stepper";

/** What a new session is like where nothing was before. */
const USUAL: Precedent = {
  lifts: ["back-squat"],
  minutes: 15,
  approach: "temperature-first",
  time: null,
  gymId: null,
};
/** Where the last choice of people is kept in the browser. */
const LAST_WHO = "iron-step new session for";

interface Form extends Precedent {
  /** "group ID" or "athlete ID". */
  who: string;
  /** "last", "anew" or a template's id. */
  from: string;
  day: string;
}

/** What a group did last, a template, or nothing, as a start. */
function precedentOf(choices: NewSessionChoices, who: string, from: string): Precedent {
  const last = choices.groups.find((g) => who === `group ${g.id}`)?.last;
  if (from === "last" && last) return last;
  const template = choices.templates.find((t) => t.id === from);
  return template ? { ...template, time: last?.time ?? null, gymId: last?.gymId ?? null } : USUAL;
}

/** The way to a new session from a page of the desk, by its button, by `N` and from the palette. */
export function NewSession({ day }: { day: string }) {
  const [open, setOpen] = useState(false);
  useHotkeys("n", () => setOpen(true), { preventDefault: true });
  useOfferActions(useMemo(() => [{ label: "New session", keys: "N", run: () => setOpen(true) }], []));
  return (
    <>
      <Button look="main" onClick={() => setOpen(true)}>
        <Plus aria-hidden className="size-4" />
        New session
      </Button>
      <NewSessionSheet day={day} time={null} open={open} onOpenChange={setOpen} />
    </>
  );
}

/** Makes a session in a few steps: who is enough, everything else is as last time until it is changed. */
export function NewSessionSheet({
  open,
  onOpenChange,
  ...at
}: {
  day: string;
  /** Of the first working set; null: as last time. */
  time: string | null;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <Sheet title="New session" open={open} onOpenChange={onOpenChange} className="w-[34rem]">
      <NewSessionForm {...at} />
    </Sheet>
  );
}

function NewSessionForm({ day, time }: { day: string; time: string | null }) {
  const router = useRouter();
  const [choices, setChoices] = useState<NewSessionChoices | null>(null);
  const [form, setForm] = useState<Form | null>(null);
  const [message, setMessage] = useState<string | null>(null);
  const [isStarting, setStarting] = useState(false);

  const begin = useCallback(
    (known: NewSessionChoices, who: string, from = "last") => {
      const last = known.groups.find((g) => who === `group ${g.id}`)?.last;
      const way = from === "last" && !last ? "anew" : from;
      const precedent = precedentOf(known, who, way);
      setForm((f) => ({ day: f?.day ?? day, who, from: way, ...precedent, time: time ?? precedent.time }));
    },
    [day, time],
  );
  useEffect(() => {
    let isGone = false;
    void newSessionChoicesAction().then((known) => {
      if (isGone) return;
      setChoices(known);
      const remembered = localStorage.getItem(LAST_WHO);
      const all = [
        ...known.groups.filter((g) => g.people > 0).map((g) => `group ${g.id}`),
        ...known.athletes.map((a) => `athlete ${a.id}`),
      ];
      const who = all.find((w) => w === remembered) ?? all[0];
      if (who) begin(known, who);
    });
    return () => {
      isGone = true;
    };
  }, [begin]);
  const start = async () => {
    if (!form || !choices) return;
    setStarting(true);
    const { who, from, day: on, time: clock, minutes, approach, lifts, gymId } = form;
    localStorage.setItem(LAST_WHO, who);
    const [kind, id] = [who.split(" ")[0], who.slice(who.indexOf(" ") + 1)];
    const last = choices.groups.find((g) => g.id === id)?.last;
    const outcome = await startSessionAction({
      ...{ day: on, time: clock, minutes, approach, lifts, gymId },
      groupId: kind === "group" ? id : null,
      athleteIds: kind === "athlete" ? [id] : [],
      from:
        from === "anew"
          ? null
          : from === "last"
            ? last
              ? { kind: "session", id: last.id }
              : null
            : { kind: "template", id: from },
    });
    setStarting(false);
    if (outcome.kind === "refused") setMessage(outcome.message);
    else router.push(`/session/${outcome.id}`);
  };
  const forget = async (template: string) => {
    const forgotten = await removeTemplateAction(template);
    const again = async () => {
      const known = await newSessionChoicesAction();
      setChoices(known);
      if (form) begin(known, form.who);
    };
    await again();
    if (forgotten)
      toastUndo(`"${forgotten.name}" is forgotten.`, forgotten.token, "Bring it back", () => void again());
  };
  // The choices come after the sheet: the first thing to say then takes the focus.
  const fields = useRef<HTMLDivElement>(null);
  const isKnown = form !== null;
  useEffect(() => {
    if (isKnown) fields.current?.querySelector<HTMLElement>("[role=combobox]")?.focus();
  }, [isKnown]);
  const set = (to: Partial<Form>) => setForm((f) => f && { ...f, ...to });

  return (
    <div ref={fields}>
      {choices && form && (
        <Fields
          {...{ choices, form, set }}
          onWho={(who) => begin(choices, who)}
          onFrom={(from) => begin(choices, form.who, from)}
          onForget={(template) => void forget(template)}
        />
      )}
      {choices && !form && (
        <p className="text-ink-soft">Nobody trains here yet. Add athletes first, then plan their session.</p>
      )}
      {!choices && <p className="text-ink-soft">One moment</p>}
      <p role="alert" className="mt-3 min-h-5 font-semibold text-ember">
        {message}
      </p>
      <div className="mt-2 flex gap-3">
        <Button look="main" disabled={!form || isStarting} onClick={() => void start()}>
          Plan it
        </Button>
        <SheetClose asChild>
          <Button>Leave it</Button>
        </SheetClose>
      </div>
    </div>
  );
}

function Fields({
  choices,
  form,
  set,
  onWho,
  onFrom,
  onForget,
}: {
  choices: NewSessionChoices;
  form: Form;
  set: (to: Partial<Form>) => void;
  onWho: (who: string) => void;
  onFrom: (from: string) => void;
  onForget: (template: string) => void;
}) {
  const who: ChoiceGroup[] = [
    {
      label: "Groups",
      options: choices.groups
        .filter((g) => g.people > 0)
        .map((g) => ({
          value: `group ${g.id}`,
          label: g.name,
          note: counted(g.people, "athlete"),
        })),
    },
    {
      label: "One athlete",
      options: choices.athletes.map((a) => ({ value: `athlete ${a.id}`, label: a.name, note: a.group })),
    },
  ];
  const last = choices.groups.find((g) => form.who === `group ${g.id}`)?.last;
  const from = [
    ...(last ? [{ value: "last", label: "Their last session" }] : []),
    { value: "anew", label: "Nothing" },
    ...choices.templates.map((t) => ({ value: t.id, label: t.name, note: "Template" })),
  ];
  return (
    <div className="space-y-5">
      <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <span className="flex flex-col gap-1">
          <span aria-hidden className="condensed text-2xs text-ink-faint">
            Who
          </span>
          <Choice
            label="Who"
            value={form.who}
            groups={who}
            onChange={onWho}
            triggerClassName="text-xl font-extrabold tracking-tight"
          />
        </span>
        {from.length > 1 && (
          <LabelledChoice
            label="Start from"
            value={form.from}
            groups={[{ options: from }]}
            onChange={onFrom}
          />
        )}
        {choices.templates.some((t) => t.id === form.from) && (
          <Button look="bare" className="-ml-4" onClick={() => onForget(form.from)}>
            Forget this template
          </Button>
        )}
      </div>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <DayField label="Day" value={form.day} onChange={(day) => set({ day })} />
        <TimeField label="First working set" value={form.time} onChange={(time) => set({ time })} />
        <WholeStepper
          label="Minutes"
          value={form.minutes}
          least={2}
          most={60}
          onChange={(minutes) => set({ minutes })}
        />
        <LabelledChoice
          label="Approach"
          value={form.approach}
          groups={approachGroups(form.approach)}
          onChange={(approach) => set({ approach })}
        />
        {choices.gyms.length > 1 && (
          <LabelledChoice
            label="Where"
            value={form.gymId ?? choices.gyms[0]!.id}
            groups={[{ options: choices.gyms.map((g) => ({ value: g.id, label: g.name })) }]}
            onChange={(gymId) => set({ gymId })}
          />
        )}
      </div>
      <div>
        <span className="condensed text-2xs text-ink-faint">Lifts, in order</span>
        <ol>
          {form.lifts.map((lift, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
            <li key={i} className="flex min-h-9 items-center gap-2">
              <span className="w-4 text-right text-ink-faint">{i + 1}</span>
              <Choice
                label={`Lift ${i + 1}`}
                value={lift}
                groups={liftGroups(lift)}
                onChange={(id) => set({ lifts: form.lifts.with(i, id) })}
                triggerClassName="text-base font-bold"
              />
              {form.lifts.length > 1 && (
                <IconButton
                  label={`Take out lift ${i + 1}`}
                  onClick={() => set({ lifts: form.lifts.toSpliced(i, 1) })}
                >
                  <X aria-hidden className="size-4" />
                </IconButton>
              )}
            </li>
          ))}
        </ol>
        {form.lifts.length < 6 && (
          <AddLift
            label="Another lift"
            className="min-h-9"
            onAdd={(lift) => set({ lifts: [...form.lifts, lift] })}
          />
        )}
      </div>
    </div>
  );
}
