import { and, eq, inArray } from "drizzle-orm";
import { database, write } from "./database";
import { cardAddress } from "./schema";

export async function readCardAddress(token: string) {
  const db = await database();
  const [row] = await db.select().from(cardAddress).where(eq(cardAddress.token, token));
  return row ?? null;
}

export async function listCardAddresses(sessionId: string) {
  const db = await database();
  return db.select().from(cardAddress).where(eq(cardAddress.sessionId, sessionId));
}

export async function addCardAddresses(rows: readonly (typeof cardAddress.$inferInsert)[]): Promise<void> {
  if (rows.length === 0) return;
  await write((db) => db.insert(cardAddress).values([...rows]));
}

/** Revokes the addresses of some athletes' cards in a session. */
export async function deleteCardAddresses(sessionId: string, athleteIds: readonly string[]): Promise<void> {
  await write((db) =>
    db
      .delete(cardAddress)
      .where(and(eq(cardAddress.sessionId, sessionId), inArray(cardAddress.athleteId, [...athleteIds]))),
  );
}
