import { weight } from "../units";
import { effort, estimateOneRepMax, isPoorEstimate } from ".";

describe("estimated one-rep maximum", () => {
  test("one repetition is the maximum itself", () => {
    expect(estimateOneRepMax(150, 1, "epley")).toBe(150);
    expect(estimateOneRepMax(150, 1, "brzycki")).toBe(150);
  });

  test("Epley and Brzycki give their known values", () => {
    expect(estimateOneRepMax(100, 5, "epley")).toBeCloseTo(116.667, 3);
    expect(estimateOneRepMax(100, 5, "brzycki")).toBeCloseTo(112.5, 3);
    expect(estimateOneRepMax(100, 10, "brzycki")).toBeCloseTo(133.333, 3);
  });

  test("past twelve repetitions it is poor", () => {
    expect(isPoorEstimate(12)).toBe(false);
    expect(isPoorEstimate(13)).toBe(true);
  });
});

test("effort is the working weight's share of the maximum, reserve counted", () => {
  expect(effort({ weight: weight(100), reps: 5, sets: 5, rir: 0 })).toBeCloseTo(0.857, 3);
  expect(effort({ weight: weight(100), reps: 5, sets: 5, rir: 2 })).toBeCloseTo(0.811, 3);
  expect(effort({ weight: weight(60), reps: 1, sets: 1, rir: 0 })).toBe(1);
});
