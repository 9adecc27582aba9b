import { AREA_IDS, type AreaId } from "@/core/catalog";
import { isDemandId } from "@/core/demands";
import type { Weight } from "@/core/units";
import type { AthleteRecord } from "@/core/warm-up";
import { readAthlete } from "@/data/athletes";

type StoredAthlete = NonNullable<Awaited<ReturnType<typeof readAthlete>>>;

/** What an athlete is limited by and has to look after; demands and areas that no longer exist are left out. */
export function bodyOf(row: Pick<StoredAthlete, "limiters" | "areas">) {
  const isArea = (id: string): id is AreaId => (AREA_IDS as string[]).includes(id);
  return {
    limiters: row.limiters.map((l) => l.demand).filter(isDemandId),
    areas: row.areas.flatMap(({ area, level }) => (isArea(area) ? [{ area, level }] : [])),
  };
}

/** A stored athlete as the core knows one. */
function toRecord(row: StoredAthlete): AthleteRecord {
  const latest = row.weights.filter((w, i) => row.weights.findIndex((o) => o.lift === w.lift) === i);
  return {
    id: row.id,
    name: row.name,
    group: row.group,
    unit: row.unit,
    experience: row.experience,
    birthYear: row.birthYear,
    bodyWeight: row.bodyWeight as Weight | null,
    note: row.note,
    ...bodyOf(row),
    workingWeights: latest.map((w) => ({ ...w, weight: w.weight as Weight })),
  };
}

/** The athlete with this id, or null. */
export async function athleteRecord(id: string): Promise<AthleteRecord | null> {
  const row = await readAthlete(id);
  return row && toRecord(row);
}
