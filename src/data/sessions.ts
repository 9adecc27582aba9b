import { and, asc, count, desc, eq, gte, inArray, lte, sql } from "drizzle-orm";
import { groupRows } from "@/lib/group-rows";
import { database, together, write, writeAtOnce } from "./database";
import { saveOnce } from "./done-saves";
import { firstRevision } from "./revisions";
import { athlete, cardAddress, customContent, gym, session, sessionAthlete, warmUp } from "./schema";

type SessionRow = typeof session.$inferSelect;
type ParticipantRow = typeof sessionAthlete.$inferSelect;
export type WarmUpRow = typeof warmUp.$inferSelect;

/** Sessions with who takes part, in the order of their clock times; those without one come last. */
export interface SessionWithPeople {
  session: SessionRow;
  participants: { athleteId: string; name: string; absent: boolean }[];
}

async function withPeople(rows: readonly SessionRow[]): Promise<SessionWithPeople[]> {
  const db = await database();
  const ids = rows.map((r) => r.id);
  const people = ids.length
    ? await db
        .select({
          sessionId: sessionAthlete.sessionId,
          athleteId: sessionAthlete.athleteId,
          name: athlete.name,
          absent: sessionAthlete.absent,
        })
        .from(sessionAthlete)
        .innerJoin(athlete, eq(athlete.id, sessionAthlete.athleteId))
        .where(inArray(sessionAthlete.sessionId, ids))
        .orderBy(asc(sessionAthlete.place))
    : [];
  const peopleOf = groupRows(people, (p) => p.sessionId);
  return rows.map((row) => ({
    session: row,
    participants: peopleOf(row.id).map(({ sessionId: _, ...p }) => p),
  }));
}

export async function readSession(id: string): Promise<SessionWithPeople | null> {
  const db = await database();
  const rows = await db.select().from(session).where(eq(session.id, id));
  return (await withPeople(rows))[0] ?? null;
}

/** The sessions from one day to another, both included, in time order. */
export async function listSessions(
  from: string,
  to: string,
  page: { limit: number; offset: number },
): Promise<{ total: number; sessions: SessionWithPeople[] }> {
  const db = await database();
  const within = and(gte(session.day, from), lte(session.day, to));
  const [rows, [total]] = await Promise.all([
    db
      .select()
      .from(session)
      .where(within)
      .orderBy(asc(session.day), sql`${session.time} is null`, asc(session.time), asc(session.name))
      .limit(page.limit)
      .offset(page.offset),
    db.select({ count: count() }).from(session).where(within),
  ]);
  return { total: total?.count ?? 0, sessions: await withPeople(rows) };
}

/** The newest session of a group, those to come among them; null if there is none. */
export async function readLastOfGroup(groupId: string): Promise<SessionRow | null> {
  const db = await database();
  const [row] = await db
    .select()
    .from(session)
    .where(eq(session.groupId, groupId))
    .orderBy(desc(session.day), desc(session.time))
    .limit(1);
  return row ?? null;
}

/** An athlete's sessions, the newest first. */
export async function listSessionsOf(athleteId: string, page: { limit: number; offset: number }) {
  const db = await database();
  return db
    .select({ id: session.id, name: session.name, day: session.day, time: session.time })
    .from(sessionAthlete)
    .innerJoin(session, eq(session.id, sessionAthlete.sessionId))
    .where(eq(sessionAthlete.athleteId, athleteId))
    .orderBy(desc(session.day), desc(session.time))
    .limit(page.limit)
    .offset(page.offset);
}

/** The sessions of a series from a day on, in order. */
export async function readSeries(seriesId: string, from: string): Promise<SessionWithPeople[]> {
  const db = await database();
  const rows = await db
    .select()
    .from(session)
    .where(and(eq(session.seriesId, seriesId), gte(session.day, from)))
    .orderBy(asc(session.day));
  return withPeople(rows);
}

/** An athlete's session of a day, the first one; null if there is none. */
export async function findSessionOf(athleteId: string, day: string): Promise<string | null> {
  const db = await database();
  const [row] = await db
    .select({ id: session.id })
    .from(session)
    .innerJoin(sessionAthlete, eq(session.id, sessionAthlete.sessionId))
    .where(
      and(eq(session.day, day), eq(sessionAthlete.athleteId, athleteId), eq(sessionAthlete.absent, false)),
    )
    .orderBy(sql`${session.time} is null`, asc(session.time))
    .limit(1);
  return row?.id ?? null;
}

/** What is stored of a new session. */
export interface NewSession {
  session: typeof session.$inferInsert;
  participants: Omit<ParticipantRow, "sessionId">[];
  warmUps: Omit<WarmUpRow, "sessionId">[];
  /** The addresses of its cards, where it had some before. */
  addresses?: { token: string; athleteId: string }[];
}

/** Adds sessions, all or none. */
export async function addSessions(added: readonly NewSession[]): Promise<void> {
  await write((db) =>
    together(
      db,
      added.flatMap(({ session: row, participants, warmUps, addresses = [] }) => [
        db.insert(session).values(row),
        ...(participants.length > 0
          ? [db.insert(sessionAthlete).values(participants.map((p) => ({ ...p, sessionId: row.id })))]
          : []),
        ...(warmUps.length > 0
          ? [db.insert(warmUp).values(warmUps.map((w) => ({ ...w, sessionId: row.id })))]
          : []),
        ...(addresses.length > 0
          ? [db.insert(cardAddress).values(addresses.map((a) => ({ ...a, sessionId: row.id })))]
          : []),
      ]),
    ),
  );
}

/**
 * Stores a session that was changed from `revision`, with who takes part. Returns the new revision, or null if the
 * stored one is another.
 */
export async function updateSession(
  id: string,
  revision: number,
  to: Omit<typeof session.$inferInsert, "id" | "revision">,
  participants: readonly Omit<ParticipantRow, "sessionId">[],
  saveId?: string,
): Promise<number | null> {
  return saveOnce(saveId, async (db) => {
    const changed = await db
      .update(session)
      .set({ ...to, revision: revision + 1 })
      .where(and(eq(session.id, id), eq(session.revision, revision)))
      .returning({ id: session.id });
    if (changed.length === 0) return null;
    await db.delete(sessionAthlete).where(eq(sessionAthlete.sessionId, id));
    if (participants.length > 0)
      await db.insert(sessionAthlete).values(participants.map((p) => ({ ...p, sessionId: id })));
    return revision + 1;
  });
}

/** Notes when all of a session are ready to lift, which is no change of it. */
export async function noteReady(id: string, seconds: number): Promise<void> {
  await write((db) => db.update(session).set({ readySeconds: seconds }).where(eq(session.id, id)));
}

/** What of a session is stored besides its id and revision. */
export type SessionValues = Omit<typeof session.$inferInsert, "id" | "revision">;

/** A session that is to be changed from a revision, with who takes part then. */
export interface SessionChange {
  id: string;
  revision: number;
  to: SessionValues;
  participants: readonly Omit<ParticipantRow, "sessionId">[];
}

/** Changes several sessions and adds others in one go. Returns the ids of those that were not as they were to be changed from. */
export async function changeSessions(
  changes: readonly SessionChange[],
  added: readonly NewSession[] = [],
): Promise<string[]> {
  return writeAtOnce(async (db) => {
    const others: string[] = [];
    for (const { id, revision, to, participants } of changes) {
      const changed = await db
        .update(session)
        .set({ ...to, revision: revision + 1 })
        .where(and(eq(session.id, id), eq(session.revision, revision)))
        .returning({ id: session.id });
      if (changed.length === 0) {
        others.push(id);
        continue;
      }
      await db.delete(sessionAthlete).where(eq(sessionAthlete.sessionId, id));
      if (participants.length > 0)
        await db.insert(sessionAthlete).values(participants.map((p) => ({ ...p, sessionId: id })));
    }
    for (const { session: row, participants, warmUps } of added) {
      await db.insert(session).values(row);
      const sessionId = row.id;
      if (participants.length > 0)
        await db.insert(sessionAthlete).values(participants.map((p) => ({ ...p, sessionId })));
      if (warmUps.length > 0) await db.insert(warmUp).values(warmUps.map((w) => ({ ...w, sessionId })));
    }
    return others;
  });
}

export async function deleteSession(id: string): Promise<void> {
  await deleteSessions([id]);
}

/** Deletes sessions, all or none. */
export async function deleteSessions(ids: readonly string[]): Promise<void> {
  await write((db) => db.delete(session).where(inArray(session.id, [...ids])));
}

/** What has been changed for single athletes of sessions. */
export async function readWarmUps(sessionIds: readonly string[]): Promise<WarmUpRow[]> {
  if (sessionIds.length === 0) return [];
  const db = await database();
  return db
    .select()
    .from(warmUp)
    .where(inArray(warmUp.sessionId, [...sessionIds]));
}

/**
 * Stores what was changed for one athlete, from `revision`; 0 stands for nothing changed so far. Returns the new
 * revision, or null if the stored one is another.
 */
export async function updateWarmUp(
  row: Omit<WarmUpRow, "revision">,
  revision: number,
  saveId?: string,
): Promise<number | null> {
  return saveOnce(saveId, async (db) => {
    if (revision === 0) {
      const next = { ...row, revision: await firstRevision(db) };
      const added = await db
        .insert(warmUp)
        .values(next)
        .onConflictDoNothing()
        .returning({ revision: warmUp.revision });
      return added[0]?.revision ?? null;
    }
    const done = await db
      .update(warmUp)
      .set({ ...row, revision: revision + 1 })
      .where(
        and(
          eq(warmUp.sessionId, row.sessionId),
          eq(warmUp.athleteId, row.athleteId),
          eq(warmUp.revision, revision),
        ),
      )
      .returning({ revision: warmUp.revision });
    return done[0]?.revision ?? null;
  });
}

/** Forgets what was changed for one athlete: the warm-up is as the session gives it again. */
export async function deleteWarmUp(sessionId: string, athleteId: string): Promise<void> {
  await write((db) =>
    db.delete(warmUp).where(and(eq(warmUp.sessionId, sessionId), eq(warmUp.athleteId, athleteId))),
  );
}

/** Revisions of a session, its gym, its people and what was changed for each; null if there is no such session. */
export async function readStamp(id: string) {
  const db = await database();
  const [[row], [own], people] = await Promise.all([
    db
      .select({ session: session.revision, gym: gym.revision })
      .from(session)
      .innerJoin(gym, eq(gym.id, session.gymId))
      .where(eq(session.id, id)),
    db.select({ library: sql<number>`coalesce(sum(${customContent.revision} + 1), 0)` }).from(customContent),
    db
      .select({ id: athlete.id, athlete: athlete.revision, warmUp: warmUp.revision })
      .from(sessionAthlete)
      .innerJoin(athlete, eq(athlete.id, sessionAthlete.athleteId))
      .leftJoin(
        warmUp,
        and(eq(warmUp.sessionId, sessionAthlete.sessionId), eq(warmUp.athleteId, sessionAthlete.athleteId)),
      )
      .where(eq(sessionAthlete.sessionId, id))
      .orderBy(asc(sessionAthlete.place)),
  ]);
  if (!row) return null;
  const entries = people.map((p) => [p.id, { athlete: p.athlete, warmUp: p.warmUp ?? 0 }] as const);
  return { ...row, library: own!.library, people: Object.fromEntries(entries) };
}

/** Sessions that an athlete takes part in between two days, the first first; those of which the coach has said that they are absent left out. */
export async function listSessionsWith(athleteId: string, from: string, to: string) {
  const db = await database();
  return db
    .select({ id: session.id, name: session.name, day: session.day, time: session.time })
    .from(sessionAthlete)
    .innerJoin(session, eq(session.id, sessionAthlete.sessionId))
    .where(
      and(
        ...[eq(sessionAthlete.athleteId, athleteId), eq(sessionAthlete.absent, false)],
        ...[gte(session.day, from), lte(session.day, to)],
      ),
    )
    .orderBy(asc(session.day), asc(session.time));
}
