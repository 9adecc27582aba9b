"use client";

import { formatDose } from "@/core/dose";
import type { FloorAthlete, FloorStep } from "@/core/floor";
import { DrillFigure } from "@/features/shared/figure";
import { Sheet, SheetClose } from "@/ui/sheet";
import { useAct } from "./acts";
import { FloorButton } from "./floor-button";

/** What can be done in the place of a drill, the nearest first: one tap takes it. */
export function SwapSheet({
  athlete,
  step,
  open,
  onOpenChange,
}: {
  athlete: FloorAthlete;
  step: FloorStep;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const act = useAct();
  return (
    <Sheet
      title={`In place of ${step.name.toLowerCase()}`}
      open={open}
      onOpenChange={onOpenChange}
      className="max-h-[94dvh] w-[34rem] overflow-y-auto"
    >
      <ul>
        {step.swaps.map(({ picture, needsKit: _, ...swap }) => (
          <li key={swap.drill} className="border-b border-line">
            <button
              type="button"
              className="flex min-h-16 w-full items-center gap-4 px-2 text-left text-base hover:bg-chalk-deep"
              onClick={() => {
                act(`${athlete.name}: ${swap.name}`, [
                  { athlete: athlete.id, what: { kind: "step-swapped", step: step.key, ...swap } },
                ]);
                onOpenChange(false);
              }}
            >
              <DrillFigure drill={picture} className="on-field w-14 shrink-0" />
              <span className="min-w-0 flex-1">
                <span className="block font-semibold">{swap.name}</span>
                <span className="block text-sm text-ink-soft">{swap.cue}</span>
              </span>
              <span className="condensed font-semibold">{formatDose(swap.dose)}</span>
            </button>
          </li>
        ))}
      </ul>
      <SheetClose asChild>
        <FloorButton className="mt-3">Cancel</FloorButton>
      </SheetClose>
    </Sheet>
  );
}
