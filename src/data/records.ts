import { and, asc, count, desc, eq, gte, inArray, isNull, lt, max, ne, type SQL, sql } from "drizzle-orm";
import { inParts } from "@/lib/in-parts";
import { database, together, write } from "./database";
import { athlete, athleteSession, doneDrill, doneSet } from "./schema";

export type AthleteSessionRow = typeof athleteSession.$inferSelect;
export type DoneDrillRow = typeof doneDrill.$inferSelect;
export type DoneSetRow = typeof doneSet.$inferSelect;

/** Everything that is kept of one session. */
export interface SessionRows {
  sessions: readonly AthleteSessionRow[];
  drills: readonly DoneDrillRow[];
  sets: readonly DoneSetRow[];
}

/** Keeps what was done in a session in place of what was kept of it before; of athletes that are gone, nothing. */
export async function putSessionRecord(sessionId: string, rows: SessionRows): Promise<void> {
  await write(async (db) => {
    const ids = rows.sessions.map((s) => s.athleteId);
    const there = new Set(
      (await db.select({ id: athlete.id }).from(athlete).where(inArray(athlete.id, ids))).map((r) => r.id),
    );
    const known = <T extends { athleteId: string }>(all: readonly T[]) =>
      inParts(all.filter((r) => there.has(r.athleteId)));
    await together(db, [
      ...[athleteSession, doneDrill, doneSet].map((t) => db.delete(t).where(eq(t.sessionId, sessionId))),
      ...known(rows.sessions).map((some) => db.insert(athleteSession).values(some)),
      ...known(rows.drills).map((some) => db.insert(doneDrill).values(some)),
      ...known(rows.sets).map((some) => db.insert(doneSet).values(some)),
    ]);
  });
}

/** Takes away what was kept of a session: it goes on. */
export async function dropSessionRecord(sessionId: string): Promise<void> {
  await write((db) =>
    together(
      db,
      [athleteSession, doneDrill, doneSet].map((t) => db.delete(t).where(eq(t.sessionId, sessionId))),
    ),
  );
}

/** What is kept of one session. */
export async function readSessionRecord(sessionId: string): Promise<SessionRows> {
  const db = await database();
  const [sessions, drills, sets] = await Promise.all([
    db.select().from(athleteSession).where(eq(athleteSession.sessionId, sessionId)),
    db.select().from(doneDrill).where(eq(doneDrill.sessionId, sessionId)).orderBy(asc(doneDrill.place)),
    db.select().from(doneSet).where(eq(doneSet.sessionId, sessionId)).orderBy(asc(doneSet.place)),
  ]);
  return { sessions, drills, sets };
}

/** How often some athletes have trained since a day; who was absent has not. */
export async function countAttended(athleteIds: readonly string[], since: string): Promise<number> {
  const db = await database();
  return db.$count(
    athleteSession,
    and(
      inArray(athleteSession.athleteId, [...athleteIds]),
      gte(athleteSession.day, since),
      ne(athleteSession.presence, "absent"),
    ),
  );
}

/** Sessions of some athletes since a day in which something hurt, the newest first. */
export async function listHurt(athleteIds: readonly string[], since: string): Promise<AthleteSessionRow[]> {
  const db = await database();
  return db
    .select()
    .from(athleteSession)
    .where(
      and(
        inArray(athleteSession.athleteId, [...athleteIds]),
        gte(athleteSession.day, since),
        ne(sql`${athleteSession.pains}`, "[]"),
      ),
    )
    .orderBy(desc(athleteSession.day), desc(athleteSession.endedAt));
}

/** Sessions of some athletes since a day, the newest first. */
export async function listAthleteSessions(
  athleteIds: readonly string[],
  since: string,
): Promise<AthleteSessionRow[]> {
  const db = await database();
  return db
    .select()
    .from(athleteSession)
    .where(and(inArray(athleteSession.athleteId, [...athleteIds]), gte(athleteSession.day, since)))
    .orderBy(desc(athleteSession.day), desc(athleteSession.endedAt));
}

/** Seconds of each drill that some athletes did since a day, by phase. */
export async function secondsByDrill(athleteIds: readonly string[], since: string) {
  const db = await database();
  const { drill, phase, plannedSeconds, realSeconds } = doneDrill;
  return db
    .select({
      drill,
      phase,
      times: sql<number>`count(*)`,
      seconds: sql<number>`sum(coalesce(${realSeconds}, ${plannedSeconds}))`,
      planned: sql<number>`sum(${plannedSeconds})`,
    })
    .from(doneDrill)
    .where(doneSince(athleteIds, since))
    .groupBy(drill, phase);
}

const doneSince = (athleteIds: readonly string[], since: string): SQL | undefined =>
  and(inArray(doneDrill.athleteId, [...athleteIds]), gte(doneDrill.day, since), eq(doneDrill.isDone, true));

/** Seconds of the ramp sets that some athletes did since a day and that were timed, and in how many sessions of one person. */
export async function rampSeconds(athleteIds: readonly string[], since: string) {
  const db = await database();
  const { athleteId, day, isWork, sessionId, plannedSeconds, realSeconds } = doneSet;
  const [row] = await db
    .select({
      times: sql<number>`count(distinct ${sessionId} || ' ' || ${athleteId})`,
      planned: sql<number>`coalesce(sum(${plannedSeconds}), 0)`,
      real: sql<number>`coalesce(sum(${realSeconds}), 0)`,
    })
    .from(doneSet)
    .where(
      and(
        ...[inArray(athleteId, [...athleteIds]), gte(day, since), eq(isWork, false)],
        sql`${realSeconds} is not null`,
      ),
    );
  return row ?? { times: 0, planned: 0, real: 0 };
}

/** Something that is another one whenever sessions before a day have come, gone or changed. */
export async function drillTimesStamp(before: string): Promise<string> {
  const db = await database();
  const [row] = await db
    .select({ sessions: count(), ended: max(athleteSession.endedAt) })
    .from(athleteSession)
    .where(lt(athleteSession.day, before));
  return `${row?.sessions} ${row?.ended}`;
}

/** How often drills were timed from a day on and before another, by drill and athlete, with the mean of real seconds over those of its parts. */
export async function drillTimes(since: string, before: string) {
  const db = await database();
  const { drill, athleteId, plannedSeconds, realSeconds, isDone, day } = doneDrill;
  // Against its parts: what it has been found to take is in what was planned.
  const ratio = sql`1.0 * ${realSeconds} / ${plannedSeconds} * ${doneDrill.pace}`;
  return db
    .select({
      drill,
      athleteId,
      times: sql<number>`count(*)`,
      ratio: sql<number>`avg(${ratio})`,
    })
    .from(doneDrill)
    .where(
      and(
        ...[gte(day, since), lt(day, before), eq(isDone, true), isNull(doneDrill.insteadOf)],
        // What was ticked late, or two at a time, says nothing of what it took.
        sql`${realSeconds} between 0.4 * ${plannedSeconds} and 2.5 * ${plannedSeconds}`,
        sql`${plannedSeconds} > 0`,
      ),
    )
    .groupBy(drill, athleteId);
}

/** Working sets of an athlete, the oldest first. */
export async function listWorkSets(athleteIds: readonly string[], since: string): Promise<DoneSetRow[]> {
  const db = await database();
  return db
    .select()
    .from(doneSet)
    .where(
      and(inArray(doneSet.athleteId, [...athleteIds]), gte(doneSet.day, since), eq(doneSet.isWork, true)),
    )
    .orderBy(asc(doneSet.day), asc(doneSet.place));
}

/** Planned and real seconds of sessions since a day, of those of some athletes that were timed, the oldest first. */
export async function listSessionTimes(athleteIds: readonly string[], since: string) {
  const db = await database();
  const { sessionId, day, name, plannedSeconds, readySeconds, athleteId } = athleteSession;
  return db
    .select({
      sessionId,
      day,
      name,
      planned: sql<number>`max(${plannedSeconds})`,
      real: sql<number>`max(${readySeconds})`,
    })
    .from(athleteSession)
    .where(and(inArray(athleteId, [...athleteIds]), gte(day, since), sql`${readySeconds} is not null`))
    .groupBy(sessionId)
    .orderBy(asc(day), asc(sessionId));
}

/** Sets of everybody, the newest first, with who did them. */
export async function listAllSets() {
  const db = await database();
  return db
    .select({ set: doneSet, name: athlete.name })
    .from(doneSet)
    .innerJoin(athlete, eq(athlete.id, doneSet.athleteId))
    .orderBy(desc(doneSet.day), asc(athlete.name), asc(doneSet.place));
}

/** Sets that some athletes did, the oldest first. */
export async function listSets(athleteIds: readonly string[]): Promise<DoneSetRow[]> {
  const db = await database();
  return db
    .select()
    .from(doneSet)
    .where(inArray(doneSet.athleteId, [...athleteIds]))
    .orderBy(asc(doneSet.day), asc(doneSet.place));
}
