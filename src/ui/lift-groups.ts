import { catalog } from "@/catalog";
import type { ChoiceGroup } from "@/ui/choice";

const options = (kind: "work-block" | "drills-alone" | undefined) =>
  catalog.lifts.filter((l) => l.kind === kind && !l.retired).map((l) => ({ value: l.id, label: l.name }));

/** Everything that a session can have in a lift's place, to choose from. */
export function liftGroups(): readonly ChoiceGroup[] {
  return [
    { label: "Main lifts", options: options(undefined) },
    { label: "Work without a weight", options: options("work-block") },
    { label: "Drills alone", options: options("drills-alone") },
  ];
}

/** The approaches to choose from. */
export function approachGroups(): readonly ChoiceGroup[] {
  return [
    {
      options: catalog.approaches
        .filter((a) => !a.retired)
        .map((a) => ({ value: a.id, label: a.name, note: a.belief })),
    },
  ];
}
