"use client";

import { Plus } from "lucide-react";
import { useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { useCatalog } from "@/client/catalog";
import { type DrillId, PHASE_NAMES, PHASES } from "@/core/catalog";
import { type DrillToAdd, drillsToAdd } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import { Button } from "@/ui/button";
import type { PickItem } from "@/ui/pick-sheet";
import { PickSheet } from "@/ui/pick-sheet-later";
import { DrillFigure } from "./figure";

/** Names of those who would do something else that are spelled out. */
const NAMED = 2;

function noteOf({ obstacle, notFor }: DrillToAdd): string | undefined {
  if (obstacle) return obstacle;
  if (notFor.length === 0) return undefined;
  return `not for ${notFor.length > NAMED ? `${notFor.length} of them` : notFor.join(" and ")}`;
}

/** Puts in any drill of the library that the coach wants, found by typing; a key opens the list. */
export function AddDrill({
  title = "Add a drill",
  hotkey = "a",
  once = false,
  people,
  gym,
  planned,
  onAdd,
}: {
  title?: string;
  hotkey?: string;
  /** Whether the list closes when one has been chosen. */
  once?: boolean;
  /** Who would do it. */
  people: Parameters<typeof drillsToAdd>[1];
  gym: GymKit;
  /** What is in the warm-up already. */
  planned: readonly DrillId[];
  onAdd: (drill: DrillId) => void;
}) {
  const catalog = useCatalog();
  const [open, setOpen] = useState(false);
  useHotkeys(hotkey, () => setOpen(true), { preventDefault: true });
  const items = useMemo(
    () =>
      open
        ? drillsToAdd(catalog.drills, people, gym.equipment, new Set(planned))
            .map(
              (d): PickItem => ({
                id: d.drill.id,
                label: d.drill.name,
                picture: <DrillFigure drill={d.drill} className="w-11 shrink-0" />,
                note: noteOf(d),
                isBarred: d.obstacle !== null,
                heading: PHASE_NAMES[d.drill.phases[0]!],
                words: `${d.drill.how} ${PHASE_NAMES[d.drill.phases[0]!]}`,
              }),
            )
            .sort((a, b) => HEADINGS.indexOf(a.heading) - HEADINGS.indexOf(b.heading))
        : [],
    [catalog, open, people, gym.equipment, planned],
  );
  return (
    <>
      <Button look="bare" className="-ml-3" onClick={() => setOpen(true)}>
        <Plus aria-hidden className="size-4" />
        {title}
      </Button>
      <PickSheet
        title={title}
        placeholder="Type a name or a word"
        nothing="No drill found."
        items={items}
        open={open}
        onOpenChange={setOpen}
        onPick={(drill) => {
          onAdd(drill);
          if (once) setOpen(false);
        }}
      />
    </>
  );
}

const HEADINGS = PHASES.map((p) => PHASE_NAMES[p]);
