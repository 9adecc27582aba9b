import { addDays } from "date-fns";
import { shippedCatalog } from "@/catalog";
import { drillById } from "@/core/catalog";
import { doseSeconds } from "@/core/dose";
import { type DoneDrillRow, putSessionRecord } from "@/data/records";
import { seedDemo } from "@/demo/seed";
import { isoDay } from "@/lib/iso-day";
import { withTemporaryDatabase } from "../__tests__/database";
import { openCatalog } from "./catalog";

withTemporaryDatabase();

const DRILL = "front-plank";
const people = ["rashid", "mei", "consuelo", "dmitri"];
const dose = { sets: 2, amount: 30 };

/** Everybody does a drill of a minute in so many seconds, so many days ago. */
async function took(seconds: number, ago: number, over: Partial<DoneDrillRow> = {}) {
  const sessionId = `s${ago}`;
  const day = isoDay(addDays(new Date(), -ago));
  await putSessionRecord(sessionId, {
    sessions: people.map((athleteId) => ({
      ...{ sessionId, athleteId, day, name: "S", presence: "there", plannedSeconds: 1, readySeconds: 1 },
      ...{ pains: [], stopped: [], notes: [], endedAt: seconds },
    })),
    drills: people.map((athleteId) => ({
      ...{
        sessionId,
        athleteId,
        place: 0,
        day,
        drill: DRILL,
        name: "Plank",
        phase: "activate",
        isDone: true,
      },
      ...{ insteadOf: null, plannedSeconds: 60, realSeconds: seconds, pace: 1 },
      ...over,
    })),
    sets: [],
  });
}
const pace = async () => (await openCatalog()).custom.paces?.[DRILL] ?? 1;
const clear = async () => {
  for (let ago = 0; ago < 9; ago++) await putSessionRecord(`s${ago}`, { sessions: [], drills: [], sets: [] });
};

beforeAll(() => seedDemo(new Date()));
beforeEach(clear);

test("what drills take on the floor is what plans count with, drawn to their parts", async () => {
  expect(await pace()).toBe(1);
  for (const ago of [1, 2, 3, 4]) await took(84, ago);
  const slow = await pace();
  expect(slow).toBeGreaterThan(1.2);
  expect(slow).toBeLessThanOrEqual(1.4);
  const [shipped, here] = [shippedCatalog, await openCatalog()].map((c) => drillById(c, DRILL)!);
  expect(doseSeconds(here!.dose, dose)).toBe(Math.round(doseSeconds(shipped!.dose, dose) * slow));
  await clear();
  expect(await pace()).toBe(1);
});

test("today's sessions change none of today's plans", async () => {
  await took(90, 0);
  await took(90, 1);
  const before = await openCatalog();
  await took(30, 0);
  expect(await openCatalog()).toBe(before);
});

test("what was planned with what had been learnt does not unlearn it", async () => {
  // Planned at 78 s, since it takes 1.3 times its minute, and done in 78 s.
  for (const ago of [1, 2, 3, 4]) await took(78, ago, { plannedSeconds: 78, pace: 1.3 });
  expect(await pace()).toBeGreaterThan(1.15);
});

test.each([
  ["ticked far too late", 400, {}],
  ["two ticked at a time", 5, {}],
  ["not done", 84, { isDone: false }],
  ["another drill in its place", 84, { insteadOf: "Side plank" }],
  ["written down afterwards", 84, { realSeconds: null }],
])("what was %s says nothing", async (_, seconds, over) => {
  for (const ago of [1, 2, 3, 4]) await took(seconds, ago, over);
  expect(await pace()).toBe(1);
});

test("a catalog in which nothing has changed is the same value", async () => {
  const before = await openCatalog();
  await took(60, 1);
  expect(await openCatalog()).toBe(before);
});
