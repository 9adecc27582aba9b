import type { AthleteProfile } from "../athlete";
import type { Approach, Drill, DrillId, EquipmentId, Lift, Phase } from "../catalog";
import type { DemandId } from "../demands";
import type { Dose } from "../dose";
import type { BarKit } from "../plates";
import type { Experience, FixedSet, Ramp, RampRequest, RampStyleId, Room } from "../ramp";
import type { Finding } from "../result";
import type { Candidate, ChoiceModel, OwnDrill } from "../sequence";
import type { WorkingSets } from "../strength";
import type { UnitSystem } from "../units";

/** A main lift with its working sets and the coach's own changes to its ramp. */
export interface PlannedLift {
  lift: Lift;
  kit: BarKit;
  /** Null: no working weight is known, so the drills are planned and the ramp is not. */
  working: WorkingSets | null;
  /** Absent: the approach's style. */
  style?: RampStyleId;
  rampSets?: number;
  fixed?: Readonly<Record<number, FixedSet>>;
  /** Absent: worked out from the athlete's areas. */
  slowToWarm?: RampRequest["slowToWarm"];
  /** Absent: worked out from the lifts before it. */
  similarDone?: number;
  /** Absent: as for the whole warm-up. */
  experience?: Experience;
  /** Absent: as for the whole warm-up. */
  room?: Room;
}

export interface PlanRequest {
  unit: UnitSystem;
  /** In the order of the session, at least one. */
  lifts: readonly PlannedLift[];
  /** To the first working set: drills and the first lift's ramp. */
  minutes: number;
  athlete: AthleteProfile;
  approach: Approach;
  room: Room;
  /** What the gym has for drills; null: everything. */
  equipment: ReadonlySet<EquipmentId> | null;
  /** Drills that the coach has chosen. */
  own: readonly OwnDrill[];
  /** Drills that the coach has taken out. */
  dropped: readonly DrillId[];
  drills: readonly Drill[];
}

export interface PlanStep {
  drill: Drill;
  phase: Phase;
  dose: Dose;
  /** Set-up, work and rests. */
  seconds: number;
  /** Seconds from the start of the warm-up. */
  startsAt: number;
  serves: { demand: DemandId; weight: number }[];
  reason: string;
  /** Whether the coach has chosen it. */
  pinned: boolean;
}

export interface CoveredDemand {
  demand: DemandId;
  /** What lifts and limiters ask, the ramp's part included. */
  asked: number;
  /** What drills and ramp serve. */
  served: number;
  limiter: boolean;
}

export interface Plan {
  steps: PlanStep[];
  /** One for each lift, in order; null where no working weight is known. */
  ramps: (Ramp | null)[];
  coverage: CoveredDemand[];
  /** Seconds at which the drills end and the first ramp begins. */
  drillSeconds: number;
  /** Seconds to the first working set. */
  seconds: number;
  findings: Finding[];
  /** What the choice was made from, for whoever wants to ask on. */
  choice: { model: ChoiceModel; chosen: readonly Candidate[] };
}
