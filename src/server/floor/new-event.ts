import { v7 } from "uuid";
import type { FloorEvent, Happening } from "@/core/floor";
import type { FloorEventRow } from "@/data/floor";

/** What the server says itself. */
const SERVER = "server";

/** Something that the server says happened. `at` in milliseconds since 1970. */
export function newEvent(athlete: string | null, at: number, what: Happening): FloorEvent {
  return { id: v7(), athlete, device: SERVER, at, ...what };
}

/** An event as a row that has no number yet. */
export function rowOf(sessionId: string, event: FloorEvent): Omit<FloorEventRow, "seq"> {
  const { id, athlete, at } = event;
  return { id, sessionId, athleteId: athlete, content: JSON.stringify(event), at };
}
