import { z } from "zod";
import { catalog } from "@/catalog";
import { RAMP_STYLE_IDS } from "@/core/ramp";
import { UNIT_SYSTEMS } from "@/core/units";
import {
  loadedLiftField,
  rampSetsField,
  repsField,
  rirField,
  roomField,
  setsField,
  weightField,
  whole,
} from "./fields";

const MOST_PLATE_SIZES = 12;
const MOST_PAIRS = 20;

export const workingSchema = z.strictObject({
  weight: weightField,
  reps: repsField,
  sets: setsField,
  rir: rirField.default(0),
});

export const unitField = z.enum(UNIT_SYSTEMS);

const plateSchema = z.strictObject({
  weight: weightField,
  pairs: whole(1, MOST_PAIRS),
  fullDiameter: z.boolean().optional(),
});

export const barbellField = z.strictObject({
  kind: z.literal("barbell"),
  weight: weightField,
  collars: z.union([z.literal(0).transform(() => undefined), weightField]).optional(),
});
export const platesField = z
  .array(plateSchema)
  .min(1, "Give at least one plate size.")
  .max(MOST_PLATE_SIZES, `Give at most ${MOST_PLATE_SIZES} plate sizes.`);

/** One lift with what it is loaded from. */
const liftRequestSchema = z.strictObject({
  lift: loadedLiftField(catalog),
  working: workingSchema,
  implement: barbellField,
  plates: platesField,
  style: z.enum(RAMP_STYLE_IDS).default("closing-steps"),
  athlete: z
    .strictObject({
      experience: z.enum(["beginner", "intermediate", "advanced"]).default("intermediate"),
      slowToWarm: z.union([z.literal(0), z.literal(1), z.literal(2)]).default(0),
    })
    .optional(),
  similarDone: z.number().min(0, "Must be 0 to 1.").max(1, "Must be 0 to 1.").optional(),
  room: roomField.optional(),
  rampSets: rampSetsField.optional(),
});
/** What a lift is loaded from, and its working sets. */
export type LoadRequest = Pick<z.output<typeof liftRequestSchema>, "implement" | "plates" | "working">;

export const rampRequestSchema = liftRequestSchema.extend({ unit: unitField });
