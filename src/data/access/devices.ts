import { and, desc, eq, gt, lt } from "drizzle-orm";
import { database, together, write } from "../database";
import { account, athlete, device, pairingCode } from "../schema";

export type DeviceRow = typeof device.$inferSelect;

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
