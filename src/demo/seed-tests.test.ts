import { listTestResults, listTrials } from "@/data/trials";
import { withTemporaryDatabase } from "@/server/__tests__/database";
import { openTests } from "@/server/trials/open-tests";
import { groups } from "./people";
import { seedDemo } from "./seed";
import { seedTests } from "./seed-tests";

withTemporaryDatabase();

const NOW = new Date();
const people = groups.flatMap((g) => g.athletes);

beforeAll(async () => {
  await seedDemo(NOW);
  await seedTests(NOW);
});

test("everybody has eight weeks of tests and trials, some of them without a drill", async () => {
  const trials = await listTrials();
  for (const { id } of people)
    expect(trials.filter((t) => t.athleteId === id).length).toBeGreaterThanOrEqual(8);
  expect(trials.some((t) => t.drill === null)).toBe(true);
  expect((await listTestResults(people.map((p) => p.id))).length).toBeGreaterThanOrEqual(4 * people.length);
});

test("there is something to find: for some a drill is known to help, and most is not known yet", async () => {
  const all = await Promise.all(people.map(async ({ id }) => (await openTests(id))!.responses));
  const tried = all.flat().filter((r) => r.trials > 0);
  const helps = tried.filter((r) => r.verdict === "helps");
  expect(helps.length).toBeGreaterThan(5);
  expect(helps.length).toBeLessThan(tried.length);
});

test("seeded again on the same day nothing is added", async () => {
  const before = await listTrials();
  await seedTests(NOW);
  expect(await listTrials()).toEqual(before);
});
