import { z } from "zod";
import { type Approach, type Drill, IMPLEMENTS, type Lift, PHASES, PLANES } from "@/core/catalog";
import { FORMAT_LIMITS, SIGN_IDS, VARIANT_KINDS } from "@/core/dose";
import { RAMP_STYLE_IDS } from "@/core/ramp";
import { areaField, demandField, equipmentField, whole } from "./fields";

const idField = z.string().min(1).max(100);
const nameField = z.string().trim().min(1, "Type a name.").max(80, "Use at most 80 characters.");
const textField = z.string().trim().max(600, "Use at most 600 characters.");
const weightsField = z.partialRecord(demandField, z.union([z.literal(1), z.literal(2), z.literal(3)]));
const phaseField = z.enum(PHASES);

/** Lowest, usual and highest, in that order. */
const rangeField = (most: number) =>
  z
    .tuple([whole(1, most), whole(1, most), whole(1, most)])
    .refine(
      ([low, usual, high]) => low <= usual && usual <= high,
      "Give the lowest, the usual and the highest.",
    );

const positions = [
  ...["standing", "at-rack", "hanging", "half-kneeling", "hands-and-knees"],
  ...["face-up", "face-down", "side-lying", "seated", "plank"],
] as Drill["position"][];

const loadField = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("none") }),
  z.strictObject({ kind: z.literal("light") }),
  z.strictObject({ kind: z.literal("empty-bar") }),
  z.strictObject({ kind: z.literal("band"), strength: z.enum(["light", "medium", "heavy"]) }),
  z.strictObject({ kind: z.literal("working-weight-share"), share: z.number().min(0).max(1) }),
  z.strictObject({
    kind: z.literal("body-weight-share"),
    from: z.number().min(0).max(1),
    to: z.number().min(0).max(1),
  }),
]);

export const drillSchema = z.strictObject({
  id: idField,
  name: nameField,
  phases: z.array(phaseField).min(1, "Choose a phase."),
  serves: weightsField.refine((w) => Object.keys(w).length > 0, "Say what it serves."),
  planes: z.array(z.enum(PLANES)),
  position: z.enum(positions as [Drill["position"], ...Drill["position"][]]),
  equipment: z.array(z.array(equipmentField).min(1)).max(4),
  dose: z.strictObject({
    kind: z.enum(["reps", "hold", "contractions", "breaths", "time", "metres"]),
    sets: rangeField(10),
    amount: rangeField(900),
    sides: z.union([z.literal(1), z.literal(2)]),
    directions: z.union([z.literal(1), z.literal(2)]),
    secondsPerUnit: z.number().min(0.5).max(60),
    tempo: z.tuple([z.number(), z.number(), z.number()]).optional(),
    restSeconds: whole(0, 300),
    step: whole(1, 60),
  }),
  setUpSeconds: whole(0, 300),
  space: whole(1, 100).optional(),
  shoesOff: z.boolean().optional(),
  effort: z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(5)]),
  skill: z.enum(["plain", "advanced"]).optional(),
  remedial: z.boolean().optional(),
  impact: z.enum(["none", "low", "high"]),
  mode: z.enum(["static", "dynamic"]),
  stretch: z.boolean(),
  assisted: z.boolean(),
  load: loadField,
  easier: idField.optional(),
  harder: idField.optional(),
  substitutes: z.array(idField).max(20),
  before: idField.optional(),
  rehearses: z.array(idField).optional(),
  part: whole(1, 9).optional(),
  unkindTo: z.array(z.strictObject({ area: areaField, from: z.enum(["slow", "sore"]) })).optional(),
  avoid: z.array(areaField),
  caution: textField.optional(),
  how: textField,
  cues: z.array(textField).max(8),
  faults: z.array(textField).max(8),
  figure: idField.nullable().optional(),
  retired: z.boolean().optional(),
}) satisfies z.ZodType<Drill, unknown>;

export const liftSchema = z.strictObject({
  id: idField,
  name: nameField,
  asks: weightsField.refine((w) => Object.keys(w).length > 0, "Say what it asks for."),
  pattern: demandField.nullable(),
  primeMovers: z.array(demandField).max(8),
  loads: z.array(areaField),
  implement: z.enum(IMPLEMENTS).refine((i) => i !== "none", "Your own lift needs a weight."),
  fromFloor: z.boolean(),
  olympic: z.boolean(),
  family: z.enum(["snatch", "clean", "jerk"]).optional(),
  figure: idField.nullable().optional(),
  compound: z.boolean(),
  spotted: z.boolean(),
  retired: z.boolean().optional(),
}) satisfies z.ZodType<Lift, unknown>;

const filterField = z.strictObject({
  ids: z.array(idField).optional(),
  serves: z.array(demandField).optional(),
  loads: z
    .array(z.enum(["none", "light", "body-weight-share", "working-weight-share", "band", "empty-bar"]))
    .optional(),
  positions: z.array(z.enum(positions as [Drill["position"], ...Drill["position"][]])).optional(),
  equipment: z.array(equipmentField).optional(),
  assisted: z.boolean().optional(),
  stretch: z.boolean().optional(),
  mostEffort: whole(1, 5).optional(),
  leastSets: whole(1, 10).optional(),
  noPattern: z.boolean().optional(),
});

const wayField = z.string().trim().min(1, "Say how it is done.").max(60, "Use at most 60 characters.");

/** How an approach spreads the sets of a drill. */
const formatRuleField = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("interval"), off: whole(...FORMAT_LIMITS.off) }),
  z.strictObject({
    kind: z.literal("variants"),
    by: z.enum(VARIANT_KINDS),
    ways: z.array(wayField).min(FORMAT_LIMITS.ways[0]).max(FORMAT_LIMITS.ways[1]),
    splits: z.boolean().optional(),
  }),
  z.strictObject({
    kind: z.literal("pieces"),
    pieces: z.array(wayField).min(1).max(FORMAT_LIMITS.pieces[1]),
  }),
  z.strictObject({
    kind: z.literal("surges"),
    every: whole(10, 600),
    on: whole(...FORMAT_LIMITS.on),
    off: whole(...FORMAT_LIMITS.off),
  }),
]);

export const approachSchema = z.strictObject({
  id: idField,
  name: nameField,
  belief: textField,
  summary: textField,
  givesUp: textField,
  phases: z
    .array(
      z
        .strictObject({
          phase: phaseField,
          mostDrills: whole(1, 40),
          most: whole(10, 3600),
          least: whole(0, 3600),
          shortPrice: z.number().min(0).max(100),
          share: z.number().min(0).max(1).optional(),
          resembling: z.boolean().optional(),
          only: filterField.optional(),
          limitersOnly: z.boolean().optional(),
          whenColdOrStiff: z.boolean().optional(),
          whenAsked: demandField.optional(),
        })
        .refine((p) => p.least <= p.most, "The least must not be over the most."),
    )
    .min(1, "An approach has a phase.")
    .refine((list) => new Set(list.map((p) => p.phase)).size === list.length, "Give each phase once."),
  slots: z
    .array(
      z.strictObject({
        name: nameField,
        phase: phaseField,
        filledBy: filterField,
        drills: z.strictObject({ least: whole(0, 10), most: whole(1, 10) }),
        points: z.number().min(0).max(100).default(14),
        whenAsked: z.array(demandField).optional(),
        offers: z.boolean().optional(),
      }),
    )
    .max(16),
  onlySlots: z.boolean().default(false),
  pace: z
    .strictObject({ from: whole(1, 20), every: whole(10, 600), most: whole(1, 40) })
    .default({ from: 2, every: 90, most: 12 }),
  leavesOut: z.array(demandField).default([]),
  places: z.record(z.string(), whole(1, 10)).default({ shoulders: 2 }),
  holds: z.boolean().default(false),
  circuit: z
    .strictObject({
      phases: z.array(phaseField),
      mostRounds: whole(1, 5),
      roundPoints: z.number().min(-20).max(20),
    })
    .nullable(),
  // Absent in approaches of before there were any.
  pairs: z
    .array(z.strictObject({ drills: filterField, restInside: whole(0, 300), restBetween: whole(0, 300) }))
    .max(6)
    .default([]),
  formats: z
    .array(
      z.strictObject({
        drills: filterField,
        format: formatRuleField.optional(),
        until: z.enum(SIGN_IDS).optional(),
        under: whole(10, 3600).optional(),
      }),
    )
    .max(12)
    .default([]),
  floors: z.partialRecord(demandField, z.number().min(0).max(3)),
  planes: z.array(z.enum(PLANES)),
  favours: z.array(z.strictObject({ drills: filterField, points: z.number().min(-50).max(50) })).max(20),
  progressionsIn: z.array(phaseField),
  bodyOrder: z.enum(["top-down", "ground-up"]).nullable(),
  limiters: z.strictObject({
    most: whole(0, 8),
    secondsEach: whole(0, 1800),
    secondsAll: whole(0, 3600),
    place: z.enum(["first", "in-phase", "last"]),
  }),
  rampServes: z.array(demandField),
  rampStyle: z.enum(RAMP_STYLE_IDS),
  laterRamps: z.enum(["full", "shorter", "least", "least-in-region"]),
  rampShare: z.number().min(0.1).max(1),
  typicalMinutes: z
    .strictObject({ from: whole(1, 60), to: whole(1, 60) })
    .refine((m) => m.from <= m.to, "Give the shorter one first."),
  retired: z.boolean().optional(),
}) satisfies z.ZodType<Approach, unknown>;

/** A film of the coach's own that shows a drill. */
export const filmSchema = z.strictObject({
  id: idField,
  name: nameField,
  drill: idField,
  url: z
    .url({ protocol: /^https?$/, error: "Give the whole address, with https:// in front." })
    .max(500, "Use at most 500 characters."),
});
export type Film = z.output<typeof filmSchema>;

/** Which kinds of content a gym may have of its own, and what each looks like. */
export const CUSTOM_SCHEMAS = { drill: drillSchema, lift: liftSchema, approach: approachSchema } as const;
export type CustomKind = keyof typeof CUSTOM_SCHEMAS;
export type CustomItem = Drill | Lift | Approach;
