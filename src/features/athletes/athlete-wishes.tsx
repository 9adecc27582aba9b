"use client";

import { Plus, X } from "lucide-react";
import { useMemo, useState } from "react";
import { useCatalog } from "@/client/catalog";
import { type DrillWishes, NO_WISHES } from "@/core/athlete";
import { drillById } from "@/core/catalog";
import { drillItems } from "@/features/shared/drill-items";
import { Button, IconButton } from "@/ui/button";
import { PickSheet } from "@/ui/pick-sheet-later";
import type { AthletePart } from "./athlete-part";

const KINDS = {
  favourites: { title: "Favourite drills", none: "None: as the gym and the group.", add: "Add a favourite" },
  never: { title: "Never use", none: "None: as the gym and the group.", add: "Add a drill never to use" },
  smallest: {
    title: "Smallest dose",
    none: "None. A drill that was too much is put here from its follow-up.",
    add: "Add a drill at its smallest dose",
  },
} as const;

/** Drills that an athlete likes, those that are never chosen for this one, and those of which this one does the least. */
export function AthleteWishes({ athlete, set }: AthletePart) {
  const catalog = useCatalog();
  const [adding, setAdding] = useState<keyof DrillWishes | null>(null);
  const wishes = useMemo(() => ({ ...NO_WISHES, smallest: [], ...athlete.wishes }), [athlete.wishes]);
  const items = useMemo(() => {
    if (adding === null) return [];
    // What is never used has no dose; a favourite may have its smallest.
    const others = adding === "favourites" ? "never" : adding === "never" ? "favourites" : "never";
    const taken = [...wishes[adding], ...wishes[others]];
    const free = catalog.drills.filter((d) => !d.retired && !taken.includes(d.id));
    return drillItems(free.map((drill) => ({ drill })));
  }, [catalog, wishes, adding]);
  const change = (kind: keyof DrillWishes, to: readonly string[]) =>
    set({
      wishes: {
        favourites: [...wishes.favourites],
        never: [...wishes.never],
        smallest: [...wishes.smallest],
        [kind]: [...to],
      },
    });
  return (
    <>
      {(["favourites", "never", "smallest"] as const).map((kind) => (
        <div key={kind}>
          <h3 className="mt-5 font-semibold">{KINDS[kind].title}</h3>
          {wishes[kind].length === 0 && <p className="text-ink-soft">{KINDS[kind].none}</p>}
          <ul>
            {wishes[kind].map((id) => {
              const name = drillById(catalog, id)?.name ?? id;
              return (
                <li key={id} className="flex min-h-9 items-center justify-between border-t border-line">
                  <span className="font-semibold">{name}</span>
                  <IconButton
                    label={`Remove ${name}`}
                    onClick={() =>
                      change(
                        kind,
                        wishes[kind].filter((o) => o !== id),
                      )
                    }
                  >
                    <X aria-hidden className="size-4" />
                  </IconButton>
                </li>
              );
            })}
          </ul>
          <Button look="bare" className="-ml-3" onClick={() => setAdding(kind)}>
            <Plus aria-hidden className="size-4" />
            {KINDS[kind].add}
          </Button>
        </div>
      ))}
      <PickSheet
        title={adding === null ? "" : KINDS[adding].add}
        placeholder="Type a name or a word"
        nothing="No drill found."
        items={items}
        open={adding !== null}
        onOpenChange={(open) => !open && setAdding(null)}
        onPick={(id) => adding !== null && change(adding, [...wishes[adding], id])}
      />
    </>
  );
}
