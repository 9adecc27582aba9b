import { planRequest } from "@/__tests__/fixtures";
import { shippedCatalog } from "@/catalog";
import type { KnownResponse } from "../response";
import { planWarmUp } from ".";

const demand = "ankle-dorsiflexion";
const planned = (responses?: readonly KnownResponse[]) =>
  planWarmUp(
    planRequest("front-squat", 90, {
      minutes: 14,
      athlete: { experience: "intermediate", limiters: [demand], areas: [], responses },
    }),
  );
const forAnkle = (plan: ReturnType<typeof planned>) =>
  plan.steps.filter((s) => s.drill.serves[demand] === 3).map((s) => s.drill.id);

const usual = planned();
const chosen = forAnkle(usual)[0]!;
const other = shippedCatalog.drills.find(
  (d) =>
    d.serves[demand] === 3 &&
    d.id !== chosen &&
    d.phases[0] === "mobilise" &&
    usual.blocks[0].choice.model.candidates.some((c) => c.drill === d),
)!;
const helped = { trials: 4, test: "Knee to wall", perMinute: 1.24, unit: "cm" } as const;

test("what has helped takes the place of what does little, and says so", () => {
  const plan = planned([
    { drill: other.id, demand, factor: 1.5, helped },
    { drill: chosen, demand, factor: 0.5 },
  ]);
  expect(forAnkle(plan)).toContain(other.id);
  expect(forAnkle(plan)).not.toContain(chosen);
  expect(plan.steps.find((s) => s.drill === other)!.reason).toMatch(
    /Has helped: knee to wall 1\.2 cm better a minute in 4 trials\.$/,
  );
});

test("without anything known the plan is what it was", () => {
  const drills = (plan: ReturnType<typeof planned>) => plan.steps.map((s) => [s.drill.id, s.dose, s.reason]);
  expect(drills(planned([]))).toEqual(drills(usual));
  // Known to do just what it is expected to.
  expect(drills(planned([{ drill: chosen, demand, factor: 1 }]))).toEqual(drills(usual));
});

test("what is known for another demand does not count", () => {
  const plan = planned([{ drill: other.id, demand: "neck", factor: 1.5, helped }]);
  expect(plan.steps.some((s) => s.reason.includes("Has helped"))).toBe(false);
});
