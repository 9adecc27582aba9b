import type { AthleteProfile } from "../athlete";
import type { DrillId, EquipmentId, Phase } from "../catalog";
import type { Dose } from "../dose";
import type { Circuit, CircuitPart, Condition, OwnDrill, Placed, PlacedTest } from "../drills";
import type { Part, PlannedLift, PlanRequest } from "../plan";
import type { Ramp } from "../ramp";

/** One of a group, with what is theirs alone. */
export interface GroupMember {
  id: string;
  name: string;
  athlete: AthleteProfile;
  lifts: readonly PlannedLift[];
  /** Drills that the coach has chosen for this member alone; absent: none. */
  own?: readonly OwnDrill[];
  /** Circuits of drills that the coach has chosen for this member alone; absent: none. */
  circuits?: readonly Circuit[];
  /** Drills that the coach has taken out for this member alone; absent: none. */
  dropped?: readonly DrillId[];
  /** What of the gym's this member cannot use; absent: nothing. */
  cannotUse?: readonly EquipmentId[];
}

export interface GroupRequest
  extends Pick<
    PlanRequest,
    | "unit"
    | "minutes"
    | "approach"
    | "room"
    | "equipment"
    | "clearFloor"
    | "own"
    | "circuits"
    | "dropped"
    | "drills"
    | "tests"
  > {
  members: readonly GroupMember[];
  /** How many there are of a thing that one person uses at a time; absent: enough for all. */
  counts: Readonly<Partial<Record<EquipmentId, number>>>;
}

/** What one member does at one time. */
export interface MemberStep {
  drill: DrillId;
  name: string;
  phase: Phase;
  dose: Dose;
  kind: Part;
  /** The shared drill that it belongs to or stands in for; null for a personal one. */
  of: DrillId | null;
  reason: string;
  /** Seconds from the start; set-up, work and rests. */
  startsAt: number;
  seconds: number;
  /** Things that it uses. */
  uses: readonly EquipmentId[];
  /** The same as the plan of one athlete has it. */
  placed: Placed;
}

export interface MemberPlan {
  id: string;
  name: string;
  steps: readonly MemberStep[];
  /** Quick checks between them. */
  tests: readonly PlacedTest[];
  /** Seconds that this member stands and waits for a machine. */
  waitingSeconds: number;
  drillSeconds: number;
  /** To the first working set. */
  seconds: number;
  ramps: readonly (Ramp | null)[];
}

/** A drill that the group does together. */
export interface SharedDrill {
  drill: DrillId;
  name: string;
  phase: Phase;
  dose: Dose;
  /** How often it goes round, and in what; once, in nothing. */
  rounds: number;
  circuit: CircuitPart | null;
  /** What the coach offers in its place, and when another comes in its place; none, null. */
  anyOf: readonly DrillId[];
  condition: Condition | null;
  reason: string;
  /** How many turns it takes until everybody has been on it, 1 or 2. */
  turns: number;
  /** Members who do something else, or nothing, meanwhile. */
  substitutes: readonly { member: string; drill: DrillId | null }[];
}

export interface GroupPlan {
  shared: readonly SharedDrill[];
  members: readonly MemberPlan[];
  /** Points under the group's model. */
  objective: number;
  /** The second at which the last member is ready for the first working set. */
  seconds: number;
}

/** How far the planning of a group is, 0 to 1. */
export interface GroupProgress {
  done: number;
}
