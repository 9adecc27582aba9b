import { type PlannedAthlete, rulesOut } from "../athlete";
import { AREAS, type Drill, type DrillId, EQUIPMENT, type EquipmentId, hasKit, kitWithout } from "../catalog";
import type { DemandId } from "../demands";
import { doseSeconds } from "../dose";

/** A drill that the coach may put into a warm-up. */
export interface DrillToAdd {
  drill: Drill;
  /** Why it cannot be put in; null: it can. */
  obstacle: string | null;
  /** Names of those who would do something else meanwhile. */
  notFor: readonly string[];
}

/** Why one athlete cannot do a drill; null: nothing is against it. */
function against(
  drill: Drill,
  { athlete }: Pick<Person, "athlete">,
  equipment: ReadonlySet<EquipmentId>,
): string | null {
  const area = rulesOut(athlete, drill);
  if (area) return `${AREAS[area.area]}: ${area.level === "avoid" ? "to be avoided" : "sore"}`;
  return hasKit(drill.equipment, kitWithout(equipment, athlete.cannotUse))
    ? null
    : "cannot use what it needs";
}

interface Person {
  name: string;
  athlete: Pick<PlannedAthlete, "experience" | "limiters" | "areas" | "cannotUse">;
}

/**
 * The drills that are not in a warm-up yet and could be put in, in the order they come in, those that cannot be put
 * in last: what they need is not there, or they are against an area of everybody who would do them.
 *
 * @param taken drills that are in it already.
 */
export function drillsToAdd(
  drills: readonly Drill[],
  people: readonly Person[],
  equipment: readonly EquipmentId[],
  taken: ReadonlySet<DrillId>,
): DrillToAdd[] {
  const there = new Set(equipment);
  const free = drills.filter((d) => !d.retired && !taken.has(d.id));
  const judged = free.map((drill): DrillToAdd => {
    if (!hasKit(drill.equipment, there)) {
      const missing = drill.equipment.filter((any) => !hasKit([any], there));
      const names = missing.map((any) => EQUIPMENT[any[0]!].toLowerCase()).join(", ");
      return { drill, obstacle: `not here: ${names}`, notFor: [] };
    }
    const reasons = people.map((p) => ({ name: p.name, reason: against(drill, p, there) }));
    const barred = reasons.filter((r) => r.reason !== null);
    const isForNobody = people.length > 0 && barred.length === people.length;
    if (isForNobody) return { drill, obstacle: barred[0]!.reason, notFor: [] };
    return { drill, obstacle: null, notFor: barred.map((r) => r.name) };
  });
  return [...judged.filter((d) => d.obstacle === null), ...judged.filter((d) => d.obstacle !== null)];
}

/** What a demand is asked for and served by a plan so far. */
interface Covered {
  demand: DemandId;
  asked: number;
  served: number;
}

/**
 * What a drill would do for a plan: the demands that are asked and that it serves, those that are open first, and how much of
 * what is open it would close. Seconds of its usual dose.
 */
export function usesOf(
  drill: Drill,
  coverage: readonly Covered[],
): { demands: DemandId[]; closes: number; seconds: number } {
  const rows = coverage.flatMap(({ demand, asked, served }) => {
    const serves = drill.serves[demand] ?? 0;
    return serves > 0 && asked > 0 ? [{ demand, closes: Math.min(serves, Math.max(0, asked - served)) }] : [];
  });
  const [sets, amount] = [drill.dose.sets[1], drill.dose.amount[1]];
  return {
    demands: rows.toSorted((a, b) => b.closes - a.closes).map((r) => r.demand),
    closes: rows.reduce((sum, r) => sum + r.closes, 0),
    seconds: drill.setUpSeconds + doseSeconds(drill.dose, { sets, amount }),
  };
}
