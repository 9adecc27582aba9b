import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { E1RM_FORMULAS } from "@/core/strength";
import { memoize } from "@/lib/memoize";
import { rampSetsField, repsField, rirField, weightField, whole } from "./fields";
import { checkPlates, liftRequestSchema, unitField } from "./ramp-api";
import { rampResponseSchema } from "./responses";

const MOST_DONE = 20;

const doneSet = z.strictObject({
  weight: weightField,
  reps: repsField,
  /** Plates on one side, inside first; absent: the fewest that make the weight. */
  perSide: z.array(weightField).max(20).optional(),
});

const changeField = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("lighter"),
    percent: z.number().min(0, "Must be 0 to 90.").max(90, "Must be 0 to 90."),
  }),
  z.strictObject({
    kind: z.literal("same-effort"),
    reps: repsField,
    rir: rirField.optional(),
    formula: z.enum(E1RM_FORMULAS).optional(),
  }),
]);

/** A lift request as it was, with what has been done of it and what is wanted now. */
export const adjustRequestSchema = memoize((catalog: Catalog) =>
  liftRequestSchema(catalog)
    .extend({
      unit: unitField,
      /** In the order they were done; they stay as they are. */
      done: z.array(doneSet).max(MOST_DONE, `Give at most ${MOST_DONE} done sets.`),
      change: changeField.optional(),
      /** All ramp sets, the done ones among them; absent: as many as lead on. */
      rampSets: rampSetsField.optional(),
      /** Until the first working set. */
      secondsLeft: whole(0, 7200).optional(),
    })
    .superRefine(checkPlates),
);

export const adjustResponseSchema = rampResponseSchema.extend({
  /** How many of the sets have been done. */
  done: z.int(),
  /** Repetitions of the working sets as they are now. */
  workingReps: z.int(),
  /** The working weight before it was rounded down to what can be loaded. */
  exactWeight: z.number(),
});
