import Papa from "papaparse";
import { z } from "zod";
import { AREA_IDS, AREA_LEVELS, AREAS, type Catalog } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS } from "@/core/demands";
import { LIMITS } from "@/core/draft";
import { EXPERIENCES } from "@/core/ramp";
import {
  type DayOrder,
  guessColumns,
  IMPORT_FIELDS,
  type ImportColumns,
  type ImportField,
  isTwoDays,
  type LiftColumn,
  liftColumns,
  liftMeant,
  MOST_IMPORT_CHARACTERS,
  orderOfDays,
  plainText,
  readDay,
  readHead,
  readWeight,
  unitMeant,
} from "@/core/roster";
import { convertWeight, counted, type UnitSystem, type Weight } from "@/core/units";
import { applyImport, type ImportRows, listGroups, readEverybody } from "@/data/athletes";
import { WEIGHT_SOURCES } from "@/data/schema";
import { keepUndoable } from "@/data/undoables";
import { fail, ok, type Result } from "@/lib/result";
import { gymKit } from "../gyms/gym-kit";
import { type Refused, refuse } from "../schemas/problems";
import { today } from "../sessions/day";

const MOST_LINES = 2000;
const MOST_ERRORS = 50;
const MOST_CELLS = 200;
const NEW_GROUP = "Athletes";
/** In place of an athlete's id: somebody who is not there yet. */
const NEW = "new";

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

/** A line that cannot be taken in as it stands. */
export interface LineInError {
  line: number;
  message: string;
  cells: string[];
}

/** Somebody in the file whose name is there already. */
export interface SameName {
  key: string;
  name: string;
  /** Those of that name who are there. */
  options: { id: string; group: string; archived: boolean }[];
  /** An athlete's id or "new"; null: it has to be said. */
  chosen: string | null;
}

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

interface Person {
  key: string;
  /** Null: a new one. */
  id: string | null;
  name: string;
  group: string | null;
  /** The unit that is on record of this athlete. */
  knownUnit: UnitSystem | null;
  fields: Partial<{
    experience: (typeof EXPERIENCES)[number];
    unit: UnitSystem;
    birthYear: number;
    note: string;
    archived: boolean;
  }>;
  bodyWeight: Said | null;
  limiters: string[] | null;
  areas: { area: string; level: (typeof AREA_LEVELS)[number] }[] | null;
  weights: (Omit<ImportRows["weights"][number], "weight"> & { said: Said })[];
}

/** A weight with the unit that it was said in; null: the athlete's. */
interface Said {
  weight: Weight;
  unit: UnitSystem | null;
}

/** Text that was made safe for spreadsheets, as it was before. */
const unguarded = (cell: string) => cell.trim().replace(/^'(?=[=+\-@\t])/, "");

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
    const inUnit = ({ weight, unit: said }: Said) => convertWeight(weight, said ?? unit, unit);
    const measured = {
      ...(person.bodyWeight && { bodyWeight: inUnit(person.bodyWeight) }),
    };
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

/** The unit in which an athlete's weights are kept: as said, as on record, as the weights in the file are, or as the gym's. */
function unitOf({ fields, knownUnit, weights, bodyWeight }: Person, gymUnit: UnitSystem): UnitSystem {
  const said = [...weights.map((w) => w.said), ...(bodyWeight ? [bodyWeight] : [])];
  return fields.unit ?? knownUnit ?? said.find((w) => w.unit !== null)?.unit ?? gymUnit;
}

/** A line of the file by its number. */
interface Line {
  line: number;
  cells: string[];
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
  const file = new FileReader(heads, columns, byLift, order, catalog);
  return ok({ ...read, ...(await file.read(left, request.who)) });
}

type Cell = (field: ImportField) => string;
type Wrong = (message: string) => void;

/** Reads the lines of a file: who they are about, and what they say. */
class FileReader {
  private readonly errors: LineInError[] = [];

  constructor(
    private readonly heads: readonly string[],
    private readonly columns: ImportColumns,
    private readonly byLift: readonly LiftColumn[],
    private readonly order: DayOrder | null,
    private readonly catalog: Catalog,
  ) {}

  async read(lines: readonly Line[], who: Readonly<Record<string, string>>) {
    const everybody = await readEverybody();
    const keyOf = this.keysOf(lines);
    const people = new Map<string, Person>();
    const sameNames = new Map<string, SameName>();
    for (const line of lines) {
      const wrong = (message: string) => {
        this.errors.push({ line: line.line, message, cells: line.cells });
      };
      const cell = this.cellOf(line);
      const name = nameOf(cell);
      if (name === "") wrong("There is no name.");
      else if (name.length > 80) wrong("The name is over 80 characters.");
      if (name === "" || name.length > 80) continue;
      const key = keyOf(line);
      const options = everybody.filter((e) => plainText(e.name) === plainText(name));
      const chosen = chosenOf(who[key], options, cell("group"));
      if (options.length > 0 && !sameNames.has(key)) {
        const shown = options.map(({ id, group, archived }) => ({ id, group, archived }));
        sameNames.set(key, { key, name, options: shown, chosen });
      }
      if (options.length > 0 && chosen === null) {
        wrong(`There are ${options.length} athletes called ${name}: say below who is meant.`);
        continue;
      }
      const known = options.find((o) => o.id === chosen);
      const person: Person = people.get(key) ?? {
        ...{ key, name, id: known?.id ?? null, knownUnit: known?.unit ?? null },
        ...{ group: null, fields: {}, bodyWeight: null, limiters: null, areas: null, weights: [] },
      };
      people.set(key, person);
      if (cell("group") !== "") person.group = cell("group").slice(0, 80);
      this.readFields(person, cell, wrong);
      this.readWeights(person, line, cell, wrong);
    }
    return {
      people: [...people.values()],
      sameNames: [...sameNames.values()],
      errors: this.errors,
    };
  }

  private cellOf({ cells }: Line): Cell {
    return (field) => (this.columns[field] === undefined ? "" : unguarded(cells[this.columns[field]] ?? ""));
  }

  /** Who a line is about: of one name with several groups each group has its own. */
  private keysOf(lines: readonly Line[]): (line: Line) => string {
    const groups = new Map<string, Set<string>>();
    for (const line of lines) {
      const cell = this.cellOf(line);
      const group = plainText(cell("group"));
      const name = plainText(nameOf(cell));
      if (group !== "") groups.set(name, (groups.get(name) ?? new Set()).add(group));
    }
    return (line) => {
      const cell = this.cellOf(line);
      const name = plainText(nameOf(cell));
      const of = groups.get(name);
      const group = plainText(cell("group")) || [...(of ?? [])][0];
      return of && of.size > 1 ? `${name}, ${group}` : name;
    };
  }

  private unitOfHead(field: ImportField): UnitSystem | null {
    const at = this.columns[field];
    return at === undefined ? null : readHead(this.heads[at] ?? "").unit;
  }

  private readFields(person: Person, cell: Cell, wrong: Wrong): void {
    const experience = plainText(cell("experience"));
    if (experience !== "") {
      const known = EXPERIENCES.find((e) => e === experience);
      if (known) person.fields.experience = known;
      else wrong(`Experience: "${experience}" is none of ${EXPERIENCES.join(", ")}.`);
    }
    const unit = plainText(cell("unit"));
    if (unit !== "") {
      const known = unitMeant(unit);
      if (known) person.fields.unit = known;
      else wrong(`Unit: "${unit}" is neither kg nor lb.`);
    }
    if (cell("bodyWeight") !== "") {
      const weight = readWeight(cell("bodyWeight"));
      if (weight.ok)
        person.bodyWeight = { ...weight.value, unit: weight.value.unit ?? this.unitOfHead("bodyWeight") };
      else wrong(`Body weight: ${weight.error}`);
    }
    if (cell("birthYear") !== "") {
      const year = Number(cell("birthYear"));
      if (Number.isInteger(year) && year >= 1900 && year <= 2100) person.fields.birthYear = year;
      else wrong(`Born in: "${cell("birthYear")}" is not a year.`);
    }
    if (cell("note") !== "") person.fields.note = cell("note").slice(0, 2000);
    const archived = plainText(cell("archived"));
    if (archived !== "") person.fields.archived = ["yes", "true", "1", "archived"].includes(archived);
    this.readBody(person, cell, wrong);
  }

  /** Limiters as "ankle-dorsiflexion; neck", injuries as "knee: sore; hip: slow", by ids or names. */
  private readBody(person: Person, cell: Cell, wrong: Wrong): void {
    const parts = (text: string) =>
      text
        .split(/[;,]/)
        .map((t) => t.trim())
        .filter((t) => t !== "");
    const isNamed = (said: string, id: string, name: string) =>
      [id, id.replaceAll("-", " "), plainText(name)].includes(plainText(said));
    if (this.columns.limiters !== undefined) {
      person.limiters = parts(cell("limiters")).flatMap((said) => {
        const known = DEMAND_IDS.find((id) => isNamed(said, id, DEMANDS[id].name));
        if (!known) wrong(`Limiters: there is no "${said}".`);
        return known ? [known] : [];
      });
    }
    if (this.columns.areas !== undefined) {
      person.areas = parts(cell("areas")).flatMap((said) => {
        const [what = "", how = "slow"] = said.split(":").map((t) => t.trim());
        const area = AREA_IDS.find((id) => isNamed(what, id, AREAS[id]));
        const level = AREA_LEVELS.find((l) => l === plainText(how).replaceAll(" ", "-"));
        if (!area || !level) wrong(`Injuries: "${said}" is not understood. Write it as knee: sore.`);
        return area && level ? [{ area, level }] : [];
      });
    }
  }

  private readWeights(person: Person, { cells }: Line, cell: Cell, wrong: Wrong): void {
    const day = cell("day") === "" ? ok(today()) : readDay(cell("day"), this.order);
    const add = (weight: Person["weights"][number]) => {
      const isSame = (w: Person["weights"][number]) =>
        w.lift === weight.lift && w.day === weight.day && w.kind === weight.kind;
      person.weights = [...person.weights.filter((w) => !isSame(w)), weight];
    };
    const row = readRow(cell, this.unitOfHead("weight"), day, this.catalog);
    if (!row.ok) wrong(row.error);
    else if (row.value) add(row.value);
    for (const { at, lift, kind, unit } of this.byLift) {
      const typed = unguarded(cells[at] ?? "");
      if (typed === "" || typed === "-") continue;
      const weight = readWeight(typed);
      if (!weight.ok) wrong(`${this.heads[at]}: ${weight.error}`);
      else if (!day.ok) wrong(day.error);
      else {
        const sets = kind === "max" ? ONE_REP : USUAL;
        const said = { ...weight.value, unit: weight.value.unit ?? unit };
        add({ athleteId: "", lift, day: day.value, kind, source: "file", ...sets, said });
      }
    }
  }
}

/** The name of a line: in one column, or first and last. */
function nameOf(cell: Cell): string {
  const name = cell("name");
  return name === "" ? [cell("firstName"), cell("lastName")].filter((n) => n !== "").join(" ") : name;
}

/** Who is meant by a name that is there already: as was said, the only one, or the only one of the group. */
function chosenOf(
  said: string | undefined,
  options: readonly { id: string; group: string }[],
  group: string,
): string | null {
  if (said !== undefined && (said === NEW || options.some((o) => o.id === said))) return said;
  if (options.length <= 1) return options[0]?.id ?? NEW;
  const inGroup = options.filter((o) => plainText(o.group) === plainText(group));
  return inGroup.length === 1 ? inGroup[0]!.id : null;
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

/** The working weight of a line that names its lift; null if it has none. */
function readRow(
  cell: Cell,
  unit: UnitSystem | null,
  day: Result<string, string>,
  catalog: Catalog,
): Result<Person["weights"][number] | null, string> {
  const [lift, typed] = [cell("lift"), cell("weight")];
  if (lift === "") return ok(null);
  if (typed === "") return fail(`${lift}: there is no weight.`);
  const known = liftMeant(lift, catalog);
  if (!known) return fail(`There is no lift called ${lift}.`);
  const weight = readWeight(typed);
  if (!weight.ok) return fail(`${known.name}: ${weight.error}`);
  if (!day.ok) return day;
  const numbers = { ...USUAL };
  for (const field of ["sets", "reps", "rir"] as const) {
    const text = cell(field);
    const value = text === "" ? USUAL[field] : Number(text);
    const [least, most] = LIMITS[field];
    if (!Number.isInteger(value) || value < least || value > most)
      return fail(`${known.name}: ${field} must be ${least} to ${most}.`);
    numbers[field] = value;
  }
  const kind = KINDS[plainText(cell("kind"))];
  if (!kind) return fail(`Kind: "${cell("kind")}" is neither working nor 1RM.`);
  const typedSource = plainText(cell("source"));
  const source = typedSource === "" ? "file" : WEIGHT_SOURCES.find((s) => s === typedSource);
  if (!source) return fail(`Source: "${cell("source")}" is none of ${WEIGHT_SOURCES.join(", ")}.`);
  const sets = kind === "max" ? ONE_REP : numbers;
  const said = { ...weight.value, unit: weight.value.unit ?? unit };
  return ok({ athleteId: "", lift: known.id, day: day.value, kind, source, ...sets, said });
}
