import { and, desc, eq, notInArray, sql } from "drizzle-orm";
import { database, write } from "./database";
import { undoable } from "./schema";

export type UndoableKind = (typeof undoable.$inferSelect)["kind"];

/** By when it was put in, whatever the clock said then. */
const NEWEST = sql`rowid`;

/** So many of each kind are kept; an older one gives way to a new one. */
const MOST_KEPT: Record<UndoableKind, number> = {
  session: 50,
  gym: 20,
  template: 20,
  athletes: 20,
  "changed-athletes": 20,
  "warm-ups": 20,
  sessions: 20,
  "changed-sessions": 20,
  bundle: 3,
};

/** Keeps what it takes to take something back. Returns the word that does. */
export async function keepUndoable(kind: UndoableKind, name: string, content: unknown): Promise<string> {
  const token = crypto.randomUUID();
  await write(async (db) => {
    await db.insert(undoable).values({ token, kind, name, content: JSON.stringify(content), at: Date.now() });
    const kept = db
      .select({ token: undoable.token })
      .from(undoable)
      .where(eq(undoable.kind, kind))
      .orderBy(desc(NEWEST))
      .limit(MOST_KEPT[kind]);
    await db.delete(undoable).where(and(eq(undoable.kind, kind), notInArray(undoable.token, kept)));
  });
  return token;
}

export async function readUndoable(token: string) {
  const db = await database();
  const [row] = await db.select().from(undoable).where(eq(undoable.token, token));
  return row ?? null;
}

export async function deleteUndoable(token: string): Promise<void> {
  await write((db) => db.delete(undoable).where(eq(undoable.token, token)));
}

/** What can be taken back, the newest first, without what it takes. */
export async function listUndoables() {
  const db = await database();
  const { token, kind, name, at } = undoable;
  return db.select({ token, kind, name, at }).from(undoable).orderBy(desc(NEWEST));
}
