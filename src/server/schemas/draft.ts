import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { FORMAT_LIMITS } from "@/core/dose";
import { LIMITS, MOST_LIFTS, type WarmUpDraft } from "@/core/draft";
import { CIRCUIT_LIMITS } from "@/core/drills";
import { ADDITION_IDS, RAMP_STYLE_IDS } from "@/core/ramp";
import { memoize } from "@/lib/memoize";
import { circuitsField, offerFields, ownDoseField, testsField } from "./drill-work";
import {
  approachField,
  coolDownField,
  drillField,
  fineWeightField,
  liftField,
  minutesField,
  rampSetsField,
  repsField,
  rirField,
  roomField,
  setsField,
  whole,
} from "./fields";

const MOST_PINS = 40;
const MOST_BACK_OFFS = 5;
/** Ramp sets and singles for the day. */
const MOST_DONE = 20;

/** As a plan has it: a format may come to more sets than are entered as sets. */
const plannedDoseField = z.strictObject({
  sets: whole(1, FORMAT_LIMITS.times[1]),
  amount: whole(1, FORMAT_LIMITS.seconds[1]),
});

/** Drills that the coach has chosen, with dose, place and block where they are fixed too. */
export const pinsField = (catalog: Catalog) =>
  z
    .array(
      z.strictObject({
        drill: drillField(catalog),
        dose: ownDoseField.optional(),
        place: whole(0, 100).optional(),
        alone: z.boolean().optional(),
        ...offerFields(catalog),
        block: whole(0, MOST_LIFTS - 1).optional(),
      }),
    )
    .max(MOST_PINS);

const liftSchema = (catalog: Catalog) =>
  z.strictObject({
    lift: liftField(catalog),
    bar: z.string().max(80).nullable().default(null),
    weight: fineWeightField.nullable(),
    reps: repsField,
    sets: setsField,
    rir: rirField,
    backOffs: z
      .array(z.strictObject({ weight: fineWeightField, reps: repsField, sets: setsField, rir: rirField }))
      .max(MOST_BACK_OFFS),
    pairedWithNext: z.boolean(),
    // Drafts of earlier days lack what has a default.
    rampStyle: z.enum(RAMP_STYLE_IDS).nullable().default(null),
    rampStart: z.number().min(0).max(0.6).nullable().default(null),
    rampSets: rampSetsField.nullable(),
    fixed: z.record(
      z.coerce.number().int().min(0).max(9),
      z.strictObject({
        weight: fineWeightField.optional(),
        reps: repsField.optional(),
        restSeconds: whole(...LIMITS.restSeconds).optional(),
      }),
    ),
    additions: z.array(z.enum(ADDITION_IDS)).max(ADDITION_IDS.length).default([]),
    onBlocks: z.boolean().default(false),
    done: z
      .array(
        z.strictObject({
          weight: fineWeightField,
          reps: repsField,
          perSide: z.array(fineWeightField).max(20),
        }),
      )
      .max(MOST_DONE)
      .default([]),
    secondsLeft: whole(0, 7200).nullable().default(null),
  });

/** Drills with their doses and rounds, as a plan had them. */
const plannedDrillsField = (catalog: Catalog) =>
  z
    .array(plannedDoseField.extend({ drill: drillField(catalog), rounds: whole(...CIRCUIT_LIMITS.rounds) }))
    .max(MOST_PINS)
    .nullable();

/** Adds an issue for each drill of a circuit that is not among the chosen ones. */
export function checkCircuits(
  { own, circuits }: Pick<WarmUpDraft, "own" | "circuits">,
  ctx: z.RefinementCtx,
): void {
  circuits.forEach(({ drills }, i) => {
    drills.forEach((drill, j) => {
      if (own.some((o) => o.drill === drill)) return;
      const message = "A drill of a circuit has to be pinned too.";
      ctx.addIssue({ code: "custom", path: ["circuits", i, "drills", j], message });
    });
  });
}

/** A draft of the time when a warm-up had one lift, in today's shape; anything else as it is. */
function upgraded(value: unknown): unknown {
  if (typeof value !== "object" || value === null || !("lift" in value) || "lifts" in value) return value;
  const { lift, weight, reps, sets, rir, rampSets, fixed, ...rest } = value as Record<string, unknown>;
  const only = { lift, weight, reps, sets, rir, backOffs: [], pairedWithNext: false, rampSets, fixed };
  return { ...rest, lifts: [only], taken: null };
}

/** A warm-up draft as it is stored and sent. */
export const draftSchema = memoize(
  (catalog: Catalog) =>
    z
      .preprocess(
        upgraded,
        z.strictObject({
          lifts: z.array(liftSchema(catalog)).min(1, "A warm-up has at least one lift.").max(MOST_LIFTS),
          minutes: minutesField,
          approach: approachField(catalog),
          room: roomField,
          own: pinsField(catalog),
          // Absent in drafts of before there were any.
          circuits: circuitsField(catalog).default([]),
          dropped: z.array(drillField(catalog)).max(200),
          tests: testsField(catalog).default([]),
          coolDown: coolDownField,
          taken: plannedDrillsField(catalog),
          begun: plannedDrillsField(catalog).default(null),
        }),
      )
      .superRefine(checkCircuits) satisfies z.ZodType<WarmUpDraft, unknown>,
);
