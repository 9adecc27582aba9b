import { z } from "zod";
import type { GymKit } from "@/core/gym";
import { fineWeightField } from "./fields";

const MOST_WEIGHTS = 200;
const weights = z.array(fineWeightField).max(MOST_WEIGHTS);

/** What a gym has beside bar and plates, as it is stored. */
export const gymLoadsSchema = z.strictObject({
  dumbbells: weights,
  sledge: fineWeightField.nullable(),
  stack: z
    .strictObject({
      start: fineWeightField,
      step: fineWeightField,
      top: fineWeightField,
      addOns: weights.max(6),
    })
    .refine((s) => s.top >= s.start, { path: ["top"], message: "Must be at least the start." })
    .nullable(),
  help: weights,
}) satisfies z.ZodType<Pick<GymKit, "dumbbells" | "sledge" | "stack" | "help">, unknown>;
