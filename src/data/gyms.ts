import { and, asc, desc, eq } from "drizzle-orm";
import { database, write } from "./database";
import { saveOnce } from "./done-saves";
import { gym, gymEquipment, plate, session } from "./schema";

/** The gym with its plates and equipment; the first one where no id is given. Null if there is none. */
export async function readGym(id?: string) {
  const db = await database();
  const chosen = db.select().from(gym);
  const [row] = await (id ? chosen.where(eq(gym.id, id)) : chosen.orderBy(asc(gym.place)).limit(1));
  if (!row) return null;
  const [plates, equipment] = await Promise.all([
    db.select().from(plate).where(eq(plate.gymId, row.id)).orderBy(desc(plate.weight)),
    db.select().from(gymEquipment).where(eq(gymEquipment.gymId, row.id)),
  ]);
  return { ...row, plates, equipment };
}

/** Gyms and rooms in their order. */
export async function listGyms() {
  const db = await database();
  return db
    .select({ id: gym.id, name: gym.name, unit: gym.unit, timeZone: gym.timeZone, settings: gym.settings })
    .from(gym)
    .orderBy(asc(gym.place), asc(gym.name));
}

/** What is stored of a gym when it changes. */
export interface GymRows {
  gym: Omit<typeof gym.$inferInsert, "id" | "unit" | "revision">;
  plates: (typeof plate.$inferInsert)[];
  equipment: (typeof gymEquipment.$inferInsert)[];
}

/** Stores a gym that was changed from `revision`. Returns the new revision, or null if the stored one is another. */
export async function updateGym(
  id: string,
  revision: number,
  rows: GymRows,
  saveId?: string,
): Promise<number | null> {
  return saveOnce(saveId, async (db) => {
    const changed = await db
      .update(gym)
      .set({ ...rows.gym, revision: revision + 1 })
      .where(and(eq(gym.id, id), eq(gym.revision, revision)))
      .returning({ id: gym.id });
    if (changed.length === 0) return null;
    await db.delete(plate).where(eq(plate.gymId, id));
    await db.delete(gymEquipment).where(eq(gymEquipment.gymId, id));
    if (rows.plates.length > 0) await db.insert(plate).values(rows.plates);
    if (rows.equipment.length > 0) await db.insert(gymEquipment).values(rows.equipment);
    return revision + 1;
  });
}

/** Adds a gym with everything in it, all or nothing. */
export async function addGym(rows: Omit<GymRows, "gym"> & { gym: typeof gym.$inferInsert }): Promise<void> {
  await write((db) =>
    db.batch([
      db.insert(gym).values(rows.gym),
      ...(rows.plates.length > 0 ? [db.insert(plate).values(rows.plates)] : []),
      ...(rows.equipment.length > 0 ? [db.insert(gymEquipment).values(rows.equipment)] : []),
    ]),
  );
}

/** Whether any session, past or to come, is in a gym. */
export async function isGymInUse(id: string): Promise<boolean> {
  const db = await database();
  const rows = await db.select({ id: session.id }).from(session).where(eq(session.gymId, id)).limit(1);
  return rows.length > 0;
}

export async function deleteGym(id: string): Promise<void> {
  await write((db) => db.delete(gym).where(eq(gym.id, id)));
}
