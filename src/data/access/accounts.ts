import { and, asc, desc, eq, gt, isNull, lt } from "drizzle-orm";
import { database, together, write } from "../database";
import { account, credential, device, onceLink, signedIn } from "../schema";

export type AccountRow = typeof account.$inferSelect;

export async function listAccounts(): Promise<AccountRow[]> {
  const db = await database();
  return db.select().from(account).orderBy(asc(account.name));
}

export async function readAccount(id: string): Promise<AccountRow | null> {
  const db = await database();
  const [row] = await db.select().from(account).where(eq(account.id, id));
  return row ?? null;
}

/** Adds an account. False: there is one of this name. */
export async function addAccountRow(row: AccountRow): Promise<boolean> {
  const { rowsAffected } = await write((db) => db.insert(account).values(row).onConflictDoNothing());
  return rowsAffected === 1;
}

/**
 * Uses up a link that has not ended, and stores whose password is chosen by it; who was signed in by an older one is so no longer. Who
 * takes the link away first has used it, of several servers too. False: the link has been used or has ended.
 *
 * @param owner the first owner, where the link makes one; nobody may be there yet.
 */
export async function takePasswordLink(
  hash: string,
  now: number,
  { userId, password, owner }: { userId: string; password: string; owner: AccountRow | null },
): Promise<boolean> {
  return write(async (db) => {
    if (owner && (await db.$count(account, eq(account.role, "owner"))) > 0) return false;
    const isItsOwn = owner ? isNull(onceLink.userId) : eq(onceLink.userId, userId);
    const [taken] = await db
      .delete(onceLink)
      .where(and(eq(onceLink.hash, hash), gt(onceLink.expiresAt, now), isItsOwn))
      .returning();
    if (!taken) return false;
    const at = new Date(now);
    await together(db, [
      ...(owner ? [db.insert(account).values(owner)] : []),
      db.delete(credential).where(eq(credential.userId, userId)),
      db.insert(credential).values({
        ...{ id: crypto.randomUUID(), accountId: userId, providerId: "credential", userId, password },
        ...{ createdAt: at, updatedAt: at },
      }),
      db.delete(signedIn).where(eq(signedIn.userId, userId)),
    ]);
    return true;
  });
}

export async function readLink(hash: string, now: number) {
  const db = await database();
  const [row] = await db
    .select()
    .from(onceLink)
    .where(and(eq(onceLink.hash, hash), gt(onceLink.expiresAt, now)));
  return row ?? null;
}

/** Keeps a link; the older ones of the same account end, and what has ended goes. */
export async function putLink(row: typeof onceLink.$inferInsert, now: number): Promise<void> {
  await write((db) =>
    together(db, [
      db.delete(onceLink).where(lt(onceLink.expiresAt, now)),
      db.delete(onceLink).where(row.userId ? eq(onceLink.userId, row.userId) : isNull(onceLink.userId)),
      db.insert(onceLink).values(row),
    ]),
  );
}

/** The hash of an account's password; null: it has none. */
export async function readPasswordHash(userId: string): Promise<string | null> {
  const db = await database();
  const [row] = await db
    .select({ hash: credential.password })
    .from(credential)
    .where(eq(credential.userId, userId));
  return row?.hash ?? null;
}

/** Whether an account has a password or a passkey: whoever has neither has not come in yet. */
export async function accountsWithKeys(): Promise<ReadonlySet<string>> {
  const db = await database();
  const rows = await db.select({ id: credential.userId }).from(credential);
  return new Set(rows.map((r) => r.id));
}

/** Changes what an account is; its devices and sign-ins end, since they were let in as something else. */
export async function changeAccountRole(id: string, role: AccountRow["role"]): Promise<void> {
  await write((db) =>
    together(db, [
      db.update(account).set({ role, updatedAt: new Date() }).where(eq(account.id, id)),
      db.delete(device).where(eq(device.userId, id)),
      db.delete(signedIn).where(eq(signedIn.userId, id)),
    ]),
  );
}

export async function deleteAccount(id: string): Promise<void> {
  await write((db) => db.delete(account).where(eq(account.id, id)));
}

/** Where everybody is signed in, the newest first. */
export async function listSignedIn() {
  const db = await database();
  const { id, userId, createdAt, userAgent } = signedIn;
  return db
    .select({ id, userId, createdAt, userAgent })
    .from(signedIn)
    .where(gt(signedIn.expiresAt, new Date()))
    .orderBy(desc(createdAt));
}

/** Ends where somebody is signed in. @param userId only if it is this one's; null: anybody's. */
export async function deleteSignedIn(id: string, userId: string | null): Promise<void> {
  const isIt = eq(signedIn.id, id);
  await write((db) =>
    db.delete(signedIn).where(userId === null ? isIt : and(isIt, eq(signedIn.userId, userId))),
  );
}
