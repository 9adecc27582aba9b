import type { DrillId } from "../catalog";
import { type AthleteTest, improvementOf, type TestValue } from "./athlete-test";

/** A test, one drill, and the test again. */
export interface Trial {
  athlete: string;
  test: string;
  /** Null: measured again without a drill, which shows what measuring alone does. */
  drill: DrillId | null;
  /** What the drill took. Seconds. */
  seconds: number;
  /** ISO day. */
  day: string;
  before: TestValue;
  after: TestValue;
}

/** How much the worse side has gained in a trial, in measurement errors of its test. */
export function gainInErrors(test: AthleteTest, trial: Pick<Trial, "before" | "after">): number {
  return improvementOf(test, trial.before, trial.after) / test.measurementError;
}
