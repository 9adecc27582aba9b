"use client";

import { useCallback, useState } from "react";
import { useCatalog } from "@/client/catalog";
import { type Catalog, drillById } from "@/core/catalog";
import type { WarmUpEdit } from "@/core/draft";

/** What an edit did, for who hears the page; null: what it changed says so itself. */
function inWords(edit: WarmUpEdit, catalog: Catalog): string | null {
  const name = (id: string) => drillById(catalog, id)?.name ?? id;
  switch (edit.kind) {
    case "drop":
      return `${name(edit.drill)} dropped.`;
    case "pin":
      return `${name(edit.drill)} pinned.`;
    case "reset-drill":
      return `${name(edit.drill)}: as planned again.`;
    case "swap":
      return `${name(edit.drill)} swapped for ${name(edit.with)}.`;
    case "circuit":
      return "The order of the drills has changed.";
    case "change-set":
      return `Ramp set ${edit.set + 1} changed.`;
    default:
      return null;
  }
}

/** An edit that is also said, to be read out: what was changed last, and how to edit so. */
export function useAnnounced(edit: (edit: WarmUpEdit) => void) {
  const catalog = useCatalog();
  const [said, setSaid] = useState("");
  const announced = useCallback(
    (by: WarmUpEdit) => {
      edit(by);
      const words = inWords(by, catalog);
      if (words !== null) setSaid(words);
    },
    [edit, catalog],
  );
  return { said, announced };
}
