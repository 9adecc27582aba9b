import fc from "fast-check";
import { shippedCatalog as catalog } from "@/catalog";
import { cases } from "@/lib/__tests__/cases";
import { type DoseRange, doseForSeconds, doseLevels, doseOf, doseSeconds, formatDose, stepDose } from ".";

const range = (change: Partial<DoseRange>): DoseRange => ({
  kind: "reps",
  sets: [1, 1, 3],
  amount: [5, 8, 12],
  sides: 1,
  directions: 1,
  secondsPerUnit: 2,
  restSeconds: 0,
  step: 1,
  ...change,
});

const anyRange = fc.constantFrom(...catalog.drills.map((d) => d.dose));

describe("seconds of a dose", () => {
  test.each([
    ["a 25 s hold, two sides, four sets", range({ kind: "hold", sides: 2 }), 4, 25, 200],
    [
      "8 slow reps a side, two sets, 20 s rest",
      range({ sides: 2, secondsPerUnit: 3, restSeconds: 20 }),
      2,
      8,
      116,
    ],
    ["10 circles each side and direction", range({ sides: 2, directions: 2, secondsPerUnit: 1 }), 1, 10, 40],
    ["8 reps at tempo 3-0-1", range({ tempo: [3, 0, 1] }), 1, 8, 32],
    ["4 minutes", range({ kind: "time" }), 1, 240, 240],
    [
      "3 contractions of 12 s a side",
      range({ kind: "contractions", sides: 2, secondsPerUnit: 12 }),
      1,
      3,
      72,
    ],
  ])("%s", (_, dose, sets, amount, seconds) => {
    expect(doseSeconds(dose, { sets: sets, amount: amount })).toBe(seconds);
  });
});

describe("dose levels", () => {
  test("lie within the range, differ, and include the usual dose at its full worth", () => {
    fc.assert(
      fc.property(anyRange, (dose) => {
        const levels = doseLevels(dose);
        expect(new Set(levels.map((l) => `${l.sets}×${l.amount}`)).size).toBe(levels.length);
        for (const { sets, amount } of levels) {
          expect(sets).toBeGreaterThanOrEqual(dose.sets[0]);
          expect(sets).toBeLessThanOrEqual(dose.sets[2]);
          expect(amount).toBeGreaterThanOrEqual(dose.amount[0]);
          expect(amount).toBeLessThanOrEqual(dose.amount[2]);
        }
        const usual = levels.find((l) => l.sets === dose.sets[1] && l.amount === dose.amount[1]);
        expect(usual?.effect).toBe(1);
      }),
      cases(100),
    );
  });

  test("are worth more the more is done", () => {
    const levels = doseLevels(range({ amount: [5, 10, 15] }));
    expect(levels.map((l) => [l.sets, l.amount, l.effect])).toEqual([
      [1, 10, 1],
      [2, 10, 1.25],
      [3, 10, 1.4],
    ]);
    expect(doseLevels(range({ amount: [5, 10, 15] }), true)[0]).toEqual({ sets: 1, amount: 6, effect: 0.5 });
  });

  test("of what is steady are minutes", () => {
    const row = range({ kind: "time", sets: [1, 1, 1], amount: [120, 240, 300] });
    expect(doseLevels(row).map((l) => l.amount)).toEqual([120, 180, 240, 300]);
  });
});

describe("changing a dose", () => {
  test("one step up and one down comes back", () => {
    const dose = { sets: 1, amount: 8 };
    const up = stepDose(range({}), dose, 1)!;
    expect(up).toEqual({ sets: 1, amount: 9 });
    expect(stepDose(range({}), up, -1)).toEqual(dose);
  });

  test("goes on with the sets where the amount ends, and stops at the end", () => {
    expect(stepDose(range({}), { sets: 1, amount: 12 }, 1)).toEqual({ sets: 2, amount: 8 });
    expect(stepDose(range({}), { sets: 3, amount: 12 }, 1)).toBeNull();
    expect(stepDose(range({}), { sets: 1, amount: 5 }, -1)).toBeNull();
  });

  test("by seconds takes the nearest dose there is", () => {
    fc.assert(
      fc.property(anyRange, fc.integer({ min: 0, max: 600 }), (dose, seconds) => {
        const found = doseForSeconds(dose, seconds);
        const off = (d: { sets: number; amount: number }) =>
          Math.abs(doseSeconds(dose, { sets: d.sets, amount: d.amount }) - seconds);
        for (const level of doseLevels(dose)) expect(off(found)).toBeLessThanOrEqual(off(level));
      }),
      cases(100),
    );
  });
});

test.each([
  [doseOf(range({ sides: 2 }), { sets: 2, amount: 8 }), "2 × 8 each side"],
  [doseOf(range({ kind: "hold", sides: 2 }), { sets: 3, amount: 30 }), "3 × 30 s each side"],
  [doseOf(range({ kind: "time" }), { sets: 1, amount: 240 }), "4 min"],
  [doseOf(range({ sides: 2, directions: 2 }), { sets: 1, amount: 10 }), "1 × 10 each side and direction"],
  [doseOf(range({ kind: "metres" }), { sets: 1, amount: 20 }), "20 m"],
  [doseOf(range({ kind: "breaths" }), { sets: 1, amount: 6 }), "6 breaths"],
])("%j reads %s", (dose, text) => {
  expect(formatDose(dose)).toBe(text);
});
