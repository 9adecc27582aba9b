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
  return { name: "athletes.csv", body: Papa.unparse(rows, AS_TEXT) };
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
  return { name: "working-weights.csv", body: Papa.unparse(rows, AS_TEXT) };
}

/** A file of rows. */
const csv = (name: string, rows: readonly object[]): Exported => ({
  name,
  body: Papa.unparse([...rows], AS_TEXT),
});

/** A value of a test in two columns: the only one, or left and right. */
const sidesOf = ([first, second]: readonly number[], prefix = "") => ({
  [`${prefix}left_or_only`]: first ?? "",
  [`${prefix}right`]: second ?? "",
});

const testName = (id: string) => testById(id)?.name ?? id;

/** All outcomes of tests, a line each, by athlete and day. */
export async function testsCsv(): Promise<Exported> {
  const rows = (await readRecordRows(null)).flatMap(({ name, results }) =>
    results.map((r) => ({
      ...{ name, test: testName(r.test), day: r.day, moment: r.moment },
      ...sidesOf(r.value as number[]),
      unit: testById(r.test)?.unit ?? "",
      seen: (r.signs as string[]).join("; "),
    })),
  );
  return csv("tests.csv", rows);
}

/** All trials, a line each, by athlete and day. */
export async function trialsCsv(catalog: Catalog): Promise<Exported> {
  const rows = (await readRecordRows(null)).flatMap(({ name, trials }) =>
    trials.map((t) => ({
      ...{ name, test: testName(t.test), day: t.day },
      drill: t.drill === null ? "" : (drillById(catalog, t.drill)?.name ?? t.drill),
      seconds: t.seconds,
      ...sidesOf(t.before as number[], "before_"),
      ...sidesOf(t.after as number[], "after_"),
      unit: testById(t.test)?.unit ?? "",
    })),
  );
  return csv("trials.csv", rows);
}

/** All answers of follow-ups, a line each. */
export async function followUpsCsv(): Promise<Exported> {
  const rows = (await readRecordRows(null)).flatMap(({ name, followUps }) =>
    followUps.map(({ sessionId, about, moment, feels, level, by }) => ({
      ...{ name, session: sessionId, about, moment, feels, level, by },
    })),
  );
  return csv("follow-ups.csv", rows);
}

/** All sets that were done, a line each, the newest first. */
export async function setsCsv(catalog: Catalog): Promise<Exported> {
  const rows = (await listAllSets()).map(({ name, set }) => ({
    ...{ name, day: set.day, lift: liftById(catalog, set.lift)?.name ?? set.lift },
    ...{ kind: set.isWork ? "working" : "ramp", weight: weightValue(set.weight as Weight), unit: set.unit },
    ...{ reps: set.reps, felt: set.felt ?? "" },
    ...{ planned_seconds: set.plannedSeconds, real_seconds: set.realSeconds ?? "" },
  }));
  return csv("sets-done.csv", rows);
}
