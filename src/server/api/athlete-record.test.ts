import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { writeAsPlannedAction } from "../actions/record";
import { recordResponseSchema, testsResponseSchema } from "../schemas/responses";
import { today } from "../sessions/day";
import { getRecord, getTests, postTest, postTrial } from "./athlete-record";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

const sent = (body: object) =>
  new Request("http://localhost/", {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  });
const test1 = { id: "from-outside", test: "plank", day: today(), moment: "cold", value: [80] };
const trial = {
  ...{ id: "tried-outside", test: "knee-to-wall", drill: "calf-roll", seconds: 60, day: today() },
  ...{ before: [8, 7], after: [8.5, 9] },
};
const record = async (id = "rashid") => recordResponseSchema.parse(await (await getRecord(id)).json());

test("a test and a trial are stored once, and are on record with what was done", async () => {
  for (let i = 0; i < 2; i++) {
    expect((await postTest("rashid", sent(test1))).status).toBe(201);
    expect((await postTrial("rashid", sent(trial))).status).toBe(201);
  }
  await writeAsPlannedAction({ sessionId: "today-masters", absent: [] });
  const { tests, trials, sessions, sets } = await record();
  expect(tests).toEqual([{ ...test1, signs: [], sessionId: "today-masters" }]);
  expect(trials).toEqual([trial]);
  expect(sessions).toMatchObject([{ sessionId: "today-masters", presence: "there", readySeconds: null }]);
  expect(sets.some((s) => s.isWork && s.weight > 20)).toBe(true);
  testsResponseSchema.parse(await getTests().json());
});

test.each([
  [{ ...test1, value: [4000] }, "value"],
  [{ ...test1, day: "2199-01-01" }, "day"],
  [{ ...test1, id: "x" }, "id"],
])("%j is refused by its field, and nothing is stored", async (body, field) => {
  const before = await record();
  const answer = await postTest("rashid", sent(body));
  expect(answer.status).toBe(400);
  expect((await answer.json()).errors[0].path).toBe(field);
  expect(await record()).toEqual(before);
});

test("nobody has a record", async () => {
  const answers = [
    await getRecord("nobody"),
    await postTest("nobody", sent(test1)),
    await postTrial("nobody", sent(trial)),
  ];
  expect(answers.map((a) => a.status)).toEqual([404, 404, 404]);
});
