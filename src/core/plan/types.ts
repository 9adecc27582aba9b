import type { NonEmpty } from "@/lib/non-empty";
import type { Finding } from "@/lib/result";
import type { AthleteProfile } from "../athlete";
import type { Approach, Drill, DrillId, EquipmentId, Lift, Phase } from "../catalog";
import type { DemandId } from "../demands";
import type { Dose } from "../dose";
import type {
  Candidate,
  ChoiceModel,
  Circuit,
  CircuitPart,
  MetCondition,
  OwnDrill,
  Placed,
  PlacedTest,
  TakenDrill,
  TestStep,
} from "../drills";
import type { LoadKit } from "../plates";
import type {
  AdditionId,
  DoneSet,
  Experience,
  FixedSet,
  Ramp,
  RampFinding,
  RampRequest,
  RampStyleId,
  Room,
} from "../ramp";
import type { WorkingSets } from "../strength";
import type { UnitSystem, Weight } from "../units";
import type { CoolDown, CoolDownRequest } from "./cool-down";

/** A main lift with its working sets and the coach's own changes to its ramp. */
export interface PlannedLift {
  lift: Lift;
  /** What it is loaded from; null: it has no weight, or the gym has nothing for it. */
  kit: LoadKit | null;
  /** Null: no working weight is known, so the drills are planned and the ramp is not. */
  working: WorkingSets | null;
  /** The weight that was asked for, where the kit does not make it and a lighter one stands in. */
  askedWeight?: Weight;
  /** Absent: the approach's style. */
  style?: RampStyleId;
  /** The coach's own start as a share of the working weight, 0 the lightest there is. */
  start?: number;
  rampSets?: number;
  /** How many sets its ramp gives up for lack of time; absent: none. */
  fewer?: number;
  fixed?: Readonly<Record<number, FixedSet>>;
  /** Technique additions of an Olympic lift. */
  additions?: readonly AdditionId[];
  /** Set on blocks, so that any plates will do for a lift from the floor. */
  onBlocks?: boolean;
  /** Ramp sets that have been done, with plates of the kit; they stay as they are. */
  done?: readonly DoneSet[];
  /** Seconds until the first working set of this lift; absent: as long as it takes. */
  secondsLeft?: number;
  /** Absent: worked out from the athlete's areas. */
  slowToWarm?: RampRequest["slowToWarm"];
  /** A weight under this is light for the athlete, see `lightUnder`; absent: not known. */
  lightUnder?: Weight;
  /** Absent: worked out from the lifts before it. */
  similarDone?: number;
  /** Absent: as for the whole warm-up. */
  experience?: Experience;
  /** Absent: as for the whole warm-up. */
  room?: Room;
  /** Sets after the working sets, lighter or for more repetitions; the ramp goes to the first working set. */
  backOffs?: readonly WorkingSets[];
  /** Done in turns with the lift after it: their drills and ramps come together. */
  pairedWithNext?: boolean;
  /** Seconds from the first working set to the next block's start; absent: estimated from the sets. */
  workSeconds?: number;
}

/** A drill that the coach has chosen, and for which block if not the first. */
export interface OwnDrillOfPlan extends OwnDrill {
  block?: number;
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
  /** The straight stretch of floor that is free, in metres; null or absent: enough for everything. */
  clearFloor?: number | null;
  /** Drills that the coach has chosen. */
  own: readonly OwnDrillOfPlan[];
  /** Circuits of drills that the coach has chosen; absent: none. */
  circuits?: readonly Circuit[];
  /** Drills that the coach has taken out. */
  dropped: readonly DrillId[];
  drills: readonly Drill[];
  /** Quick checks between the drills before the first lift; absent: none. */
  tests?: readonly TestStep[];
  /** What comes after the last lift: the drills before the first once more, or others by an approach of their own; absent: nothing. */
  coolDown?: CoolDownRequest;
  /** Drills of the first block as the coach has taken them over from a better plan found later. */
  taken?: readonly TakenDrill[];
  /** Drills of the first block that have been done: they stay as they were. */
  begun?: readonly TakenDrill[];
  /** The drills and tests of the first block as a group's plan has them, this athlete's part of it. */
  together?: { steps: readonly TogetherStep[]; tests: readonly PlacedTest[] };
}

/** What one of a group does: with everybody, in place of what everybody does, or for this one alone. */
export type Part = "shared" | "substitute" | "personal";

/** A drill in its place in a group's plan. */
export interface TogetherStep extends Placed {
  part: Part;
}

export interface PlanStep {
  /** The block that it belongs to. */
  block: number;
  drill: Drill;
  phase: Phase;
  /** The round of its circuit, from 1, and how many there are; 1 of 1 outside circuits. */
  round: number;
  rounds: number;
  /** The circuit that it goes round in; null: none. */
  circuit: CircuitPart | null;
  /** The dose of one round. */
  dose: Dose;
  /** Set-up, work and rests. */
  seconds: number;
  /** Seconds from the start of the warm-up. */
  startsAt: number;
  serves: { demand: DemandId; weight: number }[];
  reason: string;
  /** Why it is so much of it, and for what part of the approach. */
  doseReason: string;
  /** Whether the coach has chosen it. */
  pinned: boolean;
  /** Others that would do as well, of which the athlete may take one. */
  anyOf: readonly Drill[];
  /** What comes in its place once what has been reached; null: nothing, or it has been decided. */
  condition: { reached: string; next: Drill } | null;
  /** The drill of the coach's in whose place it is done, and why; null: none. */
  insteadOf: (Omit<MetCondition, "drill"> & { drill: Drill }) | null;
  /** In a group's plan what it is to the others; absent: the athlete warms up alone. */
  part?: Part;
}

/** A quick check in its place. */
export interface PlanTest extends PlacedTest {
  /** The block that it belongs to. */
  block: number;
}

export interface CoveredDemand {
  demand: DemandId;
  /** What lifts and limiters ask, the ramp's part included. */
  asked: number;
  /** What drills and ramp serve. */
  served: number;
  limiter: boolean;
}

/** What a block's drills were chosen from, for whoever wants to ask on. */
export interface Choice {
  model: ChoiceModel;
  chosen: readonly Candidate[];
  /** Points; `bound` is the most that any choice could reach. */
  objective: number;
  bound: number;
}

/** One lift, or two that are a superset, with the drills and ramps before them: when its parts begin. */
export interface BlockTimes {
  /** Places in the request's lifts. */
  lifts: readonly number[];
  /** Seconds from the start of the session: drills, ramps, working sets, end of the working sets. */
  startsAt: number;
  rampsAt: number;
  workAt: number;
  endsAt: number;
}

export interface PlanBlock extends BlockTimes {
  choice: Choice;
}

/** Why what a lift asks for is hardly served. */
export type UnservedCause = "time" | "approach" | "ramp" | "equipment" | "space" | "area" | "dropped";

/** What a coach should know about a plan, its ramps among it. */
export type PlanFinding =
  | RampFinding
  | Finding<
      | "drills-only"
      | "lift-against-area"
      | "lift-loads-sore-area"
      | "no-working-weight"
      | "ramp-over-time"
      | "ramp-shortened"
      | "weight-not-here"
      | `unserved-${UnservedCause}`
    >;

/** A plan without what its drills were selected from: all that is shown, printed and stored of it. */
export interface PlanOutline {
  /** Of all blocks, in order. */
  steps: PlanStep[];
  /** Quick checks between them, in order. */
  tests: PlanTest[];
  /** One for each lift, in order; null where no working weight is known. */
  ramps: (Ramp | null)[];
  blocks: NonEmpty<BlockTimes>;
  coverage: CoveredDemand[];
  /** The same drills after the last lift; null: none. No part of `seconds`. */
  coolDown: CoolDown | null;
  /** Seconds at which the first block's drills end and its ramp begins. */
  drillSeconds: number;
  /** Seconds to the first working set. */
  seconds: number;
  findings: PlanFinding[];
}

export interface Plan extends PlanOutline {
  blocks: NonEmpty<PlanBlock>;
}
