import { catalogLift, planRequest } from "@/__tests__/fixtures";
import { dumbbellKit } from "../plates";
import { type Weight, weight } from "../units";
import { lightUnder, planWarmUp } from ".";

const bar = planRequest("back-squat", 60).lifts[0]!.kit;

test("light is under half of body weight, a third for the upper body, half of that in each hand", () => {
  const under = (lift: string, body: Weight | null) => lightUnder(catalogLift(lift), bar, body);
  expect(under("back-squat", weight(72))).toBe(weight(36));
  expect(under("bench-press", weight(72))).toBe(weight(24));
  expect(under("back-squat", null)).toBeUndefined();
  const dumbbells = dumbbellKit([weight(10), weight(20)]);
  expect(lightUnder(catalogLift("bench-press"), dumbbells, weight(72))).toBe(weight(12));
});

test("a light lifter need not rest for minutes after an empty bar", () => {
  const bench = planRequest("bench-press", 30);
  const rests = (lifts: typeof bench.lifts) =>
    planWarmUp({ ...bench, lifts }).ramps[0]!.sets.map((s) => s.restSeconds);
  expect(rests(bench.lifts)).toEqual([150]);
  expect(rests(bench.lifts.map((l) => ({ ...l, lightUnder: weight(22) })))).toEqual([60]);
});
