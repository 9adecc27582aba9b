"use client";

import { Slot } from "radix-ui";
import { type ReactNode, useId } from "react";

/** How whatever is typed or chosen into looks. */
export const FIELD_LOOK =
  "min-h-9 w-full rounded-sm border border-line-strong bg-field px-2 text-sm focus:border-ink aria-invalid:border-ember [textarea&]:py-1.5";

/** One control with its label, and below it what is wrong with what was typed, or a note. */
export function Field({
  label,
  note,
  error,
  className = "",
  children,
}: {
  label: string;
  note?: string;
  error?: string | null;
  className?: string;
  /** An input, a textarea or a select. */
  children: ReactNode;
}) {
  const id = useId();
  const said = error ?? note;
  return (
    <div className={className}>
      <label htmlFor={id} className="condensed mb-1 block text-2xs text-ink-soft">
        {label}
      </label>
      <Slot.Root
        id={id}
        aria-invalid={Boolean(error)}
        aria-describedby={said ? `${id}-note` : undefined}
        className={FIELD_LOOK}
      >
        {children}
      </Slot.Root>
      {said && (
        <p
          id={`${id}-note`}
          role={error ? "alert" : undefined}
          className={`mt-1 text-2xs ${error ? "font-semibold text-ember" : "text-ink-soft"}`}
        >
          {said}
        </p>
      )}
    </div>
  );
}
