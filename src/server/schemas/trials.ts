import { z } from "zod";
import { testById, tests } from "@/catalog/tests";
import type { Catalog } from "@/core/catalog";
import { valueFault } from "@/core/response";
import { memoize } from "@/lib/memoize";
import { idOf, whole } from "./fields";
import { dayField } from "./session";

const testField = idOf(() => tests.map((t) => t.id), "test");
const valueField = z
  .array(z.number({ error: "Give a number." }))
  .min(1)
  .max(2);
const newIdField = z.string().min(8, "Give at least 8 characters.").max(64);

/** What a drill can take in a trial. Seconds. */
export const TRIAL_SECONDS = [5, 1800] as const;

/** Says what is wrong with numbers of a test, each by its field. */
function checkValues<K extends string>(
  context: z.core.$RefinementCtx,
  id: string,
  values: Record<K, readonly number[]>,
): void {
  const test = testById(id);
  if (!test) return;
  for (const [field, value] of Object.entries<readonly number[]>(values)) {
    const fault = valueFault(test, value);
    if (fault) context.addIssue({ code: "custom", path: [field], message: fault });
  }
}

/** Outcome of a test; no field of the athlete. */
export const testResultSchema = z
  .strictObject({
    id: newIdField,
    test: testField,
    day: dayField,
    moment: z.enum(["cold", "after"]),
    value: valueField,
    signs: z.array(z.string().max(40)).max(12).default([]),
    sessionId: z.string().max(100).nullable().default(null),
  })
  .superRefine((r, context) => checkValues(context, r.test, { value: r.value }));

/** A trial; no field of the athlete. A drill may be one that is no longer in the library. */
export const trialSchema = z
  .strictObject({
    id: newIdField,
    test: testField,
    drill: z.string().max(100).nullable(),
    seconds: whole(0, TRIAL_SECONDS[1]),
    day: dayField,
    before: valueField,
    after: valueField,
  })
  .superRefine((t, context) => {
    checkValues(context, t.test, { before: t.before, after: t.after });
    if (t.drill !== null && t.seconds < TRIAL_SECONDS[0]) {
      context.addIssue({ code: "custom", path: ["seconds"], message: "Say how long the drill took." });
    }
  });

const athleteId = z.string().max(100);

export const noteResultSchema = z.strictObject({ athleteId, result: testResultSchema });

/** A trial whose drill is in the library. */
export const noteTrialSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    athleteId,
    trial: trialSchema.refine((t) => t.drill === null || catalog.drills.some((d) => d.id === t.drill), {
      path: ["drill"],
      message: "There is no such drill in the library.",
    }),
  }),
);

export const removeNotedSchema = z.strictObject({ athleteId, id: z.string().max(64) });
