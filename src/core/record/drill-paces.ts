import { groupRows } from "@/lib/group-rows";
import type { DrillId } from "../catalog";
import { averageEffect, effectFor, type LevelModel } from "../response";

/** How long a drill took somebody: how often it was timed, and the mean of real seconds over those of its parts. */
export interface DrillTimes {
  drill: DrillId;
  athlete: string;
  times: number;
  ratio: number;
}

/** Variances of real seconds over those of its parts, by which few times are drawn to what is planned. */
const TIMES: LevelModel = { trialVariance: 0.04, betweenAthletes: 0.1, betweenDrills: 0.2 };

/** From how many times on they count, the most that they change, and in which steps, so that plans do not waver. */
const LEAST_TIMES = 5;
const BOUNDS = { least: 0.5, most: 1.5, step: 0.05 };

function rounded(pace: number): number {
  const bounded = Math.min(BOUNDS.most, Math.max(BOUNDS.least, pace));
  return Math.round(Math.round(bounded / BOUNDS.step) * BOUNDS.step * 100) / 100;
}

function evidenceOf(rows: readonly DrillTimes[]) {
  return rows.map((r) => ({ weight: r.times, mean: r.ratio }));
}

/**
 * How much longer or shorter drills take here than planned, from what they took on the floor: the mean of all, drawn to what is
 * planned by how few the times are, at most half more or less (docs/model.md, "Real times").
 *
 * @returns factors other than 1, by drill.
 */
export function drillPaces(rows: readonly DrillTimes[]): Record<DrillId, number> {
  const paces: Record<DrillId, number> = {};
  for (const drill of new Set(rows.map((r) => r.drill))) {
    const own = rows.filter((r) => r.drill === drill);
    if (own.reduce((sum, r) => sum + r.times, 0) < LEAST_TIMES) continue;
    const pace = rounded(averageEffect(evidenceOf(own), 1, TIMES).mean);
    if (pace !== 1) paces[drill] = pace;
  }
  return paces;
}

/**
 * How much longer or shorter drills take some athletes than their parts, where that is otherwise than for all: their own times,
 * drawn to those of all by how few they are.
 *
 * @param ofAll what they take all, from `drillPaces`.
 * @returns factors by athlete and drill.
 */
export function athletePaces(
  rows: readonly DrillTimes[],
  ofAll: Readonly<Record<DrillId, number>>,
): ReadonlyMap<string, Record<DrillId, number>> {
  const paces = new Map<string, Record<DrillId, number>>();
  const ownOf = groupRows(rows, (r) => r.drill);
  for (const drill of new Set(rows.map((r) => r.drill))) {
    const own = ownOf(drill);
    const average = averageEffect(evidenceOf(own), 1, TIMES);
    for (const { athlete, times, ratio } of own) {
      if (times < LEAST_TIMES) continue;
      const pace = rounded(effectFor({ weight: times, mean: ratio }, average, TIMES).mean);
      if (pace === (ofAll[drill] ?? 1)) continue;
      paces.set(athlete, { ...paces.get(athlete), [drill]: pace });
    }
  }
  return paces;
}
