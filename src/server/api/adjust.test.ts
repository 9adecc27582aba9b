import { backSquat, post } from "../__tests__/requests";
import { adjustResponseSchema } from "../schemas/adjust-api";
import { adjustResponse } from "./adjust";

const asked = {
  unit: "kg",
  ...backSquat,
  done: [
    { weight: 20, reps: 8 },
    { weight: 50, reps: 5, perSide: [15] },
  ],
};

async function answer(body: unknown) {
  const response = await post(adjustResponse, body);
  return { status: response.status, body: await response.json() };
}

test("the rest of a ramp for a lighter day, from what is on the bar", async () => {
  const { status, body } = await answer({ ...asked, change: { kind: "lighter", percent: 8 } });
  expect(status).toBe(200);
  expect(adjustResponseSchema.parse(body)).toMatchObject({ done: 2, workingReps: 5, exactWeight: 92 });
  expect(body.working.weight).toBe(90);
  expect(body.sets.slice(0, 2)).toMatchObject([
    { weight: 20, reps: 8, perSide: [] },
    { weight: 50, reps: 5, perSide: [15] },
  ]);
  expect(body.sets.length).toBeGreaterThan(2);
});

test("another scheme at the same effort, and less time", async () => {
  const scheme = await answer({ ...asked, change: { kind: "same-effort", reps: 3 } });
  expect(scheme.body).toMatchObject({ workingReps: 3, working: { weight: 105 } });
  const hurried = await answer({ ...asked, secondsLeft: 180 });
  expect(hurried.body.findings.map((f: { code: string }) => f.code)).toContain("hurried");
});

test.each([
  [{ done: [{ weight: 50, reps: 5, perSide: [10] }] }, "done.0.perSide", /make 40/],
  [{ done: [{ weight: 53, reps: 5 }] }, "done.0.weight", /does not make/],
  [{ done: [{ weight: 60, reps: 5, perSide: [5, 15] }] }, "done.0.perSide", /inside out/],
  [{ done: [{ weight: 56, reps: 5, perSide: [18] }] }, "done.0.perSide", /not among/],
  [{ done: [{ weight: 170, reps: 5, perSide: [25, 25, 25] }] }, "done.0.perSide", /not among/],
  [{ change: { kind: "lighter", percent: 88 } }, "change", /Nothing so light/],
  [{ change: { kind: "lighter", percent: 95 } }, "change.percent", /0 to 90/],
  [{ secondsLeft: -5 }, "secondsLeft", /at least 0/],
])("%j is refused at %s", async (change, path, message) => {
  const { status, body } = await answer({ ...asked, ...change });
  expect(status).toBe(400);
  expect(body.errors[0]).toMatchObject({ path, message: expect.stringMatching(message) });
});
