import type { DemandId } from "../demands";

/** A test of what somebody's body can do, with a number as its outcome. */
export interface AthleteTest {
  id: string;
  name: string;
  unit: TestUnit;
  /** Which way the number gets better. */
  better: "more" | "less";
  /** Standard deviation of one measurement by one tester. In the test's unit. */
  measurementError: number;
  /** 2: each side has a number of its own, the left first. */
  sides: 1 | 2;
  /** Least and greatest that can be. In the test's unit. */
  range: readonly [number, number];
  /** What numbers are multiples of. In the test's unit. */
  step: number;
  /** From here on it is good enough to look elsewhere. In the test's unit. */
  goodFrom: number;
  /** What it measures. */
  demand: DemandId;
  /** How it is done, so that two testers get the same. */
  how: string;
  /** Whether it is an angle that a phone laid on the limb can read. */
  isAngle?: boolean;
  /** What can be seen while it is done, and what that points to; absent: nothing but the number. */
  signs?: readonly TestSign[];
}

/** Something that is seen in a test. */
export interface TestSign {
  id: string;
  name: string;
  /** What may be behind it, the likeliest first. */
  pointsTo: readonly DemandId[];
}

export const TEST_UNITS = ["cm", "°", "s", "points"] as const;
export type TestUnit = (typeof TEST_UNITS)[number];

/** Outcome of a test in its unit: one number, or left and right. */
export type TestValue = readonly number[];

/** Names of the sides, in the order of a value. */
export const SIDES = ["left", "right"] as const;

/** What is wrong with an outcome, in words; null: nothing. */
export function valueFault(test: AthleteTest, value: TestValue): string | null {
  const { name, unit, range, step, sides } = test;
  const [least, most] = range;
  if (value.length !== sides) return `${name}: ${sides === 2 ? "a number for each side" : "one number"}.`;
  const fits = (n: number) => n >= least && n <= most && Number.isInteger(Math.round((n / step) * 1e6) / 1e6);
  return value.every(fits) ? null : `${name}: ${least} to ${most} ${unit}, in steps of ${step}.`;
}

/** A number of a test as it is said, with its unit. */
export function testNumber({ unit }: Pick<AthleteTest, "unit">, n: number, digits = 1): string {
  const rounded = String(Number(n.toFixed(digits))).replace("-", "−");
  if (unit === "points") return rounded;
  return unit === "°" ? `${rounded}°` : `${rounded} ${unit}`;
}

/** An outcome as it is said: "9.5 cm", or "left 9.5 cm, right 8 cm". */
export function valueInWords(test: AthleteTest, value: TestValue): string {
  if (value.length === 1) return testNumber(test, value[0]!);
  return value.map((n, side) => `${SIDES[side]} ${testNumber(test, n)}`).join(", ");
}

/** How much better each side has become; negative: worse. In the test's unit. */
export function improvements(test: AthleteTest, before: TestValue, after: TestValue): number[] {
  const sign = test.better === "more" ? 1 : -1;
  return before.map((b, side) => sign * (after[side]! - b));
}

/** Index of the worse side; of two that are the same the left. */
export function worseSide({ better }: AthleteTest, value: TestValue): number {
  const [left, right] = value;
  if (right === undefined) return 0;
  return (better === "more" ? right < left! : right > left!) ? 1 : 0;
}

/** How much better the side has become that was the worse one; negative: worse. In the test's unit. */
export function improvementOf(test: AthleteTest, before: TestValue, after: TestValue): number {
  return improvements(test, before, after)[worseSide(test, before)]!;
}

/** Whether the worse side is not good enough yet. */
export function isPoor(test: AthleteTest, value: TestValue): boolean {
  const worst = value[worseSide(test, value)]!;
  return test.better === "more" ? worst < test.goodFrom : worst > test.goodFrom;
}

/** Difference between the sides. */
export interface Asymmetry {
  /** In the test's unit, never negative. */
  difference: number;
  /** Of the better side's number, from 0 to 1; null where that is zero. */
  share: number | null;
  worse: (typeof SIDES)[number];
}

/** Difference between the sides of an outcome; null: there is one number, or both are the same. */
export function asymmetryOf(test: AthleteTest, value: TestValue): Asymmetry | null {
  const [left, right] = value;
  if (left === undefined || right === undefined || left === right) return null;
  const worse = worseSide(test, value);
  const best = Math.abs(value[1 - worse]!);
  const difference = Math.abs(left - right);
  return { difference, share: best === 0 ? null : difference / best, worse: SIDES[worse]! };
}

/** How sure one change is: within what measuring alone makes of nothing, perhaps more, or clearly more. */
export type ChangeVerdict = "within-error" | "perhaps" | "clear";

/** From how many measurement errors on a change may be one, and is clear. */
const PERHAPS_FROM = 1.4;
const CLEAR_ABOVE = 2.3;

/** Verdict on one change, better or worse, against the measurement error (docs/model.md, "What helps whom"). */
export function changeVerdict({ measurementError }: AthleteTest, change: number): ChangeVerdict {
  // Numbers of tests are decimal: what is exactly at the border must not depend on how they are held.
  const errors = Math.round((Math.abs(change) / measurementError) * 1e6) / 1e6;
  if (errors < PERHAPS_FROM) return "within-error";
  return errors <= CLEAR_ABOVE ? "perhaps" : "clear";
}
