"use client";

import { Minus, Plus } from "lucide-react";
import { useState } from "react";
import { useFloor } from "@/client/use-floor";
import type { FloorAthlete, FloorItem } from "@/core/floor";
import { FELT, type Felt } from "@/core/ramp";
import { formatWeight, type Weight, weightStep } from "@/core/units";
import { Sheet } from "@/ui/sheet";
import { useAct } from "./acts";
import { FloorButton } from "./floor-button";

type SetItem = Exclude<FloorItem, { kind: "step" }>;

/** A set with another weight or other repetitions than planned. */
export function SetSheet({
  athlete,
  item,
  open,
  onOpenChange,
}: {
  athlete: FloorAthlete;
  item: SetItem;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <Sheet
      title={`${athlete.name}: as it was done`}
      open={open}
      onOpenChange={onOpenChange}
      className="w-[30rem]"
    >
      {open && <SetForm athlete={athlete} item={item} onDone={() => onOpenChange(false)} />}
    </Sheet>
  );
}

function SetForm({ athlete, item, onDone }: { athlete: FloorAthlete; item: SetItem; onDone: () => void }) {
  const { plan } = useFloor();
  const act = useAct();
  const { lift, set, load } = item;
  const [weight, setWeight] = useState<Weight>(load.weight);
  const [reps, setReps] = useState(load.reps);
  const step = weightStep(plan.unit);
  const keep = (felt: Felt | null) => {
    act(`${athlete.name}: ${formatWeight(weight)} × ${reps}`, [
      {
        athlete: athlete.id,
        what: { kind: "set-done", lift, set, isWork: item.kind === "work", weight, reps, felt },
      },
    ]);
    onDone();
  };
  return (
    <>
      <Counter
        label="Weight"
        says={`${formatWeight(weight)} ${athlete.lifts[lift]!.unit}`}
        onStep={(by) => setWeight(Math.max(0, weight + by * step) as Weight)}
      />
      <Counter
        label="Repetitions"
        says={String(reps)}
        onStep={(by) => setReps(Math.min(100, Math.max(0, reps + by)))}
      />
      <fieldset className="mt-4 grid grid-cols-3 gap-2">
        <legend className="mb-1 text-base font-semibold">It was</legend>
        {FELT.map((felt) => (
          <FloorButton
            key={felt}
            look={felt === "right" ? "main" : "quiet"}
            size="large"
            onClick={() => keep(felt)}
          >
            {felt}
          </FloorButton>
        ))}
      </fieldset>
      <FloorButton className="mt-2" onClick={() => keep(null)}>
        Done
      </FloorButton>
    </>
  );
}

/** A number with a large button on each side. */
function Counter({ label, says, onStep }: { label: string; says: string; onStep: (by: 1 | -1) => void }) {
  return (
    <div className="flex items-center gap-3 border-b border-line py-2">
      <span className="flex-1 text-base font-semibold">{label}</span>
      <FloorButton aria-label={`${label} down`} onClick={() => onStep(-1)}>
        <Minus aria-hidden className="size-5" />
      </FloorButton>
      <output className="condensed min-w-28 text-center text-2xl font-bold">{says}</output>
      <FloorButton aria-label={`${label} up`} onClick={() => onStep(1)}>
        <Plus aria-hidden className="size-5" />
      </FloorButton>
    </div>
  );
}
