import { and, asc, eq } from "drizzle-orm";
import { database, write } from "./database";
import { saveOnce } from "./done-saves";
import { customContent } from "./schema";

export type CustomRow = typeof customContent.$inferSelect;

export async function listCustomContent(): Promise<CustomRow[]> {
  const db = await database();
  return db.select().from(customContent).orderBy(asc(customContent.id));
}

/** Which items there are at which revision, as one text: as long as it stays the same, so does everything in them. */
export async function customContentStamp(): Promise<string> {
  const db = await database();
  const rows = await db
    .select({ id: customContent.id, revision: customContent.revision })
    .from(customContent)
    .orderBy(asc(customContent.id));
  return rows.map((r) => `${r.id} ${r.revision}`).join("\n");
}

export async function readCustomContent(id: string): Promise<CustomRow | null> {
  const db = await database();
  const [row] = await db.select().from(customContent).where(eq(customContent.id, id));
  return row ?? null;
}

export async function addCustomContent(row: typeof customContent.$inferInsert): Promise<void> {
  await write((db) => db.insert(customContent).values(row));
}

export async function deleteCustomContent(id: string): Promise<void> {
  await write((db) => db.delete(customContent).where(eq(customContent.id, id)));
}

/** Stores what was changed from `revision`. Returns the new revision, or null if the stored one is another. */
export async function updateCustomContent(
  id: string,
  revision: number,
  content: string,
  saveId?: string,
): Promise<number | null> {
  return saveOnce(saveId, async (db) => {
    const done = await db
      .update(customContent)
      .set({ content, revision: revision + 1 })
      .where(and(eq(customContent.id, id), eq(customContent.revision, revision)))
      .returning({ revision: customContent.revision });
    return done[0]?.revision ?? null;
  });
}
