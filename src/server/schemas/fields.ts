import { z } from "zod";
import { AREA_IDS, type Catalog, drillById, EQUIPMENT_IDS, type EquipmentId } from "@/core/catalog";
import { DEMAND_IDS } from "@/core/demands";
import { LIMITS } from "@/core/draft";
import { EXPERIENCES } from "@/core/ramp";
import { GREATEST_WEIGHT, type Weight, weight } from "@/core/units";

/** A weight in kg or lb as JSON has it; becomes an integer of the fine unit. */
export const weightField = z
  .number({ error: "Give a number of kg or lb." })
  .positive("Must be above zero.")
  .max(GREATEST_WEIGHT, `Must be at most ${GREATEST_WEIGHT}.`)
  .refine((v) => Math.abs(v * 1000 - Math.round(v * 1000)) < 1e-6, "Use at most three decimals.")
  .transform(weight);

/** A weight already in the fine unit, as drafts store it. */
export const fineWeightField = z
  .number()
  .int()
  .positive()
  .max(GREATEST_WEIGHT * 1000)
  .transform((v) => v as Weight);

export function whole(least: number, most: number) {
  return z
    .number({ error: `Give a whole number from ${least} to ${most}.` })
    .int("Must be a whole number.")
    .min(least, `Must be at least ${least}.`)
    .max(most, `Must be at most ${most}.`);
}

export const repsField = whole(...LIMITS.reps);
export const setsField = whole(...LIMITS.sets);
export const rirField = whole(...LIMITS.rir);
export const minutesField = whole(...LIMITS.minutes);
export const rampSetsField = whole(...LIMITS.rampSets);
export const roomField = z.enum(["normal", "cold"]);

/** An id of what there is now; the message lists it. */
export function idOf(ids: () => readonly string[], thing: string) {
  return z.string().refine((id) => ids().includes(id), {
    error: (issue) =>
      `There is no ${thing} "${String(issue.input).slice(0, 60)}". Known: ${ids().join(", ")}.`,
  });
}

/** What comes after the last lift: nothing, the same again, or so many minutes that are chosen. */
export const coolDownField = z
  .union([z.boolean(), whole(1, 20)], "Say whether there is one, or give 1 to 20 minutes.")
  .default(false);

/** A lift that has a weight of its own. */
export function loadedLiftField(catalog: Catalog) {
  return idOf(() => catalog.lifts.filter((l) => !l.kind).map((l) => l.id), "lift");
}

export function liftField(catalog: Catalog) {
  return idOf(() => catalog.lifts.map((l) => l.id), "lift");
}

export function approachField(catalog: Catalog) {
  return idOf(() => catalog.approaches.map((a) => a.id), "approach");
}

export function drillField(catalog: Catalog) {
  return z.string().refine((id) => drillById(catalog, id), "There is no such drill.");
}

/** One of these ids, which never change while the app runs. */
const oneOf = <T extends string>(ids: readonly T[]) => z.enum(ids as [T, ...T[]]);

/** Drills that are liked or never used; they may be no longer in the library. */
export const wishesField = z
  .strictObject({
    favourites: z.array(z.string().max(100)).max(200, "Choose at most 200 favourites."),
    never: z.array(z.string().max(100)).max(200, "Choose at most 200 drills never to use."),
    smallest: z
      .array(z.string().max(100))
      .max(200, "Choose at most 200 drills at their smallest dose.")
      .optional(),
  })
  .refine(
    (w) => !w.favourites.some((id) => w.never.includes(id)),
    "A drill is both a favourite and never used.",
  );

/** What is stored of them: what cannot be read counts as none. */
export const storedWishes = wishesField.nullable().catch(null);

export const equipmentField = oneOf(EQUIPMENT_IDS);
export function isEquipment(id: string): id is EquipmentId {
  return (EQUIPMENT_IDS as string[]).includes(id);
}
export const demandField = oneOf(DEMAND_IDS);
export const areaField = oneOf(AREA_IDS);
export const experienceField = z.enum(EXPERIENCES);

/** Signs that steer a printer or a terminal, and are part of no name. */
const CONTROLS = /\p{Cc}/u;

export const nameField = (what: string) =>
  z
    .string()
    .trim()
    .min(1, `Type the ${what}'s name.`)
    .max(80, "Use at most 80 characters.")
    .refine((name) => !CONTROLS.test(name), "Use letters and signs that can be seen, in one line.");

/** The id of something stored, or the token of a change that can be undone. */
export const idField = z.string().max(100);

/** Tells one save from another: the same twice is one save. */
export const saveIdField = z.string().min(8).max(64).optional();
