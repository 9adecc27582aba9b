import type { DemandId } from "../demands";
import type { Drill } from "./drill";
import type { Phase } from "./phases";
import { hasWords } from "./words";

/** What drills are looked for by; what is empty or null does not matter. */
export interface DrillSearch {
  /** Words that all stand in the name, the way it is done, its cues or its faults. */
  text: string;
  phase: Phase | null;
  /** Served at all. */
  demand: DemandId | null;
}

/**
 * The drills that are meant, those that serve the demand most first, then those with all the words in the name, then
 * by name.
 */
export function findDrills(drills: readonly Drill[], { text, phase, demand }: DrillSearch): Drill[] {
  return drills
    .filter((d) => phase === null || d.phases.includes(phase))
    .filter((d) => demand === null || (d.serves[demand] ?? 0) > 0)
    .filter((d) => hasWords([d.name, d.how, ...d.cues, ...d.faults].join(" "), text))
    .map((drill) => ({
      drill,
      serves: demand === null ? 0 : drill.serves[demand]!,
      isNamed: Number(hasWords(drill.name, text)),
    }))
    .sort(
      (a, b) =>
        b.serves - a.serves || b.isNamed - a.isNamed || a.drill.name.localeCompare(b.drill.name, "en"),
    )
    .map(({ drill }) => drill);
}
