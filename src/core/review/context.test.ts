import { nameOnFailure, planRequest, somePlanRequests } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { drillById } from "../catalog";
import { DEMAND_IDS, type DemandId } from "../demands";
import { type PlanRequest, planWarmUp } from "../plan";
import { reviewContext, type WrittenStep, writtenOf } from ".";
import { demandsOf, drillSecondsOf, loadableOf, servedBySteps, workSecondsOf } from "./context";

const step = (id: string, change: Partial<WrittenStep> = {}): WrittenStep => ({
  drill: drillById(catalog, id)!,
  block: 0,
  sets: 1,
  amount: 8,
  side: "both",
  ...change,
});
const servedOf = (steps: readonly WrittenStep[], demand: DemandId) =>
  servedBySteps(steps)[DEMAND_IDS.indexOf(demand)]!;

describe("a plan written down", () => {
  const plans = somePlanRequests(12).map((request) => ({ request, plan: planWarmUp(request) }));

  test("takes as long as the plan says, and each of its steps the work that its dose is", () => {
    for (const { request, plan } of plans) {
      nameOnFailure(request, () => {
        const written = writtenOf(plan, request.minutes);
        expect(drillSecondsOf(written.steps, 0)).toBe(plan.drillSeconds);
        expect(written.steps.map((s) => s.drill.id)).toEqual(plan.steps.map((s) => s.drill.id));
        expect(written.ramps.map((sets) => sets?.length)).toEqual(plan.ramps.map((r) => r?.sets.length));
      });
    }
  });

  test("is held against our own ramps, whatever the coach has set by hand", () => {
    const free = planRequest("back-squat", 100);
    const [first] = free.lifts;
    const byHand: PlanRequest = { ...free, lifts: [{ ...first!, rampSets: 1 }], dropped: ["easy-row"] };
    const context = reviewContext(byHand);
    expect(context.request).toMatchObject({ own: [], dropped: [] });
    expect(context.model.refused.get("easy-row")).not.toBe("dropped");
  });
});

describe("seconds", () => {
  test("one side of a drill with two takes half of its work", () => {
    const both = workSecondsOf(step("leg-swing-front"));
    expect(workSecondsOf(step("leg-swing-front", { side: "left" }))).toBe(both / 2);
    expect(workSecondsOf(step("body-weight-squat", { side: "left" }))).toBe(
      workSecondsOf(step("body-weight-squat")),
    );
  });

  test("another block's drills do not count", () => {
    const first = [step("leg-swing-front")];
    expect(drillSecondsOf([...first, step("glute-bridge", { block: 1 })], 0)).toBe(drillSecondsOf(first, 0));
    expect(drillSecondsOf(first, 1)).toBe(0);
  });

  test("getting down to the floor and up again counts twice", () => {
    const standing = [step("leg-swing-front"), step("leg-swing-side")];
    const between = step("glute-bridge");
    const work = workSecondsOf(between);
    expect(drillSecondsOf(standing.toSpliced(1, 0, between), 0)).toBe(
      drillSecondsOf(standing, 0) + work + 24,
    );
  });
});

describe("what steps serve", () => {
  test("half the sides serve less than both, and two halves as much as the whole", () => {
    const left = step("leg-swing-front", { side: "left" });
    const right = step("leg-swing-front", { side: "right" });
    const whole = servedOf([step("leg-swing-front")], "hip-extension");
    expect(whole).toBeGreaterThan(0);
    expect(servedOf([left], "hip-extension")).toBeLessThan(whole);
    expect(servedOf([left, right], "hip-extension")).toBeCloseTo(whole);
  });

  test("rounds of a drill count together, so that the second brings less than the first", () => {
    const once = servedOf([step("glute-bridge")], "glute-max");
    const twice = servedOf([step("glute-bridge"), step("glute-bridge")], "glute-max");
    expect(twice).toBeGreaterThan(once);
    expect(twice).toBeLessThan(2 * once);
    expect(twice).toBeCloseTo(servedOf([step("glute-bridge", { sets: 2 })], "glute-max"));
  });

  test("different drills add up", () => {
    const [a, b] = [step("glute-bridge"), step("single-leg-bridge")];
    expect(servedOf([a, b], "glute-max")).toBeCloseTo(
      servedOf([a], "glute-max") + servedOf([b], "glute-max"),
    );
  });
});

describe("a later block", () => {
  const [squat] = planRequest("back-squat", 100).lifts;
  const [bench] = planRequest("bench-press", 80).lifts;
  const request = planRequest("back-squat", 100, { lifts: [squat!, bench!] });
  const context = reviewContext(request);
  const weightOf = (steps: readonly WrittenStep[], block: number, demand: DemandId) =>
    demandsOf(context, { steps, ramps: [], minutes: 20 }, block).find((d) => d.demand === demand)!.weight;

  test("asks only for what nothing before it has served", () => {
    const cuff = step("face-pull", { amount: 15, sets: 2 });
    expect(weightOf([], 1, "scapular-retraction")).toBeGreaterThan(0);
    expect(weightOf([cuff], 1, "scapular-retraction")).toBeLessThan(weightOf([], 1, "scapular-retraction"));
  });

  test("is not asked less by its own drills", () => {
    const cuff = step("face-pull", { amount: 15, sets: 2, block: 1 });
    expect(weightOf([cuff], 1, "scapular-retraction")).toBe(weightOf([], 1, "scapular-retraction"));
  });
});

test("there are no weights to load where there is no working weight", () => {
  const request = planRequest("back-squat", 100);
  expect(loadableOf(reviewContext(request), 0)).not.toBeNull();
  const unknown = { ...request, lifts: [{ ...request.lifts[0]!, working: null }] };
  expect(loadableOf(reviewContext(unknown), 0)).toBeNull();
});
