import type { Approach, Lift } from "../catalog";
import { DEMAND_IDS, type DemandId } from "../demands";
import { effort, type WorkingSets } from "../strength";
import { EFFORT_SHARE, LIMITER_BONUS, MOST_WEIGHT, PLACE_SHARE, RAMP_SERVES } from "./constants";

/** A main lift of the session in its place. */
export interface SessionLift {
  lift: Lift;
  /** Null: not known; the effort is then taken as usual. */
  working: WorkingSets | null;
  /** Whether it has ramp sets, which serve its own pattern and prime movers. */
  ramped: boolean;
}

/** One demand as today's session and athlete put it. */
export interface AskedDemand {
  demand: DemandId;
  /** What the lifts ask, 0 to 3.3: the greatest over them, by place and effort. */
  asked: number;
  /** The lift that asks most, if any. */
  askedBy: Lift | null;
  /** Whether it is one of the limiters worked on today. */
  limiter: boolean;
  /** What the ramp itself serves of it. */
  servedByRamp: number;
  /** What is left for drills to serve, 0 to 4; at least what the approach wants in every session. */
  weight: number;
  /** The same without the limiter's bonus. */
  weightWithoutLimiter: number;
}

function effortShare(working: WorkingSets | null): number {
  if (!working) return 1;
  const share = effort(working);
  if (share >= EFFORT_SHARE.hardFrom) return EFFORT_SHARE.hard;
  return share < EFFORT_SHARE.easyUnder ? EFFORT_SHARE.easy : 1;
}

/**
 * What the session asks of the athlete, demand by demand (docs/model.md, "Demands").
 * Of the limiters the most asked ones count, as many as the approach works on.
 */
export function askedDemands(
  lifts: readonly SessionLift[],
  limiters: readonly DemandId[],
  approach: Approach,
): AskedDemand[] {
  const base = DEMAND_IDS.map((demand) => {
    let asked = 0;
    let askedBy: Lift | null = null;
    let servedByRamp = 0;
    lifts.forEach(({ lift, working, ramped }, place) => {
      const share = PLACE_SHARE[Math.min(place, PLACE_SHARE.length - 1)]! * effortShare(working);
      const here = share * (lift.asks[demand] ?? 0);
      if (here > asked) {
        asked = here;
        askedBy = lift;
      }
      const own = lift.pattern === demand || lift.primeMovers.includes(demand);
      if (ramped && (own || approach.rampServes.includes(demand))) servedByRamp = RAMP_SERVES;
    });
    return { demand, asked, askedBy: askedBy as Lift | null, servedByRamp };
  });
  const askedOf = (id: DemandId) => base.find((d) => d.demand === id)?.asked ?? 0;
  const worked = [...limiters]
    .sort((a, b) => askedOf(b) - askedOf(a) || limiters.indexOf(a) - limiters.indexOf(b))
    .slice(0, approach.limiters.most);
  return base.map((d) => {
    const limiter = worked.includes(d.demand);
    const floor = approach.floors[d.demand] ?? 0;
    const weightWithoutLimiter = Math.min(MOST_WEIGHT, Math.max(floor, d.asked - d.servedByRamp));
    const weight = Math.min(MOST_WEIGHT, weightWithoutLimiter + (limiter ? LIMITER_BONUS : 0));
    return { ...d, limiter, weight, weightWithoutLimiter };
  });
}
