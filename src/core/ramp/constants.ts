import type { UnitSystem, Weight } from "../units";
import { kilograms } from "../units";

/** The constants of the ramp; the reasons stand in docs/model.md under the same headings. */

/** Ramp sets for a ratio of working weight to base of up to `upTo`. */
export const SETS_BY_RATIO: readonly { upTo: number; sets: number }[] = [
  { upTo: 1.2, sets: 0 },
  { upTo: 1.75, sets: 1 },
  { upTo: 2.5, sets: 2 },
  { upTo: 3.5, sets: 3 },
  { upTo: 5, sets: 4 },
  { upTo: 6.5, sets: 5 },
  { upTo: 9, sets: 6 },
  { upTo: Number.POSITIVE_INFINITY, sets: 7 },
];

/** What depends on the repetitions of the working sets; the first row that reaches `upTo` counts. */
interface RepsBand {
  upTo: number;
  /** Most ramp sets before additions. */
  mostSets: number;
  /** The top ramp set's share of the working weight. */
  top: number;
  /** The largest last jump, as a share of the working weight. */
  lastJump: number;
}

const REPS_BANDS: readonly RepsBand[] = [
  { upTo: 1, mostSets: 7, top: 0.93, lastJump: 0.12 },
  { upTo: 3, mostSets: 7, top: 0.9, lastJump: 0.12 },
  { upTo: 6, mostSets: 6, top: 0.86, lastJump: 0.2 },
  { upTo: 9, mostSets: 5, top: 0.78, lastJump: 0.3 },
  { upTo: Number.POSITIVE_INFINITY, mostSets: 4, top: 0.68, lastJump: 0.4 },
];

export function repsBand(reps: number): RepsBand {
  return REPS_BANDS.find((band) => reps <= band.upTo)!;
}

export const MOST_SETS = 8;
export const HIGH_REPS = 10;
export const LOW_REPS = 2;
/** A ramp set from this share of the working weight on is heavy. */
export const HEAVY = 0.85;
export const BEGINNER_RATIO = 2.5;
/** At most this many sets are added for the lift, the athlete's areas and the room together. */
export const MOST_ADDED = { usual: 2, sore: 4 };
export const ADDED_FOR_AREA = { 0: 0, 1: 1, 2: 2, sore: 3 } as const;
/** Sets added for an area or a cold room lie under this share of the working weight. */
export const LIGHT_SHARE = 0.6;
/** Light sets lie at least this share of the working weight apart, and so much more than other sets. */
export const LIGHT_GAP = { share: 0.11, times: 1.5 };
/** A step of more than this share of the working weight is a great one. */
export const GREAT_STEP = 1 / 3;
/** A full warm-up of the same demands takes this share off the sets of a later lift. */
export const WARMTH_CUT = 0.6;
/** Above this ratio a compound lift keeps one ramp set however warm the athlete is. */
export const COMPOUND_KEEPS_ONE_ABOVE = 1.75;
export const SINGLE_JOINT_WARM_AT = 0.5;
/** Where a ramp cut by warmth starts: 30 % + 25 % × similarDone of the working weight. */
export const WARM_START = { least: 0.3, byWarmth: 0.25 };

/** From this warmth on a short bridge is its last step alone. */
export const SHORT_BRIDGE_WARM_AT = 0.5;

/** Neighbours lie at least this share of the working weight apart, and `leastGap` with a bar. */
export const LEAST_GAP = 0.04;
/** A first jump over this share of the working weight, and over `firstJump`, asks for one set more. */
export const FIRST_JUMP_SHARE = 0.4;
/** A jump over this share of the working weight, and over `firstJump`, is too large wherever it is. */
export const LARGE_JUMP_SHARE = 0.5;
/**
 * For lack of time a ramp loses no set after which a jump would be larger than this share of the working weight; `careful` of an
 * Olympic lift, or with a sore area.
 */
export const HURRIED_JUMP_SHARE = { usual: 0.45, careful: 0.25, lessCareful: 0.33 };
/** It is less careful where it would leave less than this much of the time for drills, 0 to 1. */
export const LEFT_FOR_DRILLS = 0.15;
/** One set alone sits at this share if what is left is at most `oneSetReach`. */
export const ONE_SET_SHARE = 0.5;
export const ONE_SET_BELOW_TOP = 0.1;
/** The largest jump after a set that stands alone: this share, or twice the last-jump limit if less. */
export const ONE_SET_JUMP_SHARE = 0.45;
/** A floor load counts as if the bar weighed this part less when the sets are counted. */
export const FLOOR_BASE_DIVISOR = 1.75;

/**
 * Where the lightest load that stands on the floor is this share of the working weight or more, no ramp begins with it. An Olympic lift
 * is learnt with the empty bar, and there is a way to do it without the floor: from the hang.
 */
export const FLOOR_LOAD_AT_MOST = { usual: 0.8, olympic: 0.6 };

/** The first loaded set of a ramp that has to hurry stays at this share of the working weight or below. */
export const FIRST_AT_MOST = 0.6;

/** The base of a machine or stack is at least this share of the working weight. */
export const MACHINE_BASE_SHARE = 1 / 3;
/** Where a cold ramp starts, as a share of the working weight; a barbell starts empty. */
export const START_SHARE = { dumbbells: 0.4, kettlebells: 0.4, machine: 0.3, stack: 0.3, bodyweight: 0.4 };
/** The same for who is slow to warm. */
export const SLOW_START_SHARE = 0.2;

export function systemConstants(unit: UnitSystem): {
  /** The base of dumbbells and kettlebells, for one hand. */
  handBase: Weight;
  leastBase: Weight;
  firstJump: Weight;
  /** For lack of time a ramp loses no set after which a jump would be larger than this. */
  hurriedJump: Weight;
  oneSetReach: Weight;
  /** What the smallest everyday plates add; smaller ones are there for the working weight. */
  everydayStep: Weight;
  /** The same on the way to `heavyWorking` and more. */
  heavyStep: Weight;
  heavyWorking: Weight;
  /** A ramp that would begin so much over the lightest load has a lighter set before. */
  farFromLightest: Weight;
  /** What a bar goes up by at least on the way up. */
  leastGap: Weight;
} {
  return {
    handBase: kilograms({ kg: 10, lb: 20 }, unit),
    leastBase: kilograms({ kg: 15, lb: 35 }, unit),
    firstJump: kilograms({ kg: 10, lb: 22 }, unit),
    hurriedJump: kilograms({ kg: 50, lb: 110 }, unit),
    oneSetReach: kilograms({ kg: 20, lb: 45 }, unit),
    everydayStep: kilograms({ kg: 2.5, lb: 5 }, unit),
    heavyStep: kilograms({ kg: 5, lb: 10 }, unit),
    heavyWorking: kilograms({ kg: 100, lb: 225 }, unit),
    farFromLightest: kilograms({ kg: 40, lb: 90 }, unit),
    leastGap: kilograms({ kg: 5, lb: 10 }, unit),
  };
}

/** Costs of the choice of weights and plates, in plates moved on one side. */
export const EXTRA_PLATE_COST = 0.5;
export const DEVIATION_COST = 40;

export const SET_UP_SECONDS = 10;
/** The first sets are done slowly, with full range. */
export const SLOW_SETS = 2;
export const SECONDS_PER_REP = { slow: 3, normal: 2 };
/** One person moving a plate on each side. */
export const SECONDS_PER_MOVE = 8;
