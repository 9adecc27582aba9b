"use client";

import { RotateCcw } from "lucide-react";
import type { Lift } from "@/core/catalog";
import { type DraftLift, isOwnRamp, type WarmUpEdit } from "@/core/draft";
import { additionsFor, RAMP_STYLE_IDS, RAMP_STYLES } from "@/core/ramp";
import { Button } from "@/ui/button";
import { type ChoiceGroup, LabelledChoice } from "@/ui/choice";
import { Toggle } from "@/ui/toggle";

const AS_USUAL = "usual";
const STYLES: readonly ChoiceGroup[] = [
  {
    options: [
      { value: AS_USUAL, label: "By approach", note: "As the approach of this warm-up has it." },
      ...Object.values(RAMP_STYLES).map((s) => ({ value: s.id, label: s.name, note: s.description })),
    ],
  },
];
const STARTS: readonly ChoiceGroup[] = [
  {
    options: [
      { value: AS_USUAL, label: "As usual" },
      { value: "0", label: "Lightest" },
      { value: "0.2", label: "20 %" },
      { value: "0.4", label: "40 %" },
      { value: "0.5", label: "50 %" },
    ],
  },
];

/** How the whole ramp of a lift is made: its style and start, blocks under the bar, technique additions. */
export function RampControls({
  lift,
  draft,
  at,
  onEdit,
}: {
  lift: Lift;
  draft: DraftLift;
  at: number;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const additions = additionsFor(lift);
  const toggled = (id: (typeof additions)[number]["id"], on: boolean) =>
    on ? [...draft.additions, id] : draft.additions.filter((a) => a !== id);
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <LabelledChoice
          label="Ramp style"
          value={draft.rampStyle ?? AS_USUAL}
          groups={STYLES}
          onChange={(id) =>
            onEdit({
              kind: "change-lift",
              at,
              change: { rampStyle: RAMP_STYLE_IDS.find((s) => s === id) ?? null },
            })
          }
        />
        <LabelledChoice
          label="Start"
          value={draft.rampStart === null ? AS_USUAL : String(draft.rampStart)}
          groups={STARTS}
          onChange={(start) =>
            onEdit({
              kind: "change-lift",
              at,
              change: { rampStart: start === AS_USUAL ? null : Number(start) },
            })
          }
        />
      </div>
      {(lift.fromFloor || additions.length > 0) && (
        <div className="space-y-1">
          {lift.fromFloor && (
            <Toggle
              label="Bar on blocks"
              note="At full height with any plates, so that it may start lighter."
              isOn={draft.onBlocks}
              onChange={(onBlocks) => onEdit({ kind: "change-lift", at, change: { onBlocks } })}
            />
          )}
          {additions.map((a) => (
            <Toggle
              key={a.id}
              label={a.name}
              note={a.description}
              isOn={draft.additions.includes(a.id)}
              onChange={(on) => onEdit({ kind: "change-lift", at, change: { additions: toggled(a.id, on) } })}
            />
          ))}
        </div>
      )}
      {isOwnRamp(draft) && (
        <Button onClick={() => onEdit({ kind: "reset-ramp", at })}>
          <RotateCcw aria-hidden className="size-4" />
          Recalculate ramp
        </Button>
      )}
    </>
  );
}
