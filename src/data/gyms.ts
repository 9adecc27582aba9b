import { and, desc, eq } from "drizzle-orm";
import { database, write } from "./database";
import { gym, gymEquipment, plate } from "./schema";

/** The gym with its plates and equipment; the first one where no id is given. Null if there is none. */
export async function readGym(id?: string) {
  const db = await database();
  const [row] = await (id ? db.select().from(gym).where(eq(gym.id, id)) : db.select().from(gym).limit(1));
  if (!row) return null;
  const [plates, equipment] = await Promise.all([
    db.select().from(plate).where(eq(plate.gymId, row.id)).orderBy(desc(plate.weight)),
    db.select().from(gymEquipment).where(eq(gymEquipment.gymId, row.id)),
  ]);
  return { ...row, plates, equipment };
}

/** What is stored of a gym when it changes. */
export interface GymRows {
  gym: Omit<typeof gym.$inferInsert, "id" | "unit" | "revision">;
  plates: (typeof plate.$inferInsert)[];
  equipment: (typeof gymEquipment.$inferInsert)[];
}

/** Stores a gym that was changed from `revision`. Returns the new revision, or null if the stored one is another. */
export async function updateGym(id: string, revision: number, rows: GymRows): Promise<number | null> {
  return write(async (db) => {
    const [there] = await db
      .select({ id: gym.id })
      .from(gym)
      .where(and(eq(gym.id, id), eq(gym.revision, revision)));
    if (!there) return null;
    await db.batch([
      db
        .update(gym)
        .set({ ...rows.gym, revision: revision + 1 })
        .where(eq(gym.id, id)),
      db.delete(plate).where(eq(plate.gymId, id)),
      db.delete(gymEquipment).where(eq(gymEquipment.gymId, id)),
      ...(rows.plates.length > 0 ? [db.insert(plate).values(rows.plates)] : []),
      ...(rows.equipment.length > 0 ? [db.insert(gymEquipment).values(rows.equipment)] : []),
    ]);
    return revision + 1;
  });
}
