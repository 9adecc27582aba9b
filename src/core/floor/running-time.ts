import type { FloorState } from "./fold-events";

/** Seconds that a session has run until a moment, pauses left out; 0 before it starts. `at` in milliseconds since 1970. */
export function runningSeconds({ startedAt, pauses, finished }: FloorState, at: number): number {
  if (startedAt === null) return 0;
  const until = Math.min(at, finished?.at ?? at);
  const paused = pauses.reduce((sum, { from, to }) => {
    const begins = Math.max(from, startedAt);
    const ends = Math.min(to ?? until, until);
    return sum + Math.max(0, ends - begins);
  }, 0);
  return Math.max(0, until - startedAt - paused) / 1000;
}

/** Whether a session is paused, started and not finished. */
export function isPaused({ pauses, finished }: FloorState): boolean {
  return !finished && pauses.at(-1)?.to === null;
}

/** A session that nobody has touched for so long is over. Milliseconds. */
export const FORGOTTEN_AFTER_MS = 3 * 3600 * 1000;

/** When a session that was forgotten ended: the last that happened in it; null: it is not started, finished or still fresh. */
export function forgottenSince(state: FloorState, now: number): number | null {
  if (state.startedAt === null || state.finished) return null;
  const last = state.events.at(-1)?.at ?? state.startedAt;
  return now - last >= FORGOTTEN_AFTER_MS ? last : null;
}
