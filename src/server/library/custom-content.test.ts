import { eq } from "drizzle-orm";
import { type Approach, drillById, type Slot } from "@/core/catalog";
import { write } from "@/data/database";
import { customContent } from "@/data/schema";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import {
  addGymAction,
  copyContentAction,
  done,
  groupPlanOf,
  openSession,
  removeGymAction,
  saveCustomContentAction,
  saveSessionAction,
  startSessionAction,
  warmUpsOf,
} from "../__tests__/now";
import { openGymKit } from "../gyms/gym-kit";
import { sessionStamp } from "../sessions/session-stamp";
import { openCatalog } from "./catalog";
import { openCustomContent } from "./custom-content";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

async function copied(kind: "drill" | "lift" | "approach", of: string) {
  const made = await done(copyContentAction({ kind, of }));
  return (await openCustomContent(made.id))!;
}

describe("content of the gym's own", () => {
  test("is a copy that stands beside what ships, and is in plans once it is wanted", async () => {
    const { draft, revision } = await copied("drill", "glute-bridge");
    const changed = { ...draft, name: "Bridge off the bench", serves: { "glute-max": 3 } };
    expect(await saveCustomContentAction({ kind: "drill", revision, item: changed })).toMatchObject({
      kind: "saved",
    });
    const catalog = await openCatalog();
    expect(drillById(catalog, draft.id)).toMatchObject({ name: "Bridge off the bench" });
    expect(drillById(catalog, "glute-bridge")!.name).toBe("Glute bridge");
    const opened = await openSession("tomorrow-masters");
    if (!opened.ok) throw new Error("not opened");
    const { session } = opened.value;
    await saveSessionAction({
      revision: opened.value.revision,
      session: { ...session, own: [{ drill: draft.id }] },
    });
    const again = await openSession("tomorrow-masters");
    if (!again.ok) throw new Error("not opened");
    const plan = (await groupPlanOf(again.value))!;
    expect(plan.shared.map((s) => s.drill)).toContain(draft.id);
  });

  test("is seen to have changed by who looks at a session, copied, changed and taken out", async () => {
    const stamp = async () => (await sessionStamp("tomorrow-masters"))!;
    const stamps = [await stamp()];
    const { draft, revision } = await copied("drill", "bird-dog");
    stamps.push(await stamp());
    await saveCustomContentAction({
      kind: "drill",
      revision,
      item: { ...draft, name: "Bird dog on the quay" },
    });
    stamps.push(await stamp());
    expect(new Set(stamps.map((s) => s.library)).size).toBe(3);
    expect(new Set(stamps.map(({ library: _, ...rest }) => JSON.stringify(rest))).size).toBe(1);
    expect(await sessionStamp("no-such")).toBeNull();
  });

  test("taken out it is in no new plan, but still where the coach wanted it", async () => {
    const { draft, revision } = await copied("drill", "rope-turns");
    await saveCustomContentAction({ kind: "drill", revision, item: { ...draft, retired: true } });
    const opened = await openSession("tomorrow-pilots");
    if (!opened.ok) throw new Error("not opened");
    const drillsOf = async (o: typeof opened) => (await groupPlanOf(o.value))!.shared.map((s) => s.drill);
    expect(await drillsOf(opened)).not.toContain(draft.id);
    const { session } = opened.value;
    await saveSessionAction({ revision: 0, session: { ...session, own: [{ drill: draft.id }] } });
    const again = await openSession("tomorrow-pilots");
    expect(again.ok && (await drillsOf(again))).toContain(draft.id);
  });

  test("an own lift can be trained: its drills by what it asks, its ramp by its weight", async () => {
    const { draft, revision } = await copied("lift", "back-squat");
    const item = { ...draft, name: "Rope-works squat", asks: { squat: 3, "ankle-dorsiflexion": 3 } };
    await saveCustomContentAction({ kind: "lift", revision, item });
    const started = await startSessionAction({
      ...{ day: "2031-01-01", time: null, minutes: 15, approach: "temperature-first", lifts: [draft.id] },
      ...{ groupId: null, athleteIds: ["ilse"], gymId: null, from: null },
    });
    const opened = started.kind === "started" ? await openSession(started.id) : null;
    if (!opened?.ok) throw new Error("not opened");
    const [warmUp] = await warmUpsOf(opened.value);
    expect(warmUp!.request.lifts[0]!.lift.name).toBe("Rope-works squat");
    expect(warmUp!.plan.coverage.map((c) => c.demand)).toContain("ankle-dorsiflexion");
  });

  test("an own approach plans by its own numbers", async () => {
    const { draft, revision } = await copied("approach", "temperature-first");
    const phases = [{ phase: "raise", mostDrills: 1, least: 30, most: 60, shortPrice: 9 }];
    const outcome = await saveCustomContentAction({ kind: "approach", revision, item: { ...draft, phases } });
    expect(outcome.kind).toBe("saved");
    const opened = await openSession("tomorrow-throwers");
    if (!opened.ok) throw new Error("not opened");
    const session = { ...opened.value.session, approach: draft.id };
    await saveSessionAction({ revision: opened.value.revision, session });
    const again = await openSession("tomorrow-throwers");
    if (!again.ok) throw new Error("not opened");
    const plan = (await groupPlanOf(again.value))!;
    expect(new Set(plan.shared.map((s) => s.phase))).toEqual(new Set(["raise"]));
  });

  test("an approach of before there were jobs with points, and a pace, still opens", async () => {
    const { draft } = await copied("approach", "every-joint");
    const before = structuredClone(draft) as Partial<Approach>;
    for (const field of ["onlySlots", "pace", "leavesOut", "places", "holds"] as const) delete before[field];
    for (const slot of before.slots!) delete (slot as Partial<Slot>).points;
    const content = JSON.stringify(before);
    await write((db) => db.update(customContent).set({ content }).where(eq(customContent.id, draft.id)));
    const opened = (await openCustomContent(draft.id))!.draft as Approach;
    expect(opened.pace.every).toBeGreaterThan(0);
    expect(opened.slots.every((s) => s.points > 0)).toBe(true);
  });

  const aJob = {
    ...{ name: "Shape", phase: "rehearse", filledBy: {}, drills: { least: 1, most: 1 }, points: 5 },
  };
  test.each<[string, "drill" | "lift" | "approach", string, object, RegExp]>([
    ["without a name", "drill", "glute-bridge", { name: " " }, /name: Type a name/],
    ["that serves nothing", "drill", "glute-bridge", { serves: {} }, /serves: Say what it serves/],
    ["of too much of a demand", "drill", "glute-bridge", { serves: { grip: 4 } }, /serves\.grip/],
    ["without a phase", "drill", "glute-bridge", { phases: [] }, /phases: Choose a phase/],
    ["that asks for nothing", "lift", "deadlift", { asks: {} }, /asks: Say what it asks/],
    ["without phases", "approach", "bar-first", { phases: [] }, /phases: An approach has a phase/],
    ["of no pace", "approach", "bar-first", { pace: { from: 1, every: 0, most: 4 } }, /pace\.every/],
    [
      "of a job below nothing",
      "approach",
      "bar-first",
      { slots: [{ ...aJob, points: -1 }] },
      /slots\.0\.points/,
    ],
    [
      "of a job that no drill does",
      "approach",
      "bar-first",
      { slots: [{ ...aJob, filledBy: { ids: ["nothing"] } }] },
      /slots: No drill of the library does "Shape"/,
    ],
  ])("%s is refused", async (_, kind, of, change, message) => {
    const { draft, revision } = await copied(kind, of);
    const outcome = await saveCustomContentAction({ kind, revision, item: { ...draft, ...change } });
    expect(outcome).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
    expect((await openCustomContent(draft.id))!.draft).toEqual(draft);
  });

  test("changed in another window is not written over", async () => {
    const { draft, revision } = await copied("drill", "bird-dog");
    await saveCustomContentAction({ kind: "drill", revision, item: { ...draft, name: "First" } });
    const late = await saveCustomContentAction({
      kind: "drill",
      revision,
      item: { ...draft, name: "Second" },
    });
    expect(late).toMatchObject({ kind: "changed-elsewhere", draft: { name: "First" } });
  });

  test("what cannot be read is left out, and stays stored", async () => {
    const { draft } = await copied("drill", "bird-dog");
    await write((db) =>
      db.update(customContent).set({ content: "{", revision: 9 }).where(eq(customContent.id, draft.id)),
    );
    const catalog = await openCatalog();
    expect(drillById(catalog, draft.id)).toBeUndefined();
    expect(await openCustomContent(draft.id)).toBeNull();
    expect(await copyContentAction({ kind: "drill", of: "nothing" })).toMatchObject({ kind: "refused" });
  });
});

describe("gyms and rooms", () => {
  test("start as a common kind, in kilograms or pounds", async () => {
    const made = await addGymAction({ name: "Net loft", unit: "lb", set: "room" });
    if (made.kind !== "added") throw new Error(made.message);
    const { gym } = (await openGymKit(made.id))!;
    expect(gym).toMatchObject({ name: "Net loft", unit: "lb", bar: { weight: 45000 }, sledge: null });
    expect(gym.dumbbells.at(-1)).toBe(60000);
    expect(await removeGymAction(made.id)).toMatchObject({ kind: "removed" });
    expect(await openGymKit(made.id)).toBeNull();
  });

  test("one in use, the only one, and one that is not there stay", async () => {
    expect(await removeGymAction("rope-works")).toMatchObject({ message: expect.stringMatching(/only gym/) });
    await addGymAction({ name: "Yard", unit: "kg", set: "garage" });
    expect(await removeGymAction("rope-works")).toMatchObject({
      message: expect.stringMatching(/It has sessions/),
    });
    expect(await removeGymAction("gone")).toMatchObject({ kind: "refused" });
  });

  test.each([
    [{ name: " ", unit: "kg", set: "hall" }, /name: Type the gym's name/],
    [{ name: "Yard", unit: "kg", set: "hall" }, /already a gym with this name/],
    [{ name: "Other", unit: "stone", set: "hall" }, /unit/],
    [{ name: "Other", unit: "kg", set: "moon" }, /no kind of gym "moon"/],
  ])("%j is refused", async (request, message) => {
    expect(await addGymAction(request)).toMatchObject({
      kind: "refused",
      message: expect.stringMatching(message),
    });
  });
});
