import { weight } from "@/core/units";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { raiseWeightsAction, restoreAction } from "../__tests__/now";
import { today } from "../sessions/day";
import { openAthlete } from "./athletes";
import { workingWeightsOf } from "./raise-weights";

withTemporaryDatabase();
beforeAll(() => seedDemo(new Date()));

const newest = async (id: string, lift: string) =>
  (await workingWeightsOf([id]))[0]?.weights.find((w) => w.lift === lift)?.weight ?? null;

test("working weights go up by a step from today on, and come back by undo", async () => {
  const people = ["ilse", "ruta", "nobody"];
  const [ilse] = await workingWeightsOf(people);
  const { lift, weight: before } = ilse!.weights[0]!;
  const raised = await raiseWeightsAction({
    athleteIds: people,
    lifts: [lift],
    by: { kind: "steps", steps: 1 },
  });
  expect(raised).toMatchObject({ kind: "raised" });
  expect(await newest("ilse", lift)).toBe(before + weight(ilse!.unit === "kg" ? 2.5 : 5));
  const { weights } = (await openAthlete("ilse"))!.draft;
  expect(weights.some((w) => w.lift === lift && w.day === today() && w.source === "coach")).toBe(true);
  expect(weights.some((w) => w.lift === lift && w.weight === before)).toBe(true);
  await restoreAction((raised as { token: string }).token);
  expect(await newest("ilse", lift)).toBe(before);
});

test.each([
  [{ by: { kind: "steps", steps: 99 } }, /by\.steps: Must be at most 20/],
  [{ by: { kind: "percent", percent: "2" } }, /by\.percent: Give a number/],
  [{ lifts: ["no-lift"] }, /There is no lift "no-lift"/],
  [{ athleteIds: [] }, /Choose somebody/],
  [{ athleteIds: ["nobody"] }, /None of them has a working weight/],
])("%j is refused", async (bad, message) => {
  const request = { athleteIds: ["ilse"], lifts: ["back-squat"], by: { kind: "steps", steps: 1 }, ...bad };
  expect(await raiseWeightsAction(request)).toEqual({
    kind: "refused",
    message: expect.stringMatching(message),
  });
});
