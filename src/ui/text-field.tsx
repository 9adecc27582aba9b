"use client";

import type { Result } from "@/lib/result";
import { Field } from "./field";
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
  const { text, error, type, take, reset } = useTyped(value, format, parse, onChange);
  const control = { value: text, autoComplete: "off", onBlur: () => take() };
  return (
    <Field label={label} note={note} error={error} className={className}>
      {lines > 1 ? (
        <textarea {...control} rows={lines} onChange={(e) => type(e.target.value)} />
      ) : (
        <input
          {...control}
          onChange={(e) => type(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === "Enter") take();
            if (e.key === "Escape") reset();
          }}
        />
      )}
    </Field>
  );
}

/** Reads a name: something must be there. */
export function parseName(text: string): Result<string, string> {
  const name = text.trim();
  if (name === "") return { ok: false, error: "Type a name." };
  return name.length > 80 ? { ok: false, error: "Use at most 80 characters." } : { ok: true, value: name };
}
