import { z } from "zod";
import { shippedCatalog } from "@/catalog";
import type { Catalog } from "@/core/catalog";
import { UNIT_SYSTEMS } from "@/core/units";
import { memoize } from "@/lib/memoize";
import { athleteSchema } from "./athlete";
import { approachSchema, drillSchema, filmSchema, liftSchema } from "./custom-content";
import { draftSchema } from "./draft";
import { wishesField } from "./fields";
import { gymKitSchema } from "./gym-kit";
import { contentSchema, sessionSchema } from "./session";

/**
 * Which shape a bundle has; a later one is refused, an earlier one is read.
 *
 * - 1: the first.
 * - 2: formats of work, circuits and the room that drills need; what a 1 lacks of them is as if nothing was said.
 */
export const BUNDLE_FORMAT = "iron-step-bundle";
export const BUNDLE_VERSION = 2;
const EARLIER_VERSIONS = [1] as const;

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
    /** What was stored and could not be read, as it was; it is not taken in. */
    unreadable: z.array(z.strictObject({ what: z.string().max(40), row: z.unknown() })).default([]),
  }),
);
export type Bundle = z.output<ReturnType<typeof bundleSchema>>;

/** The kinds of things in a bundle, in an order in which each names only what came before. */
export const BUNDLE_PARTS = ["library", "gyms", "groups", "athletes", "templates", "sessions"] as const;
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
