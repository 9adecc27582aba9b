"use client";

import { format, parseISO } from "date-fns";
import { CircleAlert, CloudCheck, CloudUpload, Keyboard, Printer, Redo2, Undo2 } from "lucide-react";
import Link from "next/link";
import { Button, IconButton } from "@/ui/button";
import { Choice, type ChoiceGroup } from "@/ui/choice";
import { Wordmark } from "@/ui/wordmark";
import type { WarmUpState } from "./use-warm-up";

/** Where one is, whose plan it is, whether it is saved, and the way to the card. */
export function TopBar({
  id,
  day,
  athleteId,
  athletes,
  state,
  onAthlete,
  onKeys,
}: {
  id: string;
  day: string;
  athleteId: string;
  athletes: readonly { id: string; name: string; group: string }[];
  state: WarmUpState;
  onAthlete: (id: string) => void;
  onKeys: () => void;
}) {
  const groups: ChoiceGroup[] = [...new Set(athletes.map((a) => a.group))].map((label) => ({
    label,
    options: athletes.filter((a) => a.group === label).map((a) => ({ value: a.id, label: a.name })),
  }));
  return (
    <header className="flex min-h-12 shrink-0 flex-wrap items-center gap-x-4 gap-y-1 border-b border-line px-7 py-1">
      <Link href="/" aria-label="Iron Step: today">
        <Wordmark />
      </Link>
      <Choice
        label="Athlete"
        value={athleteId}
        groups={groups}
        onChange={onAthlete}
        triggerClassName="text-base font-bold"
      />
      <span className="text-ink-faint">{format(parseISO(day), "EEE d MMM")}</span>
      <span className="ml-auto">
        <SaveSign state={state} />
      </span>
      <span className="flex">
        <IconButton label="Undo" keys="Ctrl Z" disabled={!state.canUndo} onClick={state.undo}>
          <Undo2 aria-hidden className="size-4" />
        </IconButton>
        <IconButton label="Redo" keys="Ctrl Shift Z" disabled={!state.canRedo} onClick={state.redo}>
          <Redo2 aria-hidden className="size-4" />
        </IconButton>
        <IconButton label="Keys" keys="?" onClick={onKeys}>
          <Keyboard aria-hidden className="size-4" />
        </IconButton>
      </span>
      <Link
        href={`/card/${id}`}
        className="inline-flex min-h-8 items-center gap-1.5 rounded-sm bg-ember px-3 font-semibold text-white hover:bg-ember-deep"
      >
        <Printer aria-hidden className="size-4" />
        Card
      </Link>
    </header>
  );
}

function SaveSign({ state }: { state: WarmUpState }) {
  const { save } = state;
  if (save.kind === "changed-elsewhere") {
    return (
      <span role="alert" className="flex items-center gap-2">
        <span className="font-semibold text-ember">Changed in another window.</span>
        <Button onClick={() => state.settle("theirs")}>Show that version</Button>
        <Button onClick={() => state.settle("mine")}>Keep this one</Button>
      </span>
    );
  }
  const signs = {
    saved: { icon: CloudCheck, words: "Saved" },
    saving: { icon: CloudUpload, words: "Saving" },
    retrying: { icon: CircleAlert, words: "Not saved yet: no answer from the server, trying again" },
    refused: { icon: CircleAlert, words: save.kind === "refused" ? `Not saved. ${save.message}` : "" },
  };
  const { icon: Icon, words } = signs[save.kind];
  const bad = save.kind === "retrying" || save.kind === "refused";
  return (
    <span
      role="status"
      className={`flex items-center gap-1.5 ${bad ? "font-semibold text-ember" : "text-ink-faint"}`}
    >
      <Icon aria-hidden className="size-4" />
      {words}
    </span>
  );
}
