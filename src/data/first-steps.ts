import { write } from "./database";
import { athlete, gym, gymEquipment, plate, trainingGroup, warmUp, workingWeight } from "./schema";

/** Everything a new hall starts with; stored together or not at all. */
export interface FirstRows {
  gym: typeof gym.$inferInsert;
  plates: (typeof plate.$inferInsert)[];
  equipment: (typeof gymEquipment.$inferInsert)[];
  group: typeof trainingGroup.$inferInsert;
  athlete: typeof athlete.$inferInsert;
  workingWeight: typeof workingWeight.$inferInsert;
  warmUp: typeof warmUp.$inferInsert;
}

export async function addFirstRows(rows: FirstRows): Promise<void> {
  await write((db) =>
    db.batch([
      db.insert(gym).values(rows.gym),
      db.insert(plate).values(rows.plates),
      db.insert(gymEquipment).values(rows.equipment),
      db.insert(trainingGroup).values(rows.group),
      db.insert(athlete).values(rows.athlete),
      db.insert(workingWeight).values(rows.workingWeight),
      db.insert(warmUp).values(rows.warmUp),
    ]),
  );
}
