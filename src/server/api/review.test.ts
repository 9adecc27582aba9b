import { planOfSquat as plan, post, refusal } from "../__tests__/requests";
import { reviewResponseSchema } from "../schemas/responses";
import { reviewResponse } from "./review";

describe("POST /api/review", () => {
  const steps = [
    { drill: "vertical-jump", sets: 1, amount: 3 },
    { drill: "leg-swing-front", sets: 1, amount: 10, side: "left" },
  ];

  test("gives findings with remedies, as its schema says", async () => {
    const ramps = [[{ weight: 40, reps: 5, restSeconds: 30 }]];
    const response = await post(reviewResponse, { ...plan, plan: { steps, ramps } });
    const { findings } = reviewResponseSchema.parse(await response.json());
    const codes = findings.map((f) => f.code);
    expect(codes).toEqual(
      expect.arrayContaining(["explosive-early", "one-sided", "unserved", "jump-too-large"]),
    );
    for (const f of findings) expect(f.remedies.length).toBeGreaterThan(0);
  });

  test.each([
    ["an unknown drill", { steps: [{ drill: "moonwalk", sets: 1, amount: 3 }] }, "plan.steps.0.drill"],
    ["a third side", { steps: [{ ...steps[0], side: "middle" }] }, "plan.steps.0.side"],
    ["no plan", undefined, "plan"],
  ])("%s is refused by name", async (_, reviewed, path) => {
    const { status, errors } = await refusal(reviewResponse, { ...plan, plan: reviewed });
    expect(status).toBe(400);
    expect(errors.map((e: { path: string }) => e.path)).toContain(path);
  });
});
