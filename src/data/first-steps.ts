import { write } from "./database";
import {
  athlete,
  gym,
  gymEquipment,
  plate,
  session,
  sessionAthlete,
  trainingGroup,
  workingWeight,
} from "./schema";

/** Everything a new gym starts with; stored together or not at all. */
export interface FirstRows {
  gym: typeof gym.$inferInsert;
  plates: (typeof plate.$inferInsert)[];
  equipment: (typeof gymEquipment.$inferInsert)[];
  group: typeof trainingGroup.$inferInsert;
  athletes: (typeof athlete.$inferInsert)[];
  workingWeights: (typeof workingWeight.$inferInsert)[];
  session: typeof session.$inferInsert;
}

export async function addFirstRows(rows: FirstRows): Promise<void> {
  await write((db) =>
    db.batch([
      db.insert(gym).values(rows.gym),
      db.insert(plate).values(rows.plates),
      db.insert(gymEquipment).values(rows.equipment),
      db.insert(trainingGroup).values(rows.group),
      db.insert(athlete).values(rows.athletes),
      ...(rows.workingWeights.length > 0 ? [db.insert(workingWeight).values(rows.workingWeights)] : []),
      db.insert(session).values(rows.session),
      db
        .insert(sessionAthlete)
        .values(rows.athletes.map((a, place) => ({ sessionId: rows.session.id, athleteId: a.id, place }))),
    ]),
  );
}
