import { and, eq, lt } from "drizzle-orm";
import { database, together, write } from "../database";
import { passkey, verification } from "../schema";

export type PasskeyRow = typeof passkey.$inferSelect;

/** Keeps what a passkey has to sign; what has ended goes. */
export async function putChallenge(
  id: string,
  challenge: string,
  now: number,
  endsAt: number,
): Promise<void> {
  const at = new Date(now);
  await write((db) =>
    together(db, [
      db.delete(verification).where(lt(verification.expiresAt, at)),
      db.insert(verification).values({
        ...{ id, identifier: "passkey", value: challenge, expiresAt: new Date(endsAt) },
        ...{ createdAt: at, updatedAt: at },
      }),
    ]),
  );
}

/** Takes what a passkey has to sign: it is signed once. Null: there is none, or it has ended. */
export async function takeChallenge(id: string, now: number): Promise<string | null> {
  return write(async (db) => {
    const [row] = await db.delete(verification).where(eq(verification.id, id)).returning();
    return row && row.expiresAt.getTime() > now ? row.value : null;
  });
}

export async function listPasskeys(userId?: string): Promise<PasskeyRow[]> {
  const db = await database();
  return db
    .select()
    .from(passkey)
    .where(userId === undefined ? undefined : eq(passkey.userId, userId));
}

export async function readPasskey(id: string): Promise<PasskeyRow | null> {
  const db = await database();
  const [row] = await db.select().from(passkey).where(eq(passkey.id, id));
  return row ?? null;
}

export async function putPasskey(row: PasskeyRow): Promise<void> {
  await write((db) =>
    db
      .insert(passkey)
      .values(row)
      .onConflictDoUpdate({ target: passkey.id, set: { counter: row.counter } }),
  );
}

export async function deletePasskey(id: string, userId: string): Promise<void> {
  await write((db) => db.delete(passkey).where(and(eq(passkey.id, id), eq(passkey.userId, userId))));
}
