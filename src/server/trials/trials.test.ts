import { shippedCatalog } from "@/catalog";
import { USUAL_SETTINGS } from "@/core/gym";
import { together, write } from "@/data/database";
import { testResult, trial } from "@/data/schema";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { addLimiterAction } from "../actions/athletes";
import { noteResultAction, noteTrialAction, removeNoteAction } from "../actions/trials";
import { athleteRecords } from "../athletes/athlete-record";
import { openAthlete, saveAthlete } from "../athletes/athletes";
import { openGymKit } from "../gyms/gym-kit";
import { saveGym } from "../gyms/save-gym";
import { today } from "../sessions/day";
import { openTests } from "./open-tests";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));
beforeEach(() => write((db) => together(db, [db.delete(testResult), db.delete(trial)])));

const rock = shippedCatalog.drills.find((d) => d.serves["ankle-dorsiflexion"] === 3)!;
let count = 0;
const newId = () => {
  count += 1;
  return `note-${count}`.padEnd(10, "x");
};
const newResult = (over = {}) => ({
  ...{ id: newId(), test: "knee-to-wall", day: today(), moment: "cold" as const, value: [8, 6.5] },
  ...over,
});
const newTrial = (over = {}) => ({
  ...{ id: newId(), test: "knee-to-wall", drill: rock.id, seconds: 60, day: today() },
  ...{ before: [8, 6], after: [9, 10] },
  ...over,
});
const noteTrials = async (athleteId: string, times: number, over = {}) => {
  for (let i = 0; i < times; i++) await noteTrialAction({ athleteId, trial: newTrial(over) });
};
const counted = async (id: string) => (await athleteRecords([id], today()))(id)!.athlete.responses;

test("an outcome and a trial are there, once however often they are sent, and can be removed and brought back", async () => {
  const noted = newResult({ signs: ["heels"] });
  for (let i = 0; i < 2; i++) {
    expect(await noteResultAction({ athleteId: "ilse", result: noted })).toEqual({ kind: "noted" });
  }
  const tried = newTrial();
  await noteTrialAction({ athleteId: "ilse", trial: tried });
  const before = (await openTests("ilse"))!;
  expect(before.results).toMatchObject([{ value: [8, 6.5], signs: ["heels"], moment: "cold" }]);
  expect(before.trials).toMatchObject([{ drillName: rock.name, before: [8, 6], after: [9, 10] }]);
  for (const id of [noted.id, tried.id]) {
    const removed = await removeNoteAction({ athleteId: "ilse", id });
    if (removed.kind === "refused") throw new Error(removed.message);
    const { note } = removed;
    if (note.kind === "result") await noteResultAction({ athleteId: "ilse", result: note.result });
    else await noteTrialAction({ athleteId: "ilse", trial: note.trial });
  }
  expect(await openTests("ilse")).toEqual(before);
  expect(await removeNoteAction({ athleteId: "ilse", id: "gone" })).toMatchObject({ kind: "refused" });
  // Of somebody else it is not there.
  expect(await removeNoteAction({ athleteId: "consuelo", id: noted.id })).toMatchObject({ kind: "refused" });
});

test.each([
  [{ value: [400, 6] }, /result\.value: Knee to wall: 0 to 25 cm/],
  [{ value: [8] }, /value: Knee to wall: a number for each side/],
  [{ value: ["8", "9"] }, /value.*number/],
  [{ test: "juggling" }, /test: There is no test "juggling"/],
  [{ day: "2199-01-01" }, /day: That is a day to come/],
  [{ day: "soon" }, /day: Give a day/],
  [{ moment: "noon" }, /moment/],
])("an outcome with %j is refused by its field, and nothing is stored", async (over, message) => {
  const answer = await noteResultAction({ athleteId: "ilse", result: newResult(over) as never });
  expect(answer).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
  expect((await openTests("ilse"))!.results).toEqual([]);
});

test.each([
  [{ after: [8, 60] }, /trial\.after: Knee to wall/],
  [{ drill: "juggling" }, /drill: There is no such drill/],
  [{ seconds: 0 }, /seconds: Say how long/],
  [{ seconds: 99_999 }, /seconds: Must be at most/],
  [{ day: "2199-01-01" }, /day: That is a day to come/],
])("a trial with %j is refused by its field, and nothing is stored", async (over, message) => {
  const answer = await noteTrialAction({ athleteId: "ilse", trial: newTrial(over) });
  expect(answer).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
  expect((await openTests("ilse"))!.trials).toEqual([]);
});

test("nobody's tests are stored", async () => {
  expect(await noteResultAction({ athleteId: "nobody", result: newResult() })).toMatchObject({
    kind: "refused",
  });
  expect(await noteTrialAction({ athleteId: "nobody", trial: newTrial() })).toMatchObject({
    kind: "refused",
  });
  expect(await openTests("nobody")).toBeNull();
});

test("what a test points to becomes a limiter, after those that are there, eight at most", async () => {
  const limiters = async () => (await openAthlete("ilse"))!.draft.limiters;
  const before = await limiters();
  for (let i = 0; i < 2; i++) {
    expect(await addLimiterAction({ athleteId: "ilse", demand: "glute-med" })).toEqual({ kind: "added" });
  }
  expect(await limiters()).toEqual([...before, "glute-med"]);
  const many = ["neck", "lats", "biceps", "quads", "grip"] as const;
  for (const demand of many) await addLimiterAction({ athleteId: "ilse", demand });
  expect(await addLimiterAction({ athleteId: "ilse", demand: "triceps" })).toMatchObject({
    kind: "refused",
    message: expect.stringMatching(/8 limiters already/),
  });
  expect(await addLimiterAction({ athleteId: "nobody", demand: "neck" })).toMatchObject({ kind: "refused" });
});

describe("what has been learnt", () => {
  test("counts in plans from the next one on, for others too but less, and nothing without trials", async () => {
    expect(await counted("ilse")).toBeUndefined();
    await noteTrials("ilse", 4);
    expect(await counted("ilse")).toMatchObject([
      {
        drill: rock.id,
        demand: "ankle-dorsiflexion",
        helped: { trials: 4, test: "Knee to wall", unit: "cm" },
      },
    ]);
    const [own, others] = [(await counted("ilse"))![0]!, (await counted("consuelo"))![0]!];
    expect(own.factor).toBeGreaterThan(others.factor);
    expect(others.factor).toBeGreaterThan(1);
    expect(others.helped).toBeUndefined();
  });

  test("is switched off for one athlete, or for the gym", async () => {
    await noteTrials("ilse", 4);
    const { draft, revision } = (await openAthlete("ilse"))!;
    const off = await saveAthlete({ athlete: { ...draft, usesResponses: false }, revision });
    expect(await counted("ilse")).toBeUndefined();
    expect(await counted("consuelo")).toBeDefined();
    const use = async (usesResponses: boolean) => {
      const opened = (await openGymKit())!;
      const gym = { ...opened.gym, settings: { ...USUAL_SETTINGS, usesResponses } };
      expect(await saveGym({ ...opened, gym } as never)).toMatchObject({ kind: "saved" });
    };
    await use(false);
    expect(await counted("consuelo")).toBeUndefined();
    await use(true);
    expect(await counted("consuelo")).toBeDefined();
    if (off.kind !== "saved") throw new Error("The athlete was not saved.");
    await saveAthlete({ athlete: draft, revision: off.revision });
    expect(await counted("ilse")).toBeDefined();
  });

  test("a removed trial is unlearnt", async () => {
    const only = newTrial();
    await noteTrialAction({ athleteId: "ilse", trial: only });
    expect(await counted("ilse")).toBeDefined();
    await removeNoteAction({ athleteId: "ilse", id: only.id });
    expect(await counted("ilse")).toBeUndefined();
  });
});
