import { z } from "zod";
import { gymSets } from "@/catalog/gym-sets";
import { type Catalog, knownLift } from "@/core/catalog";
import { type GymKit, gymFromSet, liftKit, usualPlate } from "@/core/gym";
import { checkWorkingWeight } from "@/core/ramp";
import { readWeight } from "@/core/roster";
import { NOTHING_SAID, USUAL_RACKS } from "@/core/session";
import {
  convertWeight,
  formatWeightWithUnit,
  parseWeight,
  UNIT_SYSTEMS,
  type UnitSystem,
  type Weight,
} from "@/core/units";
import { listAthletes } from "@/data/athletes";
import { addFirstRows } from "@/data/first-steps";
import { addGym } from "@/data/gyms";
import { memoize } from "@/lib/memoize";
import { gymRows } from "../gyms/save-gym";
import { experienceField, idOf, loadedLiftField, repsField, setsField, whole } from "../schemas/fields";
import type { SessionContent } from "../schemas/session";
import { today } from "../sessions/day";

/** What the first session starts from. */
const FIRST = { minutes: 15, approach: "temperature-first" };

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

interface Listed {
  name: string;
  /** With the unit that it was said in; null: that of the gym. */
  said: { weight: Weight; unit: UnitSystem | null } | null;
}

/** A name with a weight behind it: after a comma, a semicolon or a tab any, after a space one that no name ends with. */
const NAMED = /^(.*?)\s*[,;\t]\s*(\d[\d.,]*\s*(?:kgs?|lbs?)?)$/i;
const SPACED = /^(.*?\p{L}.*?)\s+(\d{2,3}(?:[.,]\d+)?\s*(?:kgs?|lbs?)?)$/iu;

/** Reads a list of names, each once, with the weights behind them. */
function readNames(text: string, context: z.RefinementCtx): Listed[] {
  const listed: Listed[] = [];
  const refuse = (message: string) => {
    context.addIssue({ code: "custom", message });
    return z.NEVER;
  };
  for (const line of text.split("\n").map((l) => l.trim())) {
    if (line === "") continue;
    const [, name = line, typed] = NAMED.exec(line) ?? SPACED.exec(line) ?? [];
    if (name.length > 80) return refuse(`"${name.slice(0, 30)}…" is too long a name.`);
    const said = typed === undefined ? null : readWeight(typed);
    if (said && !said.ok) return refuse(`${name}: ${said.error}`);
    if (!listed.some((l) => l.name === name)) listed.push({ name, said: said?.value ?? null });
  }
  if (listed.length > MOST_LISTED) return refuse(`Start with at most ${MOST_LISTED} people.`);
  return listed;
}

const MOST_LISTED = 60;

export const firstStepsSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    /** One athlete a line; after a comma, semicolon or tab the working weight, if it is known. */
    names: z.string().max(20_000).transform(readNames),
    experience: experienceField,
    bodyWeight: typedWeightOrNone,
    /** The kind of gym that says what there is besides bar and plates. */
    set: idOf(() => gymSets.map((g) => g.id), "kind of gym"),
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
    /** Of those whose line has none; left open, they have none. */
    weight: typedWeightOrNone,
  }),
);

/** The form of the short way in, as it is typed. */
export type FirstStepsForm = z.input<ReturnType<typeof firstStepsSchema>>;

export type FirstStepsOutcome =
  | { kind: "started"; sessionId: string; athleteId: string | null }
  /** The gym alone: who trains in it was there before. */
  | { kind: "opened" }
  | { kind: "refused"; errors: { path: string; message: string }[] };

/**
 * From nothing to a first plan: one gym, some athletes, one lift with its working weights, and today's session. Stores
 * all or nothing.
 */
export async function takeFirstSteps(form: unknown, catalog: Catalog): Promise<FirstStepsOutcome> {
  const parsed = firstStepsSchema(catalog).safeParse(form);
  if (!parsed.success) {
    return {
      kind: "refused",
      errors: parsed.error.issues.map((i) => ({ path: i.path.join("."), message: i.message })),
    };
  }
  const { names, experience, bodyWeight, unit, bar, lift, sets, reps } = parsed.data;
  const refuse = (path: string, message: string): FirstStepsOutcome => ({
    kind: "refused",
    errors: [{ path, message }],
  });
  const gymId = crypto.randomUUID();
  const like = gymFromSet(gymSets.find((g) => g.id === parsed.data.set)!, {
    id: gymId,
    name: "My gym",
    unit,
  });
  const gym: GymKit = {
    ...like,
    bar: { ...like.bar, weight: bar },
    plates: mergePlates(parsed.data.plates).map((p) => ({
      ...usualPlate(p.weight, unit, parsed.data.bumpers),
      ...p,
    })),
  };
  const main = knownLift(catalog, lift);
  if (names.length === 0) {
    // Whoever has taken athletes in from a file has only the gym to say.
    if ((await listAthletes()).length === 0) return refuse("names", "Type the athlete's name.");
    const rows = gymRows(gym);
    await addGym({ ...rows, gym: { ...rows.gym, id: gym.id, unit } });
    return { kind: "opened" };
  }
  const athletes = names.map(({ name, said }) => ({
    name,
    weight: said ? convertWeight(said.weight, said.unit ?? unit, unit) : parsed.data.weight,
    isFromLine: said !== null,
    id: crypto.randomUUID(),
  }));
  if (main.implement === "bodyweight" && bodyWeight === null)
    return refuse("bodyWeight", "Type the body weight: this lift is done with it.");
  const kit = liftKit(gym, main, { unit, bodyWeight, ownBar: null });
  if (!kit) return refuse("lift", "This kind of gym has nothing for this lift. Choose another kind of gym.");
  for (const { name, weight, isFromLine } of athletes) {
    const checked = weight === null ? null : checkWorkingWeight(kit, weight);
    if (!checked || checked.ok) continue;
    const nearest = [checked.error.lower, checked.error.upper].filter((w) => w !== null);
    const options = nearest.map((w) => formatWeightWithUnit(w, unit)).join(" or ");
    const message = `What there is does not make it. Nearest: ${options}.`;
    return isFromLine ? refuse("names", `${name}: ${message}`) : refuse("weight", message);
  }
  const day = today();
  const group = { id: crypto.randomUUID(), name: "Athletes", place: 0 };
  const sessionId = crypto.randomUUID();
  const isOne = athletes.length === 1;
  const rows = gymRows(gym);
  await addFirstRows({
    ...rows,
    gym: { ...rows.gym, id: gym.id, unit },
    group,
    athletes: athletes.map(({ id, name }) => ({ id, name, groupId: group.id, unit, experience, bodyWeight })),
    workingWeights: athletes.flatMap(({ id, weight }) =>
      weight === null ? [] : [{ athleteId: id, lift, day, weight, reps, sets, rir: 0 }],
    ),
    session: {
      id: sessionId,
      name: isOne ? athletes[0]!.name : group.name,
      day,
      gymId: gym.id,
      groupId: isOne ? null : group.id,
      content: JSON.stringify({
        lifts: [{ lift, scheme: null, pairedWithNext: false }],
        minutes: FIRST.minutes,
        approach: FIRST.approach,
        room: "normal",
        together: !isOne,
        ...NOTHING_SAID,
        racks: USUAL_RACKS,
      } satisfies SessionContent),
      updatedAt: Date.now(),
    },
  });
  return { kind: "started", sessionId, athleteId: isOne ? athletes[0]!.id : null };
}

function mergePlates(plates: readonly { weight: Weight; pairs: number }[]) {
  const pairs = new Map<Weight, number>();
  for (const p of plates) if (p.pairs > 0) pairs.set(p.weight, (pairs.get(p.weight) ?? 0) + p.pairs);
  return [...pairs].map(([weight, count]) => ({ weight, pairs: count }));
}
