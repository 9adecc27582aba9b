"use client";

import { useCatalog } from "@/client/catalog";
import { type DrillSearch, drillById, findDrills, PHASE_NAMES, PHASES, type Phase } from "@/core/catalog";
import { OptionalChoice } from "@/ui/choice";
import { customNote } from "./custom-note";
import { noteBeside, ShelfList } from "./shelf-list";

/** Nothing looked for yet. */
export const EVERY_DRILL: DrillSearch = { text: "", phase: null, demand: null };

/** The drills, found by words, phase and what they serve. */
export function DrillShelf({
  search,
  onSearch,
  ...list
}: {
  search: DrillSearch;
  onSearch: (to: DrillSearch) => void;
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  const catalog = useCatalog();
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
      onSearch={(to) => onSearch({ ...search, ...to })}
      found={findDrills(catalog.drills, search)}
      note={noteOf}
    >
      <OptionalChoice
        label="Phase"
        none="Any"
        value={search.phase}
        groups={[{ options: PHASES.map((p) => ({ value: p, label: PHASE_NAMES[p] })) }]}
        onChange={(phase) => onSearch({ ...search, phase: phase as Phase | null })}
      />
    </ShelfList>
  );
}
