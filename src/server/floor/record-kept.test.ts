import { v7 } from "uuid";
import { shippedCatalog as catalog } from "@/catalog";
import type { FloorEvent, Happening } from "@/core/floor";
import { weight } from "@/core/units";
import { readSessionRecord } from "@/data/records";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { openFloor } from "./open-floor";
import { postEvents } from "./post-events";

withTemporaryDatabase();

const SESSION = "today-masters";
const FROM = Date.now() - 3_600_000;
const event = (athlete: string | null, minutes: number, what: Happening): FloorEvent => ({
  ...{ id: v7(), athlete, device: "test", at: FROM + minutes * 60_000 },
  ...what,
});
const post = (...events: FloorEvent[]) => postEvents(SESSION, { events, since: 0 }, catalog);
const kept = async (id = "rashid") => {
  const { sessions, drills, sets } = await readSessionRecord(SESSION);
  const of = <T extends { athleteId: string }>(rows: readonly T[]) => rows.filter((r) => r.athleteId === id);
  return { session: of(sessions)[0], drills: of(drills), sets: of(sets) };
};
const step = async () => (await openFloor(SESSION))!.plan.athletes.find((a) => a.id === "rashid")!.steps[0]!;

beforeAll(async () => {
  await seedDemo(new Date());
  await post(event(null, 0, { kind: "started", due: null }));
});

test("nothing is kept while a session runs", async () => {
  await post(event("rashid", 4, { kind: "step-done", step: (await step()).key }));
  expect((await readSessionRecord(SESSION)).sessions).toEqual([]);
});

test("when it ends everybody's part is kept, with times; taken back it is gone, ended again it is there", async () => {
  const set = {
    kind: "set-done",
    lift: 0,
    set: 0,
    isWork: true,
    weight: weight(140),
    reps: 3,
    felt: "right",
  } as const;
  await post(event("rashid", 20, set), event("mei", 21, { kind: "absent" }));
  const end = event(null, 40, { kind: "finished", complete: true });
  await post(end);
  const { session, drills, sets } = await kept();
  expect(session).toMatchObject({ presence: "there", pains: [], notes: [] });
  expect(drills[0]).toMatchObject({ drill: (await step()).drill, isDone: true, realSeconds: 240, pace: 1 });
  expect(drills.slice(1).every((d) => !d.isDone)).toBe(true);
  expect(sets).toMatchObject([{ lift: "back-squat", weight: weight(140), felt: "right", unit: "kg" }]);
  expect((await kept("mei")).session).toMatchObject({ presence: "absent" });
  await post(event(null, 41, { kind: "undone", event: end.id }));
  expect((await readSessionRecord(SESSION)).sessions).toEqual([]);
  await post(event(null, 45, { kind: "finished", complete: true }));
  expect((await kept()).sets).toHaveLength(1);
});

test("what a device that was away says after the end is in it, and sent twice it is once", async () => {
  const pain = event("rashid", 30, {
    kind: "pain",
    area: "knee",
    level: 2,
    quality: "dull",
    signs: [],
    lift: 0,
  });
  await post(pain);
  await post(pain, event("rashid", 31, { kind: "note", text: "left knee" }));
  expect((await kept()).session).toMatchObject({ pains: [{ area: "knee", level: 2 }], notes: ["left knee"] });
});
