import type { FixedSet, Room } from "../ramp";
import type { OwnDrill, TakenDrill } from "../sequence";
import type { Weight } from "../units";

/** Working sets that follow the first, lighter or for more repetitions. */
export interface DraftBackOff {
  weight: Weight;
  reps: number;
  sets: number;
  rir: number;
}

/** What the coach has decided about one main lift. */
export interface DraftLift {
  lift: string;
  /** In the gym's unit; null: not known yet, so there is no ramp. */
  weight: Weight | null;
  reps: number;
  sets: number;
  /** Repetitions in reserve. */
  rir: number;
  backOffs: readonly DraftBackOff[];
  /** Done in turns with the lift after it. */
  pairedWithNext: boolean;
  /** The coach's own number of ramp sets; null: worked out. */
  rampSets: number | null;
  /** What the coach has set by hand, by ramp set. */
  fixed: Readonly<Record<number, FixedSet>>;
}

/** A drill that the coach has chosen, and for which block of lifts. */
export interface DraftDrill extends OwnDrill {
  block?: number;
}

/** What the coach has decided about one athlete's warm-up; everything else is worked out from it. */
export interface WarmUpDraft {
  /** In the order of the session, at least one. */
  lifts: readonly DraftLift[];
  minutes: number;
  approach: string;
  room: Room;
  own: readonly DraftDrill[];
  dropped: readonly string[];
  /** The drills of a better plan found later, as the coach has taken them over; null: none. */
  taken: readonly TakenDrill[] | null;
}

/** The most lifts of one session. */
export const MOST_LIFTS = 6;
