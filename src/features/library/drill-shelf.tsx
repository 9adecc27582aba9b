"use client";

import { Search } from "lucide-react";
import { useState } from "react";
import { catalog } from "@/catalog";
import { type DrillSearch, drillById, findDrills, PHASE_NAMES, PHASES, type Phase } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "@/core/demands";
import { LabelledChoice } from "@/ui/choice";
import { NameList } from "./name-list";

const ANY = "any";

/** The drills, found by words, phase and what they serve. */
export function DrillShelf({ chosen, onChoose }: { chosen: string | null; onChoose: (id: string) => void }) {
  const [search, setSearch] = useState<DrillSearch>({ text: "", phase: null, demand: null });
  const found = findDrills(catalog.drills, search);
  const noteOf = (id: string) => {
    const drill = drillById(catalog, id)!;
    const phase = PHASE_NAMES[drill.phases[0]!];
    if (drill.id.startsWith("own-")) return `${phase} · ${drill.retired ? "taken out" : "own"}`;
    return search.demand ? `${phase} · ${drill.serves[search.demand]} of 3` : phase;
  };
  return (
    <div className="flex min-h-0 flex-col pt-4">
      <search className="space-y-3">
        <div className="relative">
          <Search
            aria-hidden
            className="pointer-events-none absolute top-1/2 left-2 size-4 -translate-y-1/2 text-ink-faint"
          />
          <input
            type="search"
            aria-label="Find a drill"
            placeholder="Find a drill"
            value={search.text}
            onChange={(e) => setSearch({ ...search, text: e.target.value })}
            className="min-h-9 w-full rounded-sm border border-line-strong bg-field pr-2 pl-8 text-sm focus:border-ink"
          />
        </div>
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          <LabelledChoice
            label="Phase"
            value={search.phase ?? ANY}
            groups={[
              {
                options: [
                  { value: ANY, label: "Any" },
                  ...PHASES.map((p) => ({ value: p, label: PHASE_NAMES[p] })),
                ],
              },
            ]}
            onChange={(p) => setSearch({ ...search, phase: p === ANY ? null : (p as Phase) })}
          />
          <LabelledChoice
            label="Serves"
            value={search.demand ?? ANY}
            groups={[
              {
                options: [
                  { value: ANY, label: "Anything" },
                  ...DEMAND_IDS.map((d) => ({ value: d, label: DEMANDS[d].name })),
                ],
              },
            ]}
            onChange={(d) => setSearch({ ...search, demand: d === ANY ? null : (d as DemandId) })}
          />
        </div>
        <p role="status" className="text-2xs text-ink-soft">
          {found.length === 1 ? "1 drill" : `${found.length} drills`}
          {found.length === 0 && ". Look for less, or for something else."}
        </p>
      </search>
      <NameList label="Drills" items={found} chosen={chosen} note={noteOf} onChoose={onChoose} />
    </div>
  );
}
