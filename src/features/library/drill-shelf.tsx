"use client";

import { useState } from "react";
import { catalog } from "@/catalog";
import { type DrillSearch, drillById, findDrills, PHASE_NAMES, PHASES, type Phase } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "@/core/demands";
import { OptionalChoice } from "@/ui/choice";
import { ownNote } from "./own-note";
import { ShelfList } from "./shelf-list";

/** The drills, found by words, phase and what they serve. */
export function DrillShelf({ chosen, onChoose }: { chosen: string | null; onChoose: (id: string) => void }) {
  const [search, setSearch] = useState<DrillSearch>({ text: "", phase: null, demand: null });
  const found = findDrills(catalog.drills, search);
  const noteOf = (id: string) => {
    const drill = drillById(catalog, id)!;
    const served = search.demand ? `${drill.serves[search.demand]} of 3` : "";
    return [PHASE_NAMES[drill.phases[0]!], served, ownNote(drill)].filter(Boolean).join(" · ");
  };
  return (
    <ShelfList
      one="drill"
      text={search.text}
      onText={(text) => setSearch({ ...search, text })}
      found={found}
      chosen={chosen}
      note={noteOf}
      onChoose={onChoose}
    >
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
    </ShelfList>
  );
}
