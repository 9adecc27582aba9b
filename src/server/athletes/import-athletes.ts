import Papa from "papaparse";
import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { LIMITS } from "@/core/draft";
import { EXPERIENCES } from "@/core/ramp";
import { IMPORT_FIELDS, type ImportColumns, type ImportField, MOST_IMPORT_CHARACTERS } from "@/core/roster";
import { parseWeight, UNIT_SYSTEMS, type UnitSystem } from "@/core/units";
import { applyImport, type ImportRows, listGroups, readEverybody } from "@/data/athletes";
import { WEIGHT_SOURCES } from "@/data/schema";
import { keepUndoable } from "@/data/undoables";
import { fail, ok, type Result } from "@/lib/result";
import { gymKit } from "../gyms/gym-kit";
import { type Refused, refuse } from "../schemas/problems";
import { today } from "../sessions/day";

const MOST_LINES = 2000;
const MOST_ERRORS = 50;
const NEW_GROUP = "Athletes";

export const importSchema = z.strictObject({
  text: z.string("Choose a CSV file."),
  columns: z
    .partialRecord(z.enum(IMPORT_FIELDS.map((f) => f.id) as [ImportField, ...ImportField[]]), z.int().min(0))
    .optional(),
});

type ImportRequest = z.output<typeof importSchema>;

/** What a file would do, or what is wrong with it as a whole. */
export type ImportPreview =
  | Refused
  | {
      kind: "read";
      heads: string[];
      columns: ImportColumns;
      /** The first lines as they stand. */
      lines: string[][];
      people: { added: number; changed: number };
      weights: number;
      /** By the line of the file, the first being its head. */
      errors: { line: number; message: string }[];
    };

interface Person {
  /** Null: a new one. */
  id: string | null;
  name: string;
  group: string | null;
  fields: Partial<{
    experience: (typeof EXPERIENCES)[number];
    unit: UnitSystem;
    bodyWeight: number;
    birthYear: number;
  }>;
  weights: ImportRows["weights"];
}

const plain = (text: string) =>
  text
    .trim()
    .toLowerCase()
    .replaceAll(/[_\s]+/g, " ");

/** Text that was made safe for spreadsheets, as it was before. */
const unguarded = (cell: string) => cell.trim().replace(/^'(?=[=+\-@\t])/, "");

/** Reads a file of athletes and working weights without storing anything. */
export async function previewImport(request: ImportRequest, catalog: Catalog): Promise<ImportPreview> {
  const read = await readImport(request, catalog);
  if (!read.ok) return refuse(read.error);
  const { heads, columns, rows, people, errors } = read.value;
  return {
    kind: "read",
    heads,
    columns,
    lines: rows.slice(0, 5),
    people: {
      added: people.filter((p) => p.id === null).length,
      changed: people.filter((p) => p.id !== null).length,
    },
    weights: people.reduce((sum, p) => sum + p.weights.length, 0),
    errors: errors.slice(0, MOST_ERRORS),
  };
}

/** Stores what a file holds, all or nothing; refused while any line of it has an error. */
export async function importAthletes(
  request: ImportRequest,
  catalog: Catalog,
): Promise<{ kind: "refused"; message: string } | { kind: "imported"; token: string; people: number }> {
  const read = await readImport(request, catalog);
  if (!read.ok) return refuse(read.error);
  const [error] = read.value.errors;
  if (error) return refuse(`Line ${error.line}: ${error.message}`);
  const [gym, groups] = await Promise.all([gymKit(), listGroups()]);
  const groupIds = new Map(groups.map((g) => [plain(g.name), g.id]));
  const newGroups: ImportRows["groups"] = [];
  const groupIdOf = (name: string) => {
    const known = groupIds.get(plain(name));
    if (known) return known;
    const id = crypto.randomUUID();
    groupIds.set(plain(name), id);
    newGroups.push({ id, name, place: groups.length + newGroups.length });
    return id;
  };
  const rows: ImportRows = { groups: newGroups, added: [], changed: [], weights: [] };
  for (const person of read.value.people) {
    const id = person.id ?? crypto.randomUUID();
    if (person.id === null) {
      rows.added.push({
        id,
        name: person.name,
        groupId: groupIdOf(person.group ?? NEW_GROUP),
        experience: "intermediate",
        unit: gym?.unit ?? "kg",
        ...person.fields,
      });
    } else {
      rows.changed.push({
        id,
        to: { ...person.fields, ...(person.group !== null && { groupId: groupIdOf(person.group) }) },
      });
    }
    rows.weights.push(...person.weights.map((w) => ({ ...w, athleteId: id })));
  }
  const { people } = read.value;
  const what = people.length === 1 ? people[0]!.name : `${people.length} athletes`;
  const token = await keepUndoable("athletes", `${what} from a file`, await applyImport(rows));
  return { kind: "imported", token, people: people.length };
}

/** A file as far as it could be read. */
interface ReadFile {
  heads: string[];
  columns: ImportColumns;
  rows: string[][];
  people: Person[];
  errors: { line: number; message: string }[];
}

async function readImport(request: ImportRequest, catalog: Catalog): Promise<Result<ReadFile, string>> {
  const text = request.text.replace(/^\uFEFF/, "");
  if (text.length > MOST_IMPORT_CHARACTERS)
    return fail("The file is over 500 kB: import fewer lines at a time.");
  if (text.includes("\u0000")) return fail("This is not a text file. Save the table as CSV first.");
  if (text.includes("\uFFFD"))
    return fail("Some letters cannot be read. Save the file as CSV in UTF-8 and choose it again.");
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: "greedy" });
  const [head, ...rows] = data;
  if (!head || rows.length === 0)
    return fail("The file is empty: it needs a header row and one row per line.");
  if (rows.length > MOST_LINES) return fail(`Import at most ${MOST_LINES} lines at a time.`);
  const heads = head.map((h) => h.trim());
  const columns = request.columns ?? guessColumns(heads);
  const errors: { line: number; message: string }[] = [];
  if (columns.name === undefined) return ok({ heads, columns, rows, people: [], errors: [NO_NAMES] });
  const people = await readPeople(rows, columns, catalog, errors);
  return ok({ heads, columns, rows, people, errors });
}

const NO_NAMES = { line: 1, message: "Choose the column with the names." };

function guessColumns(heads: readonly string[]): ImportColumns {
  return Object.fromEntries(
    IMPORT_FIELDS.flatMap(({ id, heads: known }) => {
      const at = heads.findIndex((h) => (known as readonly string[]).includes(plain(h)));
      return at < 0 ? [] : [[id, at]];
    }),
  );
}

async function readPeople(
  rows: readonly string[][],
  columns: ImportColumns,
  catalog: Catalog,
  errors: { line: number; message: string }[],
): Promise<Person[]> {
  const everybody = await readEverybody();
  const people = new Map<string, Person>();
  for (const [i, cells] of rows.entries()) {
    const wrong = (message: string) => {
      errors.push({ line: i + 2, message });
    };
    const cell = (field: ImportField) =>
      columns[field] === undefined ? "" : unguarded(cells[columns[field]] ?? "");
    const name = cell("name");
    const known = everybody.filter((e) => plain(e.name) === plain(name));
    const problem = nameProblem(name, known.length);
    if (problem) {
      wrong(problem);
      continue;
    }
    const person: Person = people.get(plain(name)) ?? {
      id: known[0]?.id ?? null,
      name,
      group: null,
      fields: {},
      weights: [],
    };
    people.set(plain(name), person);
    if (cell("group") !== "") person.group = cell("group").slice(0, 80);
    readFields(person, cell, wrong);
    const weight = readWeight(cell, catalog);
    if (!weight.ok) wrong(weight.error);
    else if (weight.value) {
      const { lift, day } = weight.value;
      person.weights = [
        ...person.weights.filter((w) => w.lift !== lift || w.day !== day || w.kind !== weight.value!.kind),
        weight.value,
      ];
    }
  }
  return [...people.values()];
}

function nameProblem(name: string, known: number): string | null {
  if (name === "") return "There is no name.";
  if (name.length > 80) return "The name is over 80 characters.";
  return known > 1 ? `There are ${known} athletes called ${name}: rename one first.` : null;
}

type Cell = (field: ImportField) => string;
type Wrong = (message: string) => void;

function readFields(person: Person, cell: Cell, wrong: Wrong): void {
  const experience = plain(cell("experience"));
  if (experience !== "") {
    const known = EXPERIENCES.find((e) => e === experience);
    if (known) person.fields.experience = known;
    else wrong(`Experience: "${experience}" is none of ${EXPERIENCES.join(", ")}.`);
  }
  const unit = plain(cell("unit"));
  if (unit !== "") {
    const known = UNIT_SYSTEMS.find((u) => u === unit);
    if (known) person.fields.unit = known;
    else wrong(`Unit: "${unit}" is neither kg nor lb.`);
  }
  if (cell("bodyWeight") !== "") {
    const weight = parseWeight(cell("bodyWeight"));
    if (weight.ok) person.fields.bodyWeight = weight.value;
    else wrong(`Body weight: ${weight.error}`);
  }
  if (cell("birthYear") !== "") {
    const year = Number(cell("birthYear"));
    if (Number.isInteger(year) && year >= 1900 && year <= 2100) person.fields.birthYear = year;
    else wrong(`Born in: "${cell("birthYear")}" is not a year.`);
  }
}

const USUAL = { sets: 3, reps: 5, rir: 2 };

/** A one-repetition maximum as sets. */
const ONE_REP = { sets: 1, reps: 1, rir: 0 };
/** What a line may say that its weight is. */
const KINDS: Readonly<Record<string, "working" | "max">> = {
  "": "working",
  working: "working",
  "1rm": "max",
  max: "max",
};

/** The working weight of a line; null if it has none. */
function readWeight(cell: Cell, catalog: Catalog): Result<Person["weights"][number] | null, string> {
  const [lift, typed] = [cell("lift"), cell("weight")];
  if (lift === "") return ok(null);
  if (typed === "") return fail(`${lift}: there is no weight.`);
  const known = catalog.lifts.find((l) => !l.kind && [plain(l.name), l.id].includes(plain(lift)));
  if (!known) return fail(`There is no lift called ${lift}.`);
  const weight = parseWeight(typed);
  if (!weight.ok) return fail(`${known.name}: ${weight.error}`);
  const day = cell("day") === "" ? today() : cell("day");
  if (!z.iso.date().safeParse(day).success) return fail(`Day: write "${day}" as 2026-01-31.`);
  const numbers = { ...USUAL };
  for (const field of ["sets", "reps", "rir"] as const) {
    const text = cell(field);
    const value = text === "" ? USUAL[field] : Number(text);
    const [least, most] = LIMITS[field];
    if (!Number.isInteger(value) || value < least || value > most)
      return fail(`${known.name}: ${field} must be ${least} to ${most}.`);
    numbers[field] = value;
  }
  const kind = KINDS[plain(cell("kind"))];
  if (!kind) return fail(`Kind: "${cell("kind")}" is neither working nor 1RM.`);
  const typedSource = plain(cell("source"));
  const source = typedSource === "" ? "file" : WEIGHT_SOURCES.find((s) => s === typedSource);
  if (!source) return fail(`Source: "${cell("source")}" is none of ${WEIGHT_SOURCES.join(", ")}.`);
  const sets = kind === "max" ? ONE_REP : numbers;
  return ok({ athleteId: "", lift: known.id, day, kind, source, weight: weight.value, ...sets });
}
