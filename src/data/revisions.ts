import { eq } from "drizzle-orm";
import { database } from "./database";
import { athlete, customContent, gym } from "./schema";

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
