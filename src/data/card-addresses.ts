import { and, asc, eq, gte, inArray } from "drizzle-orm";
import { database, write } from "./database";
import { athlete, cardAddress, session } from "./schema";

export async function readCardAddress(token: string) {
  const db = await database();
  const [row] = await db.select().from(cardAddress).where(eq(cardAddress.token, token));
  return row ?? null;
}

export async function listCardAddresses(sessionId: string) {
  const db = await database();
  return db.select().from(cardAddress).where(eq(cardAddress.sessionId, sessionId));
}

/** The addresses of cards of sessions from a day on, in the order of the sessions. */
export async function listCardAddressesFrom(day: string) {
  const db = await database();
  return db
    .select({
      token: cardAddress.token,
      session: { id: session.id, name: session.name, day: session.day },
      athlete: { id: athlete.id, name: athlete.name },
    })
    .from(cardAddress)
    .innerJoin(session, eq(session.id, cardAddress.sessionId))
    .innerJoin(athlete, eq(athlete.id, cardAddress.athleteId))
    .where(gte(session.day, day))
    .orderBy(asc(session.day), asc(session.name), asc(athlete.name));
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
