"use client";

import { useState } from "react";
import { useCatalog } from "@/client/catalog";
import { findLifts, IMPLEMENTS, type Implement, knownLift, type LiftSearch } from "@/core/catalog";
import { OptionalChoice } from "@/ui/choice";
import { customNote } from "./custom-note";
import { IMPLEMENT_NAMES } from "./implement-names";
import { noteBeside, ShelfList } from "./shelf-list";

/** The lifts, found by words, what they are loaded with and what they ask for. */
export function LiftShelf(list: { chosen: string | null; onChoose: (id: string) => void }) {
  const catalog = useCatalog();
  const [search, setSearch] = useState<LiftSearch>({ text: "", demand: null, implement: null });
  const noteOf = (id: string) => {
    const lift = knownLift(catalog, id);
    return noteBeside(search.demand ? `${lift.asks[search.demand]} of 3` : "", customNote(lift));
  };
  return (
    <ShelfList
      {...list}
      one="lift"
      demandLabel="Asks for"
      search={search}
      onSearch={(to) => setSearch({ ...search, ...to })}
      found={findLifts(catalog.lifts, search)}
      note={noteOf}
    >
      <OptionalChoice
        label="Loaded with"
        none="Anything"
        value={search.implement}
        groups={[{ options: IMPLEMENTS.map((i) => ({ value: i, label: IMPLEMENT_NAMES[i] })) }]}
        onChange={(implement) => setSearch({ ...search, implement: implement as Implement | null })}
      />
    </ShelfList>
  );
}
