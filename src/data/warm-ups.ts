import { and, asc, eq } from "drizzle-orm";
import { database, write } from "./database";
import { athlete, trainingGroup, warmUp } from "./schema";

export async function readWarmUp(id: string) {
  const db = await database();
  const [row] = await db.select().from(warmUp).where(eq(warmUp.id, id));
  return row ?? null;
}

export async function findWarmUp(athleteId: string, day: string) {
  const db = await database();
  const [row] = await db
    .select()
    .from(warmUp)
    .where(and(eq(warmUp.athleteId, athleteId), eq(warmUp.day, day)));
  return row ?? null;
}

/** The warm-ups of a day in the order of groups and names. */
export async function listWarmUps(day: string) {
  const db = await database();
  return db
    .select({ warmUp, athleteId: athlete.id })
    .from(warmUp)
    .innerJoin(athlete, eq(warmUp.athleteId, athlete.id))
    .innerJoin(trainingGroup, eq(athlete.groupId, trainingGroup.id))
    .where(eq(warmUp.day, day))
    .orderBy(asc(trainingGroup.place), asc(athlete.name));
}

/** Adds a warm-up; if the athlete has one on that day already, that one stays. Returns the one there is. */
export async function addWarmUp(row: typeof warmUp.$inferInsert) {
  return write(async (db) => {
    await db
      .insert(warmUp)
      .values(row)
      .onConflictDoNothing({ target: [warmUp.athleteId, warmUp.day] });
    const [stored] = await db
      .select()
      .from(warmUp)
      .where(and(eq(warmUp.athleteId, row.athleteId), eq(warmUp.day, row.day)));
    return stored!;
  });
}

/** Stores a draft made from `revision`. Returns the new revision, or null if the stored one is another. */
export async function updateDraft(
  id: string,
  revision: number,
  draft: string,
  now: number,
): Promise<number | null> {
  return write(async (db) => {
    const done = await db
      .update(warmUp)
      .set({ draft, revision: revision + 1, updatedAt: now })
      .where(and(eq(warmUp.id, id), eq(warmUp.revision, revision)))
      .returning({ revision: warmUp.revision });
    return done[0]?.revision ?? null;
  });
}
