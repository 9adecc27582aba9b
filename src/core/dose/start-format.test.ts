import { shippedCatalog as catalog } from "@/catalog";
import { drillById } from "../catalog";
import {
  doseOf,
  doseOfFormat,
  doseSeconds,
  formatDoseBriefly,
  formatFault,
  formatKindsFor,
  type OwnDose,
  startFormat,
  stepDose,
} from ".";

const range = (id: string) => drillById(catalog, id)!.dose;
const usualOf = (id: string): OwnDose => ({ sets: range(id).sets[1], amount: range(id).amount[1] });

test("every drill can begin with each format that it may be done in", () => {
  for (const { id, dose } of catalog.drills) {
    for (const kind of formatKindsFor(dose)) {
      const format = startFormat(kind, dose, usualOf(id));
      expect([id, kind, formatFault(format)]).toEqual([id, kind, null]);
      expect(doseSeconds(dose, doseOfFormat(format))).toBeGreaterThan(0);
    }
  }
});

test("surges are for what is steady, variants and pieces for what is not", () => {
  expect(formatKindsFor(range("easy-bike"))).toEqual(["interval", "surges"]);
  expect(formatKindsFor(range("body-weight-squat"))).toEqual(["interval", "variants", "pieces"]);
});

test("a format begins as near to the sets as may be", () => {
  const hold = { sets: 3, amount: 20 };
  expect(startFormat("interval", range("deep-squat-hold"), hold)).toMatchObject({ on: 20, times: 3 });
  expect(startFormat("interval", range("band-walk"), { sets: 2, amount: 12 })).toMatchObject({
    on: 30,
    times: 4,
  });
  expect(startFormat("surges", range("easy-bike"), { sets: 1, amount: 300 })).toMatchObject({ seconds: 300 });
  expect(startFormat("surges", range("easy-bike"), { sets: 1, amount: 60 })).toMatchObject({ surges: 1 });
});

describe("one step more or less of a format", () => {
  const step = (id: string, dose: OwnDose, direction: 1 | -1) => stepDose(range(id), dose, direction);

  test("is an interval, a quarter of a minute of pieces, a minute of a raise, a repetition of variants", () => {
    const of = (id: string, kind: Parameters<typeof startFormat>[0]) =>
      doseOfFormat(startFormat(kind, range(id), usualOf(id)));
    const interval = of("body-weight-squat", "interval");
    expect(step("body-weight-squat", interval, 1)?.sets).toBe(interval.sets + 1);
    const pieces = of("deep-squat-hold", "pieces");
    expect(step("deep-squat-hold", pieces, 1)?.format).toMatchObject({ seconds: 135 });
    const surges = of("easy-bike", "surges");
    expect(step("easy-bike", surges, -1)?.amount).toBe(surges.amount - 60);
    const variants = of("body-weight-squat", "variants");
    expect(step("body-weight-squat", variants, -1)?.amount).toBe(variants.amount - 1);
  });

  test("keeps the sign, comes back, and ends at the limits", () => {
    const shortest = {
      ...doseOfFormat({ kind: "interval", on: 30, off: 0, times: 2 }),
      until: "light-sweat" as const,
    };
    expect(step("easy-bike", shortest, -1)).toBeNull();
    const longer = step("easy-bike", shortest, 1)!;
    expect(longer.until).toBe("light-sweat");
    expect(step("easy-bike", longer, -1)).toEqual(shortest);
  });
});

test.each([
  ["body-weight-squat", { kind: "interval", on: 40, off: 20, times: 3 }, "3 × 40 s"],
  [
    "body-weight-squat",
    { kind: "variants", by: "tempo", ways: ["slow-slow", "fast-slow"], amount: 6 },
    "2 × 6",
  ],
  ["deep-squat-hold", { kind: "pieces", seconds: 150, pieces: ["", ""] }, "2 min 30 s"],
  ["easy-bike", { kind: "surges", seconds: 300, surges: 3, on: 15, off: 45 }, "5 min"],
] as const)("%s, %j, reads %s in brief", (id, format, text) => {
  expect(formatDoseBriefly(doseOf(range(id), doseOfFormat(format)))).toBe(text);
});
