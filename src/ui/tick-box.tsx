"use client";

import { Check } from "lucide-react";
import { Checkbox } from "radix-ui";

/** The box of something that is on or off; what it means stands beside it or is its label. */
export function TickBox({
  label,
  isOn,
  isFixed = false,
  onChange,
  ...more
}: {
  /** Absent where an element of the page labels it. */
  label?: string;
  id?: string;
  "aria-describedby"?: string;
  isOn: boolean;
  /** Whether it cannot be changed now. */
  isFixed?: boolean;
  onChange: (isOn: boolean) => void;
}) {
  return (
    <Checkbox.Root
      {...more}
      aria-label={label}
      checked={isOn}
      disabled={isFixed}
      onCheckedChange={(on) => onChange(on === true)}
      className="inline-flex size-6 pointer-coarse:size-11 shrink-0 items-center justify-center rounded-xs border border-line-strong bg-field hover:border-ink disabled:opacity-50 data-[state=checked]:border-ink data-[state=checked]:bg-ink data-[state=checked]:text-chalk"
    >
      <Checkbox.Indicator>
        <Check aria-hidden className="size-4" />
      </Checkbox.Indicator>
    </Checkbox.Root>
  );
}
