import { type FloorEvent, type FloorPlan, foldEvents, forgottenSince } from "@/core/floor";
import {
  addFloorEvents,
  type FloorEventRow,
  type FloorRunRow,
  listFloorEvents,
  listOpenRuns,
  readFloorRun,
} from "@/data/floor";
import { keepRecord } from "@/data/keep-record";
import { isFor, planFor } from "./audience";
import { newEvent, rowOf } from "./new-event";

/** A session that was started: its plan as it was, and what has happened since. */
export interface OpenFloor {
  plan: FloorPlan;
  events: readonly FloorEvent[];
  /** The number of the last event. */
  seq: number;
  /** The server's clock. Milliseconds since 1970. */
  now: number;
}

export const eventOf = ({ content }: Pick<FloorEventRow, "content">): FloorEvent => JSON.parse(content);

/** A session that was started; null: it never was. One that was forgotten is ended, as not finished. */
export async function openFloor(sessionId: string): Promise<OpenFloor | null> {
  const run = await readFloorRun(sessionId);
  return run && openRun(run);
}

async function openRun(run: FloorRunRow): Promise<OpenFloor> {
  const plan = JSON.parse(run.plan) as FloorPlan;
  const now = Date.now();
  let rows = await listFloorEvents(run.sessionId, 0);
  const forgotten = run.endedAt === null ? forgottenSince(foldEvents(plan, rows.map(eventOf)), now) : null;
  if (forgotten !== null) {
    const end = newEvent(null, forgotten, { kind: "finished", complete: false });
    await addFloorEvents(run.sessionId, [rowOf(run.sessionId, end)], forgotten);
    rows = await listFloorEvents(run.sessionId, 0);
    await keepRecord(plan, rows.map(eventOf), forgotten);
  }
  return { plan, events: rows.map(eventOf), seq: rows.at(-1)?.seq ?? 0, now };
}

/** Ends the sessions that were forgotten. */
export async function endForgotten(): Promise<void> {
  for (const id of await listOpenRuns()) await openFloor(id);
}

/** A session that was started, as one athlete may see it; null: it never was, or it was started without them. */
export async function floorOfAthlete(sessionId: string, athleteId: string): Promise<OpenFloor | null> {
  const floor = await openFloor(sessionId);
  if (!floor?.plan.athletes.some((a) => a.id === athleteId)) return null;
  const audience = { kind: "athlete", id: athleteId } as const;
  return {
    ...floor,
    plan: planFor(floor.plan, audience),
    events: floor.events.filter((e) => isFor(e, audience)),
  };
}
