"use client";

import { useState } from "react";
import { catalog } from "@/catalog";
import { type DrillSearch, drillById, findDrills, PHASE_NAMES, PHASES, type Phase } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "@/core/demands";
import { OptionalChoice } from "@/ui/choice";
import { SearchField } from "@/ui/search-field";
import { NameList } from "./name-list";

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
        <SearchField
          label="Find a drill"
          className="w-full"
          value={search.text}
          onChange={(e) => setSearch({ ...search, text: e.target.value })}
        />
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          <OptionalChoice
            label="Phase"
            none="Any"
            value={search.phase}
            groups={[{ options: PHASES.map((p) => ({ value: p, label: PHASE_NAMES[p] })) }]}
            onChange={(phase) => setSearch({ ...search, phase: phase as Phase | null })}
          />
          <OptionalChoice
            label="Serves"
            none="Anything"
            value={search.demand}
            groups={[{ options: DEMAND_IDS.map((d) => ({ value: d, label: DEMANDS[d].name })) }]}
            onChange={(demand) => setSearch({ ...search, demand: demand as DemandId | null })}
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
