import type { EquipmentId } from "../catalog";
import type { RampStyleId } from "../ramp";
import type { UnitSystem, Weight } from "../units";
import type { AthleteProfile, ReachedSign } from "./athlete";
import type { DrillWishes } from "./wishes";

/** What is known of an athlete. */
export interface AthleteRecord extends AthleteProfile {
  id: string;
  name: string;
  group: string;
  birthYear: number | null;
  bodyWeight: Weight | null;
  /** The unit of the body weight and working weights. */
  unit: UnitSystem;
  note: string;
  /** The last of each lift, the newest first. */
  workingWeights: readonly WorkingWeight[];
  /** The last one-repetition maximum of each lift that was lifted or told, not estimated. */
  maxima: readonly OneRepMax[];
  /** A bar that the athlete brings along, its weight in the athlete's unit; null: the gym's. */
  ownBar: { name: string; weight: Weight } | null;
  /** What this athlete has reached at drills. */
  reached: readonly ReachedSign[];
  /** What the athlete cannot use. */
  cannotUse: readonly EquipmentId[];
  /** The approach and the style of ramp that this athlete always has; null: as the session has it. */
  approach: string | null;
  rampStyle: RampStyleId | null;
  /** Drills that this athlete's group and the athlete like or never do; absent: none. */
  wishes?: DrillWishes;
  /** How much longer drills take this athlete than their parts, by drill, where that is otherwise than for others; absent: as for all. */
  paces?: Readonly<Record<string, number>>;
}

/** What of it a plan is made from. */
export type PlannedAthlete = AthleteProfile &
  Pick<AthleteRecord, "bodyWeight" | "unit" | "ownBar" | "cannotUse" | "wishes" | "paces">;

export interface OneRepMax {
  lift: string;
  weight: Weight;
  /** ISO day. */
  day: string;
}

export interface WorkingWeight {
  lift: string;
  weight: Weight;
  reps: number;
  sets: number;
  rir: number;
  /** ISO day. */
  day: string;
}
