import { desc, eq } from "drizzle-orm";
import { database } from "./database";
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
