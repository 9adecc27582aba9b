import { type BarRampRequest, rampRequest, squat } from "@/__tests__/fixtures";
import { weight, weightValue } from "../units";
import { planRamp } from ".";

const clean = { ...squat, id: "clean", fromFloor: true, olympic: true };
const kilograms = (kg: number, reps: number, change: Partial<BarRampRequest>) =>
  planRamp(rampRequest(kg, reps, change)).sets.map((s) => weightValue(s.weight));

describe("a short bridge", () => {
  const bridge = (kg: number, reps: number, change: Partial<BarRampRequest> = {}) =>
    kilograms(kg, reps, { style: "short-bridge", ...change });

  test("begins half-way up for who is used to the weight", () => {
    expect(bridge(80, 5)[0]! / 80).toBeGreaterThan(0.5);
  });

  test("a beginner begins with the empty bar, in as many sets", () => {
    const beginner = bridge(60, 3, { experience: "beginner" });
    expect(beginner[0]).toBe(20);
    expect(beginner).toHaveLength(bridge(60, 3).length);
  });

  test("an Olympic lift begins with the lightest load there is", () => {
    const [first, second] = bridge(105, 3, { lift: clean });
    expect(second! / 105).toBeGreaterThan(0.5);
    expect(first! / 105).toBeLessThan(0.5);
  });

  test("a great weight is not begun half-way up", () => {
    const [first, ...others] = bridge(200, 5);
    expect(first! / 200).toBeLessThanOrEqual(0.35);
    expect(others).toHaveLength(bridge(80, 5).length);
  });

  test("who is warm needs nothing lighter", () => {
    expect(bridge(200, 5, { similarDone: 1 })).toHaveLength(1);
  });
});

describe("few light steps", () => {
  const few = (kg: number, reps: number, change: Partial<BarRampRequest> = {}) =>
    kilograms(kg, reps, { style: "few-light-steps", ...change });

  test("are no more than the weight has in other styles, and three at least", () => {
    for (const kg of [40, 50, 60, 80, 100, 140]) {
      const usual = kilograms(kg, 5, { style: "closing-steps" }).length;
      expect(few(kg, 5).length).toBeLessThanOrEqual(Math.max(3, usual));
      expect(few(kg, 5)[0]! / kg).toBeGreaterThanOrEqual(0.3);
    }
  });

  test("of a light weight for three repetitions go on to its top all the same", () => {
    expect(few(42.5, 3).at(-1)! / 42.5).toBeGreaterThanOrEqual(0.85);
  });
});

describe("plates on the way up", () => {
  test("from 100 kg on weights go by five", () => {
    for (const kg of [100, 112.5, 132.5, 187.5]) {
      for (const reps of [3, 5, 8]) {
        for (const w of kilograms(kg, reps, { style: "even-steps" })) expect(w % 5).toBe(0);
      }
    }
  });

  test("the first set that is not the empty bar has no small plates either", () => {
    for (const kg of [55, 60, 65, 72.5])
      expect(kilograms(kg, 5, { style: "few-light-steps" })[0]! % 5).toBe(0);
  });

  test("an Olympic lift whose lightest load on the floor is most of it begins with the empty bar, from the hang", () => {
    const light = planRamp(rampRequest(52.5, 2, { lift: clean }));
    expect(light.sets[0]!.weight).toBe(weight(20));
    expect(light.findings.map((f) => f.code)).toContain("from-blocks");
    const heavy = planRamp(rampRequest(90, 2, { lift: clean }));
    expect(heavy.findings.map((f) => f.code)).not.toContain("from-blocks");
  });
});
