import { asc, eq, gt, inArray, sql } from "drizzle-orm";
import type { AnySQLiteColumn } from "drizzle-orm/sqlite-core";
import { groupRows } from "@/lib/group-rows";
import { inParts } from "@/lib/in-parts";
import {
  type FloorRows,
  type PreferenceRows,
  putPreferences,
  putRecords,
  type RecordRows,
  removeFloors,
  removeRecords,
} from "./bundle-records";
import { type Database, database, type Statement, together, write } from "./database";
import {
  athlete,
  athleteArea,
  athleteLimiter,
  customContent,
  gym,
  gymEquipment,
  plate,
  session,
  sessionAthlete,
  template,
  trainingGroup,
  warmUp,
  workingWeight,
} from "./schema";

/** Rows of an athlete with everything that belongs to them. */
export interface WholeAthlete {
  athlete: typeof athlete.$inferSelect;
  limiters: (typeof athleteLimiter.$inferSelect)[];
  areas: (typeof athleteArea.$inferSelect)[];
  weights: (typeof workingWeight.$inferSelect)[];
}

/** Rows of a session with everything that belongs to it. */
export interface WholeSession {
  session: typeof session.$inferSelect;
  participants: (typeof sessionAthlete.$inferSelect)[];
  warmUps: (typeof warmUp.$inferSelect)[];
}

/** So many are read at a time, so that a long history does not fill the memory. */
const AT_A_TIME = 500;

export async function readGymIds(): Promise<{ id: string; place: number }[]> {
  const db = await database();
  return db.select({ id: gym.id, place: gym.place }).from(gym).orderBy(asc(gym.place), asc(gym.id));
}

/** Athletes, archived ones too, by id; all of them, or those with some ids. */
export async function readWholeAthletes(ids: readonly string[] | null): Promise<WholeAthlete[]> {
  const db = await database();
  const of = <T>(column: T) => (ids === null ? undefined : inArray(column as never, [...ids]));
  const [rows, limiters, areas, weights] = await Promise.all([
    db.select().from(athlete).where(of(athlete.id)).orderBy(asc(athlete.id)),
    db.select().from(athleteLimiter).where(of(athleteLimiter.athleteId)).orderBy(asc(athleteLimiter.place)),
    db.select().from(athleteArea).where(of(athleteArea.athleteId)).orderBy(asc(athleteArea.area)),
    db
      .select()
      .from(workingWeight)
      .where(of(workingWeight.athleteId))
      .orderBy(asc(workingWeight.day), asc(workingWeight.lift), asc(workingWeight.kind)),
  ]);
  const limitersOf = groupRows(limiters, (r) => r.athleteId);
  const areasOf = groupRows(areas, (r) => r.athleteId);
  const weightsOf = groupRows(weights, (r) => r.athleteId);
  return rows.map((row) => ({
    athlete: row,
    limiters: limitersOf(row.id),
    areas: areasOf(row.id),
    weights: weightsOf(row.id),
  }));
}

async function withParts(rows: (typeof session.$inferSelect)[]): Promise<WholeSession[]> {
  const db = await database();
  const ids = rows.map((r) => r.id);
  const [people, warmUps] = await Promise.all([
    db
      .select()
      .from(sessionAthlete)
      .where(inArray(sessionAthlete.sessionId, ids))
      .orderBy(asc(sessionAthlete.place)),
    db.select().from(warmUp).where(inArray(warmUp.sessionId, ids)).orderBy(asc(warmUp.athleteId)),
  ]);
  const peopleOf = groupRows(people, (r) => r.sessionId);
  const warmUpsOf = groupRows(warmUps, (r) => r.sessionId);
  return rows.map((row) => ({
    session: row,
    participants: peopleOf(row.id),
    warmUps: warmUpsOf(row.id),
  }));
}

/** All sessions by id, some at a time. */
export async function* readAllSessions(): AsyncGenerator<WholeSession[]> {
  const db = await database();
  for (let after = ""; ; ) {
    const rows = await db
      .select()
      .from(session)
      .where(gt(session.id, after))
      .orderBy(asc(session.id))
      .limit(AT_A_TIME);
    if (rows.length === 0) return;
    yield await withParts(rows);
    after = rows.at(-1)!.id;
  }
}

/** The sessions with some ids. */
export async function readWholeSessions(ids: readonly string[]): Promise<WholeSession[]> {
  const db = await database();
  const found: WholeSession[] = [];
  for (let from = 0; from < ids.length; from += AT_A_TIME) {
    const rows = await db
      .select()
      .from(session)
      .where(inArray(session.id, ids.slice(from, from + AT_A_TIME)));
    found.push(...(await withParts(rows)));
  }
  return found;
}

/** Rows to be put in the place of those with the same ids, or added. */
export interface BundleRows {
  library: Omit<typeof customContent.$inferInsert, "revision">[];
  gyms: {
    gym: Omit<typeof gym.$inferInsert, "revision">;
    plates: (typeof plate.$inferInsert)[];
    equipment: (typeof gymEquipment.$inferInsert)[];
  }[];
  groups: (typeof trainingGroup.$inferInsert)[];
  athletes: {
    athlete: Omit<typeof athlete.$inferInsert, "revision">;
    limiters: (typeof athleteLimiter.$inferInsert)[];
    areas: (typeof athleteArea.$inferInsert)[];
    weights: (typeof workingWeight.$inferInsert)[];
  }[];
  templates: (typeof template.$inferInsert)[];
  sessions: {
    session: Omit<typeof session.$inferInsert, "revision">;
    participants: (typeof sessionAthlete.$inferInsert)[];
    warmUps: Omit<typeof warmUp.$inferInsert, "revision">[];
  }[];
  records: RecordRows[];
  floors: FloorRows[];
  /** In the place of all there are; null: they stay. */
  preferences: PreferenceRows | null;
}

/** The revision of what comes anew, and of what comes in another's place. */
const FIRST = sql<number>`(SELECT revision + 1 FROM high_water)`;
const next = (revision: AnySQLiteColumn) => sql<number>`${revision} + 1`;

/** Ids of what is to go, by part; of records those of their athletes, of floors those of their sessions. */
export type GoneIds = Record<
  | "library"
  | "gyms"
  | "groups"
  | "athletes"
  | "templates"
  | "sessions"
  | "records"
  | "floors"
  | "preferences",
  readonly string[]
>;

/** Stores a bundle's rows and takes away what is to go, all or nothing; everything else stays. Revisions count on. */
export async function putBundle(rows: BundleRows, gone?: GoneIds): Promise<void> {
  await write(async (db) => {
    const statements: Statement[] = [];
    for (const row of rows.library) {
      const { id: _, ...set } = row;
      statements.push(
        db
          .insert(customContent)
          .values({ ...row, revision: FIRST })
          .onConflictDoUpdate({
            target: customContent.id,
            set: { ...set, revision: next(customContent.revision) },
          }),
      );
    }
    for (const { gym: row, plates, equipment } of rows.gyms) {
      const { id, ...set } = row;
      statements.push(
        db
          .insert(gym)
          .values({ ...row, revision: FIRST })
          .onConflictDoUpdate({ target: gym.id, set: { ...set, revision: next(gym.revision) } }),
        db.delete(plate).where(eq(plate.gymId, id)),
        db.delete(gymEquipment).where(eq(gymEquipment.gymId, id)),
        ...inParts(plates).map((p) => db.insert(plate).values(p)),
        ...inParts(equipment).map((p) => db.insert(gymEquipment).values(p)),
      );
    }
    for (const row of rows.groups) {
      const { id: _, ...set } = row;
      statements.push(
        db.insert(trainingGroup).values(row).onConflictDoUpdate({ target: trainingGroup.id, set }),
      );
    }
    for (const { athlete: row, limiters, areas, weights } of rows.athletes) {
      const { id, ...set } = row;
      statements.push(
        db
          .insert(athlete)
          .values({ ...row, revision: FIRST })
          .onConflictDoUpdate({ target: athlete.id, set: { ...set, revision: next(athlete.revision) } }),
        db.delete(athleteLimiter).where(eq(athleteLimiter.athleteId, id)),
        db.delete(athleteArea).where(eq(athleteArea.athleteId, id)),
        db.delete(workingWeight).where(eq(workingWeight.athleteId, id)),
        ...inParts(limiters).map((p) => db.insert(athleteLimiter).values(p)),
        ...inParts(areas).map((p) => db.insert(athleteArea).values(p)),
        ...inParts(weights).map((p) => db.insert(workingWeight).values(p)),
      );
    }
    for (const row of rows.templates) {
      const { id: _, ...set } = row;
      statements.push(db.insert(template).values(row).onConflictDoUpdate({ target: template.id, set }));
    }
    for (const { session: row, participants, warmUps } of rows.sessions) {
      const { id, ...set } = row;
      statements.push(
        db
          .insert(session)
          .values({ ...row, revision: FIRST })
          .onConflictDoUpdate({ target: session.id, set: { ...set, revision: next(session.revision) } }),
        db.delete(sessionAthlete).where(eq(sessionAthlete.sessionId, id)),
        db.delete(warmUp).where(eq(warmUp.sessionId, id)),
        ...inParts(participants).map((p) => db.insert(sessionAthlete).values(p)),
        ...inParts(warmUps).map((p) => db.insert(warmUp).values(p.map((w) => ({ ...w, revision: FIRST })))),
      );
    }
    statements.push(...putRecords(db, rows.records, rows.floors), ...putPreferences(db, rows.preferences));
    if (gone) statements.push(...deletions(db, gone));
    await together(db, statements);
  });
}

function deletions(db: Database, ids: GoneIds): Statement[] {
  return [
    ...putPreferences(db, ids.preferences.length > 0 ? [] : null),
    ...removeFloors(db, ids.floors),
    ...removeRecords(db, ids.records),
    ...inParts(ids.sessions).map((p) => db.delete(session).where(inArray(session.id, p))),
    ...inParts(ids.templates).map((p) => db.delete(template).where(inArray(template.id, p))),
    ...inParts(ids.athletes).map((p) => db.delete(athlete).where(inArray(athlete.id, p))),
    ...inParts(ids.groups).map((p) => db.delete(trainingGroup).where(inArray(trainingGroup.id, p))),
    ...inParts(ids.gyms).map((p) => db.delete(gym).where(inArray(gym.id, p))),
    ...inParts(ids.library).map((p) => db.delete(customContent).where(inArray(customContent.id, p))),
  ];
}

/** Which of some gyms, groups and athletes others need that are not to go. */
export async function neededOf(gone: GoneIds): Promise<ReadonlySet<string>> {
  const db = await database();
  const going = new Set(Object.values(gone).flat());
  const [sessions, people, members] = await Promise.all([
    db.select({ id: session.id, gymId: session.gymId, groupId: session.groupId }).from(session),
    db
      .select({ sessionId: sessionAthlete.sessionId, athleteId: sessionAthlete.athleteId })
      .from(sessionAthlete),
    db.select({ id: athlete.id, groupId: athlete.groupId }).from(athlete),
  ]);
  const staying = sessions.filter((s) => !going.has(s.id));
  const inStaying = new Set(staying.map((s) => s.id));
  const attending = people.filter((p) => inStaying.has(p.sessionId)).map((p) => p.athleteId);
  const needed = new Set(attending);
  for (const { gymId, groupId } of staying) {
    needed.add(gymId);
    if (groupId !== null) needed.add(groupId);
  }
  for (const { id, groupId } of members) if (!going.has(id) || needed.has(id)) needed.add(groupId);
  return needed;
}
