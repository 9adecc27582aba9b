import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "./__tests__/database";
import { openSession } from "./__tests__/now";
import { saveSessionAction } from "./actions/sessions";
import { stampOf } from "./stamps";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

test("a stamp moves with a save, and only then", async () => {
  const before = await stampOf("session", "tomorrow-pilots");
  expect(await stampOf("session", "tomorrow-pilots")).toEqual(before);
  const opened = await openSession("tomorrow-pilots");
  if (!opened.ok) throw new Error("not opened");
  const { session, revision } = opened.value;
  expect(await saveSessionAction({ revision, session: { ...session, minutes: 21 } })).toMatchObject({
    kind: "saved",
  });
  expect(await stampOf("session", "tomorrow-pilots")).not.toEqual(before);
});

test.each(["athlete", "gym"])("an unknown %s has none", async (kind) => {
  expect(await stampOf(kind, "gone")).toBeNull();
});

test("neither has a kind that there is not", async () => {
  expect(await stampOf("drawer", "today-pilots")).toBeNull();
});

test("an athlete has one", async () => {
  expect(await stampOf("athlete", "consuelo")).toEqual({ revision: expect.any(Number) });
});
