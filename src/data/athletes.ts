import { and, asc, count, desc, eq, getTableColumns, gte, inArray, like, lte, max, sql } from "drizzle-orm";
import type { ReachedSign } from "@/core/athlete";
import type { Weight } from "@/core/units";
import { groupRows } from "@/lib/group-rows";
import { database, together, write, writeAtOnce } from "./database";
import { saveOnce } from "./done-saves";
import { athlete, athleteArea, athleteLimiter, trainingGroup, workingWeight } from "./schema";

/** Everything stored about one athlete, or null. */
export async function readAthlete(id: string) {
  const db = await database();
  const [row] = await db
    .select()
    .from(athlete)
    .innerJoin(trainingGroup, eq(athlete.groupId, trainingGroup.id))
    .where(eq(athlete.id, id));
  if (!row) return null;
  const [limiters, areas, weights] = await Promise.all([
    db
      .select()
      .from(athleteLimiter)
      .where(eq(athleteLimiter.athleteId, id))
      .orderBy(asc(athleteLimiter.place)),
    db.select().from(athleteArea).where(eq(athleteArea.athleteId, id)).orderBy(asc(athleteArea.area)),
    db.select().from(workingWeight).where(eq(workingWeight.athleteId, id)).orderBy(desc(workingWeight.day)),
  ]);
  return { ...row.athlete, group: row.training_group.name, limiters, areas, weights };
}

/** Everything about some athletes, of their weights the newest of each lift that is not after a day. */
export async function readAthletes(ids: readonly string[], day: string) {
  if (ids.length === 0) return [];
  const db = await database();
  const list = [...ids];
  // Of the rows that a group has SQLite gives the one with the greatest day.
  const { day: dayColumn, ...columns } = getTableColumns(workingWeight);
  const newest = db
    .select({ ...columns, day: max(dayColumn).as("newest_day") })
    .from(workingWeight)
    .where(and(inArray(workingWeight.athleteId, list), lte(dayColumn, day)))
    .groupBy(workingWeight.athleteId, workingWeight.lift, workingWeight.kind)
    .orderBy(desc(sql`newest_day`));
  const [rows, limiters, areas, weights] = await Promise.all([
    db
      .select()
      .from(athlete)
      .innerJoin(trainingGroup, eq(athlete.groupId, trainingGroup.id))
      .where(inArray(athlete.id, list)),
    db
      .select()
      .from(athleteLimiter)
      .where(inArray(athleteLimiter.athleteId, list))
      .orderBy(asc(athleteLimiter.place)),
    db.select().from(athleteArea).where(inArray(athleteArea.athleteId, list)).orderBy(asc(athleteArea.area)),
    newest,
  ]);
  const [limitersOf, areasOf, weightsOf] = [byAthlete(limiters), byAthlete(areas), byAthlete(weights)];
  return rows.map((row) => ({
    ...row.athlete,
    group: row.training_group.name,
    groupWishes: row.training_group.wishes,
    limiters: limitersOf(row.athlete.id),
    areas: areasOf(row.athlete.id),
    weights: weightsOf(row.athlete.id).map((w) => ({ ...w, day: w.day! })),
  }));
}

/** Rows by the athlete that they belong to. */
function byAthlete<T extends { athleteId: string }>(rows: readonly T[]): (id: string) => T[] {
  return groupRows(rows, (r) => r.athleteId);
}

/** What is on record of weights of some athletes since a day, the oldest first. */
export async function listWeights(athleteIds: readonly string[], since: string) {
  const db = await database();
  return db
    .select()
    .from(workingWeight)
    .where(and(inArray(workingWeight.athleteId, [...athleteIds]), gte(workingWeight.day, since)))
    .orderBy(asc(workingWeight.day));
}

/** The name of a group and who is in it, or null. */
export async function readGroup(id: string) {
  const db = await database();
  const [row] = await db.select().from(trainingGroup).where(eq(trainingGroup.id, id));
  if (!row) return null;
  const members = await db
    .select({ id: athlete.id })
    .from(athlete)
    .where(and(eq(athlete.groupId, id), eq(athlete.archived, false)))
    .orderBy(asc(athlete.name));
  return { ...row, members: members.map((m) => m.id) };
}

/** Names of all athletes that are not archived, by group, in the groups' order. */
export async function listAthletes() {
  const db = await database();
  return db
    .select({
      ...{ id: athlete.id, name: athlete.name, unit: athlete.unit },
      ...{ group: trainingGroup.name, groupId: trainingGroup.id },
    })
    .from(athlete)
    .innerJoin(trainingGroup, eq(athlete.groupId, trainingGroup.id))
    .where(eq(athlete.archived, false))
    .orderBy(asc(trainingGroup.place), asc(athlete.name));
}

/** Changes which drills a group likes or never uses. False: there is no such group. */
export async function updateGroupWishes(id: string, wishes: unknown): Promise<boolean> {
  return write(async (db) => {
    const done = await db
      .update(trainingGroup)
      .set({ wishes })
      .where(eq(trainingGroup.id, id))
      .returning({ id: trainingGroup.id });
    return done.length > 0;
  });
}

export async function listGroups() {
  const db = await database();
  return db.select().from(trainingGroup).orderBy(asc(trainingGroup.place), asc(trainingGroup.name));
}

/** How a list of athletes may be ordered. */
export const ATHLETE_ORDERS = ["name", "group", "updated"] as const;

/** Which athletes a list is about. */
export interface AthleteQuery {
  /** Part of the name; empty: any. */
  search: string;
  groupId: string | null;
  archived: boolean;
  order: (typeof ATHLETE_ORDERS)[number];
  limit: number;
  offset: number;
}

/** A page of athletes with the day of their newest working weight, and how many there are in all. */
export async function findAthletes({ search, groupId, archived, order, limit, offset }: AthleteQuery) {
  const db = await database();
  const wanted = and(
    eq(athlete.archived, archived),
    groupId === null ? undefined : eq(athlete.groupId, groupId),
    search === "" ? undefined : like(athlete.name, `%${search.replaceAll(/[%_]/g, "")}%`),
  );
  const newest = db
    .select({ athleteId: workingWeight.athleteId, day: max(workingWeight.day).as("newest") })
    .from(workingWeight)
    .groupBy(workingWeight.athleteId)
    .as("newest_weight");
  const by = {
    name: [asc(sql`${athlete.name} collate nocase`)],
    group: [asc(trainingGroup.place), asc(sql`${athlete.name} collate nocase`)],
    updated: [asc(newest.day), asc(sql`${athlete.name} collate nocase`)],
  }[order];
  const [rows, [total]] = await Promise.all([
    db
      .select({ athlete, group: trainingGroup.name, newest: newest.day })
      .from(athlete)
      .innerJoin(trainingGroup, eq(athlete.groupId, trainingGroup.id))
      .leftJoin(newest, eq(newest.athleteId, athlete.id))
      .where(wanted)
      .orderBy(...by)
      .limit(limit)
      .offset(offset),
    db.select({ count: count() }).from(athlete).where(wanted),
  ]);
  const ids = rows.map((r) => r.athlete.id);
  const areas = ids.length
    ? await db.select().from(athleteArea).where(inArray(athleteArea.athleteId, ids))
    : [];
  return {
    total: total?.count ?? 0,
    rows: rows.map(({ athlete: a, ...row }) => ({
      ...a,
      ...row,
      areas: areas.filter((o) => o.athleteId === a.id),
    })),
  };
}

/** Everything that is stored of an athlete when it changes. */
export interface AthleteRows {
  athlete: Omit<typeof athlete.$inferInsert, "id" | "revision">;
  limiters: (typeof athleteLimiter.$inferInsert)[];
  areas: (typeof athleteArea.$inferInsert)[];
  weights: (typeof workingWeight.$inferInsert)[];
}

/** Stores an athlete that was changed from `revision`. The new revision, or null if the stored one is another. */
export async function updateAthlete(
  id: string,
  revision: number,
  rows: AthleteRows,
  saveId?: string,
): Promise<number | null> {
  return saveOnce(saveId, async (db) => {
    const changed = await db
      .update(athlete)
      .set({ ...rows.athlete, revision: revision + 1 })
      .where(and(eq(athlete.id, id), eq(athlete.revision, revision)))
      .returning({ id: athlete.id });
    if (changed.length === 0) return null;
    await db.delete(athleteLimiter).where(eq(athleteLimiter.athleteId, id));
    await db.delete(athleteArea).where(eq(athleteArea.athleteId, id));
    await db.delete(workingWeight).where(eq(workingWeight.athleteId, id));
    if (rows.limiters.length > 0) await db.insert(athleteLimiter).values(rows.limiters);
    if (rows.areas.length > 0) await db.insert(athleteArea).values(rows.areas);
    if (rows.weights.length > 0) await db.insert(workingWeight).values(rows.weights);
    return revision + 1;
  });
}

/** Notes or takes back what an athlete has reached at a drill. False: there is no such athlete. */
export async function changeReached(
  id: string,
  change: (reached: unknown) => ReachedSign[],
): Promise<boolean> {
  return writeAtOnce(async (db) => {
    const [there] = await db
      .select({ reached: athlete.reached, revision: athlete.revision })
      .from(athlete)
      .where(eq(athlete.id, id));
    if (!there) return false;
    await db
      .update(athlete)
      .set({ reached: change(there.reached), revision: there.revision + 1 })
      .where(eq(athlete.id, id));
    return true;
  });
}

/** Working sets of a lift as they stand on record of a day. */
export type WeightOnRecord = Pick<
  typeof workingWeight.$inferSelect,
  "weight" | "sets" | "reps" | "rir" | "source"
>;

/**
 * Puts what an athlete's working sets of a lift are from a day on, in place of what was on record of that day; null takes that
 * away. Null: there is no such athlete.
 */
export async function putWorkingWeight(
  athleteId: string,
  lift: string,
  day: string,
  record: WeightOnRecord | null,
): Promise<{ before: WeightOnRecord | null } | null> {
  return writeAtOnce(async (db) => {
    const [there] = await db
      .select({ revision: athlete.revision })
      .from(athlete)
      .where(eq(athlete.id, athleteId));
    if (!there) return null;
    const { weight, sets, reps, rir, source } = workingWeight;
    const ofDay = and(
      eq(workingWeight.athleteId, athleteId),
      eq(workingWeight.lift, lift),
      eq(workingWeight.day, day),
      eq(workingWeight.kind, "working"),
    );
    const [before] = await db.select({ weight, sets, reps, rir, source }).from(workingWeight).where(ofDay);
    await db.delete(workingWeight).where(ofDay);
    if (record) await db.insert(workingWeight).values({ athleteId, lift, day, kind: "working", ...record });
    await db
      .update(athlete)
      .set({ revision: there.revision + 1 })
      .where(eq(athlete.id, athleteId));
    return { before: before ?? null };
  });
}

/** Adds athletes, and first the group they are in if it is a new one; all or nothing. */
export async function addAthletes(
  athletes: readonly (typeof athlete.$inferInsert)[],
  newGroup: typeof trainingGroup.$inferInsert | null,
): Promise<void> {
  await write(async (db) => {
    const people = db.insert(athlete).values([...athletes]);
    if (newGroup) await db.batch([db.insert(trainingGroup).values(newGroup), people]);
    else await people;
  });
}

/** What of several athletes was changed at once, as it was before. */
export type ChangedAthletes = Pick<typeof athlete.$inferSelect, "id" | "groupId" | "archived" | "revision">[];

/** Changes several athletes at once: their group, or whether they are archived. Returns how they were. */
export async function changeAthletes(
  ids: readonly string[],
  to: { groupId?: string; archived?: boolean },
): Promise<ChangedAthletes> {
  return write(async (db) => {
    const { id, groupId, archived, revision } = athlete;
    const these = inArray(id, [...ids]);
    const before = await db.select({ id, groupId, archived, revision }).from(athlete).where(these);
    await db
      .update(athlete)
      .set({ ...to, revision: sql`${revision} + 1` })
      .where(these);
    return before;
  });
}

/** Takes such a change back, except from athletes that have been changed since. */
export async function undoChange(before: ChangedAthletes): Promise<void> {
  await write((db) =>
    together(
      db,
      before.map(({ id, revision, ...was }) =>
        db
          .update(athlete)
          .set({ ...was, revision: revision + 2 })
          .where(and(eq(athlete.id, id), eq(athlete.revision, revision + 1))),
      ),
    ),
  );
}

/** Everything about everybody, archived athletes too, by group and name; working weights newest first. */
export async function readEverybody() {
  const db = await database();
  const [people, limiters, areas, weights] = await Promise.all([
    db
      .select()
      .from(athlete)
      .innerJoin(trainingGroup, eq(athlete.groupId, trainingGroup.id))
      .orderBy(asc(trainingGroup.place), asc(athlete.name)),
    db.select().from(athleteLimiter).orderBy(asc(athleteLimiter.place)),
    db.select().from(athleteArea).orderBy(asc(athleteArea.area)),
    db.select().from(workingWeight).orderBy(desc(workingWeight.day), asc(workingWeight.lift)),
  ]);
  const [limitersOf, areasOf, weightsOf] = [byAthlete(limiters), byAthlete(areas), byAthlete(weights)];
  return people.map(({ athlete: a, training_group: group }) => ({
    ...a,
    bodyWeight: a.bodyWeight as Weight | null,
    group: group.name,
    limiters: limitersOf(a.id).map((l) => l.demand),
    areas: areasOf(a.id).map(({ area, level }) => ({ area, level })),
    weights: weightsOf(a.id).map((w) => ({ ...w, weight: w.weight as Weight })),
  }));
}
