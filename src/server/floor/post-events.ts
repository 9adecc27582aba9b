import type { Catalog } from "@/core/catalog";
import { type FloorEvent, foldEvents } from "@/core/floor";
import { addFloorEvents, listFloorEvents, readFloorRun } from "@/data/floor";
import { keepRecord } from "@/data/keep-record";
import type { SentEvents } from "../schemas/floor-event";
import { floorHub } from "./floor-hub";
import { rowOf } from "./new-event";
import { eventOf } from "./open-floor";
import { startFloor } from "./start-floor";

/** What has been stored since, in order; the number of the last and the server's clock. */
export interface EventsSince {
  events: readonly FloorEvent[];
  seq: number;
  now: number;
}

/** Clocks may differ by this much; what is said to happen later happened now. Milliseconds. */
const MOST_AHEAD_MS = 5000;

/** Kinds after which it has to be looked whether the session has ended. */
const ENDS: readonly FloorEvent["kind"][] = ["finished", "undone"];

/**
 * Stores events that are sent, each once however often it is sent, and answers with what has been stored since. The first that says so
 * starts the session.
 *
 * @returns null: the session has not been started, or there is none.
 */
export async function postEvents(
  sessionId: string,
  { events, since }: SentEvents,
  catalog: Catalog,
): Promise<EventsSince | null> {
  const now = Date.now();
  const start = events.find((e) => e.kind === "started");
  // Started while the server was away, it is kept as it is planned now.
  if (start) await startFloor(sessionId, Math.min(start.at, now), catalog);
  const run = await readFloorRun(sessionId);
  if (!run) return null;
  if (events.length > 0) {
    const rows = events.map((e) => rowOf(sessionId, { ...e, at: Math.min(e.at, now + MOST_AHEAD_MS) }));
    const ended = events.some((e) => ENDS.includes(e.kind)) ? await endOf(run, events) : undefined;
    await addFloorEvents(sessionId, rows, ended);
    void floorHub().look();
    // Also what is said after the end is part of the record.
    const end = ended === undefined ? run.endedAt : ended;
    if (end !== null || run.endedAt !== null) {
      await keepRecord(JSON.parse(run.plan), (await listFloorEvents(sessionId, 0)).map(eventOf), end);
    }
  }
  return eventsSince(sessionId, since);
}

/** When the session ended, these events among the others; null: it has not. */
async function endOf(
  { sessionId, plan }: { sessionId: string; plan: string },
  events: readonly FloorEvent[],
): Promise<number | null> {
  const known = (await listFloorEvents(sessionId, 0)).map(eventOf);
  return foldEvents(JSON.parse(plan), [...known, ...events]).finished?.at ?? null;
}

/** Events of a session that were stored after one. */
export async function eventsSince(sessionId: string, since: number): Promise<EventsSince> {
  const rows = await listFloorEvents(sessionId, since);
  return { events: rows.map(eventOf), seq: rows.at(-1)?.seq ?? since, now: Date.now() };
}
