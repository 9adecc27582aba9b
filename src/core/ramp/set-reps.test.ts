import fc from "fast-check";
import { cases } from "@/lib/__tests__/cases";
import { setReps } from "./set-reps";

const plain = { olympic: false };
const olympic = { olympic: true };

describe("repetitions", () => {
  test.each([
    ["a usual five", [0.2, 0.5, 0.7, 0.9], 5, [8, 5, 3, 1]],
    ["a single", [0.11, 0.33, 0.5, 0.67, 0.78, 0.89, 0.94], 1, [8, 5, 3, 3, 1, 1, 1]],
    ["eights keep sixes up to 70 %", [0.2, 0.5, 0.69, 0.78], 8, [8, 6, 6, 2]],
    ["tens start with ten", [0.33, 0.67], 10, [10, 6]],
    ["a heavy start stays low", [0.94], 5, [1]],
    ["triples have singles from 80 %", [0.4, 0.6, 0.8], 3, [8, 3, 1]],
  ] as [string, number[], number, number[]][])("%s", (_, fractions, working, wanted) => {
    expect(setReps(fractions, working, plain)).toEqual(wanted);
  });

  test("of Olympic lifts are five at first and three at most after", () => {
    expect(setReps([0.3, 0.45, 0.6, 0.75], 3, olympic)).toEqual([5, 3, 3, 2]);
  });

  test("that the coach has set stay, and the next do not rise above them", () => {
    expect(setReps([0.2, 0.5, 0.7], 5, plain, { 1: { reps: 2 } })).toEqual([8, 2, 2]);
    expect(setReps([0.2, 0.5, 0.7], 5, plain, { 0: { reps: 20 } })[0]).toBe(20);
  });

  const rising = fc
    .uniqueArray(fc.integer({ min: 10, max: 97 }), { minLength: 1, maxLength: 8 })
    .map((shares) => shares.toSorted((a, b) => a - b).map((s) => s / 100));

  test("are at least one, never rise, and do not tire", () => {
    fc.assert(
      fc.property(rising, fc.integer({ min: 1, max: 20 }), fc.boolean(), (fractions, working, isOlympic) => {
        const reps = setReps(fractions, working, { olympic: isOlympic });
        expect(reps).toHaveLength(fractions.length);
        for (const r of reps) expect(r).toBeGreaterThanOrEqual(1);
        expect(reps).toEqual(reps.toSorted((a, b) => b - a));
        expect(reps.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(working >= 10 ? 35 : 30);
      }),
      cases(100),
    );
  });

  test("are trimmed from the last of the largest sets, not from the first", () => {
    const reps = setReps([0.2, 0.3, 0.4, 0.45, 0.49, 0.55], 5, plain);
    expect(reps[0]).toBe(8);
    expect(reps.reduce((a, b) => a + b, 0)).toBe(30);
    expect(reps).toEqual([8, 5, 5, 4, 4, 4]);
  });
});
