import { and, count, desc, eq, max } from "drizzle-orm";
import { database, write } from "./database";
import { preference, session, sessionAthlete, warmUp } from "./schema";

export type PreferenceRow = typeof preference.$inferSelect;

export async function listPreferences(): Promise<PreferenceRow[]> {
  const db = await database();
  return db.select().from(preference);
}

/** Something that is another one whenever a preference comes, goes or changes. */
export async function preferencesStamp(): Promise<string> {
  const db = await database();
  const [row] = await db.select({ all: count(), at: max(preference.at) }).from(preference);
  return `${row?.all} ${row?.at}`;
}

/** Keeps what was answered; a later answer takes its place. */
export async function putPreference(row: PreferenceRow): Promise<void> {
  const { counts, at } = row;
  await write((db) =>
    db
      .insert(preference)
      .values(row)
      .onConflictDoUpdate({
        target: [preference.drill, preference.kind, preference.scope, preference.scopeId],
        set: { counts, at },
      }),
  );
}

/** Takes back what counts for a lift. */
export async function deletePreference(
  row: Pick<PreferenceRow, "drill" | "kind" | "scope" | "scopeId">,
): Promise<void> {
  await write((db) =>
    db
      .delete(preference)
      .where(
        and(
          eq(preference.drill, row.drill),
          eq(preference.kind, row.kind),
          eq(preference.scope, row.scope),
          eq(preference.scopeId, row.scopeId),
        ),
      ),
  );
}

/** The last sessions of an athlete, the newest first, with what was changed for this one in them. */
export async function listChangedWarmUps(athleteId: string, limit: number) {
  const db = await database();
  return db
    .select({ day: session.day, draft: warmUp.draft, given: warmUp.given })
    .from(sessionAthlete)
    .innerJoin(session, eq(session.id, sessionAthlete.sessionId))
    .leftJoin(warmUp, and(eq(warmUp.sessionId, session.id), eq(warmUp.athleteId, sessionAthlete.athleteId)))
    .where(eq(sessionAthlete.athleteId, athleteId))
    .orderBy(desc(session.day))
    .limit(limit);
}
