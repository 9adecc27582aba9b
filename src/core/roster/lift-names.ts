import type { Catalog, Lift } from "../catalog";

/** What coaches write for lifts besides their names. */
const ALIASES: Readonly<Record<string, readonly string[]>> = {
  "back-squat": ["squat", "squats", "bs", "sq", "high bar squat", "high-bar squat", "hbbs"],
  "low-bar-squat": ["low bar squat", "low-bar squat", "lbbs"],
  "front-squat": ["fs", "fsq", "front squats"],
  "overhead-squat": ["ohs"],
  "bench-press": ["bench", "bp", "flat bench", "barbell bench press", "bb bench"],
  "incline-bench-press": ["incline bench", "incline", "incline press"],
  "dumbbell-bench-press": ["db bench", "db bench press", "dumbbell bench"],
  "overhead-press": ["ohp", "press", "strict press", "military press", "shoulder press"],
  "push-press": ["pp"],
  deadlift: ["dl", "dead lift", "deadlifts", "conventional deadlift"],
  "sumo-deadlift": ["sumo", "sumo dl"],
  "trap-bar-deadlift": ["trap bar", "hex bar deadlift", "tbdl", "trap bar dl"],
  "romanian-deadlift": ["rdl", "romanian dl"],
  "power-clean": ["pc"],
  "power-snatch": ["ps"],
  "clean-and-jerk": ["c&j", "cj", "clean & jerk"],
  clean: ["cl", "squat clean", "full clean"],
  snatch: ["sn", "squat snatch", "full snatch"],
  "barbell-row": ["row", "bent over row", "bent-over row", "bb row"],
  "dumbbell-row": ["db row"],
  "pull-up": ["pullup", "pull up", "pull ups", "pull-ups", "chin up", "chin-up", "chinup"],
  "lat-pulldown": ["pulldown", "pull down", "lat pull down"],
  "hip-thrust": ["thrust", "hip thrusts"],
  dip: ["dips"],
};

/** A text without case, and with one space where there was something between words. */
export function plainText(text: string): string {
  return text
    .trim()
    .toLowerCase()
    .replaceAll(/[_\s]+/g, " ");
}

/** The lift that a text means, by its name, its id or what coaches write for it; null: none with a weight of its own. */
export function liftMeant(text: string, { lifts }: Pick<Catalog, "lifts">): Lift | null {
  const said = plainText(text);
  const means = ({ id, name }: Lift) =>
    [plainText(name), id, id.replaceAll("-", " "), ...(ALIASES[id] ?? [])].includes(said);
  return lifts.find((l) => !l.kind && means(l)) ?? null;
}
