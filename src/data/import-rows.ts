import { and, eq, inArray, sql } from "drizzle-orm";
import { together, write } from "./database";
import { athlete, athleteArea, athleteLimiter, trainingGroup, workingWeight } from "./schema";

/** What an import stores: new groups and athletes, fields of old ones, working weights of both. */
export interface ImportRows {
  groups: (typeof trainingGroup.$inferInsert)[];
  added: (typeof athlete.$inferInsert)[];
  changed: { id: string; to: Partial<typeof athlete.$inferInsert> }[];
  weights: (typeof workingWeight.$inferInsert)[];
  /** Whose limiters and areas are to be these. */
  limiters: { athleteId: string; demands: readonly string[] }[];
  areas: { athleteId: string; areas: readonly Omit<typeof athleteArea.$inferInsert, "athleteId">[] }[];
}

/** Stores an import, all or nothing. Returns what it takes to undo it. */
export async function applyImport(rows: ImportRows) {
  return write(async (db) => {
    const changedIds = rows.changed.map((c) => c.id);
    const before = {
      athletes: changedIds.length
        ? await db.select().from(athlete).where(inArray(athlete.id, changedIds))
        : [],
      weights: changedIds.length
        ? await db.select().from(workingWeight).where(inArray(workingWeight.athleteId, changedIds))
        : [],
      limiters: changedIds.length
        ? await db.select().from(athleteLimiter).where(inArray(athleteLimiter.athleteId, changedIds))
        : [],
      areas: changedIds.length
        ? await db.select().from(athleteArea).where(inArray(athleteArea.athleteId, changedIds))
        : [],
    };
    const limiters = rows.limiters.flatMap(({ athleteId, demands }) =>
      demands.map((demand, place) => ({ athleteId, demand, place })),
    );
    const areas = rows.areas.flatMap(({ athleteId, areas: own }) => own.map((a) => ({ ...a, athleteId })));
    await together(db, [
      ...(rows.groups.length > 0 ? [db.insert(trainingGroup).values(rows.groups)] : []),
      ...(rows.added.length > 0 ? [db.insert(athlete).values(rows.added)] : []),
      ...rows.changed.map(({ id, to }) =>
        db
          .update(athlete)
          .set({ ...to, revision: sql`${athlete.revision} + 1` })
          .where(eq(athlete.id, id)),
      ),
      ...rows.weights.map((w) =>
        db
          .insert(workingWeight)
          .values(w)
          .onConflictDoUpdate({
            target: [workingWeight.athleteId, workingWeight.lift, workingWeight.day, workingWeight.kind],
            set: { weight: w.weight, reps: w.reps, sets: w.sets, rir: w.rir, source: w.source },
          }),
      ),
      ...rows.limiters.map((l) => db.delete(athleteLimiter).where(eq(athleteLimiter.athleteId, l.athleteId))),
      ...(limiters.length > 0 ? [db.insert(athleteLimiter).values(limiters)] : []),
      ...rows.areas.map((a) => db.delete(athleteArea).where(eq(athleteArea.athleteId, a.athleteId))),
      ...(areas.length > 0 ? [db.insert(athleteArea).values(areas)] : []),
    ]);
    return { ...before, added: rows.added.map((a) => a.id), groups: rows.groups.map((g) => g.id) };
  });
}

/** What it takes to take an import back; those of before there were any have no limiters and areas. */
export type ImportBefore = Omit<Awaited<ReturnType<typeof applyImport>>, "limiters" | "areas"> &
  Partial<Pick<Awaited<ReturnType<typeof applyImport>>, "limiters" | "areas">>;

/** Takes an import back, except from athletes that have been changed since. */
export async function undoImport({ limiters, areas, ...before }: ImportBefore): Promise<void> {
  await write(async (db) => {
    const ids = before.athletes.map((a) => a.id);
    const now = ids.length ? await db.select().from(athlete).where(inArray(athlete.id, ids)) : [];
    const unchanged = before.athletes.filter((old) =>
      now.some((a) => a.id === old.id && a.revision === old.revision + 1),
    );
    await together(db, [
      ...(before.added.length > 0
        ? [db.delete(athlete).where(and(inArray(athlete.id, before.added), eq(athlete.revision, 0)))]
        : []),
      ...unchanged.flatMap((old) => {
        const weights = before.weights.filter((w) => w.athleteId === old.id);
        const ownLimiters = limiters?.filter((l) => l.athleteId === old.id);
        const ownAreas = areas?.filter((a) => a.athleteId === old.id);
        return [
          ...(ownLimiters ? [db.delete(athleteLimiter).where(eq(athleteLimiter.athleteId, old.id))] : []),
          ...(ownLimiters?.length ? [db.insert(athleteLimiter).values(ownLimiters)] : []),
          ...(ownAreas ? [db.delete(athleteArea).where(eq(athleteArea.athleteId, old.id))] : []),
          ...(ownAreas?.length ? [db.insert(athleteArea).values(ownAreas)] : []),
          db
            .update(athlete)
            .set({ ...old, revision: old.revision + 2 })
            .where(eq(athlete.id, old.id)),
          db.delete(workingWeight).where(eq(workingWeight.athleteId, old.id)),
          ...(weights.length > 0 ? [db.insert(workingWeight).values(weights)] : []),
        ];
      }),
      ...before.groups.map((id) =>
        db
          .delete(trainingGroup)
          .where(
            and(
              eq(trainingGroup.id, id),
              sql`not exists (select 1 from ${athlete} where ${athlete.groupId} = ${id})`,
            ),
          ),
      ),
    ]);
  });
}
