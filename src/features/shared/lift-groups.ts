import type { Catalog } from "@/core/catalog";
import type { ChoiceGroup } from "@/ui/choice";

/** What is offered: all but what the coach has taken out, unless that is what is chosen now. */
function offered<T extends { id: string; retired?: boolean }>(all: readonly T[], chosen: string | null): T[] {
  return all.filter((item) => !item.retired || item.id === chosen);
}

/** Everything that a session can have in a lift's place, to choose from, with the one that is chosen now. */
export function liftGroups(catalog: Catalog, chosen: string | null = null): readonly ChoiceGroup[] {
  const lifts = offered(catalog.lifts, chosen);
  const options = (kind: "work-block" | "drills-alone" | undefined) =>
    lifts.filter((l) => l.kind === kind).map((l) => ({ value: l.id, label: l.name }));
  return [
    { label: "Main lifts", options: options(undefined) },
    { label: "Work without a weight", options: options("work-block") },
    { label: "Drills alone", options: options("drills-alone") },
  ];
}

/** The approaches to choose from, with the one that is chosen now. */
export function approachGroups(catalog: Catalog, chosen: string | null): readonly ChoiceGroup[] {
  const options = offered(catalog.approaches, chosen);
  return [{ options: options.map((a) => ({ value: a.id, label: a.name, note: a.belief })) }];
}
