import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import type { Weight } from "@/core/units";
import { putWorkingWeight, type WeightOnRecord } from "@/data/athletes";
import { memoize } from "@/lib/memoize";
import { fineWeightField, loadedLiftField, repsField, rirField, setsField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { dayField } from "../schemas/session";
import { today } from "../sessions/day";

const recordField = z.strictObject({
  weight: fineWeightField,
  sets: setsField,
  reps: repsField,
  rir: rirField,
  source: z.enum(["coach", "athlete", "test", "file"]).default("coach"),
});

export const noteWeightSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    athleteId: z.string().max(100),
    lift: loadedLiftField(catalog),
    day: dayField,
    /** Null: none of this day. In the athlete's unit. */
    record: recordField.nullable(),
  }),
);

/** What was on record of a day, as it is taken back by. */
export type NotedRecord = z.input<typeof recordField> | null;

/**
 * Notes what an athlete's working weight of a lift is from a day on, from today for a day to come. Returns from which, and what
 * was on record of it.
 */
export async function noteWeight({
  athleteId,
  lift,
  day,
  record,
}: z.output<ReturnType<typeof noteWeightSchema>>): Promise<
  { kind: "noted"; day: string; before: NotedRecord } | Refused
> {
  const from = day < today() ? day : today();
  const put = await putWorkingWeight(athleteId, lift, from, record as WeightOnRecord | null);
  if (!put) return refuse("This athlete is no longer there.");
  const { before } = put;
  return { kind: "noted", day: from, before: before && { ...before, weight: before.weight as Weight } };
}
