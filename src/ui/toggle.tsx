"use client";

import { useId } from "react";
import { TickBox } from "./tick-box";

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
      <TickBox
        id={id}
        isOn={isOn}
        isFixed={isFixed}
        aria-describedby={note ? `${id}-note` : undefined}
        onChange={onChange}
      />
      <span>
        <label
          htmlFor={id}
          className="block min-h-6 pt-1 leading-tight font-semibold pointer-coarse:min-h-11 pointer-coarse:pt-3.5"
        >
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
