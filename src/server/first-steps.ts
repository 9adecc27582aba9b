import { z } from "zod";
import { catalog } from "@/catalog";
import { EQUIPMENT_IDS } from "@/core/catalog";
import { checkWorkingWeight } from "@/core/ramp";
import { formatWeightWithUnit, parseWeight, UNIT_SYSTEMS, type Weight } from "@/core/units";
import { type AthleteRecord, type GymKit, liftKit, startDraft, usualPlate } from "@/core/warm-up";
import { addFirstRows } from "@/data/first-steps";
import { today } from "./day";
import { loadedLiftField, repsField, setsField, whole } from "./schemas/fields";
import { usualLoads } from "./usual-loads";

const typedWeight = z.string().transform((text, context) => {
  const parsed = parseWeight(text);
  if (parsed.ok) return parsed.value;
  context.addIssue({ code: "custom", message: parsed.error });
  return z.NEVER;
});

/** A weight that need not be known. */
const typedWeightOrNone = z
  .string()
  .default("")
  .transform((text, context) => {
    if (text.trim() === "") return null;
    const parsed = parseWeight(text);
    if (parsed.ok) return parsed.value;
    context.addIssue({ code: "custom", message: parsed.error });
    return z.NEVER;
  });

const firstStepsSchema = z.strictObject({
  name: z.string().trim().min(1, "Type the athlete's name.").max(80, "Use at most 80 characters."),
  experience: z.enum(["beginner", "intermediate", "advanced"]),
  bodyWeight: typedWeightOrNone,
  unit: z.enum(UNIT_SYSTEMS),
  bar: typedWeight,
  plates: z
    .array(z.strictObject({ weight: typedWeight, pairs: whole(0, 50) }))
    .max(24)
    .refine((plates) => plates.some((p) => p.pairs > 0), "Give at least one pair of plates."),
  /** Whether all but the small plates are bumpers that stand at full height. */
  bumpers: z.boolean(),
  lift: loadedLiftField(catalog),
  sets: setsField,
  reps: repsField,
  weight: typedWeight,
});

/** The form of the short way in, as it is typed. */
export type FirstStepsForm = z.input<typeof firstStepsSchema>;

export type FirstStepsOutcome =
  | { kind: "started"; warmUpId: string }
  | { kind: "refused"; errors: { path: string; message: string }[] };

/** From nothing to a first plan: one gym, one athlete, one lift with its working weight. Stores all or nothing. */
export async function takeFirstSteps(form: unknown): Promise<FirstStepsOutcome> {
  const parsed = firstStepsSchema.safeParse(form);
  if (!parsed.success) {
    return {
      kind: "refused",
      errors: parsed.error.issues.map((i) => ({ path: i.path.join("."), message: i.message })),
    };
  }
  const { name, experience, bodyWeight, unit, bar, lift, sets, reps } = parsed.data;
  const plates = mergePlates(parsed.data.plates).map((p) => ({
    ...usualPlate(p.weight, unit, parsed.data.bumpers),
    ...p,
  }));
  const ids = { gym: crypto.randomUUID(), group: crypto.randomUUID(), athlete: crypto.randomUUID() };
  const day = today();
  const working = { lift, day, weight: parsed.data.weight, reps, sets, rir: 0 };
  const gym: GymKit = {
    id: ids.gym,
    name: "My gym",
    unit,
    bar: { name: "Barbell", weight: bar, collar: 0 as Weight },
    plates,
    ...usualLoads(unit),
    equipment: EQUIPMENT_IDS,
  };
  const main = catalog.lifts.find((l) => l.id === lift)!;
  if (main.implement === "bodyweight" && bodyWeight === null) {
    const message = "Type the body weight: this lift is done with it.";
    return { kind: "refused", errors: [{ path: "bodyWeight", message }] };
  }
  const kit = liftKit(gym, main, { unit, bodyWeight });
  const checked = kit && checkWorkingWeight(kit, parsed.data.weight);
  if (checked && !checked.ok) {
    const nearest = [checked.error.lower, checked.error.upper].filter((w) => w !== null);
    const options = nearest.map((w) => formatWeightWithUnit(w, unit)).join(" or ");
    const message = `What there is does not make it. Nearest: ${options}.`;
    return { kind: "refused", errors: [{ path: "weight", message }] };
  }
  const athlete: AthleteRecord = {
    id: ids.athlete,
    name,
    group: "Athletes",
    unit,
    experience,
    birthYear: null,
    bodyWeight,
    note: "",
    limiters: [],
    areas: [],
    workingWeights: [working],
  };
  const warmUpId = crypto.randomUUID();
  await addFirstRows({
    gym: {
      id: gym.id,
      name: gym.name,
      unit,
      barName: gym.bar.name,
      barWeight: bar,
      collarWeight: gym.bar.collar,
      dumbbells: gym.dumbbells,
      sledgeWeight: gym.sledge,
      stack: gym.stack,
      help: gym.help,
    },
    plates: plates.map((p) => ({ ...p, gymId: gym.id })),
    equipment: gym.equipment.map((equipment) => ({ gymId: gym.id, equipment })),
    group: { id: ids.group, name: athlete.group, place: 0 },
    athlete: { id: athlete.id, groupId: ids.group, name, unit, experience, bodyWeight, note: "" },
    workingWeight: { ...working, athleteId: athlete.id },
    warmUp: {
      id: warmUpId,
      athleteId: athlete.id,
      gymId: gym.id,
      day,
      draft: JSON.stringify(startDraft(athlete, gym, catalog, { lifts: [lift] })),
      revision: 0,
      updatedAt: Date.now(),
    },
  });
  return { kind: "started", warmUpId };
}

function mergePlates(plates: readonly { weight: Weight; pairs: number }[]) {
  const pairs = new Map<Weight, number>();
  for (const p of plates) if (p.pairs > 0) pairs.set(p.weight, (pairs.get(p.weight) ?? 0) + p.pairs);
  return [...pairs].map(([weight, count]) => ({ weight, pairs: count }));
}
