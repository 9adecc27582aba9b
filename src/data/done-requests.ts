import { eq, lt } from "drizzle-orm";
import { database, write } from "./database";
import { doneRequest } from "./schema";

/** For how long what was asked is remembered. Milliseconds. */
const REMEMBERED_MS = 24 * 60 * 60 * 1000;

/** What was answered to a request; null: it has not been done. */
export async function answerGiven(id: string): Promise<{ answer: unknown } | null> {
  const db = await database();
  const [row] = await db.select().from(doneRequest).where(eq(doneRequest.id, id));
  return row ? { answer: row.answer } : null;
}

/** Remembers what is answered to a request, and forgets those of days ago. */
export async function rememberAnswer(id: string, answer: unknown): Promise<void> {
  const at = Date.now();
  await write(async (db) => {
    await db.delete(doneRequest).where(lt(doneRequest.at, at - REMEMBERED_MS));
    await db.insert(doneRequest).values({ id, answer, at }).onConflictDoNothing();
  });
}
