import fc from "fast-check";
import { anyRampRequest, type BarRampRequest, rampRequest, squat } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import { weight, weightValue } from "../units";
import { adjustRamp, doneSets, planRamp, type RampRequest } from ".";
import { fixedWithout } from "./fixed-sets";
import { idealsThrough } from "./ideal-weights";
import { withFirstAgain, withLightSets } from "./light-sets";

const kilograms = (request: RampRequest) => planRamp(request).sets.map((s) => weightValue(s.weight));
const slow = (kg: number, slowToWarm: RampRequest["slowToWarm"], change: Partial<BarRampRequest> = {}) =>
  rampRequest(kg, 5, { lift: squat, slowToWarm, ...change });

describe("light sets more", () => {
  test.each([
    ["a step where there is room for one", 100, 1, [20, 30, 50, 70, 85]],
    ["of two the first set again is one", 100, 2, [20, 20, 30, 50, 70, 85]],
    ["the first set again where a step would be too small", 40, 2, [20, 20, 25, 35]],
  ] as const)("%s", (_, kg, area, light) => {
    const usual = kilograms(slow(kg, 0));
    const ramp = kilograms(slow(kg, area));
    expect(ramp.filter((w) => w < 0.6 * kg)).toEqual(light.filter((w) => w < 0.6 * kg));
    expect(ramp.filter((w) => w >= 0.85 * kg)).toEqual(usual.filter((w) => w >= 0.85 * kg));
  });

  test("nobody loads the smallest plates to get warm: light sets lie a tenth of the working weight apart, and 5 kg", () => {
    for (const kg of [30, 40, 52.5, 60, 70, 85, 100, 140]) {
      for (const area of [1, 2, "sore"] as const) {
        const usual = kilograms(slow(kg, 0));
        const more = kilograms(slow(kg, area)).filter((w) => !usual.includes(w));
        const all = kilograms(slow(kg, area));
        for (const w of more) {
          const before = all[all.indexOf(w) - 1]!;
          expect(w - before).toBeGreaterThanOrEqual(5);
        }
      }
    }
  });

  test("a bar complex is the light set with the empty bar, so the first loaded one comes once", () => {
    const clean = { ...squat, fromFloor: true, olympic: true, family: "clean" as const };
    const ramp = kilograms(slow(90, 2, { lift: clean, additions: ["bar-complex"] }));
    expect(new Set(ramp).size).toBe(ramp.length);
  });

  test("a weight of the coach's own in the place of the second set makes a step of it", () => {
    const fixed = { 1: { weight: weight(25) } };
    const ramp = kilograms(slow(100, 2, { fixed }));
    expect(ramp.slice(0, 2)).toEqual([20, 25]);
    expect(ramp).toHaveLength(kilograms(slow(100, 2)).length);
  });

  test("what the coach sets further up stays where it was set", () => {
    const fixed = { 1: { reps: 4 }, 3: { weight: weight(55), restSeconds: 200 } };
    const { sets } = planRamp(slow(100, 2, { fixed }));
    expect(weightValue(sets[3]!.weight)).toBe(55);
    expect([sets[0]!.weight, sets[1]!.reps, sets[3]!.restSeconds]).toEqual([sets[1]!.weight, 4, 200]);
  });
});

describe("a ramp under way", () => {
  const anyUnderWay = fc.record({
    request: anyRampRequest,
    share: fc.double({ min: 0, max: 1, noNaN: true }),
  });

  test("goes on as it was planned, whatever has been done of it", () => {
    fc.assert(
      fc.property(anyUnderWay, ({ request, share }) => {
        const plan = planRamp(request);
        const done = doneSets(plan, Math.floor(share * (plan.sets.length + 1)));
        const now = adjustRamp({ request, done });
        expect(now.sets.map((s) => [s.weight, s.perSide])).toEqual(
          plan.sets.map((s) => [s.weight, s.perSide]),
        );
      }),
      cases(100),
    );
  });

  test("says no more of it than when it began", () => {
    const request = slow(100, "sore");
    const plan = planRamp(request);
    for (const sets of plan.sets.keys()) {
      expect(adjustRamp({ request, done: doneSets(plan, sets) }).findings).toEqual(plan.findings);
    }
  });

  test("in a hurry the first set is not done again", () => {
    const request = slow(100, 2);
    const done = doneSets(planRamp(request), 1);
    const { sets } = adjustRamp({ request, done, secondsLeft: 300 });
    expect(sets.filter((s) => s.weight === weight(20))).toHaveLength(1);
    expect(sets.length).toBeGreaterThan(1);
  });
});

test("the first load is done again with its plates, where it is light", () => {
  const loads = { weights: [weight(20), weight(50)], stacks: [[], [1], [1, 2]], cost: 3, isExact: true };
  expect(withFirstAgain(loads, 1, weight(70))).toEqual({
    ...loads,
    weights: [weight(20), weight(20), weight(50)],
    stacks: [[], [], [1], [1, 2]],
  });
  expect(withFirstAgain(loads, 0, weight(70))).toBe(loads);
  expect(withFirstAgain(loads, 1, weight(30))).toBe(loads);
});

test("what is fixed moves down where sets are left out, and what was theirs is gone", () => {
  const fixed = { 0: { reps: 8 }, 1: { reps: 6 }, 2: { reps: 5 }, 4: { reps: 2 } };
  expect(fixedWithout(fixed, 1, 1)).toEqual({ 0: { reps: 8 }, 1: { reps: 5 }, 3: { reps: 2 } });
  expect(fixedWithout(fixed, 0, 2)).toEqual({ 0: { reps: 5 }, 2: { reps: 2 } });
  expect(fixedWithout(fixed, 1, 0)).toEqual(fixed);
});

describe("where the sets would lie", () => {
  test("halve the largest step under 60 % of the working weight and leave the top as it is", () => {
    expect(withLightSets([20_000, 60_000, 90_000], 1, 100_000, 4_000)).toEqual([
      20_000, 40_000, 60_000, 90_000,
    ]);
  });

  test("halve a great step whole, even where the middle of it is no longer light", () => {
    expect(withLightSets([20_000, 40_000], 1, 42_500, 2_500)).toEqual([20_000, 30_000, 40_000]);
  });

  test("are fewer where there is no room for them", () => {
    expect(withLightSets([20_000, 24_000], 3, 26_000, 2_500)).toEqual([20_000, 24_000]);
  });

  test("light ones part the widest step into equal ones, under 60 % of the working weight", () => {
    expect(withLightSets([20, 50, 70, 90], 2, 100, 10)).toEqual([20, 30, 40, 50, 70, 90]);
    expect(withLightSets([20, 50, 70, 90], 5, 100, 10)).toEqual([20, 30, 40, 50, 70, 90]);
    expect(withLightSets([20, 50, 70, 90], 1, 100, 20)).toEqual([20, 50, 70, 90]);
    expect(withLightSets([40, 90], 1, 100, 10)).toEqual([40, 65, 90]);
  });

  test("they lead through what the coach has set, as near to either side as before", () => {
    expect(idealsThrough([20, 40, 60, 80], { 2: { weight: weight(70) } }, 100)[0]).toBe(20);
    const scale = weight(1);
    const ideals = [20, 40, 60, 80].map((w) => w * scale);
    const through = idealsThrough(ideals, { 2: { weight: weight(70) } }, 100 * scale);
    expect(through.map((w) => w / scale)).toEqual([20, 45, 70, 85]);
    expect(idealsThrough(ideals, {}, 100 * scale)).toEqual(ideals);
  });
});
