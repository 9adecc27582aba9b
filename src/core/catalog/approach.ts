import type { DemandId } from "../demands";
import type { RampStyleId } from "../ramp";
import type { Plane } from "./drill";
import type { Phase } from "./phases";

/** What an approach allows in one phase. */
export interface PhaseRule {
  /** Most drills in the phase: each one more is one more thing to explain. */
  mostDrills: number;
  /** Most seconds of drills in the phase. */
  most: number;
  /** Fewest seconds wanted; falling short costs `shortPrice` for each minute. */
  least: number;
  shortPrice: number;
  /** Only drills for the athlete's limiters. */
  limitersOnly?: boolean;
  /** Only if the room is cold or an area of the athlete is slow to warm. */
  whenColdOrStiff?: boolean;
  /** Only if the session asks for this demand. */
  whenAsked?: DemandId;
}

/** One school of warming up, as parameters. */
export interface Approach {
  id: string;
  name: string;
  /** What it holds to be true, in a sentence. */
  belief: string;
  /** What it does about it, in a sentence or two. */
  summary: string;
  /** Phases in their order; a phase that is absent is left out. */
  phases: readonly (PhaseRule & { phase: Phase })[];
  /** Planes that the mobilise and activate drills together should cover. */
  planes: readonly Plane[];
  /** How many of the athlete's limiters are worked on, and the time for drills there only for them. Seconds. */
  limiters: { most: number; secondsEach: number; secondsAll: number };
  /** Demands that the light ramp sets serve besides the lift's own pattern and prime movers. */
  rampServes: readonly DemandId[];
  rampStyle: RampStyleId;
  typicalMinutes: { from: number; to: number };
}
