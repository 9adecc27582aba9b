import { z } from "zod";
import { AREA_LEVELS, type Catalog, EQUIPMENT_IDS } from "@/core/catalog";
import { RAMP_STYLE_IDS } from "@/core/ramp";
import { UNIT_SYSTEMS } from "@/core/units";
import { memoize } from "@/lib/memoize";
import { signField } from "./drill-work";
import {
  approachField,
  areaField,
  demandField,
  equipmentField,
  experienceField,
  fineWeightField,
  loadedLiftField,
  nameField,
  repsField,
  rirField,
  setsField,
  whole,
  wishesField,
} from "./fields";

const MOST_WEIGHTS = 2000;
const dayField = z.iso.date("Give a day as 2026-01-31.");

/** Something reached at a drill, which may be no longer in the library. */
export const reachedField = z.strictObject({ drill: z.string().max(100), sign: signField, day: dayField });

/** An athlete as the coach edits one: everything that is known, working weights with their history. */
export const athleteSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    id: z.string().max(100),
    name: nameField("athlete"),
    groupId: z.string().max(100),
    unit: z.enum(UNIT_SYSTEMS),
    bodyWeight: fineWeightField.nullable(),
    birthYear: whole(1900, 2100).nullable(),
    experience: experienceField,
    note: z.string().max(2000, "Use at most 2000 characters."),
    archived: z.boolean(),
    limiters: z
      .array(demandField)
      .max(8, "Choose at most eight limiters.")
      .refine((list) => new Set(list).size === list.length, "Choose each limiter once."),
    areas: z
      .array(
        z.strictObject({
          area: areaField,
          level: z.enum(AREA_LEVELS),
        }),
      )
      .refine((list) => new Set(list.map((a) => a.area)).size === list.length, "Give each area once."),
    ownBar: z.strictObject({ name: nameField("bar"), weight: fineWeightField }).nullable(),
    cannotUse: z.array(equipmentField).max(EQUIPMENT_IDS.length),
    reached: z.array(reachedField).max(200).default([]),
    wishes: wishesField.optional(),
    approach: approachField(catalog).nullable(),
    rampStyle: z.enum(RAMP_STYLE_IDS).nullable(),
    usesResponses: z.boolean().default(true),
    weights: z
      .array(
        z.strictObject({
          lift: loadedLiftField(catalog),
          day: dayField,
          weight: fineWeightField,
          reps: repsField,
          sets: setsField,
          rir: rirField,
          kind: z.enum(["working", "max"]).default("working"),
          source: z.enum(["coach", "athlete", "test", "file"]).default("coach"),
        }),
      )
      .max(MOST_WEIGHTS)
      .refine(
        (list) => new Set(list.map((w) => `${w.lift} ${w.day} ${w.kind}`)).size === list.length,
        "Give one working weight per lift and day.",
      ),
  }),
);
export type AthleteDraft = z.output<ReturnType<typeof athleteSchema>>;
