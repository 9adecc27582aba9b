import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { ADDITION_IDS, RAMP_STYLE_IDS } from "@/core/ramp";
import { UNIT_SYSTEMS } from "@/core/units";
import { memoize } from "@/lib/memoize";
import {
  experienceField,
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

const barbellField = z.strictObject({
  kind: z.literal("barbell"),
  weight: weightField,
  collars: z.union([z.literal(0).transform(() => undefined), weightField]).optional(),
});
export const platesField = z
  .array(plateSchema)
  .min(1, "Give at least one plate size.")
  .max(MOST_PLATE_SIZES, `Give at most ${MOST_PLATE_SIZES} plate sizes.`);

const MOST_WEIGHTS = 100;
const weightsField = z.array(weightField).min(1, "Give at least one weight.").max(MOST_WEIGHTS);

/** Where a ramp starts: the lightest there is, or a share of the working weight. */
export const startField = z
  .union([z.literal("lightest"), z.literal(0.2), z.literal(0.4), z.literal(0.5)])
  .transform((start) => (start === "lightest" ? 0 : start));

/** What a lift is loaded from; the plates of bars and machines, and what hangs on a body, stand beside it. */
export const implementField = z.discriminatedUnion("kind", [
  barbellField,
  z.strictObject({ kind: z.literal("machine"), weight: weightField }),
  z.strictObject({ kind: z.literal("dumbbells"), pairs: weightsField }),
  z.strictObject({ kind: z.literal("kettlebells"), bells: weightsField }),
  z
    .strictObject({
      kind: z.literal("stack"),
      start: weightField,
      step: weightField,
      top: weightField,
      addOns: z.array(weightField).max(6).default([]),
    })
    .refine((s) => s.top >= s.start, { path: ["top"], message: "Must be at least the start." })
    .refine((s) => s.top - s.start <= 200 * s.step, { path: ["step"], message: "Makes over 200 steps." }),
  z.strictObject({
    kind: z.literal("bodyweight"),
    bodyWeight: weightField,
    /** What a machine or bands take off the body weight. */
    help: z.array(weightField).max(MOST_WEIGHTS).default([]),
  }),
]);

/** Says that plates are missing where an implement is loaded with them. */
export function checkPlates(
  { implement, plates }: { implement?: z.output<typeof implementField>; plates?: readonly unknown[] },
  ctx: z.RefinementCtx,
): void {
  const isPlated = implement?.kind === "barbell" || implement?.kind === "machine";
  if (isPlated && !plates) {
    ctx.addIssue({ code: "custom", path: ["plates"], message: "Give at least one plate size." });
  }
}

/** One lift with what it is loaded from. */
export const liftRequestSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    lift: loadedLiftField(catalog),
    working: workingSchema,
    implement: implementField,
    plates: platesField.optional(),
    style: z.enum(RAMP_STYLE_IDS).default("closing-steps"),
    athlete: z
      .strictObject({
        experience: experienceField.default("intermediate"),
        slowToWarm: z.union([z.literal(0), z.literal(1), z.literal(2), z.literal("sore")]).default(0),
        /** Whether the bar can be received low without heels. */
        receivesLow: z.boolean().default(true),
      })
      .optional(),
    similarDone: z.number().min(0, "Must be 0 to 1.").max(1, "Must be 0 to 1.").optional(),
    room: roomField.optional(),
    rampSets: rampSetsField.optional(),
    start: startField.optional(),
    /** Technique additions of an Olympic lift; others have none. */
    additions: z.array(z.enum(ADDITION_IDS)).max(ADDITION_IDS.length).optional(),
    /** Whether the bar must stand at full height on the floor or is set on blocks; absent: as the lift has it. */
    floor: z.enum(["full-height", "blocks"]).optional(),
  }),
);
export type LiftRequest = z.output<ReturnType<typeof liftRequestSchema>>;
/** What a lift is loaded from, and its working sets. */
export type LoadRequest = Pick<
  z.output<ReturnType<typeof liftRequestSchema>>,
  "implement" | "plates" | "working"
>;

export const rampRequestSchema = memoize((catalog: Catalog) =>
  liftRequestSchema(catalog).extend({ unit: unitField }).superRefine(checkPlates),
);
