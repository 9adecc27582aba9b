import { eq, lt, sql } from "drizzle-orm";
import { database, together, write } from "../database";
import { vainTry } from "../schema";

/** How often was tried in vain by each of some keys. */
export async function readTries(keys: readonly string[]) {
  const db = await database();
  const rows = await db.select().from(vainTry);
  return rows.filter((r) => keys.includes(r.key));
}

/** Counts a try in vain for each of some keys; what was long ago is forgotten. */
export async function countTry(keys: readonly string[], now: number, forgottenAfter: number): Promise<void> {
  await write((db) =>
    together(db, [
      db.delete(vainTry).where(lt(vainTry.lastAt, now - forgottenAfter)),
      ...keys.map((key) =>
        db
          .insert(vainTry)
          .values({ key, times: 1, lastAt: now })
          .onConflictDoUpdate({
            target: vainTry.key,
            set: { times: sql`${vainTry.times} + 1`, lastAt: now },
          }),
      ),
    ]),
  );
}

export async function forgetTries(keys: readonly string[]): Promise<void> {
  await write((db) =>
    together(
      db,
      keys.map((key) => db.delete(vainTry).where(eq(vainTry.key, key))),
    ),
  );
}
