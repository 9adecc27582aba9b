import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { addDays } from "date-fns";
import { shippedCatalog as catalog } from "@/catalog";
import { weight } from "@/core/units";
import { write } from "@/data/database";
import { session } from "@/data/schema";
import { seedDemo } from "@/demo/seed";
import { isoDay } from "@/lib/iso-day";
import { withTemporaryDatabase } from "../__tests__/database";
import { listDay, openSession, saveAthleteAction, saveSessionAction } from "../__tests__/now";
import { openAthlete } from "../athletes/athletes";
import { planAhead } from "../plans/plan-ahead";
import { readyOf } from "../plans/plan-session";
import { today } from "./day";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

const lineOf = async (id: string) =>
  (await listDay(today(), 1)).sessions.flatMap((s) => s.lines).find((l) => l.athlete.id === id)!;

test("an old working weight is worth a look, after what is worse", async () => {
  const { draft, revision } = (await openAthlete("palwasha"))!;
  const old = isoDay(addDays(new Date(), -80));
  const [newest] = draft.weights;
  const weights = draft.weights.filter((w) => w.day === newest!.day).map((w) => ({ ...w, day: old }));
  expect((await lineOf("palwasha")).attention).toEqual([]);
  await saveAthleteAction({ revision, athlete: { ...draft, weights } });
  expect((await lineOf("palwasha")).attention).toMatchObject([
    { code: "old-working-weight", message: expect.stringMatching(/bench press is 1[12] weeks old/) },
  ]);
  const areas = [{ area: "shoulder" as const, level: "avoid" as const }];
  await saveAthleteAction({ revision: revision + 1, athlete: { ...draft, weights, areas } });
  expect((await lineOf("palwasha")).attention.map((f) => f.code)).toEqual([
    "lift-against-area",
    "old-working-weight",
  ]);
});

test("who is absent is named and not planned for, and the time to arrive follows the longest plan and the bars", async () => {
  const opened = await openSession("today-pilots");
  if (!opened.ok) throw new Error("not opened");
  const { session: before, revision } = opened.value;
  const participants = before.participants.map((p) => ({ ...p, absent: p.athleteId === "eirik" }));
  // One rack for all of them: somebody has to wait.
  const racks = { ...before.racks, count: 1 };
  await saveSessionAction({ revision, session: { ...before, participants, racks } });
  const shown = (await listDay(today(), 1)).sessions.find((s) => s.id === "today-pilots")!;
  expect(shown.absent).toEqual(["Eirik Fjelstad"]);
  expect(shown.lines.map((l) => l.athlete.id)).not.toContain("eirik");
  const again = await openSession("today-pilots");
  if (!again.ok) throw new Error("not opened");
  const ready = await readyOf(again.value, catalog);
  const longest = Math.max(ready.seconds, ...shown.lines.map((l) => l.stair.seconds));
  expect(ready.seconds).toBeGreaterThan(ready.aloneSeconds);
  const planned = Math.max(before.minutes, ...shown.lines.map((l) => l.minutes));
  expect(shown.overSeconds).toBe(Math.max(0, longest - planned * 60));
  const [hours, minutes] = shown.arriveBy!.split(":").map(Number);
  expect(7 * 60 - (hours! * 60 + minutes!)).toBe(Math.max(15, Math.ceil(longest / 60)));
});

test("the attention of a day changes with what it comes from, though plans are kept", async () => {
  const before = await lineOf("rashid");
  expect(await lineOf("rashid")).toEqual(before);
  const { draft, revision } = (await openAthlete("rashid"))!;
  const [squat] = draft.weights.filter((w) => w.lift === "back-squat");
  const weights = draft.weights.map((w) => (w === squat ? { ...w, weight: weight(150), day: today() } : w));
  await saveAthleteAction({ revision, athlete: { ...draft, weights } });
  const after = await lineOf("rashid");
  expect(after.first.weight).toBe(weight(150));
  expect(after.stair).not.toEqual(before.stair);
});

test("a session that cannot be read does not take the day with it", async () => {
  const [some] = (await listDay(today(), 1)).sessions;
  await write((db) =>
    db.insert(session).values({
      ...{ id: "broken", name: "Broken", day: today(), time: "05:00", gymId: "rope-works" },
      ...{ content: "{}", updatedAt: 0 },
    }),
  );
  const { sessions } = await listDay(today(), 1);
  expect(sessions[0]).toMatchObject({ id: "broken", lines: [], unreadable: expect.stringMatching(/lifts/) });
  expect(sessions[1]!.id).toBe(some!.id);
});

test("looking ahead does no harm, whatever is stored", async () => {
  await expect(planAhead()).resolves.toBeUndefined();
  await expect(planAhead(new Date(2040, 0, 1))).resolves.toBeUndefined();
});

test("a plan that cannot be worked out is said with its session, and stops no other", async () => {
  const folder = mkdtempSync(path.join(tmpdir(), "iron-step-plans-"));
  const script = path.join(folder, "thread.mjs");
  writeFileSync(script, "export default async () => { throw new Error('no plan'); };");
  process.env.PLAN_THREAD = script;
  const said = jest.spyOn(console, "error").mockImplementation(() => undefined);
  try {
    const day = isoDay(addDays(new Date(), 2));
    const opened = await openSession("today-pilots");
    if (!opened.ok) throw new Error("not opened");
    const { session: before, revision } = opened.value;
    await saveSessionAction({ revision, session: { ...before, minutes: before.minutes + 1 } });
    const { sessions } = await listDay(today(), 1);
    const { unreadable } = sessions.find((s) => s.id === "today-pilots")!;
    expect(unreadable).toMatch(/could not be worked out/);
    expect(sessions.some((s) => s.unreadable === null && s.lines.length > 0)).toBe(true);
    expect((await listDay(day, 1)).day).toBe(day);
    await planAhead();
  } finally {
    delete process.env.PLAN_THREAD;
    said.mockRestore();
    rmSync(folder, { recursive: true, force: true });
  }
});
