import type { DrillId } from "../catalog";
import type { DemandId } from "../demands";
import type { AthleteTest, TestUnit } from "./athlete-test";
import { gainPerMinute, type Responses, serveFactor } from "./responses";

/** What is known of how an athlete responds to a drill, as a plan is made from it. */
export interface KnownResponse {
  drill: DrillId;
  demand: DemandId;
  /** How much more or less it serves the demand than its record says, 0.5 to 1.5. */
  factor: number;
  /** It has helped this athlete; absent: not known to. */
  helped?: { trials: number; test: string; perMinute: number; unit: TestUnit };
}

/** How much more or less of a demand a drill has been found to serve an athlete; 1 where nothing is known. */
export function factorFor(
  responses: readonly KnownResponse[] | undefined,
  drill: DrillId,
  demand: DemandId,
): number {
  return responses?.find((r) => r.drill === drill && r.demand === demand)?.factor ?? 1;
}

/** What of an athlete's responses makes a difference to plans: those that count otherwise than the drill's record says. */
export function knownResponses(
  responses: Responses,
  athlete: string,
  tests: readonly AthleteTest[],
): KnownResponse[] {
  return responses.of(athlete).flatMap((r): KnownResponse[] => {
    const factor = serveFactor(r);
    const test = tests.find((t) => t.id === r.test);
    const helped = r.verdict === "helps" && test;
    if (factor === 1 && !helped) return [];
    const known = { drill: r.drill, demand: r.demand, factor };
    if (!helped) return [known];
    const perMinute = Math.round(gainPerMinute(r, test) * 10) / 10;
    return [{ ...known, helped: { trials: r.trials, test: test.name, perMinute, unit: test.unit } }];
  });
}
