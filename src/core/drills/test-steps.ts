import type { Drill, DrillId } from "../catalog";

/** Where a test stands: before all drills, after all of them, or right after one of them. */
export type TestPlace = { kind: "first" } | { kind: "last" } | { kind: "after"; drill: DrillId };

/** A quick check inside a warm-up, at one place or several. */
export interface TestStep {
  /** What is done. */
  drill: DrillId;
  seconds: number;
  /** What the coach looks for. */
  looksFor: string;
  at: readonly TestPlace[];
}

/** Limits of what a test may say. Seconds, letters, and how many there are. */
export const TEST_LIMITS = { seconds: [5, 120], looksFor: 120, places: [1, 12], tests: 6 } as const;

/** A test with its drill as the catalog has it. */
export interface KnownTest extends Omit<TestStep, "drill"> {
  /** Its place among the tests of the warm-up. */
  index: number;
  drill: Drill;
}

/** Tests whose drills there are. */
export function knownTests(tests: readonly TestStep[], drills: readonly Drill[]): KnownTest[] {
  return tests.flatMap((test, index) => {
    const drill = drills.find((d) => d.id === test.drill);
    return drill ? [{ ...test, index, drill }] : [];
  });
}

/** Seconds of all tests without the changes to them, so that drills are chosen for the rest. */
export function testSeconds(tests: readonly Pick<TestStep, "seconds" | "at">[]): number {
  return tests.reduce((sum, { seconds, at }) => sum + seconds * at.length, 0);
}

/** The tests that stand right after a drill, or first where that is null, in their order. */
export function testsAfter(
  tests: readonly KnownTest[],
  drill: DrillId | null,
  { isLast }: { isLast: boolean },
): KnownTest[] {
  const stands = (place: TestPlace) => {
    if (place.kind === "after") return place.drill === drill;
    return place.kind === "first" ? drill === null : isLast;
  };
  return tests.filter((t) => t.at.some(stands));
}
