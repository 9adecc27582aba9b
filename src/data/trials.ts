import { and, asc, count, desc, eq, inArray, sum } from "drizzle-orm";
import { database, write } from "./database";
import { athlete, testResult, trial } from "./schema";

export type TestResultRow = typeof testResult.$inferSelect;
export type TrialRow = typeof trial.$inferSelect;

/** Outcomes of tests of some athletes, the oldest first. */
export async function listTestResults(athleteIds: readonly string[]): Promise<TestResultRow[]> {
  const db = await database();
  return db
    .select()
    .from(testResult)
    .where(inArray(testResult.athleteId, [...athleteIds]))
    .orderBy(asc(testResult.day), asc(testResult.at));
}

/** Trials of some athletes, or of all, the oldest first. */
export async function listTrials(athleteIds?: readonly string[]): Promise<TrialRow[]> {
  const db = await database();
  return db
    .select()
    .from(trial)
    .where(athleteIds && inArray(trial.athleteId, [...athleteIds]))
    .orderBy(asc(trial.day), asc(trial.at));
}

/** Something that is another one whenever a trial comes or goes. */
export async function trialsStamp(): Promise<string> {
  const db = await database();
  const [row] = await db.select({ trials: count(), at: sum(trial.at) }).from(trial);
  return `${row?.trials} ${row?.at}`;
}

/** Stores the outcome of a test, once however often it is asked for. False: there is no such athlete. */
export async function addTestResult(row: TestResultRow): Promise<boolean> {
  return write(async (db) => {
    const [known] = await db.select({ id: athlete.id }).from(athlete).where(eq(athlete.id, row.athleteId));
    if (known) await db.insert(testResult).values(row).onConflictDoNothing();
    return known !== undefined;
  });
}

/** Stores a trial, once however often it is asked for. False: there is no such athlete. */
export async function addTrial(row: TrialRow): Promise<boolean> {
  return write(async (db) => {
    const [known] = await db.select({ id: athlete.id }).from(athlete).where(eq(athlete.id, row.athleteId));
    if (known) await db.insert(trial).values(row).onConflictDoNothing();
    return known !== undefined;
  });
}

/** Removes an outcome or a trial of an athlete and returns what it was; null: it is not there. */
export async function removeNoted(
  athleteId: string,
  id: string,
): Promise<{ kind: "result"; row: TestResultRow } | { kind: "trial"; row: TrialRow } | null> {
  return write(async (db) => {
    const [result] = await db
      .delete(testResult)
      .where(and(eq(testResult.id, id), eq(testResult.athleteId, athleteId)))
      .returning();
    if (result) return { kind: "result", row: result };
    const [gone] = await db
      .delete(trial)
      .where(and(eq(trial.id, id), eq(trial.athleteId, athleteId)))
      .returning();
    return gone ? { kind: "trial", row: gone } : null;
  });
}

/** The last cold outcome of each test of some athletes. */
export async function lastTestResults(athleteIds: readonly string[]): Promise<TestResultRow[]> {
  const db = await database();
  const rows = await db
    .select()
    .from(testResult)
    .where(and(inArray(testResult.athleteId, [...athleteIds]), eq(testResult.moment, "cold")))
    .orderBy(desc(testResult.day), desc(testResult.at));
  const seen = new Set<string>();
  return rows.filter((r) => {
    const key = `${r.athleteId} ${r.test}`;
    return !seen.has(key) && seen.add(key);
  });
}
