import { shippedCatalog as catalog } from "@/catalog";
import { putBundle } from "@/data/bundle";
import { putFollowUp } from "@/data/follow-ups";
import { listPreferences, putPreference } from "@/data/preferences";
import { readSessionRecord } from "@/data/records";
import { readUndoable } from "@/data/undoables";
import { seedDemo } from "@/demo/seed";
import { seedTests } from "@/demo/seed-tests";
import { withTemporaryDatabase } from "../__tests__/database";
import { writeAsPlannedAction } from "../actions/record";
import { noteResultAction } from "../actions/trials";
import { erase } from "../athletes/erase-athlete";
import { openRecord } from "../record/open-record";
import type { Bundle } from "../schemas/bundle";
import { today } from "../sessions/day";
import { openTests } from "../trials/open-tests";
import { bundleText, compareBundle, importBundle, undoBundle } from "./bundle";
import { followUpsCsv, setsCsv, testsCsv, trialsCsv } from "./export";
import { readBundle } from "./read-bundle";

withTemporaryDatabase();

const SESSION = "today-masters";
const exported = async () => {
  let text = "";
  for await (const piece of bundleText(catalog)) text += piece;
  return text;
};
const read = async (): Promise<Bundle> => {
  const found = readBundle(new TextEncoder().encode(await exported()), catalog);
  if (!found.ok) throw new Error(found.error.join("\n"));
  return found.value;
};
const NOTHING = {
  ...{ library: [], gyms: [], groups: [], athletes: [], templates: [], sessions: [] },
  ...{ records: [], floors: [], preferences: [] },
};
const noRecords = async (bundle: Bundle) =>
  putBundle(NOTHING, {
    ...NOTHING,
    records: bundle.records.map((r) => r.athleteId),
    floors: bundle.floors.map((f) => f.sessionId),
    preferences: ["preferences"],
  });

beforeAll(async () => {
  await seedDemo(new Date());
  await seedTests(new Date());
  await writeAsPlannedAction({ sessionId: SESSION, absent: [] });
  await putPreference({
    ...{ drill: "calf-roll", kind: "never", scope: "lift", scopeId: "back-squat", counts: true, at: 1 },
  });
  await putFollowUp({
    ...{ sessionId: SESSION, athleteId: "mei", about: "knee", moment: "morning", feels: "sore", level: 3 },
    ...{ by: "coach", at: 1 },
  });
});

test("tests, trials, follow-ups and what was done go out and come back as they were", async () => {
  const bundle = await read();
  expect(bundle.records.length).toBeGreaterThan(20);
  expect(bundle.floors.map((f) => f.sessionId)).toEqual([SESSION]);
  const [tests, record, kept] = [
    await openTests("mei"),
    await openRecord(SESSION, catalog),
    await readSessionRecord(SESSION),
  ];
  await noRecords(bundle);
  expect((await openTests("mei"))!.trials).toEqual([]);
  expect(await readSessionRecord(SESSION)).toMatchObject({ sessions: [], drills: [], sets: [] });
  const look = await compareBundle(bundle, catalog);
  expect(look.ok && look.value.changes.slice(-3)).toMatchObject([
    { added: bundle.records.length },
    { added: 1 },
    { added: 1 },
  ]);
  expect((await importBundle(bundle, catalog)).ok).toBe(true);
  const { results, trials } = (await openTests("mei"))!;
  expect({ results, trials }).toEqual({ results: tests!.results, trials: tests!.trials });
  expect(await openRecord(SESSION, catalog)).toEqual(record);
  expect(await readSessionRecord(SESSION)).toEqual(kept);
  expect(await listPreferences()).toMatchObject([
    { drill: "calf-roll", scopeId: "back-squat", counts: true },
  ]);
  expect(JSON.parse(await exported())).toEqual(JSON.parse(JSON.stringify(bundle)));
});

test("an import is undone; whose tests have changed since stays with them", async () => {
  const bundle = await read();
  await noRecords(bundle);
  const imported = await importBundle(bundle, catalog);
  if (!imported.ok) throw new Error(imported.error.join());
  const noted = { test: "plank", day: today(), moment: "cold" as const, value: [75] };
  await noteResultAction({ athleteId: "mei", result: { ...noted, id: "noted-since" } });
  const kept = await readUndoable(imported.value.token);
  const stays = await undoBundle(JSON.parse(kept!.content), catalog);
  expect(stays).toContain("Mei-Lin Cho");
  expect((await openTests("mei"))!.results.map((r) => r.id)).toContain("noted-since");
  expect((await openTests("ilse"))!.trials).toEqual([]);
  expect((await openRecord(SESSION, catalog))!.kind).toBe("not-written");
  await importBundle(bundle, catalog);
});

test.each([
  [{ test: "plank", value: [9999] }, /records\.0\.tests\.0\.value: Plank: 0 to 600/],
  [{ test: "juggling", value: [1] }, /records\.0\.tests\.0\.test: There is no test/],
])("a backup with %j is refused by its field", async (over, message) => {
  const bundle = await read();
  const result = { id: "spoilt-one", day: today(), moment: "cold", signs: [], sessionId: null, ...over };
  const records = [{ ...bundle.records[0]!, tests: [result] }];
  const found = readBundle(new TextEncoder().encode(JSON.stringify({ ...bundle, records })), catalog);
  expect(!found.ok && found.error.join("\n")).toMatch(message);
});

test("tests, trials, answers and sets are files for a spreadsheet", async () => {
  const [tests, trials, answers, sets] = [
    await testsCsv(),
    await trialsCsv(catalog),
    await followUpsCsv(),
    await setsCsv(catalog),
  ];
  expect(tests.body.split("\r\n")[0]).toBe("name,test,day,moment,left_or_only,right,unit,seen");
  expect(trials.body).toContain("before_left_or_only");
  expect(answers.body.split("\r\n")[1]).toBe(`Mei-Lin Cho,${SESSION},knee,morning,sore,3,coach`);
  expect(sets.body).toMatch(/,working,\d+/);
});

test("erasing a person erases all of it, and nobody else's", async () => {
  const name = "Mei-Lin Cho";
  expect(await erase({ athleteId: "mei", name: "Somebody" })).toMatchObject({ kind: "refused" });
  const before = await read();
  expect(await erase({ athleteId: "mei", name: "mei-lin cho " })).toEqual({ kind: "erased", name });
  const text = await exported();
  expect(text).not.toContain(name);
  expect(text).not.toContain('"mei"');
  const after = JSON.parse(text) as Bundle;
  expect(after.athletes).toHaveLength(before.athletes.length - 1);
  expect(after.records).toHaveLength(before.records.length - 1);
  expect(after.floors[0]!.plan.athletes).toHaveLength(before.floors[0]!.plan.athletes.length - 1);
  expect((await openRecord(SESSION, catalog))!.people.map((p) => p.name)).not.toContain(name);
  expect(await erase({ athleteId: "mei", name })).toMatchObject({ kind: "refused" });
});
