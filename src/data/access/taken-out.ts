import { desc, notInArray } from "drizzle-orm";
import { database, write } from "../database";
import { takenOut } from "../schema";

/** Lines of the log of what was taken out that are kept. */
const MOST_TAKEN_OUT = 1000;

/** Writes down who took what out. */
export async function addTakenOut(row: typeof takenOut.$inferInsert): Promise<void> {
  await write(async (db) => {
    await db.insert(takenOut).values(row);
    const kept = db
      .select({ id: takenOut.id })
      .from(takenOut)
      .orderBy(desc(takenOut.at))
      .limit(MOST_TAKEN_OUT);
    await db.delete(takenOut).where(notInArray(takenOut.id, kept));
  });
}

export async function listTakenOut(limit: number) {
  const db = await database();
  return db.select().from(takenOut).orderBy(desc(takenOut.at)).limit(limit);
}
