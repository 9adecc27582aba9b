"use client";

import { useEffect, useRef } from "react";
import { rove } from "@/ui/rove";

/** Names to choose one from, each with a word beside it. */
export function NameList({
  label,
  items,
  chosen,
  note,
  onChoose,
}: {
  label: string;
  items: readonly { id: string; name: string }[];
  chosen: string | null;
  note?: (id: string) => string;
  onChoose: (id: string) => void;
}) {
  const list = useRef<HTMLUListElement>(null);
  useEffect(() => {
    // One that the address names, or that has just been copied, may stand far down.
    const item = chosen && list.current?.querySelector("[aria-pressed=true]");
    if (item) item.scrollIntoView({ block: "nearest" });
  }, [chosen]);
  const isChosenHere = items.some((i) => i.id === chosen);
  return (
    <ul
      ref={list}
      aria-label={label}
      onKeyDown={(e) => rove(e, { isChosen: true })}
      className="mt-2 min-h-0 overflow-y-auto border-t border-line"
    >
      {items.map(({ id, name }, i) => (
        <li key={id} className="border-b border-line">
          <button
            type="button"
            aria-pressed={id === chosen}
            data-rove
            tabIndex={id === chosen || (i === 0 && !isChosenHere) ? 0 : -1}
            onClick={() => onChoose(id)}
            className="flex min-h-9 w-full items-baseline justify-between gap-3 px-2 py-1.5 text-left hover:bg-field aria-pressed:bg-field"
          >
            <span className="min-w-0 font-semibold">{name}</span>
            {note && <span className="condensed shrink-0 text-ink-soft">{note(id)}</span>}
          </button>
        </li>
      ))}
    </ul>
  );
}
