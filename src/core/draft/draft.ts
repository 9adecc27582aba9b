import type { Circuit, OwnDrill, TakenDrill, TestStep } from "../drills";
import type { AdditionId, DoneSet, FixedSet, RampStyleId, Room } from "../ramp";
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
  /** The name of another bar of the gym; null: the usual one, or the athlete's own. */
  bar: string | null;
  /** In the gym's unit; null: not known yet, so there is no ramp. */
  weight: Weight | null;
  reps: number;
  sets: number;
  /** Repetitions in reserve. */
  rir: number;
  backOffs: readonly DraftBackOff[];
  /** Done in turns with the lift after it. */
  pairedWithNext: boolean;
  /** How the ramp's weights are spread; null: as the approach has it. */
  rampStyle: RampStyleId | null;
  /** Where the ramp starts, as a share of the working weight, 0 the lightest there is; null: worked out. */
  rampStart: number | null;
  /** The coach's own number of ramp sets; null: worked out. */
  rampSets: number | null;
  /** What the coach has set by hand, by ramp set. */
  fixed: Readonly<Record<number, FixedSet>>;
  /** Technique additions of an Olympic lift. */
  additions: readonly AdditionId[];
  /** Whether a bar that is lifted from the floor is set on blocks, so that any plates will do. */
  onBlocks: boolean;
  /** Ramp sets that have been done, singles for the day among them; they stay as they are. */
  done: readonly DoneSet[];
  /** Until the first working set; null: as long as it takes. */
  secondsLeft: number | null;
}

/** What a lift's ramp is where the coach has decided nothing about it. */
export const RAMP_AS_USUAL = {
  rampStyle: null,
  rampStart: null,
  rampSets: null,
  fixed: {},
  additions: [],
  onBlocks: false,
} satisfies Partial<DraftLift>;

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
  /** Drills of these that go round together, each in one circuit at most. */
  circuits: readonly Circuit[];
  dropped: readonly string[];
  /** Quick checks between the drills before the first lift. */
  tests: readonly TestStep[];
  /** What comes after the last lift as a cool-down: nothing, the drills once more, or so many minutes chosen for what has worked. */
  coolDown: boolean | number;
  /** The drills of a better plan found later, as the coach has taken them over; null: none. */
  taken: readonly TakenDrill[] | null;
  /** The drills as they were when the first ramp set was done; null: none has been. */
  begun: readonly TakenDrill[] | null;
}

/** The most lifts of one session. */
export const MOST_LIFTS = 6;

/** Whether the coach has decided anything about a lift's ramp. */
export function isOwnRamp(lift: DraftLift): boolean {
  const { rampStyle, rampStart, rampSets, fixed, additions, onBlocks } = lift;
  return (
    [rampStyle, rampStart, rampSets].some((own) => own !== null) ||
    Object.keys(fixed).length + additions.length > 0 ||
    onBlocks
  );
}
