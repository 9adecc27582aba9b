import Papa from "papaparse";
import { testById } from "@/catalog/tests";
import { type Catalog, drillById, liftById } from "@/core/catalog";
import { type Weight, weightValue } from "@/core/units";
import { readEverybody } from "@/data/athletes";
import { readRecordRows } from "@/data/bundle-records";
import { listAllSets } from "@/data/records";

/** A cell that a spreadsheet would take for a formula, whatever lines it has, is written so that it is text. */
const AS_TEXT = { escapeFormulae: /^\s*[=+\-@\t\r]/, newline: "\r\n" } as const;

/** What a weight on record is, in the words of the file. */
const KINDS = { working: "working", max: "1RM" } as const;

/** A file with its name and kind. */
interface Exported {
  name: string;
  body: string;
}

/** The heads of each table. */
const ATHLETES = [
  "name",
  "group",
  "experience",
  "unit",
  "body_weight",
  "birth_year",
  "limiters",
  "areas",
  "note",
  "archived",
] as const;
const WORKING_WEIGHTS = [
  "name",
  "lift",
  "day",
  "kind",
  "weight",
  "unit",
  "sets",
  "reps",
  "in_reserve",
  "source",
] as const;
const TESTS = ["name", "test", "day", "moment", "left_or_only", "right", "unit", "seen"] as const;
const TRIALS = [
  "name",
  "test",
  "day",
  "drill",
  "seconds",
  "before_left_or_only",
  "before_right",
  "after_left_or_only",
  "after_right",
  "unit",
] as const;
const FOLLOW_UPS = ["name", "session", "about", "moment", "feels", "level", "by"] as const;
const SETS_DONE = [
  "name",
  "day",
  "lift",
  "kind",
  "weight",
  "unit",
  "reps",
  "felt",
  "planned_seconds",
  "real_seconds",
] as const;

/** A table of rows under these heads; without a row it has them too. */
function csv<C extends string>(
  name: string,
  columns: readonly C[],
  rows: readonly Record<C, unknown>[],
): Exported {
  const data = rows.map((row) => columns.map((c) => row[c]));
  return { name, body: Papa.unparse({ fields: [...columns], data }, AS_TEXT) };
}

/** All athletes, archived ones too, a line each. Areas as "knee: sore; hip: slow", limiters in their order. */
export async function athletesCsv(): Promise<Exported> {
  const people = await readEverybody();
  const rows = people.map((p) => ({
    name: p.name,
    group: p.group,
    experience: p.experience,
    unit: p.unit,
    body_weight: p.bodyWeight === null ? "" : weightValue(p.bodyWeight),
    birth_year: p.birthYear ?? "",
    limiters: p.limiters.join("; "),
    areas: p.areas.map((a) => `${a.area}: ${a.level}`).join("; "),
    note: p.note,
    archived: p.archived ? "yes" : "no",
  }));
  return csv("athletes.csv", ATHLETES, rows);
}

/** All working weights with their history, a line each, the newest first. */
export async function workingWeightsCsv(catalog: Catalog): Promise<Exported> {
  const people = await readEverybody();
  const rows = people.flatMap((p) =>
    p.weights.map((w) => ({
      name: p.name,
      lift: liftById(catalog, w.lift)?.name ?? w.lift,
      day: w.day,
      kind: KINDS[w.kind],
      weight: weightValue(w.weight),
      unit: p.unit,
      sets: w.sets,
      reps: w.reps,
      in_reserve: w.rir,
      source: w.source,
    })),
  );
  return csv("working-weights.csv", WORKING_WEIGHTS, rows);
}

/** A value of a test in two columns: the only one, or left and right. */
const sidesOf = (value: unknown) => {
  const [first = "", second = ""] = value as readonly number[];
  return [first, second];
};

const testName = (id: string) => testById(id)?.name ?? id;

/** All outcomes of tests, a line each, by athlete and day. */
export async function testsCsv(): Promise<Exported> {
  const rows = (await readRecordRows(null)).flatMap(({ name, results }) =>
    results.map((r) => {
      const [left_or_only, right] = sidesOf(r.value);
      return {
        ...{ name, test: testName(r.test), day: r.day, moment: r.moment, left_or_only, right },
        unit: testById(r.test)?.unit ?? "",
        seen: (r.signs as string[]).join("; "),
      };
    }),
  );
  return csv("tests.csv", TESTS, rows);
}

/** All trials, a line each, by athlete and day. */
export async function trialsCsv(catalog: Catalog): Promise<Exported> {
  const rows = (await readRecordRows(null)).flatMap(({ name, trials }) =>
    trials.map((t) => {
      const [before_left_or_only, before_right] = sidesOf(t.before);
      const [after_left_or_only, after_right] = sidesOf(t.after);
      return {
        ...{ name, test: testName(t.test), day: t.day },
        drill: t.drill === null ? "" : (drillById(catalog, t.drill)?.name ?? t.drill),
        seconds: t.seconds,
        ...{ before_left_or_only, before_right, after_left_or_only, after_right },
        unit: testById(t.test)?.unit ?? "",
      };
    }),
  );
  return csv("trials.csv", TRIALS, rows);
}

/** All answers of follow-ups, a line each. */
export async function followUpsCsv(): Promise<Exported> {
  const rows = (await readRecordRows(null)).flatMap(({ name, followUps }) =>
    followUps.map(({ sessionId, about, moment, feels, level, by }) => ({
      ...{ name, session: sessionId, about, moment, feels, level, by },
    })),
  );
  return csv("follow-ups.csv", FOLLOW_UPS, rows);
}

/** All sets that were done, a line each, the newest first. */
export async function setsCsv(catalog: Catalog): Promise<Exported> {
  const rows = (await listAllSets()).map(({ name, set }) => ({
    ...{ name, day: set.day, lift: liftById(catalog, set.lift)?.name ?? set.lift },
    ...{ kind: set.isWork ? "working" : "ramp", weight: weightValue(set.weight as Weight), unit: set.unit },
    ...{ reps: set.reps, felt: set.felt ?? "" },
    ...{ planned_seconds: set.plannedSeconds, real_seconds: set.realSeconds ?? "" },
  }));
  return csv("sets-done.csv", SETS_DONE, rows);
}
