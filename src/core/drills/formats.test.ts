import { candidate } from "@/__tests__/fixtures";
import type { Approach, FormatRule } from "../catalog";
import type { OwnDose } from "../dose";
import { inItsFormat } from "./formats";
import { inPairs } from "./pairs";

const drill = (id: string) => candidate(id).drill;
const by = (id: string, format: FormatRule, rest: Partial<Approach["formats"][number]> = {}) => ({
  formats: [{ drills: { ids: [id] }, format, ...rest }],
});

describe("the sets of a drill as its approach spreads them", () => {
  test.each<[string, FormatRule, { sets: number; amount: number }, object | undefined]>([
    [
      "deep-squat-hold",
      { kind: "interval", off: 15 },
      { sets: 2, amount: 30 },
      { on: 30, off: 15, times: 2 },
    ],
    ["deep-squat-hold", { kind: "interval", off: 15 }, { sets: 1, amount: 30 }, undefined],
    ["body-weight-squat", { kind: "interval", off: 15 }, { sets: 2, amount: 10 }, undefined],
    [
      "assisted-squat",
      { kind: "variants", by: "depth", ways: ["a", "b", "c"] },
      { sets: 2, amount: 6 },
      { ways: ["a", "b"] },
    ],
    [
      "assisted-squat",
      { kind: "variants", by: "depth", ways: ["a", "b"] },
      { sets: 3, amount: 6 },
      undefined,
    ],
    [
      "deep-squat-hold",
      { kind: "pieces", pieces: ["left", "right"] },
      { sets: 3, amount: 20 },
      { seconds: 60, pieces: ["left", "right", "left"] },
    ],
    [
      "easy-bike",
      { kind: "surges", every: 90, on: 15, off: 30 },
      { sets: 1, amount: 300 },
      { seconds: 300, surges: 3 },
    ],
    ["easy-bike", { kind: "surges", every: 90, on: 15, off: 30 }, { sets: 1, amount: 60 }, undefined],
    ["easy-bike", { kind: "surges", every: 20, on: 15, off: 30 }, { sets: 1, amount: 240 }, { surges: 5 }],
  ])("%s by %j at %j", (id, rule, dose, format) => {
    const spread = inItsFormat<OwnDose>(drill(id), dose, by(id, rule));
    expect(spread).toMatchObject(dose);
    if (format) expect(spread.format).toMatchObject(format);
    else expect(spread.format).toBeUndefined();
  });

  test("are shared out where there is one, and only while time is as short as the rule says", () => {
    const swings: FormatRule = { kind: "variants", by: "tempo", ways: ["gentle", "fast"], splits: true };
    const rule = by("arm-swings", swings, { under: 300 });
    const spread = (seconds?: number) =>
      inItsFormat<OwnDose>(drill("arm-swings"), { sets: 1, amount: 10 }, rule, seconds);
    expect(spread(240)).toEqual({
      sets: 2,
      amount: 5,
      format: { kind: "variants", by: "tempo", ways: ["gentle", "fast"], amount: 5 },
    });
    for (const seconds of [300, undefined]) expect(spread(seconds)).toEqual({ sets: 1, amount: 10 });
  });

  test("end by the sign of the first rule that fits; others stay as they are", () => {
    const rule = by("easy-bike", { kind: "surges", every: 90, on: 15, off: 30 }, { until: "light-sweat" });
    const dose = { sets: 1, amount: 180 };
    expect(inItsFormat<OwnDose>(drill("easy-bike"), dose, rule).until).toBe("light-sweat");
    expect(inItsFormat(drill("easy-row"), dose, rule)).toEqual(dose);
  });
});

describe("two that follow each other in turns", () => {
  const pairs = [{ drills: { stretch: true }, restInside: 5, restBetween: 20 }];
  const hold = (id: string, change = {}) => candidate(id, { sets: 3, amount: 30, block: 1, ...change });
  const chest = hold("chest-doorway-stretch");
  const lats = hold("wall-lat-triceps-stretch");

  test("go round as often as they had sets, one set each", () => {
    const paired = inPairs([chest, lats], { pairs });
    expect(paired.map((c) => [c.drill.id, c.sets, c.rounds, c.circuit?.restBetween])).toEqual([
      ["chest-doorway-stretch", 1, 3, 20],
      ["wall-lat-triceps-stretch", 1, 3, 20],
    ]);
    expect(new Set(paired.map((c) => c.circuit?.key)).size).toBe(1);
  });

  test.each([
    ["in other numbers of sets", [chest, hold("wall-lat-triceps-stretch", { sets: 2 })]],
    [
      "in one set",
      [hold("chest-doorway-stretch", { sets: 1 }), hold("wall-lat-triceps-stretch", { sets: 1 })],
    ],
    ["with another between them", [chest, candidate("band-pass-over", { sets: 3, block: 1 }), lats]],
    ["of other blocks", [chest, hold("wall-lat-triceps-stretch", { block: 2 })]],
    ["that the coach has alone", [chest, hold("wall-lat-triceps-stretch", { alone: true })]],
  ])("stay as they are %s", (_, order) => {
    expect(inPairs(order, { pairs })).toEqual(order);
  });

  test("stay as they are where the approach says nothing", () => {
    expect(inPairs([chest, lats], { pairs: [] })).toEqual([chest, lats]);
  });
});
