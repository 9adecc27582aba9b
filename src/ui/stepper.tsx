"use client";

import { Minus, Plus } from "lucide-react";
import { useId } from "react";
import type { Result } from "@/lib/result";
import { useTyped } from "./use-typed";

/** The number that a text is, if it is one. */
function numberOf(text: string): number | undefined {
  const number = Number(text.replace(",", "."));
  return text === "" || Number.isNaN(number) ? undefined : number;
}

/** A number that can be typed and stepped. What is typed is read when the field is left or Enter is pressed. */
export function Stepper<T>({
  label,
  value,
  format,
  parse,
  next,
  onChange,
  suffix,
  hideLabel = false,
  size = "normal",
  width = "2.5ch",
  suggestions,
  title,
  placeholder,
}: {
  label: string;
  value: T;
  format: (value: T) => string;
  /** Reads what was typed, or says what to type instead. */
  parse: (text: string) => Result<T, string>;
  /** The value one step on; null at the end. */
  next: (value: T, direction: 1 | -1) => T | null;
  onChange: (value: T) => void;
  suffix?: string;
  hideLabel?: boolean;
  size?: "normal" | "large";
  width?: string;
  /** Values to offer where what was typed cannot be taken. */
  suggestions?: (text: string) => readonly T[];
  /** What may be typed, shown as a tip. */
  title?: string;
  /** Shown while there is no value. */
  placeholder?: string;
}) {
  const id = useId();
  const { text, error, type, take, choose, reset } = useTyped(value, format, parse, onChange);
  const step = (direction: 1 | -1) => {
    const to = next(value, direction);
    if (to !== null) onChange(to);
  };
  const offers = error && suggestions ? suggestions(text) : [];
  const button =
    "inline-flex size-6 pointer-coarse:size-11 items-center justify-center rounded-xs text-ink-soft hover:bg-chalk-deep hover:text-ink disabled:opacity-30";
  const big = size === "large";

  return (
    <div className="relative inline-flex flex-col">
      <label htmlFor={id} className={hideLabel ? "sr-only" : "condensed text-2xs text-ink-soft"}>
        {label}
      </label>
      <span className="inline-flex items-center">
        <button
          type="button"
          className={button}
          aria-label={`${label}: less`}
          disabled={next(value, -1) === null}
          onClick={() => step(-1)}
        >
          <Minus aria-hidden className="size-3.5" />
        </button>
        <input
          id={id}
          role="spinbutton"
          aria-valuenow={numberOf(format(value))}
          aria-valuetext={[format(value), suffix].filter(Boolean).join(" ") || "none"}
          inputMode="decimal"
          title={title}
          placeholder={placeholder}
          autoComplete="off"
          value={text}
          aria-invalid={error !== null}
          aria-describedby={error ? `${id}-error` : undefined}
          style={{ width }}
          className={`min-h-6 min-w-6 pointer-coarse:min-h-11 rounded-xs bg-transparent px-0.5 text-center placeholder:font-normal placeholder:text-ink-faint font-bold hover:bg-chalk-deep focus:bg-field aria-invalid:text-ember ${big ? "text-2xl condensed text-ember" : "text-sm"}`}
          onChange={(e) => type(e.target.value)}
          onBlur={(e) => take(e.target.value)}
          onFocus={(e) => e.target.select()}
          onKeyDown={(e) => {
            if (e.key === "Enter") take();
            if (e.key === "Escape") reset();
            if (e.key === "ArrowUp" || e.key === "ArrowDown") {
              e.preventDefault();
              step(e.key === "ArrowUp" ? 1 : -1);
            }
          }}
        />
        {suffix && (
          <span className={big ? "ml-1 text-base font-semibold text-ember" : "text-ink-soft"}>{suffix}</span>
        )}
        <button
          type="button"
          className={button}
          aria-label={`${label}: more`}
          disabled={next(value, 1) === null}
          onClick={() => step(1)}
        >
          <Plus aria-hidden className="size-3.5" />
        </button>
      </span>
      {error && (
        <div
          id={`${id}-error`}
          role="alert"
          className="absolute top-full left-0 z-30 mt-1 w-64 rounded-sm border border-ember bg-field p-2 text-left text-xs font-normal text-ink"
        >
          {error}
          {offers.length > 0 && (
            <span className="mt-1.5 flex gap-2">
              {offers.map((offer) => (
                <button
                  key={format(offer)}
                  type="button"
                  className="rounded-xs border border-line-strong px-2 py-1 font-semibold hover:border-ink"
                  onClick={() => choose(offer)}
                >
                  {format(offer)} {suffix}
                </button>
              ))}
            </span>
          )}
        </div>
      )}
    </div>
  );
}
