import fc from "fast-check";
import { anyRampRequest, kgGym } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import { barKit, dumbbellKit, loadableWeights } from "../plates";
import { estimateOneRepMax } from "../strength";
import { type Weight, weight, weightValue } from "../units";
import { changeWorking, type FELT, nextSingle, roundDown, type WorkingChange } from ".";

const working = { weight: weight(100), reps: 5, sets: 5, rir: 1 };
const changed = (change: WorkingChange) => changeWorking(kgGym, working, change)!;

test("lighter by a percentage, rounded down to what can be loaded", () => {
  expect(changed({ kind: "lighter", percent: 7 })).toMatchObject({ exact: 93000 });
  expect(weightValue(changed({ kind: "lighter", percent: 7 }).working.weight)).toBe(92.5);
  expect(weightValue(changed({ kind: "lighter", percent: 10 }).working.weight)).toBe(90);
});

test("other repetitions at the same effort keep the estimated maximum", () => {
  const { working: eights, exact } = changed({ kind: "same-effort", reps: 8 });
  expect(eights).toMatchObject({ reps: 8, sets: 5, rir: 1 });
  expect(estimateOneRepMax(exact, 9)).toBeCloseTo(estimateOneRepMax(100_000, 6), 6);
  expect(weightValue(eights.weight)).toBe(90);
  expect(weightValue(changed({ kind: "same-effort", reps: 5 }).working.weight)).toBe(100);
});

test("nothing so light is said, not made up", () => {
  expect(changeWorking(kgGym, working, { kind: "lighter", percent: 85 })).toBeNull();
});

test("rounding down never goes over, and nothing between would fit", () => {
  fc.assert(
    fc.property(anyRampRequest, fc.double({ min: 20000, max: 300000, noNaN: true }), ({ kit }, exact) => {
      const down = roundDown(kit, exact);
      const all = loadableWeights(kit, weight(400));
      expect(down).toBe(all.findLast((w) => w <= exact + 1e-3) ?? null);
    }),
    cases(100),
  );
});

test("the next single: more after an easy one than after one that was right, none after a heavy one", () => {
  const next = (kg: number, felt: (typeof FELT)[number]) => nextSingle(kgGym, weight(kg), felt);
  expect(next(200, "easy")).toBe(weight(210));
  expect(next(200, "right")).toBe(weight(205));
  expect(next(200, "heavy")).toBeNull();
  // Two steps of 2.5 are more than 2.5 % here: one step at least.
  expect(next(60, "right")).toBe(weight(62.5));
});

test("a step that goes too far for how it felt is not proposed", () => {
  const coarse = barKit(weight(20), 0 as Weight, [{ weight: weight(10), pairs: 5, fullDiameter: true }]);
  expect(nextSingle(coarse, weight(100), "easy")).toBeNull();
  expect(nextSingle(dumbbellKit([20, 22.5].map(weight)), weight(20), "right")).toBeNull();
  expect(nextSingle(kgGym, loadableWeights(kgGym, weight(1000)).at(-1)!, "easy")).toBeNull();
});
