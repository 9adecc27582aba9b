import { AREA_IDS, AREA_LEVELS, AREAS, type Catalog } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "@/core/demands";
import { LIMITS } from "@/core/draft";
import { EXPERIENCES } from "@/core/ramp";
import {
  type DayOrder,
  type ImportColumns,
  type ImportField,
  type LiftColumn,
  liftMeant,
  plainText,
  readDay,
  readHead,
  readWeight,
  unitMeant,
} from "@/core/roster";
import type { UnitSystem, Weight } from "@/core/units";
import { readEverybody } from "@/data/athletes";
import type { ImportRows } from "@/data/import-rows";
import { WEIGHT_SOURCES } from "@/data/schema";
import { fail, ok, type Result } from "@/lib/result";
import { today } from "../sessions/day";

/** In place of an athlete's id: somebody who is not there yet. */
const NEW = "new";

/** The most limiters of an athlete. */
const MOST_LIMITERS = 8;

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

/** Somebody in the file, with what it says of them. */
export interface Person {
  key: string;
  /** Null: a new one. */
  id: string | null;
  name: string;
  group: string | null;
  /** The unit that is on record of this athlete, which stays. */
  knownUnit: UnitSystem | null;
  /** The unit in which weights are that do not say theirs. */
  saidUnit: UnitSystem | null;
  fields: Partial<{
    experience: (typeof EXPERIENCES)[number];
    birthYear: number;
    note: string;
    archived: boolean;
  }>;
  bodyWeight: Said | null;
  limiters: DemandId[] | null;
  areas: { area: string; level: (typeof AREA_LEVELS)[number] }[] | null;
  weights: (Omit<ImportRows["weights"][number], "weight"> & { said: Said })[];
}

/** A weight with the unit that it was said in; null: the athlete's. */
export interface Said {
  weight: Weight;
  unit: UnitSystem | null;
}

/** Text that was made safe for spreadsheets, as it was before. */
const unguarded = (cell: string) => cell.trim().replace(/^'(?=[=+\-@\t])/, "");

/** A line of a table by its number. */
export interface Line {
  line: number;
  cells: string[];
}

type Cell = (field: ImportField) => string;
type Wrong = (message: string) => void;

/** Reads the lines of a file: who they are about, and what they say. */
export class TableReader {
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
      const said = new Set<string>();
      const wrong = (message: string) => {
        if (said.has(message)) return;
        said.add(message);
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
        ...{ key, name, id: known?.id ?? null, knownUnit: known?.unit ?? null, saidUnit: null },
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
      if (known) person.saidUnit = known;
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
    const limiters = parts(cell("limiters")).flatMap((said) => {
      const known = DEMAND_IDS.find((id) => isNamed(said, id, DEMANDS[id].name));
      if (!known) wrong(`Limiters: there is no "${said}".`);
      return known ? [known] : [];
    });
    if (limiters.length > MOST_LIMITERS) wrong(`Limiters: give at most ${MOST_LIMITERS}.`);
    const areas = parts(cell("areas")).flatMap((said) => {
      const [what = "", how = "slow"] = said.split(":").map((t) => t.trim());
      const area = AREA_IDS.find((id) => isNamed(what, id, AREAS[id]));
      const level = AREA_LEVELS.find((l) => l === plainText(how).replaceAll(" ", "-"));
      if (!area || !level) wrong(`Injuries: "${said}" is not understood. Write it as knee: sore.`);
      return area && level ? [[area, { area, level }] as const] : [];
    });
    // Nothing in a cell says nothing: what is known stays.
    if (limiters.length > 0) person.limiters = [...new Set(limiters)];
    if (areas.length > 0) person.areas = [...new Map(areas).values()];
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
