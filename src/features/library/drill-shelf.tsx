"use client";

import { useState } from "react";
import { useCatalog } from "@/client/catalog";
import { type DrillSearch, drillById, findDrills, PHASE_NAMES, PHASES, type Phase } from "@/core/catalog";
import { OptionalChoice } from "@/ui/choice";
import { customNote } from "./custom-note";
import { noteBeside, ShelfList } from "./shelf-list";

/** The drills, found by words, phase and what they serve. */
export function DrillShelf(list: { chosen: string | null; onChoose: (id: string) => void }) {
  const catalog = useCatalog();
  const [search, setSearch] = useState<DrillSearch>({ text: "", phase: null, demand: null });
  const noteOf = (id: string) => {
    const drill = drillById(catalog, id)!;
    const served = search.demand ? `${drill.serves[search.demand]} of 3` : "";
    return noteBeside(PHASE_NAMES[drill.phases[0]!], served, customNote(drill));
  };
  return (
    <ShelfList
      {...list}
      one="drill"
      demandLabel="Serves"
      search={search}
      onSearch={(to) => setSearch({ ...search, ...to })}
      found={findDrills(catalog.drills, search)}
      note={noteOf}
    >
      <OptionalChoice
        label="Phase"
        none="Any"
        value={search.phase}
        groups={[{ options: PHASES.map((p) => ({ value: p, label: PHASE_NAMES[p] })) }]}
        onChange={(phase) => setSearch({ ...search, phase: phase as Phase | null })}
      />
    </ShelfList>
  );
}
