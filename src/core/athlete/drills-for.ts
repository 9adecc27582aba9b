import { memoize } from "@/lib/memoize";
import type { Drill, DrillId } from "../catalog";
import type { DrillWishes } from "./wishes";

const atSmallest = memoize((drill: Drill): Drill => {
  const { sets, amount } = drill.dose;
  const least = ([low]: readonly [number, number, number]) => [low, low, low] as const;
  return { ...drill, dose: { ...drill.dose, sets: least(sets), amount: least(amount), onlyLeast: true } };
});

const atPaces = memoize((_: Drill) => new Map<number, Drill>());

/** A drill that takes so much longer than its parts; the same value each time, so that what is known of it stays known. */
function atPace(drill: Drill, pace: number): Drill {
  const paces = atPaces(drill);
  const known = paces.get(pace) ?? { ...drill, dose: { ...drill.dose, pace } };
  paces.set(pace, known);
  return known;
}

/**
 * The drills that an athlete's warm-up is chosen from: those that may be used, what was too much at its smallest dose, and each
 * for as long as it takes this athlete. What the coach has put in by hand stays whatever was wished.
 *
 * @param paces how much longer drills take this athlete than their parts, where that is otherwise than for others.
 */
export function drillsFor(
  drills: readonly Drill[],
  { never, smallest = [] }: DrillWishes,
  own: readonly { drill: DrillId; anyOf?: readonly DrillId[] }[],
  paces: Readonly<Record<DrillId, number>> = {},
): readonly Drill[] {
  const allowed = withoutNever(drills, never, own);
  if (smallest.length === 0 && Object.keys(paces).length === 0) return allowed;
  return allowed.map((drill) => {
    const dosed = smallest.includes(drill.id) ? atSmallest(drill) : drill;
    const pace = Object.hasOwn(paces, drill.id) ? paces[drill.id] : undefined;
    return pace ? atPace(dosed, pace) : dosed;
  });
}

function withoutNever(
  drills: readonly Drill[],
  never: readonly DrillId[],
  own: readonly { drill: DrillId; anyOf?: readonly DrillId[] }[],
): readonly Drill[] {
  if (never.length === 0) return drills;
  const kept = new Set(own.flatMap((o) => [o.drill, ...(o.anyOf ?? [])]));
  return drills.filter((d) => !never.includes(d.id) || kept.has(d.id));
}
