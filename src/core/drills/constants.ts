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
/** A demand is fully worth up to 3 served, 0.3 for the next 3, 0.03 for 6 more. */
export const WORTH = [
  { upTo: 3, share: 1 },
  { upTo: 6, share: 0.3 },
  { upTo: 12, share: 0.03 },
];
export const MISSING_PLANE_COST = 16;
/** A drill that fills a slot over those that are wanted is worth this share of its points. */
export const SECOND_IN_SLOT = 0.25;
export const DRILL_COST = 0.8;
/** What each level of effort over the gentle ones costs where ranges are moved and muscles woken. Points. */
export const EFFORT_COST = 1.5;
/** What a drill costs by the teaching it takes: one that all know nothing, one in between the first, an advanced one the second. Points. */
export const TEACHING_COST = { beginner: [2, 6], intermediate: [1.5, 4], advanced: [1, 1.5] } as const;
/** What is done as fast as it goes has to be known so many times as well. */
export const QUICK_TEACHING = 3;
/** What a second drill for a job costs where the approach has no place for it. Points. */
export const SECOND_FOR_JOB_COST = 20;
/** A drill's job is asked for from here on; what is for nothing that is asked only fills. */
export const JOB_ASKED_FROM = 1.6;
/** The same for ranges where the approach moves some in every session. */
export const MOVED_FROM = 0.8;
/** What a drill has to serve at least of what it is for. */
export const JOB_SERVES = 2;
/** Less than the usual dose is done only where there is less time for drills than this. Seconds. */
export const SHORT_DRILLS_UNDER = 150;
/** What a drill of its own for a limiter is worth, and every usual dose of work for it. Points. */
export const LIMITER_DRILL_POINTS = 36;
export const LIMITER_DOSE_POINTS = 5;
/** Usual doses that a limiter is to get at most, and the seconds of work that stand for one. */
export const MOST_LIMITER_DOSES = 3;
export const LIMITER_DOSE_SECONDS = 60;
/** By so much the work for a limiter may go over what the approach gives it, so that both sides get their rest. Seconds. */
export const LIMITER_SLACK_SECONDS = 15;
/** Where an approach is nothing but its slots a hold for a limiter has a place beside them from so much time for drills on. Seconds. */
export const HOLDS_BESIDE_SLOTS_FROM = 390;
/** What trunk work before hinging is worth to who has a sore low back. Points. */
export const BRACE_POINTS = 20;
/** What it costs to do with the empty bar what the ramp begins with. Points. */
export const REPEATS_RAMP_COST = 3;
/** What a rehearsal in today's lift's own shape is worth, where there is so much time for drills. Points, seconds. */
export const OWN_SHAPE_POINTS = 14;
export const OWN_SHAPE_FROM = 100;
/** From so much time for drills on each is done for its usual sets. Seconds. */
export const WHOLE_SETS_FROM = 240;
/** What is shorter warms nobody up. Seconds. */
export const LEAST_RAISE = 45;
/**
 * What no raise at all costs in an approach that raises, from so much time for drills on, and in one of which raising is a job.
 * Points, seconds.
 */
export const NO_RAISE_COST = { usual: 14, asJob: 45 };
export const RAISE_FROM = 200;
export const SECOND_COST = 0.001;
/** Estimate of the change to a drill while choosing; the timetable has the truth. Seconds. */
export const CHANGE_ESTIMATE_SECONDS = 6;

/** What a drill serves at most of one demand. */
export const MOST_SERVED = 3;
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
 * Going back one level, of seven from neck to ankle, against the way through the body that an approach asks for, or one
 * slot of its list: from the hips to the neck is dearer than any change of position.
 */
export const BACK_COST = 20;
/** One long hold right after another, with no movement between. */
export const HOLD_AFTER_HOLD_COST = 25;
/** A warm-up opens with drills of at most this effort; each level more costs this. */
export const OPENING_EFFORT = 2;
export const OPENING_EFFORT_COST = 12;
/** A drill that serves a pattern at least this much belongs to lifts that ask for one of its patterns. */
export const OWN_PATTERN_FROM = 2;
/** Phases of up to this many drills are ordered exactly. */
export const EXACT_ORDER_UP_TO = 14;
/** A lift is made of the patterns that it asks for so much. */
export const MADE_OF_FROM = 2.5;
/** A drill that serves 3 of something resembles a lift that asks for so much of it. */
export const RESEMBLES_FROM = 2.4;
