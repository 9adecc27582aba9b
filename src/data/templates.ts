import { asc, eq } from "drizzle-orm";
import { database, write } from "./database";
import { template } from "./schema";

export async function listTemplates() {
  const db = await database();
  return db.select().from(template).orderBy(asc(template.name));
}

export async function readTemplate(id: string) {
  const db = await database();
  const [row] = await db.select().from(template).where(eq(template.id, id));
  return row ?? null;
}

/** Stores a template; one of the same name gives way. */
export async function putTemplate(row: typeof template.$inferInsert): Promise<void> {
  await write((db) =>
    db.batch([db.delete(template).where(eq(template.name, row.name)), db.insert(template).values(row)]),
  );
}

export async function deleteTemplate(id: string): Promise<void> {
  await write((db) => db.delete(template).where(eq(template.id, id)));
}
