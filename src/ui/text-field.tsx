"use client";

import { useId } from "react";
import type { Result } from "@/lib/result";
import { useTyped } from "./use-typed";

/** Something that is typed, read when the field is left or Enter is pressed; see `useTyped`. */
export function TextField<T>({
  label,
  value,
  format,
  parse,
  onChange,
  note,
  lines = 1,
  className = "",
}: {
  label: string;
  value: T;
  format: (value: T) => string;
  /** Reads what was typed, or says what to type instead. */
  parse: (text: string) => Result<T, string>;
  onChange: (value: T) => void;
  note?: string;
  lines?: number;
  className?: string;
}) {
  const id = useId();
  const { text, error, type, take, reset } = useTyped(value, format, parse, onChange);
  const field = {
    id,
    value: text,
    autoComplete: "off",
    "aria-invalid": error !== null,
    "aria-describedby": error || note ? `${id}-note` : undefined,
    onBlur: () => take(),
    className:
      "min-h-9 w-full rounded-sm border border-line-strong bg-field px-2 py-1.5 text-sm focus:border-ink aria-invalid:border-ember",
  };
  return (
    <div className={className}>
      <label htmlFor={id} className="condensed mb-1 block text-2xs text-ink-soft">
        {label}
      </label>
      {lines > 1 ? (
        <textarea {...field} rows={lines} onChange={(e) => type(e.target.value)} />
      ) : (
        <input
          {...field}
          onChange={(e) => type(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === "Enter") take();
            if (e.key === "Escape") reset();
          }}
        />
      )}
      <p
        id={`${id}-note`}
        role={error ? "alert" : undefined}
        className={`mt-1 text-2xs ${error ? "font-semibold text-ember" : "text-ink-soft"}`}
      >
        {error ?? note}
      </p>
    </div>
  );
}

/** Reads a name: something must be there. */
export function parseName(text: string): Result<string, string> {
  const name = text.trim();
  if (name === "") return { ok: false, error: "Type a name." };
  return name.length > 80 ? { ok: false, error: "Use at most 80 characters." } : { ok: true, value: name };
}
