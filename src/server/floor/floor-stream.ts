import { type Audience, isFor } from "./audience";
import { floorHub } from "./floor-hub";
import { eventOf } from "./open-floor";
import { eventsSince } from "./post-events";

/** A sign of life, so that nothing on the way ends a quiet stream. Milliseconds. */
const ALIVE_EVERY_MS = 15_000;

// Streams end when the server does; it tells them.
const holder = globalThis as { ironStepStreams?: Set<() => void> };

/** How often it is looked whether who listens may still hear it: a tablet may have been ended, an address revoked. Milliseconds. */
const LOOK_EVERY_MS = 5000;

/**
 * Events of a session as they are stored, as server-sent events: each with its number as id, so that a stream that breaks goes on
 * after the last one seen.
 *
 * @param since the number of the last event that is known.
 * @param mayStill whether who listens may go on; the stream ends when not.
 */
export function floorStream(
  sessionId: string,
  since: number,
  audience: Audience,
  signal: AbortSignal,
  mayStill: () => Promise<boolean>,
): Response {
  const text = new TextEncoder();
  let end = () => {};
  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      let seen = since;
      let isOver = false;
      const send = (line: string) => {
        if (!isOver) controller.enqueue(text.encode(line));
      };
      const tell = (seq: number, event: ReturnType<typeof eventOf> | null) => {
        if (seq <= seen) return;
        seen = seq;
        if (event && isFor(event, audience)) send(`id: ${seq}\ndata: ${JSON.stringify(event)}\n\n`);
      };
      const quit = floorHub().listen(sessionId, (rows) => {
        for (const row of rows) tell(row.seq, eventOf(row));
      });
      const alive = setInterval(() => send(`event: now\ndata: ${Date.now()}\n\n`), ALIVE_EVERY_MS);
      const look = setInterval(() => {
        void mayStill()
          .catch(() => true)
          .then((may) => may || end());
      }, LOOK_EVERY_MS);
      holder.ironStepStreams ??= new Set();
      end = () => {
        if (isOver) return;
        isOver = true;
        clearInterval(alive);
        clearInterval(look);
        quit();
        holder.ironStepStreams?.delete(end);
        try {
          controller.close();
        } catch {
          // Who listened has gone.
        }
      };
      holder.ironStepStreams.add(end);
      signal.addEventListener("abort", end);
      send(`retry: 1000\nevent: now\ndata: ${Date.now()}\n\n`);
      // What was stored before anybody listened; what comes meanwhile is told once all the same.
      const missed = await eventsSince(sessionId, since).catch(() => null);
      if (missed) {
        for (const event of missed.events)
          if (isFor(event, audience)) send(`data: ${JSON.stringify(event)}\n\n`);
        if (missed.seq > seen) {
          seen = missed.seq;
          send(`id: ${seen}\nevent: seen\ndata: ${seen}\n\n`);
        }
      }
    },
    cancel: () => end(),
  });
  return new Response(body, {
    headers: {
      "content-type": "text/event-stream; charset=utf-8",
      "cache-control": "no-cache, no-transform",
      "x-accel-buffering": "no",
    },
  });
}
