import { type AthleteProfile, rulesOut } from "../athlete";
import { type Drill, type DrillId, type EquipmentId, hasKit } from "../catalog";
import { EXPERIENCES, type Experience } from "../ramp";
import type { Circuit } from "./circuits";

/**
 * Another drill is done in the place of one once something has been reached, in the coach's words, or by those who have
 * this experience or more.
 */
export type Condition = { next: DrillId } & ({ reached: string } | { experience: LeastExperience });

/** Experience that not everybody has. */
export const LEAST_EXPERIENCES = ["intermediate", "advanced"] as const satisfies readonly Experience[];
export type LeastExperience = (typeof LEAST_EXPERIENCES)[number];

/** A drill in whose place another is done, and why. */
export interface MetCondition {
  drill: DrillId;
  why: string;
  /** What has been reached at it; absent: it is by experience. */
  reached?: string;
}

interface Conditional {
  drill: DrillId;
  condition?: Condition;
}

/** A drill that the coach has chosen, as what is known of the athlete decides it. */
export type Decided<T extends Conditional> = T & { insteadOf?: MetCondition };

/** "60 s clean" and "60 s  Clean" are the same sign. */
const plain = (sign: string) => sign.trim().replace(/\s+/g, " ").toLowerCase();

/** What the athlete has reached at a drill, by its sign; undefined: not yet. */
export function reachedAt({ reached }: Pick<AthleteProfile, "reached">, drill: DrillId, sign: string) {
  return reached?.find((r) => r.drill === drill && plain(r.sign) === plain(sign));
}

/** Why a condition is met, in words; false: it is not; null: nobody knows before the day. */
function whyMet(drill: DrillId, condition: Condition, athlete: AthleteProfile): string | false | null {
  if ("reached" in condition) {
    return reachedAt(athlete, drill, condition.reached) ? `“${condition.reached}” has been reached` : null;
  }
  const level = (of: Experience) => EXPERIENCES.indexOf(of);
  return level(athlete.experience) >= level(condition.experience) && `for ${PEOPLE[condition.experience]}`;
}

/** Those who have so much experience, or more. */
const PEOPLE: Readonly<Record<LeastExperience, string>> = {
  intermediate: "intermediate and advanced lifters",
  advanced: "advanced lifters",
};

/** Who a condition is for, in words that go before "then". */
export function conditionInWords(condition: Condition): string {
  return "reached" in condition ? condition.reached : `For ${PEOPLE[condition.experience]}`;
}

/**
 * The coach's own drills as what is known of an athlete decides them: where a condition is met the other drill is done at
 * its usual dose, in the same place and circuit. What nobody knows before the day stays a condition; one that is not met
 * is none. A drill that this athlete must not do, has nothing for or has had taken out takes no place.
 */
export function decideConditions<T extends Conditional>(
  { own, circuits = [] }: { own: readonly T[]; circuits?: readonly Circuit[] },
  {
    athlete,
    drills,
    equipment,
    dropped,
  }: {
    athlete: AthleteProfile;
    drills: readonly Drill[];
    equipment: ReadonlySet<EquipmentId> | null;
    dropped: readonly DrillId[];
  },
): { own: Decided<T>[]; circuits: Circuit[] } {
  const mayDo = (id: DrillId) => {
    const drill = drills.find((d) => d.id === id);
    return drill && !dropped.includes(id) && !rulesOut(athlete, drill) && hasKit(drill.equipment, equipment);
  };
  const nextOf = new Map<DrillId, DrillId>();
  const decided = own.flatMap((o): Decided<T>[] => {
    const why = o.condition ? whyMet(o.drill, o.condition, athlete) : null;
    if (!o.condition || why === null) return [o];
    const { next } = o.condition;
    if (why === false || !mayDo(next)) return [{ ...o, condition: undefined }];
    nextOf.set(o.drill, next);
    // Where the coach has said something of the other drill too, that counts.
    if (own.some((other) => other.drill === next)) return [];
    const sign = "reached" in o.condition ? { reached: o.condition.reached } : {};
    const insteadOf = { drill: o.drill, why, ...sign };
    return [{ ...o, drill: next, dose: undefined, anyOf: undefined, condition: undefined, insteadOf }];
  });
  const inCircuits = circuits.map((c) => ({
    ...c,
    drills: [...new Set(c.drills.map((d) => nextOf.get(d) ?? d))],
  }));
  return { own: decided, circuits: inCircuits.filter((c) => c.drills.length > 1) };
}
