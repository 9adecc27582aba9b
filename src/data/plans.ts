import { desc, inArray, lt, sql } from "drizzle-orm";
import { database, write } from "./database";
import { plan } from "./schema";

/** Plans that are kept. About 10 kB each. */
const MOST_KEPT = 2000;

/** The texts of those of these plans that are kept, by their keys. */
export async function readPlans(keys: readonly string[]): Promise<Map<string, string>> {
  const db = await database();
  const rows = await db
    .select()
    .from(plan)
    .where(inArray(plan.key, [...keys]));
  return new Map(rows.map((r) => [r.key, r.content]));
}

/** Keeps a plan that was worked out. */
export async function addPlan(key: string, content: string): Promise<void> {
  await write((db) => db.insert(plan).values({ key, content, madeAt: Date.now() }).onConflictDoNothing());
}

/** Forgets the oldest plans where there are more than are to be kept: what is asked for again is worked out again. */
export async function forgetOldPlans(): Promise<void> {
  const db = await database();
  const [oldest] = await db
    .select({ madeAt: plan.madeAt })
    .from(plan)
    .orderBy(desc(plan.madeAt))
    .limit(1)
    .offset(MOST_KEPT);
  if (oldest) await write((open) => open.delete(plan).where(lt(plan.madeAt, sql`${oldest.madeAt} + 1`)));
}
