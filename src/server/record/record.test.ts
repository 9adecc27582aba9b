import { shippedCatalog as catalog } from "@/catalog";
import { weight } from "@/core/units";
import { readSessionRecord } from "@/data/records";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { changeRecordAction, writeAsPlannedAction } from "../actions/record";
import { floorStatus } from "../floor/floor-status";
import { openRecord } from "./open-record";

withTemporaryDatabase();

const SESSION = "today-masters";
const done = async () => {
  const opened = await openRecord(SESSION, catalog);
  if (opened?.kind !== "done") throw new Error("The session has not been written down.");
  return opened;
};
const of = async (id: string) => (await done()).people.find((p) => p.athlete === id)!;

beforeAll(async () => {
  await seedDemo(new Date());
});

test("a session that was not run asks who was there, and is written down as planned in one go", async () => {
  const before = await openRecord(SESSION, catalog);
  if (before?.kind !== "not-written") throw new Error("It has been written down.");
  const [first, second] = before.people;
  expect(await writeAsPlannedAction({ sessionId: SESSION, absent: [second!.id] })).toEqual({
    kind: "written",
  });
  expect(await floorStatus(SESSION)).toBe("over");
  const there = await of(first!.id);
  expect(there.drills.every((d) => d.status === "done")).toBe(true);
  expect((await of(second!.id)).presence).toBe("absent");
  expect(await done()).toMatchObject({ isTimed: false, complete: true });
  // What years are read from is there too.
  const kept = await readSessionRecord(SESSION);
  expect(kept.sessions).toHaveLength(before.people.length);
  expect(kept.drills.filter((d) => d.athleteId === first!.id && d.isDone)).toHaveLength(there.drills.length);
});

test("it is written down once", async () => {
  expect(await writeAsPlannedAction({ sessionId: SESSION, absent: [] })).toMatchObject({ kind: "refused" });
});

test("a drill that was left out, a set with another weight and a note are put right, and can be put back", async () => {
  const id = (await done()).people.find((p) => p.presence === "there" && p.lifts[0]?.working)!.athlete;
  const change = (change: Parameters<typeof changeRecordAction>[0]["change"]) =>
    changeRecordAction({ sessionId: SESSION, athleteId: id, change });
  const [drill] = (await of(id)).drills;
  await change({ kind: "drill", key: drill!.key, isDone: false });
  expect((await of(id)).drills[0]!.status).toBe("left-out");
  await change({ kind: "drill", key: drill!.key, isDone: true });
  expect((await of(id)).drills[0]!.status).toBe("done");
  const { reps } = (await of(id)).lifts[0]!.working!;
  const set = { kind: "set", lift: 0, set: 1, done: { weight: weight(41), reps, felt: "heavy" } } as const;
  await change(set);
  const workSets = async () => (await of(id)).sets.filter((s) => s.isWork && s.at === 0);
  expect((await workSets())[1]).toMatchObject({ weight: weight(41), felt: "heavy" });
  const before = (await workSets()).length;
  await change({ ...set, done: null });
  expect(await workSets()).toHaveLength(before - 1);
  await change({ kind: "note", text: "slept badly" });
  expect((await of(id)).notes).toEqual(["slept badly"]);
  expect((await readSessionRecord(SESSION)).sessions.find((s) => s.athleteId === id)!.notes).toEqual([
    "slept badly",
  ]);
});

test("all done as planned leads to the next weight, with its reason and what is on record", async () => {
  const lifted = (await done()).people.filter((p) => p.sets.some((s) => s.isWork));
  const next = lifted.flatMap((p) => p.next);
  expect(next.length).toBeGreaterThan(0);
  for (const n of next)
    expect(n).toMatchObject({ reason: expect.stringMatching(/set/), reps: expect.any(Number) });
});

test.each([
  [{ sessionId: "gone", absent: [] }, /no such session/],
  [{ sessionId: "tomorrow-masters", absent: [] }, /still to come/],
])("%j is refused, and nothing is stored", async (asked, message) => {
  const answer = await writeAsPlannedAction(asked);
  expect(answer).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
  expect(await floorStatus(asked.sessionId)).toBe("not-started");
});

test.each([
  [{ kind: "set", lift: 0, set: 0, done: { weight: 1000, reps: 999, felt: null } }, /reps/],
  [{ kind: "note", text: "  " }, /Type the note/],
  [{ kind: "dance" }, /kind/],
])("a change %j is refused by its field", async (change, message) => {
  const answer = await changeRecordAction({
    sessionId: SESSION,
    athleteId: "rashid",
    change: change as never,
  });
  expect(answer).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
});

test("nothing is on record of who did not take part, or of a session that was not run", async () => {
  const note = { kind: "note", text: "there" } as const;
  for (const asked of [
    { sessionId: SESSION, athleteId: "nobody" },
    { sessionId: "tomorrow-masters", athleteId: "rashid" },
  ]) {
    expect(await changeRecordAction({ ...asked, change: note })).toMatchObject({ kind: "refused" });
  }
  expect(await openRecord("gone", catalog)).toBeNull();
});
