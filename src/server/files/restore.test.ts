import { eq } from "drizzle-orm";
import { write } from "@/data/database";
import { undoable } from "@/data/schema";
import { deleteUndoable, keepUndoable, readUndoable } from "@/data/undoables";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import {
  addAthletesAction,
  addGymAction,
  changeSeveralAction,
  done,
  keepTemplateAction,
  newSessionChoices,
  openSession,
  removeGymAction,
  removeSessionAction,
  removeTemplateAction,
  restoreAction,
  saveAthleteAction,
  saveSessionAction,
} from "../__tests__/now";
import { listAthletePage, openAthlete } from "../athletes/athletes";
import { openGymKit } from "../gyms/gym-kit";
import { listRecentChanges } from "./restore";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

async function opened(id: string) {
  const found = await openSession(id);
  if (!found.ok) throw new Error("not opened");
  return found.value;
}

test("what was taken out is listed by name until it is back, the newest first", async () => {
  await removeSessionAction("today-throwers");
  await removeSessionAction("tomorrow-throwers");
  const [second, first] = await listRecentChanges();
  expect([first, second].map((l) => [l!.kind, l!.name.split(",")[0]])).toEqual([
    ["session", "Throwing squad"],
    ["session", "Throwing squad"],
  ]);
  expect(await restoreAction(second!.token)).toMatchObject({ kind: "restored" });
  expect((await opened("tomorrow-throwers")).session.name).toBe("Throwing squad");
  expect((await listRecentChanges()).map((l) => l.token)).toEqual([first!.token]);
  expect(await restoreAction(first!.token)).toMatchObject({ kind: "restored" });
  expect(await listRecentChanges()).toEqual([]);
});

test("two who take the same thing back at once do it once", async () => {
  const before = await opened("today-throwers");
  const { token } = await done(removeSessionAction("today-throwers"));
  const outcomes = await Promise.all([restoreAction(token), restoreAction(token)]);
  expect(outcomes.map((o) => o.kind).sort()).toEqual(["refused", "restored"]);
  expect(await opened("today-throwers")).toEqual(before);
});

test("a session comes back to the usual room where its own is gone", async () => {
  const made = await addGymAction({ name: "Net loft", unit: "kg", set: "room" });
  if (made.kind !== "added") throw new Error(made.message);
  const { session, revision } = await opened("tomorrow-throwers");
  await saveSessionAction({ revision, session: { ...session, gymId: made.id } });
  const { token } = await done(removeSessionAction("tomorrow-throwers"));
  await removeGymAction(made.id);
  expect(await restoreAction(token)).toMatchObject({ kind: "restored" });
  expect((await opened("tomorrow-throwers")).session.gymId).toBe(session.gymId);
});

test("a room that was taken out comes back with all that is in it", async () => {
  const made = await addGymAction({ name: "Boat shed", unit: "lb", set: "garage" });
  if (made.kind !== "added") throw new Error(made.message);
  const before = (await openGymKit(made.id))!;
  const out = await removeGymAction(made.id);
  if (out.kind !== "removed") throw new Error(out.message);
  expect(await openGymKit(made.id)).toBeNull();
  expect(await restoreAction(out.token)).toMatchObject({ kind: "restored" });
  expect((await openGymKit(made.id))!.gym).toEqual(before.gym);
});

test("a template that was forgotten is offered again", async () => {
  await keepTemplateAction({ sessionId: "tomorrow-throwers", name: "Heavy day" });
  const { templates } = await newSessionChoices();
  const forgotten = await done(removeTemplateAction(templates[0]!.id));
  expect(forgotten.name).toBe("Heavy day");
  expect((await newSessionChoices()).templates).toEqual([]);
  expect(await restoreAction(forgotten.token)).toMatchObject({ kind: "restored" });
  expect((await newSessionChoices()).templates).toEqual(templates);
  expect(await removeTemplateAction("no such")).toMatchObject({ kind: "refused" });
});

test("many who were moved at once go back to where each was, but for who has been changed since", async () => {
  const group = async (id: string) => (await openAthlete(id))!.draft.groupId;
  const ids = ["mei", "ilse", "soraya"];
  const before = await Promise.all(ids.map(group));
  const moved = await changeSeveralAction({ ids, to: { groupId: "throwers" } });
  if (moved.kind !== "changed") throw new Error(moved.message);
  expect(moved.what).toBe("3 athletes moved to Throwing squad");
  const soraya = (await openAthlete("soraya"))!;
  await saveAthleteAction({ revision: soraya.revision, athlete: { ...soraya.draft, note: "Since then" } });
  expect(await restoreAction(moved.token)).toMatchObject({ kind: "restored" });
  expect(await Promise.all(ids.map(group))).toEqual([before[0], before[1], "throwers"]);
  expect((await openAthlete("soraya"))!.draft.note).toBe("Since then");
});

test("a pasted list is taken back with its new group; who has been filled in since stays", async () => {
  const added = await addAthletesAction({ names: "Una Vell\nOke Brandt", group: "Evening", unit: "kg" });
  if (added.kind !== "added") throw new Error(added.message);
  const una = (await openAthlete(added.firstId))!;
  await saveAthleteAction({ revision: una.revision, athlete: { ...una.draft, note: "Left-handed" } });
  expect(await restoreAction(added.token)).toMatchObject({ kind: "restored" });
  const there = await listAthletePage({ q: "" });
  expect(there.rows.filter((r) => r.group === "Evening").map((r) => r.name)).toEqual(["Una Vell"]);
});

test("what cannot be read brings nothing back, and stays stored as it is", async () => {
  const token = await keepUndoable("session", "Unreadable", {});
  await write((db) => db.update(undoable).set({ content: "{ torn" }).where(eq(undoable.token, token)));
  expect(await restoreAction(token)).toMatchObject({ kind: "refused" });
  expect((await readUndoable(token))!.content).toBe("{ torn");
  await deleteUndoable(token);
});

test("the oldest gives way once fifty are kept, and no word that was not given brings anything back", async () => {
  const tokens: string[] = [];
  for (let i = 0; i <= 50; i++) tokens.push(await keepUndoable("session", `Session ${i}`, {}));
  const kept = (await listRecentChanges()).filter((k) => k.kind === "session");
  expect(kept).toHaveLength(50);
  expect(kept.map((k) => k.name)).not.toContain("Session 0");
  expect(await restoreAction(tokens[0])).toMatchObject({ kind: "refused" });
  expect(await restoreAction("no such word")).toMatchObject({ kind: "refused" });
  expect(await restoreAction({ token: tokens[1] })).toMatchObject({ kind: "refused" });
});
