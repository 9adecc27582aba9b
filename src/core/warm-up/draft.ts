import type { DrillId } from "../catalog";
import type { FixedSet, Room } from "../ramp";
import type { OwnDrill } from "../sequence";
import type { Weight } from "../units";

/** What the coach has decided about one athlete's warm-up; everything else is worked out from it. */
export interface WarmUpDraft {
  lift: string;
  /** In the gym's unit; null: not known yet, so there is no ramp. */
  weight: Weight | null;
  reps: number;
  sets: number;
  /** Repetitions in reserve. */
  rir: number;
  minutes: number;
  approach: string;
  room: Room;
  own: readonly OwnDrill[];
  dropped: readonly DrillId[];
  /** The coach's own number of ramp sets; null: worked out. */
  rampSets: number | null;
  /** What the coach has set by hand, by ramp set. */
  fixed: Readonly<Record<number, FixedSet>>;
}
