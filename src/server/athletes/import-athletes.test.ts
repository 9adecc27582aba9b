import { applyImport, undoImport } from "@/data/import-rows";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import {
  importAthletesAction,
  previewImportAction,
  restoreAction,
  workingWeightsCsv,
} from "../__tests__/now";
import { athletesCsv } from "../files/export";
import { today } from "../sessions/day";
import { listAthletePage, openAthlete } from "./athletes";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

const FILE = [
  "Athlete;Team;Level;Bodyweight;Exercise;Load;Reps;Date",
  "Una Vell;Evening;beginner;61,5;Back squat;70;5;2026-01-31",
  "Una Vell;;;;Bench press;40;8;",
  "Rashid al-Amin;Evening;;95;back-squat;150;3;2026-02-01",
].join("\r\n");

async function previewOf(text: string, columns?: object) {
  const preview = await previewImportAction({ text, ...(columns && { columns }) });
  if (preview.kind !== "read") throw new Error(preview.message);
  return preview;
}
async function findByName(name: string) {
  const { rows } = await listAthletePage({ q: name });
  return rows.find((r) => r.name === name);
}
const everything = async () => [(await athletesCsv()).body, (await workingWeightsCsv()).body];

test("a file is read by its heads, whatever separates it, and nothing is stored", async () => {
  const before = await everything();
  const preview = await previewOf(FILE);
  expect(preview).toMatchObject({
    columns: { name: 0, group: 1, experience: 2, bodyWeight: 3, lift: 4, weight: 5, reps: 6, day: 7 },
    people: { added: 1, changed: 1 },
    weights: 3,
    errors: [],
  });
  expect(preview.lines[0]!.slice(0, 2)).toEqual(["Una Vell", "Evening"]);
  expect(await everything()).toEqual(before);
});

test("it is taken in together, and taken back together", async () => {
  const before = await everything();
  const outcome = await importAthletesAction({ text: FILE });
  if (outcome.kind !== "imported") throw new Error(outcome.message);
  expect(outcome.people).toBe(2);
  const una = (await openAthlete((await findByName("Una Vell"))!.id))!.draft;
  expect(una).toMatchObject({ experience: "beginner", bodyWeight: 61500, unit: "kg" });
  expect(una.weights).toEqual(
    expect.arrayContaining([
      expect.objectContaining({
        ...{ lift: "back-squat", day: "2026-01-31", weight: 70000, reps: 5, sets: 3, rir: 2 },
        ...{ kind: "working", source: "file" },
      }),
      expect.objectContaining({ lift: "bench-press", day: today(), weight: 40000, reps: 8, source: "file" }),
    ]),
  );
  expect(await findByName("Rashid al-Amin")).toMatchObject({ group: "Evening", bodyWeight: 95000 });
  expect(await restoreAction(outcome.token)).toMatchObject({ kind: "restored" });
  expect(await everything()).toEqual(before);
  expect((await listAthletePage({})).groups.map((g) => g.name)).not.toContain("Evening");
  expect(await restoreAction(outcome.token)).toMatchObject({ kind: "refused" });
});

test("an athlete that was changed after the import is left as it is when that is taken back", async () => {
  const outcome = await importAthletesAction({ text: "name,birth year\nKenji Arakaki,1990" });
  if (outcome.kind !== "imported") throw new Error(outcome.message);
  const later = await importAthletesAction({ text: "name,birth year\nKenji Arakaki,1991" });
  expect(later.kind).toBe("imported");
  await restoreAction(outcome.token);
  expect((await openAthlete("kenji"))!.draft.birthYear).toBe(1991);
});

test("what was taken out goes in again and changes nothing", async () => {
  const [people, weights] = await everything();
  for (const text of [people!, weights!]) {
    const preview = await previewOf(`\uFEFF${text}`);
    expect(preview.errors).toEqual([]);
    expect(preview.people.added).toBe(0);
    expect((await importAthletesAction({ text })).kind).toBe("imported");
  }
  expect(await everything()).toEqual([people, weights]);
});

test("every line with an error is named, and the file is refused as a whole", async () => {
  const before = await everything();
  const text = [
    "name,experience,unit,body weight,born,lift,weight,sets,day",
    ",beginner,kg,70,1990,,,,",
    "A,champion,stone,light,soon,,,,",
    "B,,,,,Moon press,50,,",
    "C,,,,,Deadlift,heavy,,",
    "D,,,,,Deadlift,100,40,",
    "E,,,,,Deadlift,100,3,31.2.2026",
    "F,,,,,Deadlift,,,",
  ].join("\n");
  const { errors } = await previewOf(text);
  expect(errors.map((e) => e.line)).toEqual([2, 3, 3, 3, 3, 4, 5, 6, 7, 8]);
  expect(errors[0]!.message).toBe("There is no name.");
  expect(errors.find((e) => e.line === 4)!.message).toBe("There is no lift called Moon press.");
  expect(await importAthletesAction({ text })).toMatchObject({
    kind: "refused",
    message: expect.stringMatching(/^Line 2: /),
  });
  expect(await everything()).toEqual(before);
});

test("columns may be said where their heads say nothing", async () => {
  const text = "who,what,how much\nOke Brandt,Deadlift,120";
  expect((await previewOf(text)).errors).toMatchObject([
    { line: 1, message: "Choose the column with the names." },
  ]);
  const preview = await previewOf(text, { name: 0, lift: 1, weight: 2 });
  expect(preview).toMatchObject({ people: { added: 1 }, weights: 1, errors: [] });
});

test.each([
  ["nothing", "", /The file is empty/],
  ["a head alone", "name,group", /The file is empty/],
  ["a picture", "\u0089PNG\u0000\u0000", /not a text file/],
  ["letters of another encoding", "name\nBeno\uFFFDt", /in UTF-8/],
  ["too much", `name\n${"x".repeat(500_001)}`, /over 500 kB/],
  [
    "too many lines",
    `name\n${Array.from({ length: 2001 }, (_, i) => `N${i}`).join("\n")}`,
    /at most 2000 lines/,
  ],
])("a file with %s is refused with what to do", async (_, text, message) => {
  expect(await previewImportAction({ text })).toMatchObject({
    kind: "refused",
    message: expect.stringMatching(message),
  });
});

test("maxima go out and come in as what they are, beside the working weight of the same day", async () => {
  const text = [
    "name,lift,day,kind,weight,sets,reps",
    "Oke Brandt,Deadlift,2026-02-02,1RM,200,,",
    "Oke Brandt,Deadlift,2026-02-02,working,160,4,3",
  ].join("\n");
  const outcome = await importAthletesAction({ text });
  if (outcome.kind !== "imported") throw new Error(outcome.message);
  const { draft } = (await openAthlete((await findByName("Oke Brandt"))!.id))!;
  expect(draft.weights).toHaveLength(2);
  expect(draft.weights).toContainEqual(
    expect.objectContaining({ kind: "max", weight: 200000, sets: 1, reps: 1, rir: 0 }),
  );
  const csv = (await workingWeightsCsv()).body;
  expect(csv).toMatch(/Oke Brandt,Deadlift,2026-02-02,1RM,200,kg,1,1,0,file/);
  const again = await importAthletesAction({ text: csv.replaceAll(";", ",") });
  expect(again.kind).toBe("imported");
  expect((await openAthlete(draft.id))!.draft.weights).toEqual(draft.weights);
  const wrong = await previewOf(text.replace("1RM", "guess"));
  expect(wrong.errors).toMatchObject([
    { line: 2, message: expect.stringMatching(/"guess" is neither working nor 1RM/) },
  ]);
});

test("a table with a column for each lift, names in two, units in heads and cells", async () => {
  const text = [
    "First name,Surname,Bodyweight (kg),Squat,Bench 1RM (lb)",
    "Mia,Orr,61.5,100kg,135",
    "Ben,Ash,80,-,",
    "Lou,Pike,,225 lb,",
  ].join("\n");
  expect(await previewOf(text)).toMatchObject({
    ...{ liftColumns: ["Squat", "Bench 1RM (lb)"], people: { added: 3, changed: 0 }, weights: 3, errors: [] },
  });
  const outcome = await importAthletesAction({ text });
  expect(outcome.kind).toBe("imported");
  const mia = (await openAthlete((await findByName("Mia Orr"))!.id))!.draft;
  expect(mia).toMatchObject({ unit: "kg", bodyWeight: 61500 });
  expect(mia.weights).toContainEqual(
    expect.objectContaining({ lift: "back-squat", weight: 100000, kind: "working" }),
  );
  // 135 lb are 61.235 kg.
  expect(mia.weights).toContainEqual(
    expect.objectContaining({ lift: "bench-press", weight: 61235, kind: "max", reps: 1 }),
  );
  const lou = (await openAthlete((await findByName("Lou Pike"))!.id))!.draft;
  expect(lou).toMatchObject({ unit: "lb", weights: [expect.objectContaining({ weight: 225000 })] });
});

test("lines in error are mended or left out, and the rest goes in", async () => {
  const text = 'name,lift,weight\n"Two\nlines",Deadlift,heavy\n,Deadlift,100\nZed Wynn,DL,140';
  const { errors } = await previewOf(text);
  // The first line of the table has a line break in it.
  expect(errors.map((e) => e.line)).toEqual([2, 4]);
  expect(errors[0]!.cells).toEqual(["Two\nlines", "Deadlift", "heavy"]);
  const said = { mended: { 2: ["Two Lines", "Deadlift", "90"] }, leftOut: [4] };
  const preview = await previewImportAction({ text, ...said });
  expect(preview).toMatchObject({ errors: [], people: { added: 2 }, weights: 2 });
  expect(await importAthletesAction({ text, ...said })).toMatchObject({ kind: "imported", people: 2 });
  expect(await findByName("Two Lines")).toBeDefined();
});

test("two of one name are asked for, never taken for one", async () => {
  const twins = "name,group,born\nSam Hale,North,1990\nSam Hale,South,1991";
  expect(await previewOf(twins)).toMatchObject({ people: { added: 2 }, errors: [], sameNames: [] });
  await importAthletesAction({ text: twins });
  const text = "name,lift,weight\nSam Hale,Deadlift,100";
  const asked = await previewOf(text);
  expect(asked.errors).toMatchObject([
    { line: 2, message: expect.stringMatching(/2 athletes called Sam Hale/) },
  ]);
  const [same] = asked.sameNames;
  expect(same).toMatchObject({ name: "Sam Hale", chosen: null });
  expect(same!.options.map((o) => o.group)).toEqual(["North", "South"]);
  const south = same!.options[1]!.id;
  const told = await previewImportAction({ text, who: { [same!.key]: south } });
  expect(told).toMatchObject({ errors: [], people: { added: 0, changed: 1 } });
  expect(await previewOf("name,group,lift,weight\nSam Hale,South,Deadlift,100")).toMatchObject({
    ...{ errors: [], people: { added: 0, changed: 1 } },
  });
  const anew = await previewImportAction({ text: "name\nIlse Maartens", who: { "ilse maartens": "new" } });
  expect(anew).toMatchObject({ people: { added: 1, changed: 0 } });
});

test("a day that could be two is asked for", async () => {
  const text = "name,lift,weight,date\nKenji Arakaki,Deadlift,100,3/4/2026";
  expect(await previewOf(text)).toMatchObject({ asksDayOrder: true, errors: [{ line: 2 }] });
  const told = await previewImportAction({ text, dayOrder: "month-first" });
  expect(told).toMatchObject({ asksDayOrder: true, errors: [], weights: 1 });
});

test("an error of a line is said once, however many columns meet it", async () => {
  const text = "name,Deadlift,Back squat,date\nKenji Arakaki,100,80,3/4/2026";
  const preview = await previewOf(text);
  expect(preview).toMatchObject({ asksDayOrder: true, linesInError: 1 });
  expect(preview.errors).toHaveLength(1);
});

test("limiters, injuries, note and archive come back whole", async () => {
  const [people] = await everything();
  const { draft } = (await openAthlete("ilse"))!;
  const outcome = await importAthletesAction({
    text: "name,limiters,areas,note,archived\nIlse Maartens,neck,knee: sore,New note,yes",
  });
  if (outcome.kind !== "imported") throw new Error(outcome.message);
  expect((await openAthlete("ilse"))!.draft).toMatchObject({
    ...{ limiters: ["neck"], areas: [{ area: "knee", level: "sore" }], note: "New note", archived: true },
  });
  await restoreAction(outcome.token);
  expect((await openAthlete("ilse"))!.draft).toEqual(draft);
  await importAthletesAction({ text: people });
  expect((await openAthlete("ilse"))!.draft).toEqual(draft);
});

test("a known athlete's unit stays; the file's says what its weights are in", async () => {
  await importAthletesAction({ text: "name,unit,lift,weight\nKai Dunn,kg,Deadlift,100" });
  const text = "name,unit,body weight,lift,weight,date\nKai Dunn,lb,200,Deadlift,225,2026-02-02";
  const outcome = await importAthletesAction({ text });
  if (outcome.kind !== "imported") throw new Error(outcome.message);
  const { draft } = (await openAthlete((await findByName("Kai Dunn"))!.id))!;
  // 200 lb are 90.718 kg, 225 lb 102.058 kg.
  expect(draft).toMatchObject({ unit: "kg", bodyWeight: 90718 });
  expect(draft.weights.find((w) => w.day === "2026-02-02")).toMatchObject({ weight: 102058 });
  expect(draft.weights.find((w) => w.day === today())).toMatchObject({ weight: 100000 });
});

test("an empty cell says nothing, and what is said twice is said once", async () => {
  await importAthletesAction({
    text: "name,limiters,areas\nLia Moss,neck; neck; squat,knee: sore; knee: slow",
  });
  const of = async () => (await openAthlete((await findByName("Lia Moss"))!.id))!.draft;
  expect(await of()).toMatchObject({
    limiters: ["neck", "squat"],
    areas: [{ area: "knee", level: "slow" }],
  });
  await importAthletesAction({ text: "name,limiters,areas,note\nLia Moss,,,Back again" });
  expect(await of()).toMatchObject({
    ...{ limiters: ["neck", "squat"], areas: [{ area: "knee", level: "slow" }], note: "Back again" },
  });
});

test("what was kept to undo an earlier version's import takes no limiters and injuries along", async () => {
  const before = (await openAthlete("soraya"))!.draft;
  expect(before.limiters.length + before.areas.length).toBeGreaterThan(0);
  const { id } = before;
  const rows = { groups: [], added: [], weights: [], limiters: [], areas: [] };
  const kept = await applyImport({ ...rows, changed: [{ id, to: { note: "Changed" } }] });
  const { limiters: _, areas: __, ...earlier } = kept;
  await undoImport(earlier);
  expect((await openAthlete("soraya"))!.draft).toEqual(before);
});
