import { and, eq, like, or, sql } from "drizzle-orm";
import { together, write } from "./database";
import { athlete, doneRequest, floorEvent, floorRun, plan, preference, undoable } from "./schema";

/** A plan of the floor as far as this has to know it: who is in it. */
interface PlanOfPeople {
  athletes: { id: string }[];
  racks: { athletes: string[] }[];
}

/** A stored plan of the floor without an athlete. */
function without(text: string, id: string): string {
  const stored = JSON.parse(text) as PlanOfPeople;
  return JSON.stringify({
    ...stored,
    athletes: stored.athletes.filter((a) => a.id !== id),
    racks: stored.racks.map((r) => ({ ...r, athletes: r.athletes.filter((a) => a !== id) })),
  });
}

/**
 * Erases an athlete with everything that is stored of them: what belongs to them, what they did on the floor, and what could bring any
 * of it back. Copies of the database that were made before still have it.
 *
 * @returns false: there is no such athlete.
 */
export async function eraseAthlete(id: string): Promise<boolean> {
  return write(async (db) => {
    const [known] = await db.select({ name: athlete.name }).from(athlete).where(eq(athlete.id, id));
    if (!known) return false;
    // An id may have what LIKE takes for a sign of its own.
    const quoted = `%${JSON.stringify(id).replace(/[\\%_]/g, "\\$&")}%`;
    const names = sql`${quoted} escape '\\'`;
    const runs = await db
      .select({ sessionId: floorRun.sessionId, plan: floorRun.plan })
      .from(floorRun)
      .where(sql`${floorRun.plan} like ${names}`);
    await together(db, [
      ...runs.map((r) =>
        db
          .update(floorRun)
          .set({ plan: without(r.plan, id) })
          .where(eq(floorRun.sessionId, r.sessionId)),
      ),
      db.delete(floorEvent).where(eq(floorEvent.athleteId, id)),
      db.delete(preference).where(and(eq(preference.scope, "athlete"), eq(preference.scopeId, id))),
      db
        .delete(undoable)
        .where(or(sql`${undoable.content} like ${names}`, like(undoable.name, `%${known.name}%`))),
      db.delete(doneRequest).where(sql`${doneRequest.answer} like ${names}`),
      // Plans can be made anew at any time, and have names in them.
      db.delete(plan),
      db.delete(athlete).where(eq(athlete.id, id)),
    ]);
    return true;
  });
}
