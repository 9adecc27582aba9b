import type { Drill } from "../catalog";
import { DEMAND_IDS, type DemandId } from "../demands";

/** A drill looks after a demand that it serves so much. */
const SERVES_FROM = 2;

/** How long somebody has looked after a demand, lately and before. Seconds. */
export interface DemandTime {
  demand: DemandId;
  recent: number;
  all: number;
}

/**
 * How long each demand has been looked after: the time of all drills that serve it by two or more.
 *
 * @param recent and `all`: seconds that were spent on drills, in the shorter and in the longer time; all has recent in it.
 * @param always demands that are listed also where nothing was done for them.
 * @returns those that were looked after in either, the most first, those of `always` among them.
 */
export function demandTimes(
  recent: readonly { drill: string; seconds: number }[],
  all: readonly { drill: string; seconds: number }[],
  drills: readonly Drill[],
  always: readonly DemandId[] = [],
): DemandTime[] {
  const byId = new Map(drills.map((d) => [d.id, d]));
  const secondsFor = (rows: typeof all, demand: DemandId) =>
    rows.reduce((sum, r) => {
      const serves = byId.get(r.drill)?.serves[demand] ?? 0;
      return serves >= SERVES_FROM ? sum + r.seconds : sum;
    }, 0);
  return DEMAND_IDS.map((demand) => ({
    demand,
    recent: secondsFor(recent, demand),
    all: secondsFor(all, demand),
  }))
    .filter((d) => d.all > 0 || always.includes(d.demand))
    .sort((a, b) => b.all - a.all);
}
