import { and, eq, gte, inArray, ne, or, sql } from "drizzle-orm";
import { database, write } from "./database";
import { athlete, athleteArea, athleteSession, followUp } from "./schema";

export type FollowUpRow = typeof followUp.$inferSelect;

/** Whether an athlete has an area that is sore now. */
const isSore = sql`exists (select 1 from ${athleteArea} where ${athleteArea.athleteId} = ${athleteSession.athleteId} and ${athleteArea.level} = 'sore')`;

/** Sessions since a day in which somebody hurt or stopped, or is sore, with who that was. */
export async function listHurtSessions(since: string, athleteId?: string) {
  const db = await database();
  return db
    .select({ session: athleteSession, athlete: athlete.name })
    .from(athleteSession)
    .innerJoin(athlete, eq(athlete.id, athleteSession.athleteId))
    .where(
      and(
        gte(athleteSession.day, since),
        eq(athlete.archived, false),
        athleteId === undefined ? undefined : eq(athleteSession.athleteId, athleteId),
        ne(athleteSession.presence, "absent"),
        or(ne(sql`${athleteSession.pains}`, "[]"), ne(sql`${athleteSession.stopped}`, "[]"), isSore),
      ),
    );
}

/** Areas of some athletes as they are marked now. */
export async function listAreas(athleteIds: readonly string[]) {
  const db = await database();
  return db
    .select()
    .from(athleteArea)
    .where(inArray(athleteArea.athleteId, [...athleteIds]));
}

/** What was answered about some sessions. */
export async function listFollowUps(sessionIds: readonly string[]): Promise<FollowUpRow[]> {
  if (sessionIds.length === 0) return [];
  const db = await database();
  return db
    .select()
    .from(followUp)
    .where(inArray(followUp.sessionId, [...sessionIds]));
}

/** All answers of an athlete. */
export async function listFollowUpsOf(athleteIds: readonly string[]): Promise<FollowUpRow[]> {
  const db = await database();
  return db
    .select()
    .from(followUp)
    .where(inArray(followUp.athleteId, [...athleteIds]));
}

/** Stores an answer; a later one to the same question takes its place. */
export async function putFollowUp(row: FollowUpRow): Promise<void> {
  const { feels, level, by, at } = row;
  await write((db) =>
    db
      .insert(followUp)
      .values(row)
      .onConflictDoUpdate({
        target: [followUp.sessionId, followUp.athleteId, followUp.about, followUp.moment],
        set: { feels, level, by, at },
      }),
  );
}
