import type { Lift } from "../catalog";
import { DEMAND_IDS } from "../demands";

/**
 * Share of what a lift asks that the lifts before it have asked already, 0 to 1:
 * Σ min(b, a) / Σ b over the demands (docs/model.md, "Already warm").
 */
export function similarDone(lift: Lift, before: readonly Lift[]): number {
  let shared = 0;
  let all = 0;
  for (const demand of DEMAND_IDS) {
    const asks = lift.asks[demand] ?? 0;
    all += asks;
    shared += Math.min(asks, Math.max(0, ...before.map((b) => b.asks[demand] ?? 0)));
  }
  return all === 0 ? 0 : shared / all;
}
