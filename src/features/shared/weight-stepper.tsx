"use client";

import { formatWeight, parseWeight, type UnitSystem, type Weight, weightStep } from "@/core/units";
import { Stepper } from "@/ui/stepper";

/** A weight of something, in the usual steps of its unit. */
export function WeightStepper({
  label,
  value,
  unit,
  onChange,
  width = "5ch",
}: {
  label: string;
  value: Weight;
  unit: UnitSystem;
  onChange: (value: Weight) => void;
  width?: string;
}) {
  return (
    <Stepper
      label={label}
      value={value}
      format={formatWeight}
      parse={parseWeight}
      next={(from, direction) => {
        const to = from + direction * weightStep(unit);
        return to > 0 ? (to as Weight) : null;
      }}
      onChange={onChange}
      suffix={unit}
      width={width}
    />
  );
}
