import { z } from "zod";
import { catalog } from "@/catalog";
import { drillById } from "@/core/catalog";
import type { WarmUpDraft } from "@/core/warm-up";
import {
  approachField,
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

const MOST_OWN_DRILLS = 40;

const drillField = z.string().refine((id) => drillById(catalog, id), "There is no such drill.");

/** A warm-up draft as it is stored and sent. */
export const draftSchema = z.strictObject({
  lift: liftField(catalog),
  weight: fineWeightField.nullable(),
  reps: repsField,
  sets: setsField,
  rir: rirField,
  minutes: minutesField,
  approach: approachField(catalog),
  room: roomField,
  own: z
    .array(
      z.strictObject({
        drill: drillField,
        dose: z.strictObject({ sets: whole(1, 10), amount: whole(1, 900) }).optional(),
      }),
    )
    .max(MOST_OWN_DRILLS),
  dropped: z.array(drillField).max(200),
  rampSets: rampSetsField.nullable(),
  fixed: z.record(
    z.coerce.number().int().min(0).max(9),
    z.strictObject({ weight: fineWeightField.optional(), reps: repsField.optional() }),
  ),
}) satisfies z.ZodType<WarmUpDraft, unknown>;

/** The first thing wrong with a value, as a sentence that names the field. */
export function firstProblem(error: z.ZodError): string {
  const issue = error.issues[0]!;
  const field = issue.path.join(".");
  return field ? `${field}: ${issue.message}` : issue.message;
}
