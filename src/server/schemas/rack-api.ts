import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { memoize } from "@/lib/memoize";
import { repsField, weightField, whole } from "./fields";
import { checkPlates, liftRequestSchema, unitField } from "./ramp-api";

const MOST_PEOPLE = 60;
const MOST_RACKS = 60;
/** Longer ramps are nobody's, and each set more makes the order much harder to prove. */
const MOST_SETS = 10;

const nameField = z.string().trim().min(1, "Give a name.").max(80, "Use at most 80 characters.");

/** A ramp as POST /api/ramp gives it; what the order does not need is not looked at. */
const givenRamp = z.object({
  lift: z.string().max(80).optional(),
  sets: z
    .array(
      z.object({
        weight: weightField,
        reps: repsField,
        perSide: z.array(weightField).max(20),
        seconds: whole(1, 600),
        leastRestSeconds: whole(0, 900),
      }),
    )
    .max(MOST_SETS, `At most ${MOST_SETS} ramp sets.`),
});

export const rackRequestSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    unit: unitField,
    athletes: z
      .array(
        z.union([
          z.strictObject({ name: nameField, ramp: givenRamp }),
          liftRequestSchema(catalog).extend({ name: nameField }).superRefine(checkPlates),
        ]),
      )
      .min(1, "Give at least one athlete.")
      .max(MOST_PEOPLE, `Give at most ${MOST_PEOPLE} athletes.`),
    racks: whole(1, MOST_RACKS).default(1),
    /** How many load the bar: two are quicker. */
    loaders: z.union([z.literal(1), z.literal(2)]).default(1),
    /** Pairs of plates in the room if all racks load from one stock; absent: each has its own. */
    stock: z
      .array(z.strictObject({ weight: weightField, pairs: whole(1, 200) }))
      .max(20, "Give at most 20 plate sizes.")
      .optional(),
  }),
);

const seconds = z.int();
const order = z.object({ seconds, moves: z.int(), waitedSeconds: seconds });

export const rackResponseSchema = z.object({
  racks: z.array(
    order.extend({
      athletes: z.array(z.object({ name: z.string(), readyAt: seconds })),
      turns: z.array(
        z.object({
          name: z.string(),
          set: z.int(),
          weight: z.number(),
          reps: z.int(),
          strip: z.array(z.number()),
          add: z.array(z.number()),
          startsAt: seconds,
          endsAt: seconds,
          waitedSeconds: seconds,
        }),
      ),
      /** Which shift it is, from 0: more people than places come one shift after the other. */
      shift: z.int(),
      proven: z.boolean(),
      plainTurns: order,
    }),
  ),
  /** When the slowest rack is ready, from its shift's first set. */
  seconds,
  /** When one stock of plates for the room would not do. */
  shortages: z.array(
    z.object({
      shift: z.int(),
      plate: z.number(),
      needed: z.int(),
      there: z.int(),
      from: seconds,
      to: seconds,
      racks: z.array(z.int()),
    }),
  ),
});
