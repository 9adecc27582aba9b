"use client";

import { useState } from "react";
import { catalog } from "@/catalog";
import { findLifts, IMPLEMENTS, type Implement, type LiftSearch } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "@/core/demands";
import { OptionalChoice } from "@/ui/choice";
import { IMPLEMENT_NAMES } from "./implement-names";
import { ownNote } from "./own-note";
import { ShelfList } from "./shelf-list";

/** The lifts, found by words, what they are loaded with and what they ask for. */
export function LiftShelf({ chosen, onChoose }: { chosen: string | null; onChoose: (id: string) => void }) {
  const [search, setSearch] = useState<LiftSearch>({ text: "", demand: null, implement: null });
  const found = findLifts(catalog.lifts, search);
  const noteOf = (id: string) => {
    const lift = catalog.lifts.find((l) => l.id === id)!;
    const asked = search.demand ? `${lift.asks[search.demand]} of 3` : "";
    return [asked, ownNote(lift)].filter(Boolean).join(" · ");
  };
  return (
    <ShelfList
      one="lift"
      text={search.text}
      onText={(text) => setSearch({ ...search, text })}
      found={found}
      chosen={chosen}
      note={noteOf}
      onChoose={onChoose}
    >
      <OptionalChoice
        label="Loaded with"
        none="Anything"
        value={search.implement}
        groups={[{ options: IMPLEMENTS.map((i) => ({ value: i, label: IMPLEMENT_NAMES[i] })) }]}
        onChange={(implement) => setSearch({ ...search, implement: implement as Implement | null })}
      />
      <OptionalChoice
        label="Asks for"
        none="Anything"
        value={search.demand}
        groups={[{ options: DEMAND_IDS.map((d) => ({ value: d, label: DEMANDS[d].name })) }]}
        onChange={(demand) => setSearch({ ...search, demand: demand as DemandId | null })}
      />
    </ShelfList>
  );
}
