"use client";

import type { ReactNode } from "react";
import { SearchField } from "@/ui/search-field";
import { NameList } from "./name-list";

/** What is found on a shelf: words to look for, what else is looked for by, how much there is, and its names. */
export function ShelfList({
  one,
  text,
  onText,
  children,
  found,
  ...list
}: {
  /** What one of them is called. */
  one: "drill" | "lift";
  text: string;
  onText: (text: string) => void;
  /** What else is looked for by. */
  children: ReactNode;
  found: readonly { id: string; name: string }[];
  chosen: string | null;
  note: (id: string) => string;
  onChoose: (id: string) => void;
}) {
  return (
    <div className="flex min-h-0 flex-col pt-4">
      <search className="space-y-3">
        <SearchField
          label={`Find a ${one}`}
          className="w-full"
          value={text}
          onChange={(e) => onText(e.target.value)}
        />
        <div className="flex flex-wrap gap-x-6 gap-y-2">{children}</div>
        <p role="status" className="text-2xs text-ink-soft">
          {found.length === 1 ? `1 ${one}` : `${found.length} ${one}s`}
          {found.length === 0 && ". Look for less, or for something else."}
        </p>
      </search>
      <NameList label={one === "drill" ? "Drills" : "Lifts"} items={found} {...list} />
    </div>
  );
}
