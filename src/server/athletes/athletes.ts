import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { reachedAt } from "@/core/drills";
import { counted, type Weight } from "@/core/units";
import {
  ATHLETE_ORDERS,
  addAthletes,
  changeAthletes,
  changeReached,
  findAthletes,
  listAthletes,
  listGroups,
  readAthlete,
  updateAthlete,
} from "@/data/athletes";
import type { ImportBefore } from "@/data/import-rows";
import { listSessionsOf } from "@/data/sessions";
import { keepUndoable } from "@/data/undoables";
import { memoize } from "@/lib/memoize";
import type { SaveOutcome } from "@/lib/save-outcome";
import type { addAthletesSchema } from "../schemas/added";
import { type AthleteDraft, athleteSchema } from "../schemas/athlete";
import { signField } from "../schemas/drill-work";
import { saveIdField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { today } from "../sessions/day";
import { bodyOf, reachedSchema } from "./athlete-record";

const PAGE = 50;
/** Newest sessions that stand on an athlete's page. */
const SESSIONS_SHOWN = 12;

/** What the address of a list of athletes says; what is wrong in it counts as not said. */
const listSchema = z.object({
  q: z.string().max(80).catch(""),
  group: z.string().max(100).nullable().catch(null),
  show: z.enum(["here", "archived"]).catch("here"),
  order: z.enum(ATHLETE_ORDERS).catch("group"),
  page: z.coerce.number().int().min(1).catch(1),
});

/** A page of athletes, searched, filtered and ordered as the address says. */
export async function listAthletePage(params: Record<string, string | string[] | undefined>) {
  const first = Object.fromEntries(Object.entries(params).map(([k, v]) => [k, [v].flat()[0]]));
  const query = listSchema.parse({ group: null, ...first });
  const [{ rows, total }, groups] = await Promise.all([
    findAthletes({
      search: query.q.trim(),
      groupId: query.group,
      archived: query.show === "archived",
      order: query.order,
      limit: PAGE,
      offset: (query.page - 1) * PAGE,
    }),
    listGroups(),
  ]);
  return { query, rows, total, pages: Math.max(1, Math.ceil(total / PAGE)), groups, day: today() };
}
/** How many athletes there are, those in the archive apart. */
export async function countAthletes(): Promise<number> {
  return (await listAthletes()).length;
}

export type AthletePage = Awaited<ReturnType<typeof listAthletePage>>;

type StoredAthlete = Omit<NonNullable<Awaited<ReturnType<typeof readAthlete>>>, "group">;

/** An athlete's rows as one thing that can be changed. */
export function athleteDraftOf(row: StoredAthlete): AthleteDraft {
  return {
    id: row.id,
    name: row.name,
    groupId: row.groupId,
    unit: row.unit,
    bodyWeight: row.bodyWeight as Weight | null,
    birthYear: row.birthYear,
    experience: row.experience,
    note: row.note,
    archived: row.archived,
    ...bodyOf(row),
    weights: row.weights.map(({ athleteId: _, ...w }) => ({ ...w, weight: w.weight as Weight })),
  };
}

/** An athlete to be edited, with the groups there are; null if there is none with this id. */
export async function openAthlete(id: string) {
  const [row, groups, sessions] = await Promise.all([
    readAthlete(id),
    listGroups(),
    listSessionsOf(id, { limit: SESSIONS_SHOWN, offset: 0 }),
  ]);
  if (!row) return null;
  return { draft: athleteDraftOf(row), revision: row.revision, groups, sessions, day: today() };
}
export type OpenAthlete = NonNullable<Awaited<ReturnType<typeof openAthlete>>>;

export const saveAthleteSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    revision: z.number().int().min(0),
    athlete: athleteSchema(catalog),
    saveId: saveIdField,
  }),
);

/** Stores an athlete that was changed from the revision that is stored now. */
export async function saveAthlete({
  revision,
  athlete,
  saveId,
}: z.output<ReturnType<typeof saveAthleteSchema>>): Promise<SaveOutcome<AthleteDraft>> {
  const { id, limiters, areas, weights, ...rest } = athlete;
  const groups = await listGroups();
  if (!groups.some((g) => g.id === rest.groupId)) return refuse("There is no such group.");
  const rows = {
    athlete: rest,
    limiters: limiters.map((demand, place) => ({ athleteId: id, demand, place })),
    areas: areas.map((a) => ({ ...a, athleteId: id })),
    weights: weights.map((w) => ({ ...w, athleteId: id })),
  };
  const stored = await updateAthlete(id, revision, rows, saveId);
  if (stored !== null) return { kind: "saved", revision: stored };
  const current = await openAthlete(id);
  if (!current) return refuse("This athlete is no longer there.");
  return { kind: "changed-elsewhere", revision: current.revision, draft: current.draft };
}

export const noteReachedSchema = z.strictObject({
  athleteId: z.string().max(100),
  drill: z.string().max(100),
  sign: signField,
  reached: z.boolean(),
});

/** Notes that an athlete has reached something at a drill, today, or takes that back. */
export async function noteReached({
  athleteId,
  drill,
  sign,
  reached,
}: z.output<typeof noteReachedSchema>): Promise<{ kind: "noted" } | Refused> {
  const noted = await changeReached(athleteId, (stored) => {
    const known = reachedSchema.parse(stored);
    const same = reachedAt({ reached: known }, drill, sign);
    const others = known.filter((r) => r !== same);
    return reached ? [...others, { drill, sign, day: today() }] : others;
  });
  return noted ? { kind: "noted" } : refuse("This athlete is no longer there.");
}

export type AddOutcome = { kind: "added"; count: number; firstId: string; token: string } | Refused;

/** Adds athletes from a pasted list of names to a group, which is made where there is none of that name. */
export async function addAthletesFromList({
  names,
  group,
  unit,
}: z.output<typeof addAthletesSchema>): Promise<AddOutcome> {
  const groups = await listGroups();
  const known = groups.find((g) => g.name.toLowerCase() === group.toLowerCase());
  const groupId = known?.id ?? crypto.randomUUID();
  const people = names.map((name) => ({
    id: crypto.randomUUID(),
    groupId,
    name,
    unit,
    experience: "intermediate" as const,
  }));
  await addAthletes(people, known ? null : { id: groupId, name: group, place: groups.length });
  const token = await keepUndoable(
    "athletes",
    people.length === 1 ? people[0]!.name : `${people.length} athletes`,
    {
      ...{ athletes: [], weights: [] },
      added: people.map((p) => p.id),
      groups: known ? [] : [groupId],
    } satisfies ImportBefore,
  );
  return { kind: "added", count: people.length, firstId: people[0]!.id, token };
}

export const changeSeveralSchema = z.strictObject({
  ids: z.array(z.string().max(100)).min(1).max(1000),
  to: z.union([z.strictObject({ groupId: z.string().max(100) }), z.strictObject({ archived: z.boolean() })]),
});

/** Moves several athletes to a group, or to or from the archive. */
export async function changeSeveral({
  ids,
  to,
}: z.output<typeof changeSeveralSchema>): Promise<
  { kind: "changed"; what: string; token: string } | Refused
> {
  const group = "groupId" in to ? (await listGroups()).find((g) => g.id === to.groupId) : null;
  if (group === undefined) return refuse("There is no such group.");
  const before = await changeAthletes(ids, to);
  const done = group
    ? `moved to ${group.name}`
    : "archived" in to && to.archived
      ? "archived"
      : "made active";
  const what = `${counted(before.length, "athlete")} ${done}`;
  return { kind: "changed", what, token: await keepUndoable("changed-athletes", what, before) };
}

/** Names of everybody who is not in the archive, by group. */
export async function listNames(): Promise<{ id: string; name: string; group: string }[]> {
  return (await listAthletes()).map(({ id, name, group }) => ({ id, name, group }));
}
