"use client";

import { useRouter } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { useData } from "@/client/data";
import { toast } from "@/client/toast";
import { answered, useAsk } from "@/client/use-ask";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { removeTemplateAction, startSessionAction } from "@/server/actions/sessions";
import type { NewSessionChoices } from "@/server/sessions/start-session";
import { Sheet, SheetButtons } from "@/ui/sheet";
import { NewSessionFields } from "./new-session-fields";
import { draftFor, firstWho, type NewSessionDraft, requestOf, type Who } from "./precedent";

/** Where the last choice of people is kept in the browser. */
const LAST_WHO = "iron-step new session for";

/** A sheet with the form of a new session. */
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
      <NewSessionForm {...at} onStarted={() => onOpenChange(false)} />
    </Sheet>
  );
}

/** It opens on who was chosen last. */
function NewSessionForm({
  day,
  time,
  onStarted,
}: {
  day: string;
  time: string | null;
  onStarted: () => void;
}) {
  const router = useRouter();
  const { data: choices, refetch } = useData<NewSessionChoices>("new-session");
  const [draft, setDraft] = useState<NewSessionDraft | null>(null);
  const [message, setMessage] = useState<string | null>(null);
  const [isStarting, setStarting] = useState(false);
  const set = (to: Partial<NewSessionDraft>) => setDraft((d) => d && { ...d, ...to });

  const begin = (known: NewSessionChoices, who: Who, from = "last") =>
    setDraft((d) => draftFor(known, who, from, { day: d?.day ?? day, time }));
  useEffect(() => {
    if (!choices) return;
    setDraft((d) => {
      const who = firstWho(choices, d?.who ?? localStorage.getItem(LAST_WHO));
      return d?.who === who && choices.templates.some((t) => t.id === d?.from)
        ? d
        : who
          ? draftFor(choices, who, "last", { day: d?.day ?? day, time })
          : null;
    });
  }, [choices, day, time]);

  const ask = useAsk();
  const start = async () => {
    if (!draft || !choices) return;
    setStarting(true);
    localStorage.setItem(LAST_WHO, draft.who);
    const outcome = await ask(startSessionAction, requestOf(choices, draft));
    setStarting(false);
    if (outcome.kind === "refused") return setMessage(outcome.message);
    // It stands over every page: it would stay on the next.
    onStarted();
    router.push(`/session/${outcome.id}`);
  };
  const deleteTemplate = async (template: string) => {
    const outcome = await answered(removeTemplateAction(template));
    await refetch();
    if (outcome.kind === "refused") toast(outcome.message);
    else toastUndo(`Template "${outcome.name}" is deleted.`, outcome.token, () => void refetch());
  };

  // The choices come after the sheet: the first thing to say then takes the focus.
  const fields = useRef<HTMLDivElement>(null);
  const isKnown = draft !== null;
  useEffect(() => {
    if (isKnown) fields.current?.querySelector<HTMLElement>("button")?.focus();
  }, [isKnown]);

  return (
    <div ref={fields}>
      {choices && draft && (
        <NewSessionFields
          {...{ choices, draft, set }}
          onWho={(who) => begin(choices, who)}
          onFrom={(from) => begin(choices, draft.who, from)}
          onDeleteTemplate={(template) => void deleteTemplate(template)}
        />
      )}
      {choices && !draft && (
        <p className="text-ink-soft">Nobody trains here yet. Add athletes first, then plan their session.</p>
      )}
      {!choices && <p className="text-ink-soft">Loading</p>}
      <p role="alert" className="mt-3 min-h-5 font-semibold text-ember">
        {message}
      </p>
      <SheetButtons action="Create session" disabled={!draft || isStarting} onAct={() => void start()} />
    </div>
  );
}
