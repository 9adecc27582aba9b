import { z } from "zod";
import { shippedCatalog } from "@/catalog";
import type { Catalog } from "@/core/catalog";
import type { FloorPlan } from "@/core/floor";
import { FEELS, FOLLOW_UP_MOMENTS } from "@/core/follow-up";
import { UNIT_SYSTEMS } from "@/core/units";
import { memoize } from "@/lib/memoize";
import { athleteSchema } from "./athlete";
import { approachSchema, drillSchema, filmSchema, liftSchema } from "./custom-content";
import { draftSchema } from "./draft";
import { wishesField } from "./fields";
import { floorEventSchema } from "./floor-event";
import { gymKitSchema } from "./gym-kit";
import { contentSchema, sessionSchema } from "./session";
import { testResultSchema, trialSchema } from "./trials";

/**
 * Which shape a bundle has; a later one is refused, an earlier one is read.
 *
 * - 1: the first.
 * - 2: formats of work, circuits and the room that drills need; what a 1 lacks of them is as if nothing was said.
 * - 3: tests, trials, follow-ups and what happened on the floor; what a 2 lacks of them stays as it is.
 */
export const BUNDLE_FORMAT = "iron-step-bundle";
export const BUNDLE_VERSION = 3;
const EARLIER_VERSIONS = [1, 2] as const;

/** What may stand in an address, and is no name that a program takes for its own. */
const idField = z
  .string()
  .min(1)
  .max(100)
  .regex(/^[A-Za-z0-9][\w.-]*$/, "Use letters, digits, hyphens and dots for an id.")
  .refine((id) => !["constructor", "prototype"].includes(id), "This cannot be an id.");
const nameField = z.string().trim().min(1).max(80);

export const warmUpSchema = (catalog: Catalog) =>
  z.strictObject({
    athleteId: idField,
    draft: draftSchema(catalog),
    given: draftSchema(catalog).nullable(),
  });

/** The custom drills, lifts and approaches in a bundle. */
export const librarySchema = z
  .array(
    z.discriminatedUnion("kind", [
      z.strictObject({ id: idField, name: nameField, kind: z.literal("drill"), content: drillSchema }),
      z.strictObject({ id: idField, name: nameField, kind: z.literal("lift"), content: liftSchema }),
      z.strictObject({
        id: idField,
        name: nameField,
        kind: z.literal("approach"),
        content: approachSchema,
      }),
      z.strictObject({ id: idField, name: nameField, kind: z.literal("film"), content: filmSchema }),
    ]),
  )
  .default([]);

/** What was tested, tried and answered by one athlete. */
const recordSchema = z.strictObject({
  id: idField,
  name: nameField,
  athleteId: idField,
  tests: z.array(testResultSchema),
  trials: z.array(trialSchema),
  followUps: z.array(
    z.strictObject({
      sessionId: idField,
      about: z.string().min(1).max(100),
      moment: z.enum(FOLLOW_UP_MOMENTS),
      feels: z.enum(FEELS),
      level: z.number().int().min(0).max(10),
      by: z.enum(["athlete", "coach"]),
    }),
  ),
});

/** A plan as it was when its session was started; the core made it, and it comes back as it was. */
const floorPlanSchema = z.custom<FloorPlan>(
  (value) =>
    z
      .looseObject({
        version: z.literal(1),
        sessionId: idField,
        name: z.string(),
        day: z.iso.date(),
        unit: z.enum(UNIT_SYSTEMS),
        athletes: z.array(
          z.looseObject({
            id: idField,
            name: z.string(),
            steps: z.array(z.looseObject({ key: z.string(), name: z.string(), seconds: z.number() })),
            lifts: z.array(z.looseObject({ lift: z.string(), sets: z.array(z.looseObject({})) })),
            blocks: z.array(z.array(z.number().int())),
          }),
        ),
        racks: z.array(z.looseObject({})),
      })
      .safeParse(value).success,
  "Keep the plan as it was exported.",
);

/** What the coach was asked about drills, and what was answered; all of it is one item. */
const preferencesSchema = z.strictObject({
  id: z.literal("preferences"),
  name: nameField,
  answers: z.array(
    z.strictObject({
      drill: z.string().max(100),
      kind: z.enum(["never", "favourite"]),
      scope: z.enum(["athlete", "lift"]),
      scopeId: z.string().max(100),
      counts: z.boolean(),
    }),
  ),
});

/** What happened in a session that was started: its plan and its events. */
const floorSchema = z.strictObject({
  id: idField,
  name: nameField,
  day: z.iso.date(),
  sessionId: idField,
  startedAt: z.number().int(),
  endedAt: z.number().int().nullable(),
  plan: floorPlanSchema,
  events: z.array(floorEventSchema),
});

/**
 * Everything of a gym. Weights are whole thousandths of the unit beside them: grams, or thousandths of a pound.
 *
 * @param catalog what sessions may name: the gym's with that of the bundle.
 */
export const bundleSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    $schema: z.string().optional(),
    format: z.literal(BUNDLE_FORMAT),
    version: z.literal([...EARLIER_VERSIONS, BUNDLE_VERSION]),
    library: librarySchema,
    gyms: z.array(gymKitSchema.extend({ id: idField, place: z.number().int() })),
    groups: z.array(
      z.strictObject({
        id: idField,
        name: nameField,
        place: z.number().int(),
        wishes: wishesField.nullish(),
      }),
    ),
    athletes: z.array(athleteSchema(catalog).extend({ id: idField, unit: z.enum(UNIT_SYSTEMS) })),
    templates: z.array(z.strictObject({ id: idField, name: nameField, content: contentSchema(catalog) })),
    sessions: z.array(
      sessionSchema(catalog).extend({ id: idField, warmUps: z.array(warmUpSchema(catalog)) }),
    ),
    records: z.array(recordSchema).default([]),
    floors: z.array(floorSchema).default([]),
    preferences: z.array(preferencesSchema).max(1).default([]),
    /** What was stored and could not be read, as it was; it is not taken in. */
    unreadable: z.array(z.strictObject({ what: z.string().max(40), row: z.unknown() })).default([]),
  }),
);
export type Bundle = z.output<ReturnType<typeof bundleSchema>>;

/** The kinds of things in a bundle, in an order in which each names only what came before. */
export const BUNDLE_PARTS = [
  ...(["library", "gyms", "groups", "athletes", "templates", "sessions"] as const),
  ...(["records", "floors", "preferences"] as const),
] as const;
export type BundlePart = (typeof BUNDLE_PARTS)[number];

/** The published JSON Schema of a bundle. */
export function bundleJsonSchema(): object {
  return {
    ...z.toJSONSchema(bundleSchema(shippedCatalog), { io: "input", unrepresentable: "any" }),
    $id: "https://iron-step.invalid/bundle.schema.json",
    title: "Iron Step bundle",
    description:
      "Everything of a gym. Weights are whole thousandths of the unit beside them: grams, or thousandths of a pound.",
  };
}
