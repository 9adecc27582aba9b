"use client";

import { useMemo, useState } from "react";
import { useCatalog } from "@/client/catalog";
import { type DrillId, findDrills, PHASE_NAMES, PHASES, type Phase } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "@/core/demands";
import { type DrillToAdd, drillsToAdd, usesOf } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import { formatSeconds } from "@/core/units";
import { type ChoiceGroup, OptionalChoice } from "@/ui/choice";
import { PickSheet } from "@/ui/pick-sheet";
import { drillItems } from "./drill-items";

/** Names of those who would do something else that are spelled out. */
const NAMED = 2;

/** What is served that is spelled out. */
const NAMED_DEMANDS = 2;

type Coverage = Parameters<typeof usesOf>[1];

/** What is said of a drill that may be put in, and how much of what is open it would close; one that cannot be is last. */
function saidOf({ drill, obstacle, notFor }: DrillToAdd, coverage: Coverage) {
  if (obstacle) return { drill, note: obstacle, isBarred: true, closes: -1 };
  const { demands, seconds, closes } = usesOf(drill, coverage);
  const names = demands.slice(0, NAMED_DEMANDS).map((d) => DEMANDS[d].name.toLowerCase());
  const others = notFor.length > NAMED ? `${notFor.length} of them` : notFor.join(" and ");
  const words = [names.join(", "), formatSeconds(seconds), others && `not for ${others}`];
  return { drill, note: words.filter(Boolean).join(" · "), closes };
}

export interface AddDrillProps {
  title?: string;
  /** Whether the list closes when one has been chosen. */
  once?: boolean;
  /** Who would do it. */
  people: Parameters<typeof drillsToAdd>[1];
  gym: GymKit;
  /** What is in the warm-up already. */
  planned: readonly DrillId[];
  /** What is asked and served so far: drills that close what is open come first. */
  coverage?: Coverage;
  onAdd: (drill: DrillId) => void;
}

/** The drills of the library to put one in from. */
export function AddDrillSheet({
  title = "Add a drill",
  once = false,
  people,
  gym,
  planned,
  coverage = NO_COVERAGE,
  onAdd,
  open,
  onOpenChange: setOpen,
}: AddDrillProps & { open: boolean; onOpenChange: (open: boolean) => void }) {
  const catalog = useCatalog();
  const [phase, setPhase] = useState<Phase | null>(null);
  const [demand, setDemand] = useState<DemandId | null>(null);
  const wanted = useMemo(
    () => findDrills(catalog.drills, { text: "", phase, demand }),
    [catalog, phase, demand],
  );
  const items = useMemo(
    () =>
      open
        ? drillItems(
            drillsToAdd(wanted, people, gym.equipment, new Set(planned))
              .map((d) => saidOf(d, coverage))
              .sort((a, b) => b.closes - a.closes)
              .map(({ closes: _, ...said }) => said),
          )
        : [],
    [wanted, open, people, gym.equipment, planned, coverage],
  );
  return (
    <PickSheet
      title={title}
      placeholder="Type a name or a word"
      nothing="No drill found."
      filters={
        <>
          <OptionalChoice
            label="Phase"
            none="Any"
            value={phase}
            groups={[{ options: PHASES.map((p) => ({ value: p, label: PHASE_NAMES[p] })) }]}
            onChange={(p) => setPhase(p as Phase | null)}
          />
          <OptionalChoice
            label="Need"
            none="Any"
            value={demand}
            groups={needGroups(coverage)}
            onChange={(d) => setDemand(d as DemandId | null)}
          />
        </>
      }
      items={items}
      open={open}
      onOpenChange={setOpen}
      onPick={(drill) => {
        onAdd(drill);
        if (once) setOpen(false);
      }}
    />
  );
}

const NO_COVERAGE: Coverage = [];

/** What drills may be looked for by: what is asked today first, with how much of it is open. */
function needGroups(coverage: Coverage): ChoiceGroup[] {
  const asked = coverage
    .filter((c) => c.asked > 0)
    .toSorted((a, b) => b.asked - b.served - (a.asked - a.served));
  const option = (d: DemandId, note?: string) => ({
    value: d,
    label: DEMANDS[d].name,
    ...(note && { note }),
  });
  const today = asked.map((c) => option(c.demand, c.served < c.asked ? "not served in full yet" : undefined));
  const others = DEMAND_IDS.filter((d) => !asked.some((c) => c.demand === d)).map((d) => option(d));
  return [
    ...(today.length > 0 ? [{ label: "Asked today", options: today }] : []),
    { label: today.length > 0 ? "Others" : "Needs", options: others },
  ];
}
