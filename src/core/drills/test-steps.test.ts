import { planRequest } from "@/__tests__/fixtures";
import { planWarmUp, stairOf } from "../plan";
import { changeSeconds, type TestStep } from ".";

const squat: TestStep = {
  drill: "stick-overhead-squat",
  seconds: 20,
  looksFor: "heels down, arms back",
  at: [{ kind: "first" }, { kind: "last" }],
};
const request = planRequest("back-squat", 80, { minutes: 20 });
const without = planWarmUp(request);
const [, second] = without.steps;
const afterSecond: TestStep = {
  ...{ drill: "body-weight-squat", seconds: 15, looksFor: "depth" },
  at: [{ kind: "after", drill: second!.drill.id }],
};
const pins = without.steps.map((s) => ({ drill: s.drill.id }));
const plan = planWarmUp({ ...request, own: pins, tests: [squat, afterSecond] });

test("a test stands first, last, or right after its drill", () => {
  expect(plan.tests.map((t) => [t.test, t.after])).toEqual([
    [0, null],
    [1, second!.drill.id],
    [0, plan.steps.at(-1)!.drill.id],
  ]);
  expect(plan.tests[0]!.startsAt).toBe(0);
});

test("its seconds and the ways to it and on are in the time", () => {
  const [cold, between, last] = plan.tests;
  const [one, two, three] = plan.steps;
  expect(one!.startsAt).toBe(cold!.seconds + changeSeconds(cold!.drill, one!.drill));
  expect(between!.startsAt).toBe(two!.startsAt + two!.seconds + changeSeconds(two!.drill, between!.drill));
  expect(three!.startsAt).toBe(
    between!.startsAt + between!.seconds + changeSeconds(between!.drill, three!.drill),
  );
  expect(plan.drillSeconds).toBe(last!.startsAt + last!.seconds);
});

test("drills are chosen for the time that is left", () => {
  const tested = planWarmUp({ ...request, minutes: 12, tests: [{ ...squat, seconds: 90 }] });
  expect(tested.seconds).toBeLessThanOrEqual(12 * 60);
  const free = planWarmUp({ ...request, minutes: 12 });
  const work = (p: typeof free) => p.steps.reduce((sum, s) => sum + s.seconds, 0);
  expect(work(tested)).toBeLessThan(work(free));
});

test("a test of a drill that there is not, or after one that is not in the plan, is left out", () => {
  const gone = planWarmUp({
    ...request,
    tests: [
      { ...squat, drill: "nothing-known" },
      { ...squat, at: [{ kind: "after", drill: "vertical-jump" }] },
    ],
  });
  expect(gone.tests).toEqual([]);
});

test("the stair shows it between the drills", () => {
  const { treads } = stairOf(plan, 20);
  expect(treads[0]).toMatchObject({ kind: "test", index: 0, startsAt: 0, endsAt: 20 });
  const starts = treads.map((t) => t.startsAt);
  expect(starts).toEqual(starts.toSorted((a, b) => a - b));
});
