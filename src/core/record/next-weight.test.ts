import { barKit, type LoadKit } from "../plates";
import type { Felt } from "../ramp";
import { type Weight, weight } from "../units";
import { nextWorkingWeight } from ".";

const plates = (kgs: number[]) => kgs.map((kg) => ({ weight: weight(kg), pairs: 4, fullDiameter: kg >= 10 }));
const kit = barKit(weight(20), 0 as Weight, plates([20, 10, 5, 2.5, 1.25]));
const coarse = barKit(weight(20), 0 as Weight, plates([20, 10, 5]));
const planned = { weight: weight(100), reps: 5, sets: 3 };
const done = (...sets: [kg: number, reps: number, felt: Felt | null][]) =>
  sets.map(([kg, reps, felt]) => ({ weight: weight(kg), reps, felt }));
const next = (sets: ReturnType<typeof done>, of: LoadKit = kit, hurt = false) =>
  nextWorkingWeight(of, planned, sets, hurt);
const three = (felt: Felt | null) => done([100, 5, felt], [100, 5, felt], [100, 5, felt]);

test.each([
  ["all done and easy: 5 % more", three("easy"), 105, "all sets done and easy"],
  ["all done and right: 2.5 % more", three("right"), 102.5, "all sets done"],
  ["nothing said of how it felt counts as right", three(null), 102.5, "all sets done"],
  [
    "one set heavy: the same",
    done([100, 5, "easy"], [100, 5, "right"], [100, 5, "heavy"]),
    100,
    "all sets done, but heavy",
  ],
  [
    "one set short: the same",
    done([100, 5, "right"], [100, 5, "right"], [100, 3, "heavy"]),
    100,
    "one set was not done in full",
  ],
  [
    "two sets short: 5 % less",
    done([100, 5, "right"], [100, 4, "heavy"], [100, 2, "heavy"]),
    95,
    "2 of 3 sets were not done in full",
  ],
  ["sets that are missing count as short", done([100, 5, "right"]), 95, "2 of 3 sets were not done in full"],
  [
    "taken down on the day: from there",
    done([90, 5, "right"], [90, 5, "right"], [90, 5, "right"]),
    90,
    "lighter than planned this time: build from there",
  ],
  [
    "done with more than planned: from the heaviest",
    done([100, 5, "right"], [100, 5, "right"], [105, 5, "right"]),
    107.5,
    "all sets done",
  ],
] as const)("%s", (_, sets, kg, reason) => {
  expect(next([...sets])).toEqual({ weight: weight(kg), reason });
});

test("where the smallest step goes too far it stays", () => {
  expect(next(three("right"), coarse)).toMatchObject({
    weight: weight(100),
    reason: expect.stringMatching(/too far/),
  });
});

test("nothing is suggested where nothing was done, or where it hurt", () => {
  expect([next([]), next(three("easy"), kit, true)]).toEqual([null, null]);
});
