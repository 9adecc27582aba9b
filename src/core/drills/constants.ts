/** Constants of choice and order; the reasons stand in docs/model.md, "Choosing" and "Ordering". */

/** How much a lift's demands count by its place in the session; later lifts count as the last entry. */
export const PLACE_SHARE = [1, 0.7, 0.5, 0.35];
export const EFFORT_SHARE = { hardFrom: 0.85, hard: 1.1, easyUnder: 0.7, easy: 0.8 };
/** What a ramp serves of its lift's own pattern and prime movers. */
export const RAMP_SERVES = 2;
export const LIMITER_BONUS = 1.5;
export const MOST_WEIGHT = 4;

/** From this weight on a demand must be served, up to `SHORTFALL_SERVED`, or it costs. */
export const MATTERS_FROM = 2;
export const SHORTFALL_SERVED = 2;
export const SHORTFALL_COST = 4;
/** A demand is fully worth up to 3 served, 0.4 for the next 3, 0.1 for 6 more. */
export const WORTH = [
  { upTo: 3, share: 1 },
  { upTo: 6, share: 0.4 },
  { upTo: 12, share: 0.1 },
];
export const MISSING_PLANE_COST = 3;
export const MISSING_SLOT_COST = 5;
export const DRILL_COST = 0.3;
export const SECOND_COST = 0.001;
/** Estimate of the change to a drill while choosing; the timetable has the truth. Seconds. */
export const CHANGE_ESTIMATE_SECONDS = 6;

/** A drill works on a limiter if it serves it at least this much. */
export const LIMITER_SERVES = 2;
/** A drill for a limiter is admitted beside an approach's own ones up to this effort. */
export const MOST_LIMITER_EFFORT = 2;
export const HARD_EFFORT = 4;
export const MOST_HARD_SECONDS = 90;
export const MOST_POWER_DRILLS = 2;

export const CHANGE_SECONDS = { onTheSpot: 5, floorOrFetch: 12 };
export const EFFORT_DROP_COST = 3;
/** The same while the body is raised: easy walking after something quick would undo what it is for. */
export const RAISE_DROP_COST = 15;
/**
 * Going back one level, of seven from neck to ankle, against the way through the body that an approach asks
 * for: from the hips to the neck is dearer than any change of position.
 */
export const BODY_ORDER_COST = 20;
/** A warm-up opens with drills of at most this effort; each level more costs this. */
export const OPENING_EFFORT = 2;
export const OPENING_EFFORT_COST = 12;
/** A drill that serves a pattern at least this much belongs to lifts that ask for one of its patterns. */
export const OWN_PATTERN_FROM = 2;
/** Phases of up to this many drills are ordered exactly. */
export const EXACT_ORDER_UP_TO = 14;
