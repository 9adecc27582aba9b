import type { Drill } from "../catalog";
import { DEMANDS, type DemandId, type DemandKind } from "../demands";

/** Whether two drills both serve at least so much of a demand of one kind. */
export function sharesDemand(a: Drill, b: Drill, kind: DemandKind, least: number): boolean {
  return (Object.keys(a.serves) as DemandId[]).some(
    (d) => DEMANDS[d].kind === kind && a.serves[d]! >= least && (b.serves[d] ?? 0) >= least,
  );
}
