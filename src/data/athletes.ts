import { asc, desc, eq } from "drizzle-orm";
import { database } from "./database";
import { athlete, athleteArea, athleteLimiter, trainingGroup, workingWeight } from "./schema";

/** Everything stored about one athlete, or null. */
export async function readAthlete(id: string) {
  const db = await database();
  const [row] = await db
    .select()
    .from(athlete)
    .innerJoin(trainingGroup, eq(athlete.groupId, trainingGroup.id))
    .where(eq(athlete.id, id));
  if (!row) return null;
  const [limiters, areas, weights] = await Promise.all([
    db
      .select()
      .from(athleteLimiter)
      .where(eq(athleteLimiter.athleteId, id))
      .orderBy(asc(athleteLimiter.place)),
    db.select().from(athleteArea).where(eq(athleteArea.athleteId, id)).orderBy(asc(athleteArea.area)),
    db.select().from(workingWeight).where(eq(workingWeight.athleteId, id)).orderBy(desc(workingWeight.day)),
  ]);
  return { ...row.athlete, group: row.training_group.name, limiters, areas, weights };
}

/** The name of a group and who is in it, or null. */
export async function readGroup(id: string) {
  const db = await database();
  const [row] = await db.select().from(trainingGroup).where(eq(trainingGroup.id, id));
  if (!row) return null;
  const members = await db
    .select({ id: athlete.id })
    .from(athlete)
    .where(eq(athlete.groupId, id))
    .orderBy(asc(athlete.name));
  return { ...row, members: members.map((m) => m.id) };
}

/** Names of all athletes by group, in the groups' order. */
export async function listAthletes() {
  const db = await database();
  return db
    .select({ id: athlete.id, name: athlete.name, group: trainingGroup.name, groupId: trainingGroup.id })
    .from(athlete)
    .innerJoin(trainingGroup, eq(athlete.groupId, trainingGroup.id))
    .orderBy(asc(trainingGroup.place), asc(athlete.name));
}
