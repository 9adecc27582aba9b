import { and, asc, eq } from "drizzle-orm";
import { database, write } from "./database";
import { ownContent } from "./schema";

export type OwnRow = typeof ownContent.$inferSelect;

export async function listOwnContent(): Promise<OwnRow[]> {
  const db = await database();
  return db.select().from(ownContent).orderBy(asc(ownContent.id));
}

export async function readOwnContent(id: string): Promise<OwnRow | null> {
  const db = await database();
  const [row] = await db.select().from(ownContent).where(eq(ownContent.id, id));
  return row ?? null;
}

export async function addOwnContent(row: typeof ownContent.$inferInsert): Promise<void> {
  await write((db) => db.insert(ownContent).values(row));
}

/** Stores what was changed from `revision`. Returns the new revision, or null if the stored one is another. */
export async function updateOwnContent(
  id: string,
  revision: number,
  content: string,
): Promise<number | null> {
  return write(async (db) => {
    const done = await db
      .update(ownContent)
      .set({ content, revision: revision + 1 })
      .where(and(eq(ownContent.id, id), eq(ownContent.revision, revision)))
      .returning({ revision: ownContent.revision });
    return done[0]?.revision ?? null;
  });
}
