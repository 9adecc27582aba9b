import type { Drill } from "../catalog";
import type { DemandId } from "../demands";
import type { AthleteTest } from "./athlete-test";
import { RESPONSE } from "./estimate";
import type { Response } from "./responses";

/** A drill to try for a test, with what can be said for it. */
export interface ToTry {
  drill: Drill;
  demand: DemandId;
  /** What it does, from this athlete's trials and those of others; null: nobody has tried it. */
  response: Response | null;
  /** What is to be expected of it. In measurement errors. */
  gain: number;
}

/** A drill is worth a try for a demand that it serves so much. */
const SERVES_FROM = 2;
/** What stands behind a poor test that its own drills do not mend comes later. In measurement errors. */
const BEHIND = 0.75;

/**
 * Drills to try for a test, the best guess first: what has helped this athlete, then others, then what serves what the test measures;
 * after them those for what else may be behind it.
 *
 * @param drills that the athlete may do.
 * @param responses of the athlete, for all demands.
 * @param signs ids of what was seen in the test.
 */
export function nextToTry(
  test: AthleteTest,
  drills: readonly Drill[],
  responses: readonly Response[],
  signs: readonly string[] = [],
): ToTry[] {
  const seen = (test.signs ?? []).filter((s) => signs.includes(s.id)).flatMap((s) => s.pointsTo);
  const demands = [...new Set([test.demand, ...seen])];
  return drills
    .flatMap((drill): ToTry[] => {
      const options = demands.flatMap((demand, i): ToTry[] => {
        const serves = drill.serves[demand] ?? 0;
        const response = responses.find((r) => r.drill === drill.id && r.demand === demand) ?? null;
        if (serves < SERVES_FROM && !response) return [];
        const gain = response?.effect.mean ?? RESPONSE.perServe * serves;
        return [{ drill, demand, response, gain: gain - BEHIND * i }];
      });
      const best = options.sort((a, b) => b.gain - a.gain)[0];
      return best ? [best] : [];
    })
    .sort((a, b) => b.gain - a.gain || (a.drill.name < b.drill.name ? -1 : 1));
}
