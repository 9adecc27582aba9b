"use client";

import { X } from "lucide-react";
import { type UnitSystem, type Weight, weight } from "@/core/units";
import { fail } from "@/lib/result";
import { IconButton } from "@/ui/button";
import { parseName, TextField } from "@/ui/text-field";
import { WeightStepper } from "./weight-stepper";

interface NamedBar {
  name: string;
  weight: Weight;
}

/** What a bar beside the usual one weighs until somebody says so. */
export const LIGHT_BAR = { kg: weight(15), lb: weight(35) };

/** A bar with its name and weight, to be changed and taken out. */
export function BarFields({
  label,
  bar,
  unit,
  taken = [],
  onChange,
  onTakeOut,
}: {
  label: string;
  bar: NamedBar;
  unit: UnitSystem;
  /** Names that other bars have. */
  taken?: readonly string[];
  onChange: (to: NamedBar) => void;
  onTakeOut: () => void;
}) {
  return (
    <>
      <TextField
        className="w-48"
        label={label}
        value={bar.name}
        format={String}
        parse={(text) => {
          const name = parseName(text);
          return name.ok && taken.includes(name.value) ? fail("Give each bar a name of its own.") : name;
        }}
        onChange={(name) => onChange({ ...bar, name })}
      />
      <span className="pb-1">
        <WeightStepper
          label="Its weight"
          value={bar.weight}
          unit={unit}
          onChange={(to) => onChange({ ...bar, weight: to })}
        />
      </span>
      <IconButton className="mb-1" label={`Remove ${bar.name}`} onClick={onTakeOut}>
        <X aria-hidden className="size-4" />
      </IconButton>
    </>
  );
}
