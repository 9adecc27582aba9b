"use client";

import type { ReactNode } from "react";
import { DEMAND_IDS, DEMANDS, type DemandId } from "@/core/demands";
import { counted } from "@/core/units";
import { OptionalChoice } from "@/ui/choice";
import { SearchField } from "@/ui/search-field";
import { NameList } from "./name-list";

/** What is looked for on every shelf. */
interface ShelfSearch {
  text: string;
  demand: DemandId | null;
}

/** What is found on a shelf: words and a demand to look for, what else is looked for, how much there is, its names. */
export function ShelfList({
  one,
  demandLabel,
  search,
  onSearch,
  children,
  found,
  ...list
}: {
  /** What one of them is called. */
  one: "drill" | "lift";
  /** What it has to do with a demand. */
  demandLabel: string;
  search: ShelfSearch;
  onSearch: (to: Partial<ShelfSearch>) => void;
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
          value={search.text}
          onChange={(e) => onSearch({ text: e.target.value })}
        />
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          {children}
          <OptionalChoice
            label={demandLabel}
            none="Anything"
            value={search.demand}
            groups={[{ options: DEMAND_IDS.map((d) => ({ value: d, label: DEMANDS[d].name })) }]}
            onChange={(demand) => onSearch({ demand: demand as DemandId | null })}
          />
        </div>
        <p role="status" className="text-2xs text-ink-soft">
          {counted(found.length, one)}
          {found.length === 0 && ". Try fewer or other words."}
        </p>
      </search>
      <NameList label={one === "drill" ? "Drills" : "Lifts"} items={found} {...list} />
    </div>
  );
}

/** What is said beside a name: how much it has to do with the demand that is looked for, and more. */
export function noteBeside(...parts: readonly (string | undefined)[]): string {
  return parts.filter(Boolean).join(" · ");
}
