import { keepUndoable } from "@/data/undoables";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "./__tests__/database";
import { addGymLike, removeGym } from "./add-gym";
import { openSession } from "./open-session";
import { removeSession, saveSession } from "./save-session";
import { listToTakeBack, takeBack } from "./take-back";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

async function opened(id: string) {
  const found = await openSession(id);
  if (!found.ok) throw new Error("not opened");
  return found.value;
}

test("what was taken out is listed by name until it is back, the newest first", async () => {
  await removeSession("today-throwers");
  await removeSession("tomorrow-throwers");
  const [second, first] = await listToTakeBack();
  expect([first, second].map((l) => [l!.kind, l!.name.split(",")[0]])).toEqual([
    ["session", "Throwing squad"],
    ["session", "Throwing squad"],
  ]);
  expect(await takeBack(second!.token)).toBe(true);
  expect((await opened("tomorrow-throwers")).session.name).toBe("Throwing squad");
  expect((await listToTakeBack()).map((l) => l.token)).toEqual([first!.token]);
  expect(await takeBack(first!.token)).toBe(true);
  expect(await listToTakeBack()).toEqual([]);
});

test("two who take the same thing back at once do it once", async () => {
  const before = await opened("today-throwers");
  const token = await removeSession("today-throwers");
  expect((await Promise.all([takeBack(token), takeBack(token)])).sort()).toEqual([false, true]);
  expect(await opened("today-throwers")).toEqual(before);
});

test("a session comes back to the usual room where its own is gone", async () => {
  const made = await addGymLike({ name: "Net loft", unit: "kg", set: "room" });
  if (made.kind !== "added") throw new Error(made.message);
  const { session, revision } = await opened("tomorrow-throwers");
  await saveSession({ revision, session: { ...session, gymId: made.id } });
  const token = await removeSession("tomorrow-throwers");
  await removeGym(made.id);
  expect(await takeBack(token)).toBe(true);
  expect((await opened("tomorrow-throwers")).session.gymId).toBe(session.gymId);
});

test("the oldest gives way once fifty are kept, and no word that was not given brings anything back", async () => {
  const tokens: string[] = [];
  for (let i = 0; i <= 50; i++) tokens.push(await keepUndoable("session", `Session ${i}`, {}));
  const kept = await listToTakeBack();
  expect(kept).toHaveLength(50);
  expect(kept.map((k) => k.name)).not.toContain("Session 0");
  expect(await takeBack(tokens[0])).toBe(false);
  expect(await takeBack("no such word")).toBe(false);
  expect(await takeBack({ token: tokens[1] })).toBe(false);
});
