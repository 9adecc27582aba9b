import type { DemandId } from "../demands";
import type { Drill } from "./drill";
import type { Phase } from "./phases";

/** What drills are looked for by; what is empty or null does not matter. */
export interface DrillSearch {
  /** Words that all stand in the name, the way it is done, its cues or its faults. */
  text: string;
  phase: Phase | null;
  /** Served at all. */
  demand: DemandId | null;
}

/** Without accents and case, so that they are found however they are typed. */
function plain(text: string): string {
  return text.normalize("NFD").replaceAll(/\p{M}/gu, "").toLowerCase();
}

/**
 * The drills that are meant, those that serve the demand most first, then those with all the words in the name, then
 * by name.
 */
export function findDrills(drills: readonly Drill[], { text, phase, demand }: DrillSearch): Drill[] {
  const words = plain(text).split(/\s+/).filter(Boolean);
  const has = (where: string) => words.every((w) => plain(where).includes(w));
  return drills
    .filter((d) => phase === null || d.phases.includes(phase))
    .filter((d) => demand === null || (d.serves[demand] ?? 0) > 0)
    .filter((d) => has([d.name, d.how, ...d.cues, ...d.faults].join(" ")))
    .map((drill) => ({
      drill,
      serves: demand === null ? 0 : drill.serves[demand]!,
      isNamed: Number(has(drill.name)),
    }))
    .sort(
      (a, b) =>
        b.serves - a.serves || b.isNamed - a.isNamed || a.drill.name.localeCompare(b.drill.name, "en"),
    )
    .map(({ drill }) => drill);
}
