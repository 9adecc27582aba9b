import { z } from "zod";
import { type AthleteRecord, mergeWishes } from "@/core/athlete";
import { AREA_IDS, type AreaId } from "@/core/catalog";
import { isDemandId } from "@/core/demands";
import { RAMP_STYLE_IDS, type RampStyleId } from "@/core/ramp";
import type { Weight } from "@/core/units";
import { readAthletes } from "@/data/athletes";
import { openPaces, type Paces } from "../library/paces";
import { reachedField } from "../schemas/athlete";
import { fineWeightField, isEquipment, storedWishes } from "../schemas/fields";
import { countedResponses } from "../trials/responses";

type StoredAthlete = Awaited<ReturnType<typeof readAthletes>>[number];

const ownBarSchema = z
  .strictObject({ name: z.string().max(80), weight: fineWeightField })
  .nullable()
  .catch(null);
const cannotUseSchema = z.array(z.string()).catch([]);
export const reachedSchema = z.array(reachedField).catch([]);

/**
 * What an athlete is limited by, has to look after, brings along and cannot use; demands, areas, equipment and styles
 * that no longer exist are left out.
 */
export function bodyOf(
  row: Pick<
    StoredAthlete,
    | "limiters"
    | "areas"
    | "ownBar"
    | "cannotUse"
    | "reached"
    | "approach"
    | "rampStyle"
    | "wishes"
    | "usesResponses"
  >,
) {
  const isArea = (id: string): id is AreaId => (AREA_IDS as string[]).includes(id);
  const style = RAMP_STYLE_IDS.find((id) => id === row.rampStyle);
  return {
    limiters: row.limiters.map((l) => l.demand).filter(isDemandId),
    areas: row.areas.flatMap(({ area, level }) => (isArea(area) ? [{ area, level }] : [])),
    ownBar: ownBarSchema.parse(row.ownBar),
    cannotUse: cannotUseSchema.parse(row.cannotUse).filter(isEquipment),
    reached: reachedSchema.parse(row.reached),
    wishes: storedWishes.parse(row.wishes) ?? undefined,
    usesResponses: row.usesResponses,
    approach: row.approach,
    rampStyle: (style ?? null) as RampStyleId | null,
  };
}

/** A stored athlete as the core knows one. */
function toRecord(
  row: StoredAthlete,
  responsesOf: (id: string) => AthleteRecord["responses"],
  { byAthlete }: Paces,
): AthleteRecord {
  const { usesResponses, ...body } = bodyOf(row);
  return {
    id: row.id,
    name: row.name,
    group: row.group,
    unit: row.unit,
    experience: row.experience,
    birthYear: row.birthYear,
    bodyWeight: row.bodyWeight as Weight | null,
    note: row.note,
    ...body,
    responses: usesResponses ? responsesOf(row.id) : undefined,
    paces: byAthlete.get(row.id),
    wishes: mergeWishes(storedWishes.parse(row.groupWishes) ?? undefined, body.wishes),
    workingWeights: row.weights
      .filter((w) => w.kind === "working")
      .map(({ lift, weight, reps, sets, rir, day }) => ({
        lift,
        weight: weight as Weight,
        reps,
        sets,
        rir,
        day,
      })),
    maxima: row.weights
      .filter((w) => w.kind === "max")
      .map(({ lift, weight, day }) => ({ lift, weight: weight as Weight, day })),
  };
}

/** The athletes with these ids, those in the archive too, with what was known of their weights on a day. */
export async function athleteRecords(
  ids: readonly string[],
  day: string,
): Promise<(id: string) => StoredRecord | null> {
  const [rows, responsesOf, paces] = await Promise.all([
    readAthletes(ids, day),
    countedResponses(),
    openPaces(),
  ]);
  const records = new Map(
    rows.map((row) => [row.id, { athlete: toRecord(row, responsesOf, paces), archived: row.archived }]),
  );
  return (id) => records.get(id) ?? null;
}

export interface StoredRecord {
  athlete: AthleteRecord;
  archived: boolean;
}
