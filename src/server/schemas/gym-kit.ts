import { z } from "zod";
import { EQUIPMENT_IDS } from "@/core/catalog";
import type { GymKit, GymSettings } from "@/core/gym";
import { UNIT_SYSTEMS, type Weight } from "@/core/units";
import { equipmentField, fineWeightField, nameField, whole, wishesField } from "./fields";
import { gymLoadsSchema } from "./gym-loads";

const MOST_PLATE_SIZES = 24;
const MOST_COUNT = 200;

/** A gym as it is stored and sent. */
/** Whether the clocks of a place are known by this name. */
function isTimeZone(name: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat("en", { timeZone: name }));
  } catch {
    return false;
  }
}

export const settingsField = z.strictObject({
  clock: z.union([z.literal(12), z.literal(24)]),
  weekStart: z.union([z.literal(0), z.literal(1), z.literal(6)]),
  paper: z.enum(["a4", "letter"]),
  lengths: z.enum(["cm", "in"]),
  usesResponses: z.boolean().default(true),
}) satisfies z.ZodType<GymSettings>;

export const gymKitSchema = gymLoadsSchema.extend({
  id: z.string().max(100),
  name: nameField("gym"),
  unit: z.enum(UNIT_SYSTEMS),
  bar: z.strictObject({
    name: nameField("bar"),
    weight: fineWeightField,
    collar: z.union([z.literal(0).transform((w) => w as Weight), fineWeightField]),
  }),
  otherBars: z
    .array(z.strictObject({ name: nameField("bar"), weight: fineWeightField }))
    .max(12, "Give at most 12 further bars.")
    .refine(
      (bars) => new Set(bars.map((b) => b.name)).size === bars.length,
      "Give each bar a name of its own.",
    )
    .default([]),
  plates: z
    .array(
      z.strictObject({
        weight: fineWeightField,
        pairs: whole(1, MOST_COUNT),
        fullDiameter: z.boolean(),
        colour: z.string().regex(/^#[0-9a-f]{6}$/i, "Choose a colour."),
        diameterMm: whole(50, 600),
        thicknessMm: whole(2, 150),
      }),
    )
    .max(MOST_PLATE_SIZES, `Give at most ${MOST_PLATE_SIZES} plate sizes.`)
    .refine((plates) => new Set(plates.map((p) => p.weight)).size === plates.length, "Give each size once."),
  clearFloor: whole(1, 100).nullable().optional(),
  timeZone: z
    .string()
    .max(60)
    .refine(isTimeZone, "There is no such time zone. Give it as Europe/Berlin.")
    .nullable()
    .optional(),
  wishes: wishesField.optional(),
  settings: settingsField.optional(),
  equipment: z.array(equipmentField).max(EQUIPMENT_IDS.length),
  counts: z.partialRecord(equipmentField, whole(1, MOST_COUNT)).optional(),
}) satisfies z.ZodType<GymKit, unknown>;
