import type { FloorEvent, FloorPlan } from "@/core/floor";
import { foldEvents } from "@/core/floor";
import { sessionRecord } from "@/core/record";
import { dropSessionRecord, putSessionRecord, type SessionRows } from "./records";

/** Rows of what was done in a session that has ended. */
function rowsOf(plan: FloorPlan, events: readonly FloorEvent[], endedAt: number): SessionRows {
  const rows = { sessions: [], drills: [], sets: [] } as {
    -readonly [K in keyof SessionRows]: SessionRows[K][number][];
  };
  for (const a of sessionRecord(plan, foldEvents(plan, events))) {
    const of = { sessionId: plan.sessionId, athleteId: a.athlete, day: plan.day };
    const { presence, plannedSeconds, readySeconds, pains, notes } = a;
    const stopped = a.lifts.filter((l) => l.isStopped).map((l) => l.name);
    rows.sessions.push({
      ...{ ...of, name: plan.name, presence, plannedSeconds, readySeconds, pains, stopped, notes, endedAt },
    });
    a.drills.forEach(({ key: _, status, ...d }, place) => {
      rows.drills.push({ ...of, ...d, place, isDone: status === "done" });
    });
    a.sets.forEach(({ name: _, at: __, set: ___, ...s }, place) => {
      rows.sets.push({ ...of, ...s, place, unit: plan.unit });
    });
  }
  return rows;
}

/** Keeps what was done in a session that has ended; of one that goes on nothing is kept. */
export async function keepRecord(
  plan: FloorPlan,
  events: readonly FloorEvent[],
  endedAt: number | null,
): Promise<void> {
  if (endedAt === null) await dropSessionRecord(plan.sessionId);
  else await putSessionRecord(plan.sessionId, rowsOf(plan, events, endedAt));
}
