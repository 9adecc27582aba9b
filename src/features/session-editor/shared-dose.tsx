"use client";

import { ChevronDown } from "lucide-react";
import { Popover } from "radix-ui";
import { useCatalog } from "@/client/catalog";
import { drillById } from "@/core/catalog";
import { formatDose, formatDoseBriefly } from "@/core/dose";
import type { GroupPlan, SharedDrill } from "@/core/group";
import type { SessionEdit } from "@/core/session";
import { CircuitFields } from "@/features/shared/circuit-fields";
import { DoseFields } from "@/features/shared/dose-fields";

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
  const catalog = useCatalog();
  const { drill, name, dose, rounds } = shared;
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
          <p className="font-bold">{name}</p>
          <DoseFields
            range={drillById(catalog, drill)!.dose}
            dose={dose}
            rounds={rounds}
            mostSeconds={minutes * 60}
            onDose={(next) => onEdit({ kind: "pin", drill, dose: next })}
          />
          <CircuitFields drill={drill} list={plan.shared} nameOf={nameOf} onMove={onEdit} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
