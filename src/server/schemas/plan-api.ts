import { z } from "zod";
import { catalog } from "@/catalog";
import { AREA_IDS, AREA_LEVELS, EQUIPMENT_IDS } from "@/core/catalog";
import { DEMAND_IDS } from "@/core/demands";
import { approachField, minutesField, roomField, weightField } from "./fields";
import { liftRequestSchema, unitField } from "./ramp-api";

const MOST_LIFTS = 6;

export const planRequestSchema = z.strictObject({
  unit: unitField,
  lifts: z.array(liftRequestSchema).min(1, "Give at least one lift.").max(MOST_LIFTS),
  minutes: minutesField,
  athlete: z.strictObject({
    bodyWeight: weightField.optional(),
    experience: z.enum(["beginner", "intermediate", "advanced"]).default("intermediate"),
    limiters: z.array(z.enum(DEMAND_IDS as [(typeof DEMAND_IDS)[number]])).default([]),
    areas: z
      .array(
        z.strictObject({
          area: z.enum(AREA_IDS as [(typeof AREA_IDS)[number]]),
          level: z.enum(AREA_LEVELS),
        }),
      )
      .default([]),
  }),
  approach: approachField(catalog).default("temperature-first"),
  room: roomField.default("normal"),
  equipment: z.array(z.enum(EQUIPMENT_IDS as [(typeof EQUIPMENT_IDS)[number]])).optional(),
});
