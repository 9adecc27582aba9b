import type { DemandId, DemandWeights } from "../demands";
import type { AreaId } from "./areas";

/** What a lift is loaded with. */
export const IMPLEMENTS = ["barbell", "dumbbells", "machine", "stack", "bodyweight", "none"] as const;
export type Implement = (typeof IMPLEMENTS)[number];

export type LiftId = string;

/** A main lift: what it asks for and what its ramp has to know. */
export interface Lift {
  id: LiftId;
  name: string;
  /** What it asks of the body, 1 to 3. */
  asks: DemandWeights;
  /** Its movement; null for single-joint lifts. */
  pattern: DemandId | null;
  /** Muscles that the lift's own ramp sets wake. */
  primeMovers: readonly DemandId[];
  /** Areas of the body that it loads. */
  loads: readonly AreaId[];
  implement: Implement;
  /** Whether the bar must stand at full height on the floor. */
  fromFloor: boolean;
  olympic: boolean;
  /** How an Olympic lift is built up. */
  family?: "snatch" | "clean" | "jerk";
  compound: boolean;
  /** Whether safeties and a spotter are the rule when it gets heavy. */
  spotted: boolean;
  /** Without a weight of its own: a block of work, or drills alone. */
  kind?: "work-block" | "drills-alone";
  /** The approach that it brings with it, for drills alone. */
  approach?: string;
  /** Taken out by the coach: there for the plans that have it, in no new one. */
  /** The lift whose figure it has; null: none. Absent: its own. */
  figure?: LiftId | null;
  retired?: boolean;
}
