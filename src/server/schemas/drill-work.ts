import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import {
  doseOfFormat,
  FORMAT_LIMITS,
  formatFault,
  type OwnDose,
  SIGN_IDS,
  VARIANT_KINDS,
  type WorkFormat,
} from "@/core/dose";
import {
  CIRCUIT_LIMITS,
  type Circuit,
  type Condition,
  LEAST_EXPERIENCES,
  OFFER_LIMITS,
  TEST_LIMITS,
  type TestStep,
} from "@/core/drills";
import { drillField, whole } from "./fields";

const wayField = z.string().trim().max(60, "Use at most 60 characters.");

/** How the work of a drill is spread, as it is stored and sent. */
export const workFormatField = z
  .discriminatedUnion("kind", [
    z.strictObject({
      kind: z.literal("interval"),
      on: whole(...FORMAT_LIMITS.on),
      off: whole(...FORMAT_LIMITS.off),
      times: whole(...FORMAT_LIMITS.times),
    }),
    z.strictObject({
      kind: z.literal("variants"),
      by: z.enum(VARIANT_KINDS),
      ways: z.array(wayField),
      amount: whole(...FORMAT_LIMITS.amount),
    }),
    z.strictObject({
      kind: z.literal("pieces"),
      seconds: whole(...FORMAT_LIMITS.seconds),
      pieces: z
        .array(wayField)
        .min(FORMAT_LIMITS.pieces[0], "Give at least two pieces.")
        .max(FORMAT_LIMITS.pieces[1], `Give at most ${FORMAT_LIMITS.pieces[1]} pieces.`),
    }),
    z.strictObject({
      kind: z.literal("surges"),
      seconds: whole(...FORMAT_LIMITS.seconds),
      surges: whole(...FORMAT_LIMITS.surges),
      on: whole(...FORMAT_LIMITS.on),
      off: whole(...FORMAT_LIMITS.off),
    }),
  ])
  .superRefine((format, ctx) => {
    const fault = formatFault(format);
    if (fault) ctx.addIssue({ code: "custom", path: fault.field.split("."), message: fault.message });
  }) satisfies z.ZodType<WorkFormat, unknown>;

/** How much of a drill the coach wants: sets and amount, or a format; of a format they follow. */
export const ownDoseField = z
  .strictObject({
    sets: whole(1, 20).optional(),
    amount: whole(1, 1800).optional(),
    format: workFormatField.optional(),
    until: z.enum(SIGN_IDS).optional(),
  })
  .superRefine(({ sets, amount, format }, ctx) => {
    if (format) return;
    if (sets === undefined)
      ctx.addIssue({ code: "custom", path: ["sets"], message: "Give the sets, or a format." });
    if (amount === undefined) {
      ctx.addIssue({ code: "custom", path: ["amount"], message: "Give the amount, or a format." });
    }
  })
  .transform(({ sets, amount, format, until }): OwnDose => {
    const dose = format ? doseOfFormat(format) : { sets: sets!, amount: amount! };
    return until ? { ...dose, until } : dose;
  });

/** Something that is to be reached at a drill. */
export const signField = z
  .string()
  .trim()
  .min(1, "Say what has to be reached.")
  .max(OFFER_LIMITS.reached, `Use at most ${OFFER_LIMITS.reached} characters.`);

const conditionField = (catalog: Catalog) =>
  z
    .strictObject({
      reached: signField.optional(),
      experience: z.enum(LEAST_EXPERIENCES).optional(),
      next: drillField(catalog),
    })
    .transform(({ reached, experience, next }, ctx): Condition => {
      if (reached !== undefined && experience === undefined) return { reached, next };
      if (experience !== undefined && reached === undefined) return { experience, next };
      const message = "Say what has to be reached, or from which experience on, and only one of them.";
      ctx.addIssue({ code: "custom", path: ["reached"], message });
      return z.NEVER;
    });

/** What may be done in place of a drill. */
export const offerFields = (catalog: Catalog) => ({
  /** Others that would do as well; the athlete takes one. */
  anyOf: z
    .array(drillField(catalog))
    .max(OFFER_LIMITS.anyOf, `Offer at most ${OFFER_LIMITS.anyOf} other drills.`)
    .optional(),
  /** Once something has been reached, or for those with some experience, another drill is done. */
  condition: conditionField(catalog).optional(),
});

const placeField = (catalog: Catalog) =>
  z.discriminatedUnion("kind", [
    z.strictObject({ kind: z.literal("first") }),
    z.strictObject({ kind: z.literal("last") }),
    z.strictObject({ kind: z.literal("after"), drill: drillField(catalog) }),
  ]);

/** Quick checks between drills. */
export const testsField = (catalog: Catalog) =>
  z
    .array(
      z.strictObject({
        drill: drillField(catalog),
        seconds: whole(...TEST_LIMITS.seconds),
        looksFor: z
          .string()
          .trim()
          .max(TEST_LIMITS.looksFor, `Use at most ${TEST_LIMITS.looksFor} characters.`),
        at: z
          .array(placeField(catalog))
          .min(TEST_LIMITS.places[0], "Say where the test stands: first, last, or after a drill.")
          .max(TEST_LIMITS.places[1]),
      }) satisfies z.ZodType<TestStep, unknown>,
    )
    .max(TEST_LIMITS.tests, `Give at most ${TEST_LIMITS.tests} tests.`);

const restField = whole(...CIRCUIT_LIMITS.rest).default(0);

/** Circuits of drills, each drill in one of them at most. */
export const circuitsField = (catalog: Catalog) =>
  z
    .array(
      z.strictObject({
        drills: z
          .array(drillField(catalog))
          .min(CIRCUIT_LIMITS.drills[0], "A superset or a circuit has at least two drills.")
          .max(CIRCUIT_LIMITS.drills[1], `A circuit has at most ${CIRCUIT_LIMITS.drills[1]} drills.`),
        rounds: whole(...CIRCUIT_LIMITS.rounds),
        restInside: restField,
        restBetween: restField,
      }) satisfies z.ZodType<Circuit, unknown>,
    )
    .max(12)
    .superRefine((circuits, ctx) => {
      const seen = new Set<string>();
      circuits.forEach(({ drills }, i) => {
        drills.forEach((drill, j) => {
          if (seen.has(drill)) {
            const message = "This drill is in a circuit already. Take it out of one.";
            ctx.addIssue({ code: "custom", path: [i, "drills", j], message });
          }
          seen.add(drill);
        });
      });
    });
