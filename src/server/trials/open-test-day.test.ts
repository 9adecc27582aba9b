import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { noteResultAction } from "../actions/trials";
import { today } from "../sessions/day";
import { openTestDay } from "./open-test-day";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

const note = (athleteId: string, id: string, over = {}) =>
  noteResultAction({
    athleteId,
    result: { id, test: "plank", day: today(), moment: "cold", value: [60], ...over },
  });

test("a day of tests has a group's people with what limits them; without a group it is the first", async () => {
  const { group, groups, people } = (await openTestDay("masters"))!;
  expect(group).toEqual({ id: "masters", name: "Masters, 45 and over" });
  expect(groups).toHaveLength(3);
  expect(people).toHaveLength(12);
  expect(people.find((p) => p.id === "consuelo")!.limiters).toContain("ankle-dorsiflexion");
  expect((await openTestDay(null))!.group.id).toBe("pilots");
  expect(await openTestDay("nobody")).toBeNull();
});

test("the last outcome of each test is where one begins; what was after a warm-up is not", async () => {
  await note("mei", "plank-before", { day: "2026-01-05", value: [50] });
  await note("mei", "plank-of-today", { value: [75] });
  await note("mei", "plank-after-it", { moment: "after", value: [90] });
  await note("mei", "knee-to-wall", { test: "knee-to-wall", day: "2026-01-05", value: [8, 9] });
  const mei = (await openTestDay("masters"))!.people.find((p) => p.id === "mei")!;
  expect(mei.last).toEqual({
    plank: { day: today(), value: [75] },
    "knee-to-wall": { day: "2026-01-05", value: [8, 9] },
  });
});
