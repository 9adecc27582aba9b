import { z } from "zod";
import { AREA_IDS, AREA_LEVELS, type Catalog, EQUIPMENT_IDS, liftById } from "@/core/catalog";
import { formatFault, type OwnDose } from "@/core/dose";
import { MOST_LIFTS } from "@/core/draft";
import { RAMP_STYLE_IDS } from "@/core/ramp";
import { memoize } from "@/lib/memoize";
import {
  circuitsField,
  offerFields,
  ownDoseField,
  signField,
  testsField,
  workFormatField,
} from "./drill-work";
import {
  areaField,
  coolDownField,
  demandField,
  drillField,
  equipmentField,
  experienceField,
  idOf,
  liftField,
  minutesField,
  rampSetsField,
  repsField,
  roomField,
  weightField,
  whole,
} from "./fields";
import { checkPlates, implementField, platesField, startField, unitField, workingSchema } from "./ramp-api";

const MOST_PINS = 40;
const MOST_DROPPED = 200;
const MOST_PEOPLE = 60;

const doseFields = { sets: whole(1, 10), amount: whole(1, 900) };

const planLiftSchema = (catalog: Catalog) =>
  z
    .strictObject({
      lift: liftField(catalog),
      /** Absent or null: not known, or a block of work that has none; the drills are planned and the ramp is not. */
      working: workingSchema.nullish(),
      backOffs: z.array(workingSchema).max(5).default([]),
      /** Done in turns with the lift after it. */
      pairedWithNext: z.boolean().default(false),
      /** Minutes from the first working set to the next lift's drills; absent: estimated. */
      workMinutes: z.number().min(0).max(240).optional(),
      implement: implementField.optional(),
      plates: platesField.optional(),
      style: z.enum(RAMP_STYLE_IDS).optional(),
      athlete: z
        .strictObject({
          experience: experienceField.optional(),
          slowToWarm: z.union([z.literal(0), z.literal(1), z.literal(2)]).optional(),
        })
        .optional(),
      similarDone: z.number().min(0, "Must be 0 to 1.").max(1, "Must be 0 to 1.").optional(),
      room: roomField.optional(),
      rampSets: rampSetsField.optional(),
      start: startField.optional(),
    })
    .superRefine((l, ctx) => {
      const needsBar = l.working && liftById(catalog, l.lift)?.implement === "barbell";
      if (needsBar && !l.implement) {
        ctx.addIssue({ code: "custom", path: ["implement"], message: "Say which bar there is." });
      }
      checkPlates(l, ctx);
    });
export type PlanLift = z.output<ReturnType<typeof planLiftSchema>>;

const athleteFields = {
  bodyWeight: weightField.optional(),
  experience: experienceField.default("intermediate"),
  limiters: z.array(demandField).max(12).default([]),
  areas: z
    .array(
      z.strictObject({
        area: areaField,
        level: z.enum(AREA_LEVELS),
      }),
    )
    .max(AREA_IDS.length)
    .default([]),
  /** What was reached at drills before, as conditions of pins have it. */
  reached: z
    .array(z.strictObject({ drill: z.string().max(100), sign: signField }))
    .max(100)
    .default([]),
};

/** A thing, or a thing with how many there are of it. */
const stockField = z.union([equipmentField, z.strictObject({ id: equipmentField, count: whole(0, 500) })]);

const pinSchema = (catalog: Catalog) =>
  z.strictObject({
    drill: drillField(catalog),
    dose: ownDoseField.optional(),
    /** Its place among the drills of its block, from 0. */
    place: whole(0, 60).optional(),
    /** Done on its own where the approach has it go round with others. */
    alone: z.boolean().optional(),
    ...offerFields(catalog),
    /** The block of lifts that it comes before, from 0. */
    block: whole(0, MOST_LIFTS - 1).optional(),
  });

/** What a plan and a review are asked about. */
const sessionFields = (catalog: Catalog) => ({
  unit: unitField,
  lifts: z.array(planLiftSchema(catalog)).max(MOST_LIFTS, `Give at most ${MOST_LIFTS} lifts.`).default([]),
  /** Without lifts: what the drills are to look after. */
  focus: z.array(demandField).min(1).max(12).optional(),
  minutes: minutesField,
  athlete: z.strictObject(athleteFields).optional(),
  approach: idOf(() => [...catalog.approaches, ...catalog.drillsAlone].map((a) => a.id), "approach").default(
    "temperature-first",
  ),
  room: roomField.default("normal"),
  /** The straight stretch of floor that is free, in metres; absent: enough for everything. */
  clearFloor: whole(1, 100).optional(),
  equipment: z.array(stockField).max(EQUIPMENT_IDS.length).optional(),
  pins: z.array(pinSchema(catalog)).max(MOST_PINS).default([]),
  /** Drills that go round together; each is a pin too. */
  circuits: circuitsField(catalog).default([]),
  /** Quick checks between the drills of one athlete. */
  tests: testsField(catalog).default([]),
  /** The drills once more after the last lift, as a cool-down; of one athlete. */
  coolDown: coolDownField,
  dropped: z.array(drillField(catalog)).max(MOST_DROPPED).default([]),
});

/** Adds an issue for each pin whose format is longer than the minutes there are. */
function checkFormats(
  { pins, minutes }: { pins: readonly { dose?: OwnDose }[]; minutes: number },
  ctx: z.RefinementCtx,
): void {
  pins.forEach(({ dose }, i) => {
    const fault = dose?.format && formatFault(dose.format, minutes * 60);
    if (!fault) return;
    ctx.addIssue({
      code: "custom",
      path: ["pins", i, "dose", "format", fault.field],
      message: fault.message,
    });
  });
}

const LIFT_OR_FOCUS = "Give at least one lift, or what the drills are to look after in `focus`.";
const hasLiftOrFocus = (v: { lifts: readonly unknown[]; focus?: readonly unknown[] }) =>
  v.lifts.length > 0 || v.focus !== undefined;

export const planRequestSchema = memoize((catalog: Catalog) =>
  z
    .strictObject({
      ...sessionFields(catalog),
      /** Work the choice of drills out to the end, whatever it takes; without it a very good one comes at once. */
      exact: z.boolean().default(false),
      /** Instead of one athlete: the people who warm up together. */
      group: z
        .array(
          z.strictObject({
            name: z.string().min(1).max(100),
            ...athleteFields,
            /** Working sets of this member for the lifts, by place; absent: those of the request. */
            working: z.array(workingSchema.nullable()).max(MOST_LIFTS).optional(),
          }),
        )
        .min(2, "A group has at least two people.")
        .max(MOST_PEOPLE, `A group has at most ${MOST_PEOPLE} people.`)
        .optional(),
    })
    .refine(hasLiftOrFocus, { path: ["lifts"], error: LIFT_OR_FOCUS })
    .superRefine(checkFormats),
);

const writtenSetSchema = z.strictObject({
  weight: weightField,
  reps: repsField,
  restSeconds: whole(0, 1800),
});

export const reviewRequestSchema = memoize((catalog: Catalog) =>
  z
    .strictObject({
      ...sessionFields(catalog),
      /** How many warm up together; machines are counted in `equipment`. */
      people: whole(1, 500).default(1),
      plan: z.strictObject({
        steps: z
          .array(
            z.strictObject({
              drill: drillField(catalog),
              ...doseFields,
              format: workFormatField.optional(),
              side: z.enum(["both", "left", "right"]).default("both"),
              block: whole(0, MOST_LIFTS - 1).default(0),
            }),
          )
          .max(120),
        /** One for each lift; absent: our own. */
        ramps: z.array(z.array(writtenSetSchema).max(12).nullable()).max(MOST_LIFTS).optional(),
      }),
    })
    .refine(hasLiftOrFocus, { path: ["lifts"], error: LIFT_OR_FOCUS }),
);

export type SessionRequest = Omit<z.output<ReturnType<typeof planRequestSchema>>, "exact" | "group">;
