import fc from "fast-check";
import { cases } from "@/lib/__tests__/cases";
import { estimateOneRepMax, parseOfMaximum, weightForReps, weightOfMaximum } from ".";

test.each([
  ["80 %", { kind: "percent", percent: 80, of: "max" }],
  ["82,5%", { kind: "percent", percent: 82.5, of: "max" }],
  ["80 % 1RM", { kind: "percent", percent: 80, of: "max" }],
  ["85% tm", { kind: "percent", percent: 85, of: "training-max" }],
  ["RIR 2", { kind: "reserve", rir: 2 }],
  ["3 rir", { kind: "reserve", rir: 3 }],
  ["rpe 8", { kind: "reserve", rir: 2 }],
  ["@8.5", { kind: "reserve", rir: 1.5 }],
])("%s is understood", (text, said) => {
  expect(parseOfMaximum(text)).toEqual({ ok: true, value: said });
});

test.each(["5 %", "150 %", "rpe 4", "rpe 11", "rir 12"])("%s is refused with what to type", (text) => {
  expect(parseOfMaximum(text)).toMatchObject({ ok: false, error: expect.stringMatching(/^Give /) });
});

test.each(["80", "82.5 kg", "", "heavy"])("%s says nothing of a maximum", (text) => {
  expect(parseOfMaximum(text)).toBeNull();
});

test("the weight of a percentage, of the training maximum and of reps in reserve", () => {
  expect(weightOfMaximum({ kind: "percent", percent: 80, of: "max" }, 150, 5)).toBe(120);
  expect(weightOfMaximum({ kind: "percent", percent: 80, of: "training-max" }, 150, 5)).toBe(108);
  expect(weightOfMaximum({ kind: "reserve", rir: 2 }, 123.333, 5)).toBeCloseTo(100, 2);
});

test("the weight for repetitions undoes the estimate of the maximum", () => {
  const weights = fc.double({ min: 1, max: 400, noNaN: true });
  const formulas = fc.constantFrom("epley" as const, "brzycki" as const);
  fc.assert(
    fc.property(weights, fc.integer({ min: 1, max: 20 }), formulas, (w, reps, formula) => {
      expect(weightForReps(estimateOneRepMax(w, reps, formula), reps, formula)).toBeCloseTo(w, 6);
    }),
    cases(100),
  );
});
