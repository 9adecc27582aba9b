import { approach, catalogLift, planRequest } from "@/__tests__/fixtures";
import { planOfLift, planWarmUp, stairOf } from ".";

test("heat only rises", () => {
  const { treads } = stairOf(planWarmUp(planRequest("back-squat", 120)), 16);
  const heats = treads.map((t) => t.heat);
  expect(heats).toEqual(heats.toSorted((a, b) => a - b));
});

test("drills of more effort stand higher, all of them below the bar's half", () => {
  const plan = planWarmUp(planRequest("power-clean", 80, { minutes: 24 }));
  const { treads } = stairOf(plan, 24);
  const drills = treads.filter((t) => t.kind === "drill");
  for (const a of drills) {
    expect(a.height).toBeLessThan(0.2);
    for (const b of drills) {
      const effort = (t: typeof a) => plan.steps[t.index]!.drill.effort;
      if (effort(a) > effort(b)) expect(a.height).toBeGreaterThan(b.height);
    }
  }
});

test("a later lift's stair starts warmer and higher, with no time set for it", () => {
  const request = planRequest("back-squat", 100);
  const second = { ...request.lifts[0]!, lift: catalogLift("overhead-press") };
  const session = planWarmUp({ ...request, lifts: [request.lifts[0]!, second] });
  const first = stairOf(planOfLift(session, 0), 16);
  const later = stairOf(planOfLift(session, 1), null);
  expect(later.available).toBe(later.seconds);
  const drills = later.treads.filter((t) => t.kind === "drill");
  for (const t of drills) {
    expect(t.heat).toBeGreaterThanOrEqual(0.25);
    expect(t.height).toBeGreaterThan(0.06);
  }
  expect(later.treads.at(-1)).toMatchObject({ kind: "work", startsAt: later.seconds });
  expect(later.seconds).toBeLessThan(first.seconds);
});

test("drills of a circuit know their round, others have none", () => {
  const request = planRequest("bench-press", 60, { approach: approach("one-per-job"), minutes: 20 });
  const plan = planWarmUp(request);
  const { treads } = stairOf(planOfLift(plan, 0), 20);
  for (const t of treads) {
    const step = t.kind === "drill" ? plan.steps[t.index]! : null;
    expect(t.round).toBe(step && step.rounds > 1 ? step.round : null);
  }
  expect(Math.max(...treads.map((t) => t.round ?? 0))).toBeGreaterThan(1);
});

test("without a ramp there is no landing", () => {
  const request = planRequest("back-squat", 100);
  const plan = planWarmUp({ ...request, lifts: [{ ...request.lifts[0]!, working: null }] });
  expect(stairOf(plan, 16).treads.every((t) => t.kind === "drill")).toBe(true);
});
