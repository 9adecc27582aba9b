"use client";

import { format, parseISO } from "date-fns";
import { Keyboard, Printer } from "lucide-react";
import Link from "next/link";
import { IconButton } from "@/ui/button";
import { Choice, type ChoiceGroup } from "@/ui/choice";
import { SaveSign, UndoButtons } from "@/ui/save-sign";
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
        <UndoButtons state={state} />
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
