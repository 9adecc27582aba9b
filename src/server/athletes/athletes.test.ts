import Papa from "papaparse";
import type { GymKit } from "@/core/gym";
import { type Weight, weight } from "@/core/units";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import {
  addAthletesAction,
  changeSeveralAction,
  listDay,
  noteReachedAction,
  openWarmUp,
  saveAthleteAction,
  saveGymAction,
  weightsNotHere,
  workingWeightsCsv,
} from "../__tests__/now";
import { athletesCsv } from "../files/export";
import { openGymKit } from "../gyms/gym-kit";
import { today } from "../sessions/day";
import { listAthletePage, openAthlete } from "./athletes";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

async function openedGym() {
  return (await openGymKit())!;
}
async function opened(id: string) {
  return (await openAthlete(id))!;
}
const names = (page: Awaited<ReturnType<typeof listAthletePage>>) => page.rows.map((r) => r.name);

describe("the gym", () => {
  test("is stored as it was changed, plates and things with it", async () => {
    const { gym, revision } = await openedGym();
    const plates = gym.plates.filter((p) => p.weight !== weight(1.25));
    const changed: GymKit = {
      ...gym,
      name: "Quay Hall",
      bar: { ...gym.bar, weight: weight(15), collar: weight(0.5) },
      plates,
      dumbbells: [5, 10, 15].map(weight),
      sledge: null,
      equipment: ["stick", "rower"],
      counts: { rower: 2 },
    };
    expect(await saveGymAction({ revision, gym: changed })).toEqual({
      kind: "saved",
      revision: revision + 1,
    });
    expect((await openedGym()).gym).toEqual({
      ...changed,
      equipment: expect.arrayContaining(["stick", "rower"]),
    });
    await saveGymAction({ revision: revision + 1, gym });
    expect((await openedGym()).gym.plates).toEqual(gym.plates);
  });

  test("has reached something at a drill, once, from then on and until it is taken back", async () => {
    const note = (sign: string, reached = true) =>
      noteReachedAction({ athleteId: "ilse", drill: "front-plank", sign, reached });
    for (const sign of ["60 s clean", " 60 S  clean"]) expect(await note(sign)).toEqual({ kind: "noted" });
    const { draft, revision } = await opened("ilse");
    expect(draft.reached).toEqual([{ drill: "front-plank", sign: "60 S  clean", day: today() }]);
    expect(await saveAthleteAction({ revision, athlete: draft })).toMatchObject({ kind: "saved" });
    await note("60 s clean", false);
    expect((await opened("ilse")).draft.reached).toEqual([]);
    expect(await note("")).toMatchObject({
      kind: "refused",
      message: expect.stringMatching(/sign: Say what/),
    });
    const nobody = { athleteId: "nobody", drill: "front-plank", sign: "x", reached: true };
    expect(await noteReachedAction(nobody)).toMatchObject({ kind: "refused" });
  });

  test("changed in another window is not written over, and shown as it is there", async () => {
    const { gym, revision } = await openedGym();
    await saveGymAction({ revision, gym: { ...gym, name: "First" } });
    const late = await saveGymAction({ revision, gym: { ...gym, name: "Second" } });
    expect(late).toMatchObject({
      kind: "changed-elsewhere",
      revision: revision + 1,
      draft: { name: "First" },
    });
  });

  test("that loses plates says whose working weight it no longer makes; their warm-ups still open", async () => {
    const { gym, revision } = await openedGym();
    expect(await weightsNotHere()).toEqual([]);
    const coarse = gym.plates.filter((p) => p.weight >= weight(10));
    const outcome = await saveGymAction({ revision, gym: { ...gym, plates: coarse } });
    const found = await weightsNotHere();
    expect(found.map((f) => f.name)).toContain("Rashid al-Amin");
    expect((await openWarmUp("today-masters", "rashid")).ok).toBe(true);
    expect((await listDay(today(), 1)).sessions).toHaveLength(3);
    if (outcome.kind === "saved") await saveGymAction({ revision: outcome.revision, gym });
    expect(await weightsNotHere()).toEqual([]);
  });

  test.each<[string, (gym: GymKit) => unknown, RegExp]>([
    ["without a name", (gym) => ({ ...gym, name: " " }), /gym\.name: Type the gym's name/],
    [
      "with a size twice",
      (gym) => ({ ...gym, plates: [gym.plates[0], gym.plates[0]] }),
      /Give each size once/,
    ],
    ["with no pairs", (gym) => ({ ...gym, plates: [{ ...gym.plates[0], pairs: 0 }] }), /at least 1/],
    ["with a bar of nothing", (gym) => ({ ...gym, bar: { ...gym.bar, weight: 0 } }), /gym\.bar\.weight/],
    ["with things that there are not", (gym) => ({ ...gym, equipment: ["sauna"] }), /gym\.equipment/],
  ])("%s is refused, and nothing is stored", async (_, change, message) => {
    const { gym, revision } = await openedGym();
    const outcome = await saveGymAction({ revision, gym: change(gym) });
    expect(outcome).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
    expect(await openedGym()).toEqual({ gym, revision });
  });
});

describe("an athlete", () => {
  test("is stored as changed: person, limiters in their order, areas, working weights", async () => {
    const { draft, revision } = await opened("ilse");
    const changed = {
      ...draft,
      bodyWeight: weight(67),
      limiters: ["front-rack" as const, ...draft.limiters.filter((l) => l !== "front-rack")],
      areas: [{ area: "wrist" as const, level: "sore" as const }],
      weights: [
        {
          lift: "front-squat",
          day: today(),
          ...{ weight: weight(50), reps: 5, sets: 3, rir: 2 },
          ...{ kind: "working" as const, source: "test" as const },
        },
        ...draft.weights.filter((w) => w.day !== today()),
      ],
    };
    expect(await saveAthleteAction({ revision, athlete: changed })).toMatchObject({ kind: "saved" });
    expect((await opened("ilse")).draft).toEqual(changed);
  });

  test("changed in another window is not written over", async () => {
    const { draft, revision } = await opened("kenji");
    await saveAthleteAction({ revision, athlete: { ...draft, note: "first" } });
    const late = await saveAthleteAction({ revision, athlete: { ...draft, note: "second" } });
    expect(late).toMatchObject({ kind: "changed-elsewhere", draft: { note: "first" } });
  });

  test.each([
    ["a group that is not there", { groupId: "nowhere" }, /no such group/],
    ["a limiter twice", { limiters: ["squat", "squat"] }, /athlete\.limiters: Choose each limiter once/],
    [
      "a day that is none",
      { weights: [{ lift: "deadlift", day: "yesterday", weight: 60000, reps: 5, sets: 3, rir: 0 }] },
      /athlete\.weights\.0\.day/,
    ],
    ["a name that steers a terminal", { name: "No\u001ba" }, /athlete\.name: Use letters and signs/],
    ["a birth year long ago", { birthYear: 1066 }, /athlete\.birthYear: Must be at least 1900/],
  ])("with %s is refused", async (_, change, message) => {
    const { draft, revision } = await opened("noa");
    const outcome = await saveAthleteAction({ revision, athlete: { ...draft, ...change } });
    expect(outcome).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
    expect((await opened("noa")).draft).toEqual(draft);
  });

  test("in the archive is on no day's page, and back again", async () => {
    const linesOf = async () =>
      (await listDay(today(), 1)).sessions.flatMap((g) => g.lines.map((l) => l.athlete.id));
    expect(await changeSeveralAction({ ids: ["mei", "lars"], to: { archived: true } })).toMatchObject({
      kind: "changed",
      what: "2 athletes archived",
    });
    expect(await linesOf()).not.toContain("mei");
    expect(names(await listAthletePage({ show: "archived" }))).toEqual([
      "Lars-Olof Brännström",
      "Mei-Lin Cho",
    ]);
    await changeSeveralAction({ ids: ["mei", "lars"], to: { archived: false } });
    expect(await linesOf()).toContain("mei");
  });
});

describe("the list of athletes", () => {
  test("is searched, filtered and ordered as the address says; nonsense in it counts as not said", async () => {
    expect(names(await listAthletePage({ q: "ras" }))).toEqual(["Rashid al-Amin"]);
    const masters = await listAthletePage({ group: "masters", order: "name" });
    expect(masters.total).toBe(12);
    expect(names(masters)).toEqual(names(masters).toSorted((a, b) => a.localeCompare(b)));
    const odd = await listAthletePage({ order: "shoe size", page: "-3", q: ["a", "b"] });
    expect(odd.query).toMatchObject({ order: "group", page: 1, q: "a" });
    expect((await listAthletePage({ order: "updated" })).rows[0]!.name).toBe("Noa Ben-Ami");
    expect((await listAthletePage({ q: "%" })).total).toBe(30);
  });

  test("takes a pasted list of names into a new group, each once", async () => {
    const outcome = await addAthletesAction({
      names: "Una Vell\n Oke Brandt \n\nUna Vell",
      group: "Evening",
      unit: "kg",
    });
    expect(outcome).toMatchObject({ kind: "added", count: 2 });
    const more = await addAthletesAction({ names: "Ida Lund", group: "evening", unit: "lb" });
    expect(more).toMatchObject({ kind: "added", count: 1 });
    const page = await listAthletePage({ q: "" });
    const evening = page.rows.filter((r) => r.group === "Evening");
    expect(evening.map((r) => [r.name, r.unit])).toEqual([
      ["Ida Lund", "lb"],
      ["Oke Brandt", "kg"],
      ["Una Vell", "kg"],
    ]);
    expect(page.groups.filter((g) => g.name.toLowerCase() === "evening")).toHaveLength(1);
    await changeSeveralAction({ ids: evening.map((r) => r.id), to: { groupId: "pilots" } });
    expect((await listAthletePage({ group: "pilots" })).total).toBe(12);
  });

  test.each([
    [{ names: " \n ", group: "X", unit: "kg" }, /Type a name/],
    [{ names: "A", group: " ", unit: "kg" }, /Choose a group/],
    [{ names: "x".repeat(90), group: "X", unit: "kg" }, /too long a name/],
    [
      { names: Array.from({ length: 201 }, (_, i) => `N${i}`).join("\n"), group: "X", unit: "kg" },
      /at most 200/,
    ],
  ])("%# is refused with what to do", async (request, message) => {
    expect(await addAthletesAction(request)).toMatchObject({
      kind: "refused",
      message: expect.stringMatching(message),
    });
  });
});

describe("files to take out", () => {
  const read = (body: string) => Papa.parse<Record<string, string>>(body, { header: true }).data;

  test("have a line for each athlete and each working weight, as they are stored", async () => {
    const people = read((await athletesCsv()).body);
    expect(people.length).toBeGreaterThanOrEqual(30);
    const ilse = people.find((p) => p.name === "Ilse Maartens")!;
    expect(ilse).toMatchObject({ body_weight: "67", areas: "wrist: sore", archived: "no" });
    const weights = read((await workingWeightsCsv()).body);
    const { draft } = await opened("rashid");
    const his = weights.filter((w) => w.name === "Rashid al-Amin");
    expect(his).toHaveLength(draft.weights.length);
    expect(his.find((w) => w.lift === "Back squat")).toMatchObject({ weight: "147.5", sets: "4", reps: "3" });
  });

  test("hold no formula that a spreadsheet would run", async () => {
    const { draft, revision } = await opened("yusuf");
    await saveAthleteAction({ revision, athlete: { ...draft, name: "=1+1", note: "@sum(A1)" } });
    const mei = await opened("mei");
    const linked = { ...mei.draft, note: "\n =HYPERLINK(1)\nmore" };
    await saveAthleteAction({ revision: mei.revision, athlete: linked });
    const { body } = await athletesCsv();
    expect(body).toContain("'\n =HYPERLINK(1)");
    expect(body).not.toMatch(/(^|,)"?[=@]/m);
    expect(read(body).find((p) => p.name === "'=1+1")?.note).toBe("'@sum(A1)");
  });
});

test("a long list comes in pages", async () => {
  const many = Array.from({ length: 120 }, (_, i) => `Reserve ${String(i).padStart(3, "0")}`).join("\n");
  await addAthletesAction({ names: many, group: "Reserve", unit: "kg" });
  const first = await listAthletePage({ q: "Reserve" });
  expect([first.rows.length, first.total, first.pages]).toEqual([50, 120, 3]);
  const last = await listAthletePage({ q: "Reserve", page: "3" });
  expect(last.rows).toHaveLength(20);
  expect(new Set([...names(first), ...names(last)]).size).toBe(70);
  expect(first.rows[0]!.bodyWeight as Weight | null).toBeNull();
});
