import { v7 } from "uuid";
import { type FloorEvent, foldEvents, type Happening } from "@/core/floor";
import { weight } from "@/core/units";
import { addFloorEvents } from "@/data/floor";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { openSession, removeSessionAction, restoreAction, saveSessionAction } from "../__tests__/now";
import { getEvents, getFloor, sendEvents, streamFloor } from "../api/floor";
import { openCatalog } from "../library/catalog";
import { floorResponseSchema } from "../schemas/responses";
import type { Audience } from "./audience";
import { floorStatus } from "./floor-status";
import { newEvent, rowOf } from "./new-event";
import { floorOfAthlete, openFloor } from "./open-floor";
import { openWall } from "./open-wall";
import { beforeStart } from "./start-floor";
import { shareWall, stopSharingWall, wallOf } from "./wall-address";

withTemporaryDatabase();
const sessionId = "today-masters";
const COACH: Audience = { kind: "coach" };
const MEI: Audience = { kind: "athlete", id: "mei" };

beforeAll(async () => {
  await seedDemo(new Date());
  await send([event(null, { kind: "started", due: null })]);
});

/** Something that happens now. */
const event = (athlete: string | null, what: Happening, at = Date.now()): FloorEvent => ({
  id: v7(),
  athlete,
  device: "test",
  at,
  ...what,
});
const send = async (events: unknown, audience: Audience = COACH, since = 0, id = sessionId) => {
  const response = await sendEvents(
    id,
    new Request("http://localhost/x", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ events, since }),
    }),
    audience,
  );
  return { status: response.status, body: await response.json() };
};
const floor = async () => (await openFloor(sessionId))!;
const state = async () => {
  const { plan, events } = await floor();
  return foldEvents(plan, events);
};

test("a session starts once, with everybody's plan as it is then", async () => {
  const { plan, events } = await floor();
  expect(plan.athletes).toHaveLength(12);
  for (const a of plan.athletes) {
    expect(a.steps.length).toBeGreaterThan(0);
    expect(a.readySeconds).toBeGreaterThanOrEqual(a.seconds);
  }
  const again = event(null, { kind: "started", due: 5 });
  expect((await send([again])).status).toBe(200);
  expect((await floor()).plan).toEqual(plan);
  expect((await state()).startedAt).toBe(events[0]!.at);
  expect(await floorStatus(sessionId)).toBe("running");
});

test("what the desk changes later does not change what runs", async () => {
  const before = (await floor()).plan;
  const opened = await openSession(sessionId);
  if (!opened.ok) throw new Error("not opened");
  const { session, revision } = opened.value;
  await saveSessionAction({ revision, session: { ...session, minutes: 7 } });
  expect((await floor()).plan).toEqual(before);
});

test("what cannot be started says why; what has not been started is not there", async () => {
  expect((await send([event(null, { kind: "started", due: null })], COACH, 0, "none")).status).toBe(404);
  expect(await openFloor("tomorrow-pilots")).toBeNull();
  expect((await send([], COACH, 0, "tomorrow-pilots")).status).toBe(404);
  const before = await beforeStart("tomorrow-pilots", await openCatalog());
  expect(before!.plan.athletes).toHaveLength(9);
  expect(before!.time).toBeNull();
  expect((await beforeStart(sessionId, await openCatalog()))!.time).toBeGreaterThan(0);
  expect(await beforeStart("none", await openCatalog())).toBeNull();
});

test("an event sent twice, in one batch or another, is stored once; the answer is what was stored since", async () => {
  const note = event("mei", { kind: "note", text: "Left knee warm" });
  const first = await send([note, note]);
  const again = await send([note], COACH, first.body.seq);
  expect(first.body.events.filter((e: FloorEvent) => e.id === note.id)).toHaveLength(1);
  expect(again.body.events).toEqual([]);
  expect((await state()).people.mei!.notes).toHaveLength(1);
});

test.each<[string, unknown, string]>([
  ["a pain of 11", { kind: "pain", area: "knee", level: 11, quality: "dull", signs: [], lift: 0 }, "level"],
  [
    "an area there is none of",
    { kind: "pain", area: "soul", level: 1, quality: "dull", signs: [], lift: 0 },
    "area",
  ],
  [
    "a weight below zero",
    { kind: "set-done", lift: 0, set: 0, isWork: false, weight: -5, reps: 5, felt: null },
    "weight",
  ],
  [
    "101 repetitions",
    { kind: "set-done", lift: 0, set: 0, isWork: false, weight: 5, reps: 101, felt: null },
    "reps",
  ],
  ["an empty note", { kind: "note", text: " " }, "text"],
  ["a kind there is none of", { kind: "teleported" }, "kind"],
])("%s is refused by its field, and nothing of the batch is stored", async (_, what, field) => {
  const before = (await floor()).events.length;
  const good = event("mei", { kind: "note", text: "Fine" });
  const { status, body } = await send([good, { ...event("mei", { kind: "paused" }), ...(what as object) }]);
  expect(status).toBe(400);
  expect(body.errors[0].path).toContain(field);
  expect((await floor()).events).toHaveLength(before);
});

test("an id that is none, and 501 events, are refused", async () => {
  expect((await send([{ ...event("mei", { kind: "arrived" }), id: "x" }])).body.errors[0].path).toBe(
    "events.0.id",
  );
  const many = Array.from({ length: 501 }, () => event("mei", { kind: "note", text: "x" }));
  expect((await send(many)).status).toBe(400);
});

test("a clock far ahead is put right", async () => {
  const ahead = event("mei", { kind: "arrived" }, Date.now() + 3600_000);
  await send([ahead]);
  const stored = (await floor()).events.find((e) => e.id === ahead.id)!;
  expect(stored.at).toBeLessThanOrEqual(Date.now() + 5000);
});

test("a phone sees and says what is its athlete's, and takes back nothing of the coach's", async () => {
  const pain = event("rashid", {
    kind: "pain",
    area: "knee",
    level: 2,
    quality: "dull",
    signs: [],
    lift: null,
  });
  const all = event(null, { kind: "note", text: "For all, from the coach" });
  const tick = event("mei", { kind: "step-done", step: "x" });
  await send([pain, all, tick]);
  const { plan, events } = (await floorOfAthlete(sessionId, "mei"))!;
  expect(plan.athletes.map((a) => a.id)).toEqual(["mei"]);
  expect(plan.racks.flatMap((r) => r.athletes)).not.toContain("rashid");
  expect(events.some((e) => e.athlete === "rashid" || e.id === all.id)).toBe(false);
  expect((await send([event("rashid", { kind: "note", text: "x" })], MEI)).status).toBe(403);
  expect((await send([event("mei", { kind: "finished", complete: true })], MEI)).status).toBe(403);
  const pause = event(null, { kind: "paused" });
  await send([pause]);
  expect((await send([event("mei", { kind: "undone", event: pause.id })], MEI)).status).toBe(403);
  expect((await send([event("mei", { kind: "undone", event: tick.id })], MEI)).status).toBe(200);
  await send([event(null, { kind: "resumed" })]);
  expect(await floorOfAthlete(sessionId, "nobody")).toBeNull();
});

test("the wall has first names or initials, and nothing of pain, notes and checks", async () => {
  expect(await openWall("x".repeat(200))).toBeNull();
  const { path } = await shareWall({ sessionId, hasWeights: true, hasNames: true });
  const token = path.replace("/wall/", "");
  const wall = await openWall(token);
  if (wall?.kind !== "running") throw new Error("it runs");
  const names = wall.floor.plan.athletes.map((a) => a.name);
  expect(names).toContain("Rashid A.");
  const kinds = new Set(wall.floor.events.map((e) => e.kind));
  for (const kind of ["pain", "note", "checked"] as const) expect(kinds.has(kind)).toBe(false);
  expect(wall.floor.plan.athletes.every((a) => a.lifts.every((l) => l.request === null))).toBe(true);
  await shareWall({ sessionId, hasWeights: false, hasNames: false });
  const quiet = await openWall(token);
  if (quiet?.kind !== "running") throw new Error("it runs");
  expect(quiet.floor.plan.athletes.map((a) => a.name)).toContain("RA");
  expect(await wallOf(sessionId)).toEqual({ path, hasWeights: false, hasNames: false });
  await stopSharingWall(sessionId);
  expect(await openWall(token)).toBeNull();
  const early = await shareWall({ sessionId: "tomorrow-pilots", hasWeights: true, hasNames: true });
  expect(await openWall(early.path.replace("/wall/", ""))).toMatchObject({ kind: "waiting", time: "06:45" });
});

test("where a session stood at a moment can be asked for", async () => {
  const at = (await floor()).events[0]!.at;
  const asked = await (await getFloor(sessionId, `http://localhost/x?at=${at}`, COACH)).json();
  expect(asked.state.events.map((e: FloorEvent) => e.kind)).toEqual(["started"]);
  floorResponseSchema.parse(asked);
  const wrong = await getFloor(sessionId, "http://localhost/x?at=yesterday", COACH);
  expect([wrong.status, (await wrong.json()).errors[0].path]).toEqual([400, "at"]);
  expect((await getFloor("none", "http://localhost/x", COACH)).status).toBe(404);
  const since = await (await getEvents(sessionId, "http://localhost/x?since=1", COACH)).json();
  const [first] = (await floor()).events;
  expect(since.events.some((e: FloorEvent) => e.id === first!.id)).toBe(false);
});

/** Reads a stream until it has said so many events. */
async function heard(response: Response, count: number): Promise<FloorEvent[]> {
  const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
  let text = "";
  const eventsIn = () => [...text.matchAll(/^data: (\{.*\})$/gm)].map((m) => JSON.parse(m[1]!) as FloorEvent);
  while (eventsIn().length < count) {
    const { value, done } = await reader.read();
    if (done) break;
    text += value;
  }
  await reader.cancel();
  return eventsIn();
}

/** Who listens may go on. */
const still = async () => true;

test("a stream ends for who may hear it no longer, and not for others", async () => {
  const { seq } = await floor();
  let may = true;
  const request = () => new Request(`http://localhost/x?since=${seq}`);
  const ended = await streamFloor(sessionId, request(), COACH, async () => may);
  const other = await streamFloor(sessionId, request(), COACH, still);
  may = false;
  // It is over without an event; the other one goes on until there is one.
  expect(await heard(ended, 1)).toEqual([]);
  const note = event("mei", { kind: "note", text: "Still heard" });
  const listening = heard(other, 1);
  await send([note]);
  expect((await listening).map((e) => e.id)).toEqual([note.id]);
});

test("what an assistant hears has no notes and no pain, and says that a lift was stopped", async () => {
  const { seq } = await floor();
  const stream = await streamFloor(
    sessionId,
    new Request(`http://localhost/x?since=${seq}`),
    { kind: "assistant" },
    still,
  );
  const stopped = event("mei", { kind: "lift-stopped", lift: 0 });
  const listening = heard(stream, 1);
  const pain = { kind: "pain", area: "knee", level: 5, quality: "dull", signs: [], lift: 0 } as const;
  await send([event("mei", { kind: "note", text: "Not for assistants" }), event("mei", pain), stopped]);
  expect((await listening).map((e) => e.id)).toEqual([stopped.id]);
  await send([event(null, { kind: "undone", event: stopped.id })]);
});

test("a stream tells what is stored, by this process or another, each once, from the event after the last one seen", async () => {
  const { seq } = await floor();
  const asks = (headers: Record<string, string> = {}) =>
    streamFloor(sessionId, new Request(`http://localhost/x?since=${seq}`, { headers }), COACH, still);
  const first = event("mei", { kind: "note", text: "One" });
  const other = event("mei", { kind: "note", text: "Two, from another process" });
  const listening = heard(await asks(), 2);
  await send([first]);
  await addFloorEvents(sessionId, [rowOf(sessionId, other)]);
  expect((await listening).map((e) => e.id)).toEqual([first.id, other.id]);
  const later = await heard(await asks({ "last-event-id": String(seq + 1) }), 1);
  expect(later.map((e) => e.id)).toEqual([other.id]);
  expect((await streamFloor("none", new Request("http://localhost/x"), COACH, still)).status).toBe(404);
});

test("what an athlete's stream tells is for that athlete", async () => {
  const { seq } = await floor();
  const stream = await streamFloor(sessionId, new Request(`http://localhost/x?since=${seq}`), MEI, still);
  const own = event("mei", { kind: "left" });
  const listening = heard(stream, 1);
  await send([event("rashid", { kind: "note", text: "Not for Mei" }), own]);
  expect((await listening).map((e) => e.id)).toEqual([own.id]);
});

test("finished it is over, and going on takes that back", async () => {
  const end = event(null, { kind: "finished", complete: true });
  await send([end]);
  expect(await floorStatus(sessionId)).toBe("over");
  await send([event(null, { kind: "undone", event: end.id })]);
  expect(await floorStatus(sessionId)).toBe("running");
});

test("a session that is deleted and comes back has all that happened in it", async () => {
  const before = (await floor()).events;
  const removed = await removeSessionAction(sessionId);
  if (removed.kind !== "removed") throw new Error("not removed");
  await restoreAction(removed.token);
  expect((await floor()).events).toEqual(before);
});

test("a session that was forgotten ends by itself, as not finished, with what happened last", async () => {
  const long = Date.now() - 5 * 3600_000;
  await send([event(null, { kind: "started", due: null })], COACH, 0, "today-throwers");
  const { plan } = (await openFloor("today-throwers"))!;
  // As if all of it had been this morning.
  const { database } = await import("@/data/database");
  const { floorEvent } = await import("@/data/schema");
  const { eq } = await import("drizzle-orm");
  const db = await database();
  await db.delete(floorEvent).where(eq(floorEvent.sessionId, "today-throwers"));
  const done = newEvent(null, long + 600_000, {
    ...{ kind: "set-done", lift: 0, set: 0, isWork: false, weight: weight(40), reps: 5, felt: null },
  });
  const start = newEvent(null, long, { kind: "started", due: null });
  await addFloorEvents(
    "today-throwers",
    [start, done].map((e) => rowOf("today-throwers", e)),
  );
  expect(await floorStatus("today-throwers")).toBe("over");
  const { events } = (await openFloor("today-throwers"))!;
  expect(foldEvents(plan, events).finished).toMatchObject({ complete: false, at: long + 600_000 });
});
