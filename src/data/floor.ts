import { and, asc, eq, gt, inArray, isNull, max } from "drizzle-orm";
import { database, together, write } from "./database";
import { floorEvent, floorRun, session, wallAddress } from "./schema";

export type FloorRunRow = typeof floorRun.$inferSelect;
export type FloorEventRow = typeof floorEvent.$inferSelect;
export type WallAddressRow = typeof wallAddress.$inferSelect;

export async function readFloorRun(sessionId: string): Promise<FloorRunRow | null> {
  const db = await database();
  const [row] = await db.select().from(floorRun).where(eq(floorRun.sessionId, sessionId));
  return row ?? null;
}

/** When sessions were started and when they ended; those that never were are left out. */
export async function listFloorRuns(sessionIds: readonly string[]) {
  if (sessionIds.length === 0) return [];
  const db = await database();
  const { sessionId, startedAt, endedAt } = floorRun;
  return db
    .select({ sessionId, startedAt, endedAt })
    .from(floorRun)
    .where(inArray(floorRun.sessionId, [...sessionIds]));
}

/** Sessions that have been started and have not ended. */
export async function listOpenRuns(): Promise<string[]> {
  const db = await database();
  const rows = await db.select({ id: floorRun.sessionId }).from(floorRun).where(isNull(floorRun.endedAt));
  return rows.map((r) => r.id);
}

type NewEvent = Omit<FloorEventRow, "seq">;

/** Keeps the plan of a session that is started; one that has been started keeps its own. */
export async function addFloorRun(run: FloorRunRow): Promise<void> {
  await write((db) => db.insert(floorRun).values(run).onConflictDoNothing());
}

/** Stores events, each once, all or none; the row says when the session ended, if it has. */
export async function addFloorEvents(
  sessionId: string,
  events: readonly NewEvent[],
  endedAt?: number | null,
): Promise<void> {
  await write((db) =>
    together(db, [
      ...events.map((e) => db.insert(floorEvent).values(e).onConflictDoNothing()),
      ...(endedAt === undefined
        ? []
        : [db.update(floorRun).set({ endedAt }).where(eq(floorRun.sessionId, sessionId))]),
    ]),
  );
}

/** Events of a session that were stored after one, in the order in which they were. */
export async function listFloorEvents(sessionId: string, after: number): Promise<FloorEventRow[]> {
  const db = await database();
  return db
    .select()
    .from(floorEvent)
    .where(and(eq(floorEvent.sessionId, sessionId), gt(floorEvent.seq, after)))
    .orderBy(asc(floorEvent.seq));
}

/** Events of all sessions that were stored after one. */
export async function listEventsAfter(after: number): Promise<FloorEventRow[]> {
  const db = await database();
  return db
    .select()
    .from(floorEvent)
    .where(gt(floorEvent.seq, after))
    .orderBy(asc(floorEvent.seq))
    .limit(1000);
}

/** The number of the event that was stored last; 0: there is none. */
export async function lastFloorEvent(): Promise<number> {
  const db = await database();
  const [row] = await db.select({ seq: max(floorEvent.seq) }).from(floorEvent);
  return row?.seq ?? 0;
}

export async function readWallAddress(token: string): Promise<WallAddressRow | null> {
  const db = await database();
  const [row] = await db.select().from(wallAddress).where(eq(wallAddress.token, token));
  return row ?? null;
}

export async function readWallOf(sessionId: string): Promise<WallAddressRow | null> {
  const db = await database();
  const [row] = await db.select().from(wallAddress).where(eq(wallAddress.sessionId, sessionId));
  return row ?? null;
}

export async function saveWallAddress(row: WallAddressRow): Promise<void> {
  const { token: _, sessionId: __, ...look } = row;
  await write((db) =>
    db.insert(wallAddress).values(row).onConflictDoUpdate({ target: wallAddress.sessionId, set: look }),
  );
}

export async function deleteWallAddress(sessionId: string): Promise<void> {
  await write((db) => db.delete(wallAddress).where(eq(wallAddress.sessionId, sessionId)));
}

/** All addresses of walls, with the session each shows; the session may be gone. */
export async function listWallAddresses() {
  const db = await database();
  return db
    .select({ sessionId: wallAddress.sessionId, session: session.name, day: session.day })
    .from(wallAddress)
    .leftJoin(session, eq(session.id, wallAddress.sessionId))
    .orderBy(asc(session.day));
}
