import { type FloorEvent, foldEvents, sessionBehind } from "@/core/floor";
import { readSession } from "@/data/sessions";
import { type Audience, isFor, planFor } from "../floor/audience";
import { floorStream } from "../floor/floor-stream";
import { openFloor } from "../floor/open-floor";
import { eventsSince, postEvents } from "../floor/post-events";
import { openCatalog } from "../library/catalog";
import { sentEventsSchema } from "../schemas/floor-event";
import { problem, readBody } from "./problem";

const notStarted = () => problem(404, "There is no session under this id that has been started.");

const answer = (value: object) => Response.json(value, { headers: { "cache-control": "no-store" } });

/** A whole number of a query from 0; null: it is none. */
function wholeIn(url: string, name: string): number | null {
  const text = new URL(url).searchParams.get(name);
  return text !== null && /^\d{1,16}$/.test(text) ? Number(text) : null;
}

/** A session that was started: its plan, its events and where it stands, now or at a moment (`at`). */
export async function getFloor(sessionId: string, url: string, audience: Audience): Promise<Response> {
  const open = await openFloor(sessionId);
  if (!open) return notStarted();
  const { plan, events, seq, now } = open;
  const isAsked = new URL(url).searchParams.has("at");
  const at = wholeIn(url, "at");
  if (isAsked && at === null) {
    const errors = [{ path: "at", message: "Give the moment in milliseconds since 1970." }];
    return problem(400, "The request is not valid.", { errors });
  }
  const seen = events.filter((e) => isFor(e, audience) && e.at <= (at ?? Number.POSITIVE_INFINITY));
  const state = foldEvents(plan, seen);
  const behind = sessionBehind(plan, state, at ?? now);
  return answer({ plan: planFor(plan, audience), events: seen, seq, now, state: { ...state, behind } });
}

/** Whether a session has been started or can be: who waits for the start hears of it. */
async function isThere(sessionId: string): Promise<boolean> {
  return (await openFloor(sessionId)) !== null || (await readSession(sessionId)) !== null;
}

/** What has been stored since an event (`since`), for somebody's eyes. */
export async function getEvents(sessionId: string, url: string, audience: Audience): Promise<Response> {
  if (!(await isThere(sessionId))) return notStarted();
  const { events, ...more } = await eventsSince(sessionId, wholeIn(url, "since") ?? 0);
  return answer({ ...more, events: events.filter((e) => isFor(e, audience)) });
}

/** What an athlete may say on the phone, of themselves. */
const SAID_BY_ATHLETES: readonly FloorEvent["kind"][] = [
  ...(["step-begun", "step-done", "set-begun", "set-done", "checked", "pain", "lift-stopped"] as const),
  ...(["note", "asked", "undone"] as const),
];

/** Where an event is that an athlete may not say: of somebody else, the coach's, or taking back what the coach said; -1: none. */
async function foreignEvent(
  sessionId: string,
  sent: readonly FloorEvent[],
  athlete: string,
): Promise<number> {
  const known = sent.some((e) => e.kind === "undone") ? (await eventsSince(sessionId, 0)).events : [];
  const own = new Map(
    [...known, ...sent].map((e) => [e.id, e.athlete === athlete && SAID_BY_ATHLETES.includes(e.kind)]),
  );
  return sent.findIndex((e) => !own.get(e.id) || (e.kind === "undone" && !own.get(e.event)));
}

/** Stores events and answers with what has been stored since. An athlete speaks of nobody else. */
export async function sendEvents(sessionId: string, request: Request, audience: Audience): Promise<Response> {
  const read = await readBody(request, sentEventsSchema);
  if ("refusal" in read) return read.refusal;
  if (audience.kind === "athlete") {
    const foreign = await foreignEvent(sessionId, read.body.events, audience.id);
    if (foreign >= 0) {
      const errors = [
        { path: `events.${foreign}`, message: "Only what this athlete does can be said here." },
      ];
      return problem(403, "This is for the coach to say.", { errors });
    }
  }
  const stored = await postEvents(sessionId, read.body, await openCatalog());
  if (!stored) return notStarted();
  return answer({ ...stored, events: stored.events.filter((e) => isFor(e, audience)) });
}

/** Events as they are stored, from the one after `since` or `last-event-id`, for as long as who asks may hear them. */
export async function streamFloor(
  sessionId: string,
  request: Request,
  audience: Audience,
  mayStill: () => Promise<boolean>,
): Promise<Response> {
  if (!(await isThere(sessionId))) return notStarted();
  const last = request.headers.get("last-event-id");
  const since = last && /^\d{1,16}$/.test(last) ? Number(last) : (wholeIn(request.url, "since") ?? 0);
  return floorStream(sessionId, since, audience, request.signal, mayStill);
}
