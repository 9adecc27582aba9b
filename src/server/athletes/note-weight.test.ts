import { weight } from "@/core/units";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { noteWeightAction } from "../actions/athletes";
import { today } from "../sessions/day";
import { openAthlete } from "./athletes";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

const of = { athleteId: "ilse", lift: "front-squat", day: today() };
const record = { weight: weight(55), sets: 3, reps: 5, rir: 2 };
const known = async () =>
  (await openAthlete("ilse"))!.draft.weights.find((w) => w.lift === of.lift && w.day === of.day);

test("a working weight counts from its day on, once a day, and can be taken back", async () => {
  const { revision } = (await openAthlete("ilse"))!;
  const first = await noteWeightAction({ ...of, record });
  expect(first).toEqual({ kind: "noted", day: today(), before: null });
  expect(await known()).toMatchObject(record);
  expect((await openAthlete("ilse"))!.revision).toBe(revision + 1);
  const second = await noteWeightAction({ ...of, record: { ...record, weight: weight(60) } });
  expect(second).toMatchObject({ kind: "noted", before: record });
  expect(await known()).toMatchObject({ weight: weight(60) });
  if (second.kind === "noted") await noteWeightAction({ ...of, record: second.before });
  expect(await known()).toMatchObject(record);
  await noteWeightAction({ ...of, record: null });
  expect(await known()).toBeUndefined();
});

test("for a session to come it counts from today on, for one that was from its day", async () => {
  const noted = await noteWeightAction({ ...of, day: "2199-01-01", record });
  expect(noted).toMatchObject({ kind: "noted", day: today() });
  expect(await known()).toMatchObject(record);
  await noteWeightAction({ ...of, record: null });
  expect(await noteWeightAction({ ...of, day: "2001-01-01", record })).toMatchObject({ day: "2001-01-01" });
  await noteWeightAction({ ...of, day: "2001-01-01", record: null });
});

test.each([
  [{ ...of, athleteId: "nobody", record }, /no longer there/],
  [{ ...of, lift: "juggling", record }, /lift/i],
  [{ ...of, day: "yesterday", record }, /day/i],
  [{ ...of, record: { ...record, weight: weight(5000) } }, /weight/i],
])("%j is refused with the field, and nothing is stored", async (asked, message) => {
  expect(await noteWeightAction(asked)).toMatchObject({
    kind: "refused",
    message: expect.stringMatching(message),
  });
  expect(await known()).toBeUndefined();
});
