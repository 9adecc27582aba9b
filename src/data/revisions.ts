import { eq } from "drizzle-orm";
import { type Database, database, type Transaction } from "./database";
import { athlete, customContent, gym, highWater } from "./schema";

const TABLES = { athlete, gym, library: customContent } as const;
/** What is saved as a whole from the revision that it was opened at. */
export type Revised = keyof typeof TABLES;

/** The revision of something as it is stored now; null: it is not there. */
export async function readRevision(kind: Revised, id: string): Promise<number | null> {
  const db = await database();
  const table = TABLES[kind];
  const [row] = await db.select({ revision: table.revision }).from(table).where(eq(table.id, id));
  return row?.revision ?? null;
}

/** The revision of something that comes anew, which nothing of its id has had: see `highWater`. */
export async function firstRevision(db: Database | Transaction): Promise<number> {
  const [row] = await db.select().from(highWater);
  return (row?.revision ?? 0) + 1;
}
