"use client";

import { ChevronDown } from "lucide-react";
import { Popover } from "radix-ui";
import { formatDose, formatDoseBriefly } from "@/core/dose";
import type { GroupPlan, SharedDrill } from "@/core/group";
import type { SessionEdit } from "@/core/session";
import { later } from "@/ui/later";

const SharedDoseFields = later(() => import("./shared-dose-fields").then((m) => m.SharedDoseFields));

/** How much of a drill everybody does, and what it goes round with; opened, it can be changed for all. */
export function SharedDose({
  shared,
  plan,
  minutes,
  nameOf,
  onEdit,
}: {
  shared: SharedDrill;
  plan: GroupPlan;
  minutes: number;
  nameOf: (drill: string) => string;
  onEdit: (edit: SessionEdit) => void;
}) {
  const { name, dose } = shared;
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`Dose of ${name}: ${formatDose(dose)}`}
        title={formatDose(dose)}
        className="condensed flex h-8 items-center gap-1 rounded-sm text-sm font-medium whitespace-nowrap hover:text-ember data-[state=open]:text-ember"
      >
        {formatDoseBriefly(dose)}
        <ChevronDown aria-hidden className="size-3 opacity-60" />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={6}
          aria-label={`Dose of ${name}`}
          className="z-40 w-[min(26rem,calc(100vw-2rem))] space-y-4 rounded-sm border border-ink bg-field p-4 shadow-sheet"
        >
          <SharedDoseFields shared={shared} plan={plan} minutes={minutes} nameOf={nameOf} onEdit={onEdit} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
