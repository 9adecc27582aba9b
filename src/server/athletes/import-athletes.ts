import Papa from "papaparse";
import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import {
  guessColumns,
  IMPORT_FIELDS,
  type ImportColumns,
  type ImportField,
  isTwoDays,
  type LiftColumn,
  liftColumns,
  MOST_IMPORT_CHARACTERS,
  orderOfDays,
  plainText,
} from "@/core/roster";
import { convertWeight, counted, type UnitSystem } from "@/core/units";
import { listGroups } from "@/data/athletes";
import { applyImport, type ImportRows } from "@/data/import-rows";
import { keepUndoable } from "@/data/undoables";
import { fail, ok, type Result } from "@/lib/result";
import { gymKit } from "../gyms/gym-kit";
import { type Refused, refuse } from "../schemas/problems";
import {
  type Line,
  type LineInError,
  type Person,
  type Said,
  type SameName,
  TableReader,
} from "./table-reader";

const MOST_LINES = 2000;
const MOST_ERRORS = 50;
const MOST_CELLS = 200;
const NEW_GROUP = "Athletes";
export const importSchema = z.strictObject({
  text: z.string("Choose a CSV file."),
  columns: z
    .partialRecord(z.enum(IMPORT_FIELDS.map((f) => f.id) as [ImportField, ...ImportField[]]), z.int().min(0))
    .optional(),
  /** Which comes first in days written in numbers; absent: as the file tells. */
  dayOrder: z.enum(["day-first", "month-first"]).optional(),
  /** Lines as the coach has mended them, by their numbers. */
  mended: z.record(z.string().max(6), z.array(z.string().max(2000)).max(MOST_CELLS)).default({}),
  /** Lines that stay out. */
  leftOut: z.array(z.number().int()).max(MOST_LINES).default([]),
  /** Who those are whose names are there already: an athlete's id, or "new". */
  who: z.record(z.string().max(200), z.string().max(100)).default({}),
});

type ImportRequest = z.output<typeof importSchema>;
/** A file to be taken in, with what the coach has said of it. */
export type ImportForm = z.input<typeof importSchema>;

/** What a file would do, or what is wrong with it as a whole. */
export type ImportPreview =
  | Refused
  | {
      kind: "read";
      heads: string[];
      columns: ImportColumns;
      /** The names of the lifts that columns are headed by. */
      liftColumns: string[];
      /** The first lines as they stand. */
      lines: string[][];
      people: { added: number; changed: number };
      weights: number;
      /** Whether it has to be said which comes first in days, the day or the month. */
      asksDayOrder: boolean;
      sameNames: SameName[];
      /** By the line of the file, the first being its head. */
      errors: LineInError[];
      /** How many lines have an error. */
      linesInError: number;
    };

/** Reads a file of athletes and working weights without storing anything. */
export async function previewImport(request: ImportRequest, catalog: Catalog): Promise<ImportPreview> {
  const read = await readImport(request, catalog);
  if (!read.ok) return refuse(read.error);
  const { heads, columns, rows, people, errors, byLift, asksDayOrder, sameNames } = read.value;
  return {
    kind: "read",
    ...{ heads, columns, asksDayOrder, sameNames },
    liftColumns: byLift.map((c) => heads[c.at]!),
    lines: rows.slice(0, 5).map((r) => r.cells),
    people: {
      added: people.filter((p) => p.id === null).length,
      changed: people.filter((p) => p.id !== null).length,
    },
    weights: people.reduce((sum, p) => sum + p.weights.length, 0),
    errors: errors.slice(0, MOST_ERRORS),
    linesInError: new Set(errors.map((e) => e.line)).size,
  };
}

/** Stores what a file holds, all or nothing; refused while a line that is not left out has an error. */
export async function importAthletes(
  request: ImportRequest,
  catalog: Catalog,
): Promise<{ kind: "refused"; message: string } | { kind: "imported"; token: string; people: number }> {
  const read = await readImport(request, catalog);
  if (!read.ok) return refuse(read.error);
  const [error] = read.value.errors;
  if (error) return refuse(`Line ${error.line}: ${error.message}`);
  const [gym, groups] = await Promise.all([gymKit(), listGroups()]);
  const groupIds = new Map(groups.map((g) => [plainText(g.name), g.id]));
  const newGroups: ImportRows["groups"] = [];
  const groupIdOf = (name: string) => {
    const known = groupIds.get(plainText(name));
    if (known) return known;
    const id = crypto.randomUUID();
    groupIds.set(plainText(name), id);
    newGroups.push({ id, name, place: groups.length + newGroups.length });
    return id;
  };
  const rows: ImportRows = {
    groups: newGroups,
    ...{ added: [], changed: [], weights: [], limiters: [], areas: [] },
  };
  for (const person of read.value.people) {
    const id = person.id ?? crypto.randomUUID();
    const unit = unitOf(person, gym?.unit ?? "kg");
    const inUnit = ({ weight, unit: said }: Said) =>
      convertWeight(weight, said ?? person.saidUnit ?? unit, unit);
    const measured = person.bodyWeight && { bodyWeight: inUnit(person.bodyWeight) };
    if (person.id === null) {
      rows.added.push({
        id,
        name: person.name,
        groupId: groupIdOf(person.group ?? NEW_GROUP),
        experience: "intermediate",
        unit,
        ...person.fields,
        ...measured,
      });
    } else {
      rows.changed.push({
        id,
        to: {
          ...person.fields,
          ...measured,
          ...(person.group !== null && { groupId: groupIdOf(person.group) }),
        },
      });
    }
    rows.weights.push(
      ...person.weights.map(({ said, ...w }) => ({ ...w, weight: inUnit(said), athleteId: id })),
    );
    if (person.limiters) rows.limiters.push({ athleteId: id, demands: person.limiters });
    if (person.areas) rows.areas.push({ athleteId: id, areas: person.areas });
  }
  const { people } = read.value;
  if (people.length === 0) return refuse("No line is left that could be taken in.");
  const what = people.length === 1 ? people[0]!.name : counted(people.length, "athlete");
  const token = await keepUndoable("athletes", `${what} from a file`, await applyImport(rows));
  return { kind: "imported", token, people: people.length };
}

/** The unit in which an athlete's weights are kept: as on record, as said, as the weights in the file are, or as the gym's. */
function unitOf({ knownUnit, saidUnit, weights, bodyWeight }: Person, gymUnit: UnitSystem): UnitSystem {
  const said = [...weights.map((w) => w.said), ...(bodyWeight ? [bodyWeight] : [])];
  return knownUnit ?? saidUnit ?? said.find((w) => w.unit !== null)?.unit ?? gymUnit;
}

/** A file as far as it could be read. */
interface ReadFile {
  heads: string[];
  columns: ImportColumns;
  byLift: LiftColumn[];
  rows: Line[];
  people: Person[];
  sameNames: SameName[];
  asksDayOrder: boolean;
  errors: LineInError[];
}

/** The lines of a table with the numbers that an editor gives them: a cell may have line breaks in it. */
function readLines(text: string): Line[] {
  const lines: Line[] = [];
  let [from, line] = [0, 1];
  Papa.parse<string[]>(text, {
    step: ({ data, meta }) => {
      if (data.some((c) => c.trim() !== "")) lines.push({ line, cells: data });
      line += text.slice(from, meta.cursor).match(/\r\n|\n|\r/g)?.length ?? 0;
      from = meta.cursor;
    },
  });
  return lines;
}

async function readImport(request: ImportRequest, catalog: Catalog): Promise<Result<ReadFile, string>> {
  const text = request.text.replace(/^\uFEFF/, "");
  if (text.length > MOST_IMPORT_CHARACTERS)
    return fail("The file is over 500 kB: import fewer lines at a time.");
  if (text.includes("\u0000")) return fail("This is not a text file. Save the table as CSV first.");
  if (text.includes("\uFFFD"))
    return fail("Some letters cannot be read. Save the file as CSV in UTF-8 and choose it again.");
  const [head, ...all] = readLines(text);
  if (!head || all.length === 0)
    return fail("The file is empty: it needs a header row and one row per line.");
  if (all.length > MOST_LINES) return fail(`Import at most ${MOST_LINES} lines at a time.`);
  const heads = head.cells.map((h) => h.trim());
  const columns = request.columns ?? guessColumns(heads);
  const byLift = liftColumns(heads, columns, catalog);
  const rows = all.map(({ line, cells }) => ({ line, cells: request.mended[line] ?? cells }));
  const days = columns.day === undefined ? [] : rows.map((r) => r.cells[columns.day!] ?? "");
  const order = request.dayOrder ?? orderOfDays(days);
  const read = {
    ...{ heads, columns, byLift, rows },
    asksDayOrder: request.dayOrder !== undefined || (order === null && days.some(isTwoDays)),
  };
  if (columns.name === undefined && columns.firstName === undefined && columns.lastName === undefined) {
    const errors = [{ line: 1, message: "Choose the column with the names.", cells: heads }];
    return ok({ ...read, people: [], sameNames: [], errors });
  }
  const left = rows.filter((r) => !request.leftOut.includes(r.line));
  const file = new TableReader(heads, columns, byLift, order, catalog);
  return ok({ ...read, ...(await file.read(left, request.who)) });
}
