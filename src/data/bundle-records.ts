import { asc, eq, gt, inArray } from "drizzle-orm";
import { inParts } from "@/lib/in-parts";
import { type Database, database, type Statement } from "./database";
import {
  athlete,
  athleteSession,
  doneDrill,
  doneSet,
  floorEvent,
  floorRun,
  followUp,
  preference,
  testResult,
  trial,
} from "./schema";

/** What was tested, tried and answered by one athlete. */
export interface RecordRows {
  athleteId: string;
  results: (typeof testResult.$inferSelect)[];
  trials: (typeof trial.$inferSelect)[];
  followUps: (typeof followUp.$inferSelect)[];
}

/** What happened in a session that was started. */
export interface FloorRows {
  run: typeof floorRun.$inferSelect;
  events: Omit<typeof floorEvent.$inferSelect, "seq">[];
}

/** What was asked about drills, and answered. */
export type PreferenceRows = (typeof preference.$inferSelect)[];

/** What was tested, tried and answered, by athlete with a name; of all, or of some. */
export async function readRecordRows(
  ids: readonly string[] | null,
): Promise<(RecordRows & { name: string })[]> {
  const db = await database();
  const of = <T>(column: T) => (ids === null ? undefined : inArray(column as never, [...ids]));
  const [people, results, trials, followUps] = await Promise.all([
    db
      .select({ id: athlete.id, name: athlete.name })
      .from(athlete)
      .where(of(athlete.id))
      .orderBy(asc(athlete.id)),
    db
      .select()
      .from(testResult)
      .where(of(testResult.athleteId))
      .orderBy(asc(testResult.day), asc(testResult.id)),
    db.select().from(trial).where(of(trial.athleteId)).orderBy(asc(trial.day), asc(trial.id)),
    db
      .select()
      .from(followUp)
      .where(of(followUp.athleteId))
      .orderBy(asc(followUp.sessionId), asc(followUp.about), asc(followUp.moment)),
  ]);
  return people.flatMap(({ id, name }) => {
    const own = <T extends { athleteId: string }>(rows: readonly T[]) =>
      rows.filter((r) => r.athleteId === id);
    const rows = { results: own(results), trials: own(trials), followUps: own(followUps) };
    const isEmpty = Object.values(rows).every((r) => r.length === 0);
    return isEmpty ? [] : [{ athleteId: id, name, ...rows }];
  });
}

async function withEvents(runs: (typeof floorRun.$inferSelect)[]): Promise<FloorRows[]> {
  const db = await database();
  return Promise.all(
    runs.map(async (run) => ({
      run,
      events: (
        await db
          .select()
          .from(floorEvent)
          .where(eq(floorEvent.sessionId, run.sessionId))
          .orderBy(asc(floorEvent.seq))
      ).map(({ seq: _, ...e }) => e),
    })),
  );
}

/** Sessions that were started, one at a time. */
export async function* readAllFloors(): AsyncGenerator<FloorRows> {
  const db = await database();
  for (let after = ""; ; ) {
    const runs = await db
      .select()
      .from(floorRun)
      .where(gt(floorRun.sessionId, after))
      .orderBy(asc(floorRun.sessionId))
      .limit(1);
    if (!runs[0]) return;
    yield (await withEvents(runs))[0]!;
    after = runs[0].sessionId;
  }
}

/** What happened in some sessions, of those that were started. */
export async function readFloorRows(sessionIds: readonly string[]): Promise<FloorRows[]> {
  const db = await database();
  return withEvents(
    await db
      .select()
      .from(floorRun)
      .where(inArray(floorRun.sessionId, [...sessionIds])),
  );
}

/** Puts records in the place of those of the same athletes, and floors of the same sessions. */
export function putRecords(
  db: Database,
  records: readonly RecordRows[],
  floors: readonly FloorRows[],
): Statement[] {
  return [
    ...records.flatMap(({ athleteId, results, trials, followUps }) => [
      ...removeRecords(db, [athleteId]),
      ...inParts(results).map((p) => db.insert(testResult).values(p)),
      ...inParts(trials).map((p) => db.insert(trial).values(p)),
      ...inParts(followUps).map((p) => db.insert(followUp).values(p)),
    ]),
    ...floors.flatMap(({ run, events }) => [
      ...removeFloors(db, [run.sessionId]),
      db.insert(floorRun).values(run),
      ...inParts(events).map((p) => db.insert(floorEvent).values(p).onConflictDoNothing()),
    ]),
  ];
}

/** All that coaches were asked, in one order. */
export async function readPreferenceRows() {
  const db = await database();
  const { drill, kind, scope, scopeId } = preference;
  return db.select().from(preference).orderBy(asc(scope), asc(scopeId), asc(drill), asc(kind));
}

/** Puts what was answered in the place of all that was; null: it stays. */
export function putPreferences(db: Database, rows: PreferenceRows | null): Statement[] {
  if (rows === null) return [];
  return [db.delete(preference), ...inParts(rows).map((p) => db.insert(preference).values(p))];
}

/** Takes away what was tested, tried and answered by some athletes. */
export function removeRecords(db: Database, athleteIds: readonly string[]): Statement[] {
  const ids = [...athleteIds];
  return [
    db.delete(testResult).where(inArray(testResult.athleteId, ids)),
    db.delete(trial).where(inArray(trial.athleteId, ids)),
    db.delete(followUp).where(inArray(followUp.athleteId, ids)),
  ];
}

/** Takes away what happened in some sessions, with what was worked out from it. */
export function removeFloors(db: Database, sessionIds: readonly string[]): Statement[] {
  const ids = [...sessionIds];
  return [
    ...[floorEvent, floorRun, athleteSession, doneDrill, doneSet].map((t) =>
      db.delete(t).where(inArray(t.sessionId, ids)),
    ),
  ];
}
