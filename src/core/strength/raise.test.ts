import fc from "fast-check";
import { cases } from "@/lib/__tests__/cases";
import { type Weight, weight, weightStep } from "../units";
import { raisedWeight } from ".";

test.each([
  [100, "kg", { kind: "steps", steps: 1 }, 102.5],
  [101, "kg", { kind: "steps", steps: 1 }, 103.5],
  [225, "lb", { kind: "steps", steps: -1 }, 220],
  [100, "kg", { kind: "percent", percent: 2.5 }, 102.5],
  [140, "kg", { kind: "percent", percent: 2.5 }, 142.5],
  [60, "kg", { kind: "percent", percent: 2 }, 60],
  [100, "kg", { kind: "percent", percent: -10 }, 90],
] as const)("%d %s after %j", (from, unit, by, to) => {
  expect(raisedWeight(weight(from), unit, by)).toBe(weight(to));
});

test("nothing is left of a small weight that goes down by more", () => {
  expect(raisedWeight(weight(5), "kg", { kind: "steps", steps: -2 })).toBeNull();
});

test("a share is never more than was said, and less by under a step", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 10, max: 600 }).map((n) => (n * 500) as Weight),
      fc.constantFrom("kg" as const, "lb" as const),
      fc.integer({ min: -20, max: 40 }),
      (from, unit, percent) => {
        const to = raisedWeight(from, unit, { kind: "percent", percent });
        const meant = (from * (100 + percent)) / 100;
        if (to === null) return;
        expect(to).toBeLessThanOrEqual(meant + 1e-6);
        expect(meant - to).toBeLessThan(weightStep(unit));
      },
    ),
    cases(200),
  );
});
