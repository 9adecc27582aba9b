import { database } from "@/data/database";
import { gym } from "@/data/schema";
import { withTemporaryDatabase } from "../__tests__/database";
import { listDay, openSession, openWarmUp, takeFirstSteps } from "../__tests__/now";
import type { FirstStepsForm } from "./first-steps";

withTemporaryDatabase();

const form: FirstStepsForm = {
  names: "Ada",
  set: "garage",
  experience: "beginner",
  unit: "kg",
  bar: "20",
  plates: [
    { weight: "20", pairs: 2 },
    { weight: "10", pairs: 1 },
    { weight: "2,5", pairs: 2 },
    { weight: "10", pairs: 1 },
  ],
  bumpers: true,
  lift: "deadlift",
  sets: 3,
  reps: 5,
  weight: "85",
};

async function errorsOf(change: object) {
  const outcome = await takeFirstSteps({ ...form, ...change });
  return outcome.kind === "refused" ? outcome.errors : [];
}

test("an empty gym has nobody", async () => {
  expect((await listDay("2026-01-05", 1)).sessions).toEqual([]);
});

test.each([
  ["no name", { names: "  " }, "names", /Type the athlete's name/],
  ["a weight behind a name that is none", { names: "Ada, 0" }, "names", /Ada: /],
  ["a weight behind a name between plates", { names: "Ada, 86" }, "names", /Ada: .*Nearest: 85 kg or 90 kg/],
  ["too many", { names: Array.from({ length: 61 }, (_, i) => `A${i}`).join("\n") }, "names", /at most 60/],
  ["a gym that is not there", { set: "moon" }, "set", /no kind of gym/],
  ["a lift that the gym has nothing for", { lift: "leg-press" }, "lift", /nothing for this lift/],
  ["a pull-up without a body weight", { lift: "pull-up" }, "bodyWeight", /Type the body weight/],
  ["a body weight in words", { bodyWeight: "light" }, "bodyWeight", /Type a number/],
  ["a weight between plates", { weight: "86" }, "weight", /Nearest: 85 kg or 90 kg/],
  ["a weight under the bar", { weight: "15" }, "weight", /Nearest: 20 kg/],
  ["a million pairs", { plates: [{ weight: "20", pairs: 1_000_000 }] }, "plates.0.pairs", /at most 50/],
  ["no plates", { plates: [] }, "plates", /at least one pair/],
  ["a plate that is no number", { plates: [{ weight: "heavy", pairs: 1 }] }, "plates.0.weight", /number/],
  ["no unit", { unit: "stone" }, "unit", /./],
  ["half a rep", { reps: 2.5 }, "reps", /whole number/],
])("%s is refused by name", async (_, change, path, message) => {
  expect(await errorsOf(change)).toContainEqual({ path, message: expect.stringMatching(message) });
});

test("names with a weight behind a space, and with another unit", async () => {
  const names = "Maria Lopez 42.5\nBo 225 lb\nIda Lund\nLane 7";
  // 225 lb are 102.06 kg, which these plates do not make.
  expect(await errorsOf({ names, lift: "bench-press" })).toContainEqual({
    path: "names",
    message: expect.stringMatching(/^(Maria Lopez|Bo): What there is does not make it/),
  });
});

test("nothing was stored by what was refused", async () => {
  expect(await (await database()).select().from(gym)).toEqual([]);
});

test("a good form leads to a first plan", async () => {
  const outcome = await takeFirstSteps(form);
  if (outcome.kind !== "started") throw new Error(JSON.stringify(outcome));
  const opened = await openWarmUp(outcome.sessionId, outcome.athleteId!);
  if (!opened.ok) throw new Error("not opened");
  const { member, gym: kit } = opened.value;
  const { draft, athlete } = member;
  expect(draft).toMatchObject({ lifts: [{ lift: "deadlift", weight: 85000, reps: 5 }] });
  expect(athlete.name).toBe("Ada");
  expect(kit.plates.map((p) => [p.weight, p.pairs, p.fullDiameter])).toEqual([
    [20000, 2, true],
    [10000, 2, true],
    [2500, 2, false],
  ]);
});

test("a lift with one's own body starts from the body weight that was given", async () => {
  const outcome = await takeFirstSteps({ ...form, lift: "pull-up", bodyWeight: "72.5", weight: "82.5" });
  if (outcome.kind !== "started") throw new Error(JSON.stringify(outcome));
  const opened = await openWarmUp(outcome.sessionId, outcome.athleteId!);
  if (!opened.ok) throw new Error("not opened");
  expect(opened.value.member.athlete.bodyWeight).toBe(72500);
  expect(opened.value.member.draft.lifts[0]).toMatchObject({ lift: "pull-up", weight: 82500 });
});

test("a pasted list with weights makes a session for all of them", async () => {
  const names = "Una Vell, 60\nOke Brandt\t100 kg\n\nIda Lund\nUna Vell, 70";
  const outcome = await takeFirstSteps({ ...form, names, weight: "" });
  if (outcome.kind !== "started") throw new Error(JSON.stringify(outcome));
  expect(outcome.athleteId).toBeNull();
  const opened = await openSession(outcome.sessionId);
  if (!opened.ok) throw new Error("not opened");
  const { members, session, gym: kit } = opened.value;
  expect(session).toMatchObject({ name: "Athletes", together: true });
  expect(members.map((m) => [m.athlete.name, m.draft.lifts[0]!.weight])).toEqual([
    ["Una Vell", 60000],
    ["Oke Brandt", 100000],
    ["Ida Lund", null],
  ]);
  expect(kit.equipment).toContain("pull-up-bar");
});
