import type { Finding } from "@/lib/result";
import type { LoadKit } from "../plates";
import type { WorkingSets } from "../strength";
import type { UnitSystem, Weight } from "../units";
import type { AdditionId, OlympicFamily } from "./additions";
import type { RampStyleId } from "./styles";

export const EXPERIENCES = ["beginner", "intermediate", "advanced"] as const;
export type Experience = (typeof EXPERIENCES)[number];
export type Room = "normal" | "cold";

/** What the ramp has to know about a lift. */
export interface RampLift {
  id: string;
  /** Whether the bar must stand at full height on the floor. */
  fromFloor: boolean;
  /** Olympic lifts: one more set, few repetitions. */
  olympic: boolean;
  /** How an Olympic lift is built up; absent: it is none that technique additions go with. */
  family?: OlympicFamily;
  /** Whether more than one joint moves; single-joint lifts may lose their whole ramp to warmth. */
  compound: boolean;
}

/** What the coach has set by hand for one ramp set. */
export interface FixedSet {
  weight?: Weight;
  reps?: number;
  /** Changing plates may take longer. */
  restSeconds?: number;
}

export interface RampRequest {
  unit: UnitSystem;
  lift: RampLift;
  working: WorkingSets;
  kit: LoadKit;
  style: RampStyleId;
  experience: Experience;
  /** The worst of the athlete's areas that this lift loads: 0 none, 1 slow to warm, 2 very slow, "sore". */
  slowToWarm: 0 | 1 | 2 | "sore";
  /** A weight under this is light for the athlete, see `lightUnder`; absent: not known. */
  lightUnder?: Weight;
  /** How much of what this lift asks for has been done today already, 0 to 1. */
  similarDone: number;
  room: Room;
  /** The coach's own start as a share of the working weight, 0 the lightest there is; absent: worked out. */
  start?: number;
  /** The coach's own number of ramp sets, 0 to 10; absent: worked out. */
  rampSets?: number;
  /** How many sets fewer there are for lack of time, the light ones for an area or a cold room first; absent: none. */
  fewer?: number;
  /** Technique additions of an Olympic lift. */
  additions?: readonly AdditionId[];
  /** Whether the athlete can receive the bar low without heels; absent: yes. */
  receivesLow?: boolean;
  /** By set, first is 0. */
  fixed?: Readonly<Record<number, FixedSet>>;
}

export interface RampSet {
  weight: Weight;
  /** Share of the working weight, 0 to 1. */
  fraction: number;
  reps: number;
  /** Plates on one side, inside first; none where there are no plates. */
  perSide: Weight[];
  /** Plates of one side to put on after the set before (the first: after the empty bar), inside first. */
  add: Weight[];
  /** Plates of one side to take off after the set before, outside first. */
  strip: Weight[];
  /** Rest after the set, changing plates included. */
  restSeconds: number;
  /** The same if others change the plates. */
  leastRestSeconds: number;
  /** The set itself with its set-up. */
  seconds: number;
  notes: string[];
}

/** What a coach should know about a ramp. */
export type RampFinding = Finding<
  | "addition-left-out"
  | "coarse-plates"
  | "fewer-sets"
  | "from-blocks"
  | "hurried"
  | "jump-grows"
  | "last-jump"
  | "no-barefoot"
  | "no-ramp-needed"
  | "over-time"
  | "own-weight-released"
  | "poor-estimate"
  | "ramp-tiring"
  | "sets-close"
  | "too-many-loads"
  | "working-weight-reached"
>;

export interface Ramp {
  lift: string;
  /** What it is loaded from. */
  kit: LoadKit;
  sets: RampSet[];
  /** How many of the first sets have been done. */
  done: number;
  /** How many sets it has given up for lack of time. */
  fewer: number;
  working: { weight: Weight; perSide: Weight[]; add: Weight[]; strip: Weight[] };
  totals: {
    /** From the first ramp set to the start of the first working set, rests in. */
    seconds: number;
    reps: number;
    repsAt85: number;
    /** Plates moved on one side, from the empty bar to the working weight. */
    moves: number;
  };
  findings: RampFinding[];
}
