import Papa from "papaparse";
import { type Catalog, liftById } from "@/core/catalog";
import { weightValue } from "@/core/units";
import { readEverybody } from "@/data/athletes";

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
