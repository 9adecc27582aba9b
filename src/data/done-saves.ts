import { eq, lt } from "drizzle-orm";
import { type Transaction, writeAtOnce } from "./database";
import { doneSave } from "./schema";

/** For how long a save is remembered. Milliseconds. */
const REMEMBERED_MS = 24 * 60 * 60 * 1000;

/**
 * Does a save in one transaction, or says again how it went: the same id twice is one save.
 *
 * @param saveId absent: it is never sent twice.
 * @param save returns the new revision; null where what is stored is of another one, and nothing was written.
 */
export async function saveOnce(
  saveId: string | undefined,
  save: (db: Transaction) => Promise<number | null>,
): Promise<number | null> {
  return writeAtOnce(async (db) => {
    if (saveId !== undefined) {
      const [done] = await db.select().from(doneSave).where(eq(doneSave.id, saveId));
      if (done) return done.revision;
    }
    const revision = await save(db);
    if (saveId !== undefined && revision !== null) {
      const at = Date.now();
      await db.delete(doneSave).where(lt(doneSave.at, at - REMEMBERED_MS));
      await db.insert(doneSave).values({ id: saveId, revision, at });
    }
    return revision;
  });
}
