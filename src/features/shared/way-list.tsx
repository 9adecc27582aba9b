"use client";

import { Plus, X } from "lucide-react";
import { useId } from "react";
import { Button, IconButton } from "@/ui/button";
import { useTyped } from "@/ui/use-typed";

/** The fewest rounds or pieces. */
const LEAST_WAYS = 2;

/** How each round or piece is done, one under the other, with what is usual to choose from. */
export function WayList({
  name,
  ways,
  suggestions,
  most,
  placeholder = "",
  onChange,
}: {
  name: string;
  ways: readonly string[];
  suggestions: readonly string[];
  most: number;
  placeholder?: string;
  onChange: (ways: readonly string[]) => void;
}) {
  const list = useId();
  const next = suggestions.find((s) => !ways.includes(s)) ?? suggestions[0] ?? "";
  return (
    <div className="w-full">
      <datalist id={list}>
        {suggestions.map((s) => (
          <option key={s} value={s} />
        ))}
      </datalist>
      <ol>
        {ways.map((way, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a round is its place; two may be alike
          <li key={i} className="flex items-center gap-2 border-t border-line">
            <span className="condensed w-16 shrink-0 text-ink-faint">
              {name} {i + 1}
            </span>
            <WayField
              label={`${name} ${i + 1}`}
              list={list}
              value={way}
              placeholder={placeholder}
              onChange={(to) => onChange(ways.with(i, to))}
            />
            <IconButton
              label={`Take ${name.toLowerCase()} ${i + 1} out`}
              disabled={ways.length <= LEAST_WAYS}
              onClick={() => onChange(ways.toSpliced(i, 1))}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </li>
        ))}
      </ol>
      <Button
        look="bare"
        disabled={ways.length >= most}
        onClick={() => onChange([...ways, placeholder ? "" : next])}
      >
        <Plus aria-hidden className="size-4" />
        Add a {name.toLowerCase()}
      </Button>
    </div>
  );
}

function WayField({
  label,
  list,
  value,
  placeholder,
  onChange,
}: {
  label: string;
  list: string;
  value: string;
  placeholder: string;
  onChange: (way: string) => void;
}) {
  const { text, type, take, reset } = useTyped(
    value,
    (way) => way,
    (typed) => ({ ok: true, value: typed.trim().slice(0, 60) }),
    onChange,
  );
  return (
    <input
      aria-label={label}
      list={list}
      value={text}
      placeholder={placeholder}
      onChange={(e) => type(e.target.value)}
      onBlur={() => take()}
      onKeyDown={(e) => {
        if (e.key === "Enter") take();
        if (e.key === "Escape") reset();
      }}
      className="min-h-8 min-w-0 flex-1 bg-transparent text-sm font-medium placeholder:text-ink-faint"
    />
  );
}
