import { and, asc, desc, eq, gt, isNull, lt, notInArray, sql } from "drizzle-orm";
import { database, together, write } from "./database";
import {
  accessSetting,
  account,
  athlete,
  calendarAddress,
  credential,
  device,
  onceLink,
  pairingCode,
  passkey,
  signedIn,
  takenOut,
  vainTry,
  verification,
} from "./schema";

export type AccountRow = typeof account.$inferSelect;
export type DeviceRow = typeof device.$inferSelect;
export type PasskeyRow = typeof passkey.$inferSelect;

/** A value that all servers on this database agree on: what is there already, or else this one. */
export async function agreedSetting(key: string, value: string): Promise<string> {
  const there = async () => {
    const db = await database();
    const [row] = await db.select().from(accessSetting).where(eq(accessSetting.key, key));
    return row?.value;
  };
  const known = await there();
  if (known !== undefined) return known;
  await write((db) => db.insert(accessSetting).values({ key, value }).onConflictDoNothing());
  return (await there())!;
}

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

/** Keeps a code; what has ended goes. */
export async function putCode(row: typeof pairingCode.$inferInsert, now: number): Promise<void> {
  await write((db) =>
    together(db, [
      db.delete(pairingCode).where(lt(pairingCode.expiresAt, now)),
      db.insert(pairingCode).values(row),
    ]),
  );
}

/** Uses up a code that has not ended, and lets a device in by it; who takes the code away first has it. Null: there is no such code. */
export async function takeCode(
  hash: string,
  now: number,
  made: Pick<DeviceRow, "id" | "name" | "hash">,
): Promise<DeviceRow | null> {
  return write(async (db) => {
    const [code] = await db
      .delete(pairingCode)
      .where(and(eq(pairingCode.hash, hash), gt(pairingCode.expiresAt, now)))
      .returning();
    if (!code) return null;
    const { role, userId, athleteId } = code;
    const row = { ...made, role, userId, athleteId, pairedAt: now, seenAt: now };
    await db.insert(device).values(row);
    return row;
  });
}

/** A device by the hash of what its browser keeps; null: it has been ended. */
export async function readDevice(hash: string): Promise<DeviceRow | null> {
  const db = await database();
  const [row] = await db.select().from(device).where(eq(device.hash, hash));
  return row ?? null;
}

/** All devices with whose they are, the last seen first. */
export async function listDevices() {
  const db = await database();
  return db
    .select({ device, account: account.name, athlete: athlete.name })
    .from(device)
    .leftJoin(account, eq(account.id, device.userId))
    .leftJoin(athlete, eq(athlete.id, device.athleteId))
    .orderBy(desc(device.seenAt));
}

export async function updateDevice(
  id: string,
  set: Partial<Pick<DeviceRow, "name" | "seenAt">>,
): Promise<boolean> {
  const { rowsAffected } = await write((db) => db.update(device).set(set).where(eq(device.id, id)));
  return rowsAffected === 1;
}

export async function deleteDevice(id: string): Promise<void> {
  await write((db) => db.delete(device).where(eq(device.id, id)));
}

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

/** Lines of the log of what was taken out that are kept. */
const MOST_TAKEN_OUT = 1000;

/** Writes down who took what out. */
export async function addTakenOut(row: typeof takenOut.$inferInsert): Promise<void> {
  await write(async (db) => {
    await db.insert(takenOut).values(row);
    const kept = db
      .select({ id: takenOut.id })
      .from(takenOut)
      .orderBy(desc(takenOut.at))
      .limit(MOST_TAKEN_OUT);
    await db.delete(takenOut).where(notInArray(takenOut.id, kept));
  });
}

export async function listTakenOut(limit: number) {
  const db = await database();
  return db.select().from(takenOut).orderBy(desc(takenOut.at)).limit(limit);
}

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
