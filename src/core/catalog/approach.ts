import type { DemandId } from "../demands";
import type { SignId, VariantKind } from "../dose";
import type { RampStyleId } from "../ramp";
import type { Plane } from "./drill";
import type { DrillFilter } from "./drill-filter";
import type { Phase } from "./phases";

/** What an approach allows in one phase. */
export interface PhaseRule {
  phase: Phase;
  /** Most drills in the phase: each one more is one more thing to explain. */
  mostDrills: number;
  /** Most seconds of drills in the phase. */
  most: number;
  /** Fewest seconds wanted; falling short costs `shortPrice` for each minute. */
  least: number;
  shortPrice: number;
  /** The share of the time for drills that is wanted in it, if that is less than `least`. */
  share?: number;
  /** Only these drills; absent: all of the phase. */
  only?: DrillFilter;
  /** Only drills for the athlete's limiters. */
  limitersOnly?: boolean;
  /** Only what resembles the lift: serves its pattern, or much of what it asks most. */
  resembling?: boolean;
  /** Only if the room is cold or an area of the athlete is slow to warm. */
  whenColdOrStiff?: boolean;
  /** Only if the session asks for this demand. */
  whenAsked?: DemandId;
}

/** A job that an approach wants done in every session, whatever is lifted. */
export interface Slot {
  name: string;
  phase: Phase;
  /** The drills that do it. */
  filledBy: DrillFilter;
  /** Drills wanted, and the most there may be. */
  drills: { least: number; most: number };
  /** What each of the drills wanted is worth: when time is short the cheapest job goes first. Points. */
  points: number;
  /** Only if the session asks enough for one of these. */
  whenAsked?: readonly DemandId[];
  /** Whether its drill is offered with the next best for the athlete, who takes one. */
  offers?: boolean;
}

/**
 * How the sets that are chosen of a drill are spread. Seconds.
 *
 * - `interval`: each set becomes one interval, with rest after it.
 * - `variants`: each set is done in another way, the first of these, where there are enough of them; a set alone is
 *   shared out among them where it `splits`.
 * - `pieces`: the sets become pieces of one sum of time, by the names for what changes.
 * - `surges`: one for every so many seconds of what is steady, five at most.
 */
export type FormatRule =
  | { kind: "interval"; off: number }
  | { kind: "variants"; by: VariantKind; ways: readonly string[]; splits?: boolean }
  | { kind: "pieces"; pieces: readonly string[] }
  | { kind: "surges"; every: number; on: number; off: number };

/** One school of warming up, as parameters (docs/model.md, "Approaches"). */
export interface Approach {
  id: string;
  name: string;
  /** What it holds to be true, in a sentence. */
  belief: string;
  /** What it does about it, in a sentence or two. */
  summary: string;
  /** What it gives up first when there is little time, in a few words. */
  givesUp: string;
  /** Phases in their order; a phase that is absent is left out. */
  phases: readonly PhaseRule[];
  /** Jobs to be done in every session. */
  slots: readonly Slot[];
  /** Whether it has nothing but these jobs, and drills for the athlete's limiters. */
  onlySlots: boolean;
  /** How many drills there are: `from`, and one more for every so many seconds for drills; never more than `most`. */
  pace: { from: number; every: number; most: number };
  /** Demands that are nothing of its own: drills for them have no place. */
  leavesOut: readonly DemandId[];
  /**
   * Jobs that may be done by so many drills, by their id (see `JOBS`; "…, held" for stretches); all others by one. What
   * counts for each pattern that is rehearsed stands under "rehearsal".
   */
  places: Readonly<Record<string, number>>;
  /** Whether it holds: a limiter then gets long and repeated holds. */
  holds: boolean;
  /**
   * Phases that are done round and round, one after the other, the most rounds, and what going round once more
   * is worth for each drill, in points; null: none are.
   */
  circuit: { phases: readonly Phase[]; mostRounds: number; roundPoints: number } | null;
  /** Drills of which two that follow each other, in as many sets, are done in turns, with the rest in and after a round. */
  pairs: readonly { drills: DrillFilter; restInside: number; restBetween: number }[];
  /**
   * How the work of drills is spread where it is not in equal sets, and by which sign they end; the first that fits. Those
   * with `under` only where there is less time for drills, in seconds.
   */
  formats: readonly { drills: DrillFilter; format?: FormatRule; until?: SignId; under?: number }[];
  /** Demands that weigh at least this much in every session. */
  floors: Readonly<Partial<Record<DemandId, number>>>;
  /** Planes that the mobilise and activate drills together should cover. */
  planes: readonly Plane[];
  /** Drills that it likes more (or, below 0, less) than what they serve. Points. */
  favours: readonly { drills: DrillFilter; points: number }[];
  /** Phases in which easier and harder versions of one drill may follow each other. */
  progressionsIn: readonly Phase[];
  /** The way it goes through the body, where it asks for one. */
  bodyOrder: "top-down" | "ground-up" | null;
  /**
   * How many of the athlete's limiters are worked on, the time for drills there only for them, in seconds,
   * and where those drills stand.
   */
  limiters: {
    most: number;
    secondsEach: number;
    secondsAll: number;
    place: "first" | "in-phase" | "last";
  };
  /** Demands that the light ramp sets serve besides the lift's own pattern and prime movers. */
  rampServes: readonly DemandId[];
  rampStyle: RampStyleId;
  /**
   * Ramps of later lifts: in full, shorter by how warm the athlete is, the least there may be, or the least
   * where an earlier lift has warmed the same half of the body.
   */
  laterRamps: "full" | "shorter" | "least" | "least-in-region";
  /** The most of the time that the first ramp may take before it gives up sets for drills, 0 to 1. */
  rampShare: number;
  typicalMinutes: { from: number; to: number };
  /** Taken out by the coach: there for the plans that have it, in no new one. */
  retired?: boolean;
}
