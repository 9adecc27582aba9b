import { asc, eq } from "drizzle-orm";
import { database, write } from "../database";
import { calendarAddress } from "../schema";

export async function listCalendarAddresses() {
  const db = await database();
  return db.select().from(calendarAddress).orderBy(asc(calendarAddress.createdAt));
}

export async function readCalendarAddress(token: string) {
  const db = await database();
  const [row] = await db.select().from(calendarAddress).where(eq(calendarAddress.token, token));
  return row ?? null;
}

export async function addCalendarAddress(row: typeof calendarAddress.$inferInsert): Promise<void> {
  await write((db) => db.insert(calendarAddress).values(row));
}

export async function deleteCalendarAddress(token: string): Promise<void> {
  await write((db) => db.delete(calendarAddress).where(eq(calendarAddress.token, token)));
}
