"use client";

import { Check } from "lucide-react";
import { Checkbox } from "radix-ui";
import { useId } from "react";

/** Something that is on or off, with what it means. */
export function Toggle({
  label,
  note,
  isOn,
  isFixed = false,
  onChange,
}: {
  label: string;
  note?: string;
  isOn: boolean;
  /** Whether it cannot be changed now. */
  isFixed?: boolean;
  onChange: (isOn: boolean) => void;
}) {
  const id = useId();
  return (
    <div className="flex items-start gap-2">
      <Checkbox.Root
        id={id}
        checked={isOn}
        disabled={isFixed}
        aria-describedby={note ? `${id}-note` : undefined}
        onCheckedChange={(on) => onChange(on === true)}
        className="mt-px inline-flex size-6 pointer-coarse:size-11 shrink-0 items-center justify-center rounded-xs border border-line-strong bg-field hover:border-ink disabled:opacity-50 data-[state=checked]:border-ink data-[state=checked]:bg-ink data-[state=checked]:text-chalk"
      >
        <Checkbox.Indicator>
          <Check aria-hidden className="size-4" />
        </Checkbox.Indicator>
      </Checkbox.Root>
      <span>
        <label htmlFor={id} className="block min-h-6 pt-0.5 leading-tight font-semibold">
          {label}
        </label>
        {note && (
          <span id={`${id}-note`} className="block text-2xs text-ink-soft">
            {note}
          </span>
        )}
      </span>
    </div>
  );
}
