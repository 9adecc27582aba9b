import type { AreaId, DrillId, LiftId } from "@/core/catalog";

const SQUATS = ["back-squat", "low-bar-squat", "front-squat", "overhead-squat", "leg-press"];
const OVERHEAD = ["overhead-squat", "snatch", "power-snatch"];
const CLEANS = ["power-clean", "clean", "clean-and-jerk"];
const SNATCHES = ["snatch", "power-snatch"];
const HINGES = ["deadlift", "romanian-deadlift", "sumo-deadlift", "trap-bar-deadlift", "good-morning-lift"];
const PULLS = [...HINGES, "barbell-row", "hip-thrust", "kettlebell-block", "circuit-block"];
const BENCHES = ["bench-press", "incline-bench-press", "dumbbell-bench-press"];
const WORK = ["circuit-block", "interval-block", "kettlebell-block"];

/**
 * Whose shape a rehearsal has, and which part of it it is: parts before wholes, the whole last. A back squat does not
 * close the warm-up of a front squat.
 */
export const rehearsals: Readonly<Record<DrillId, { rehearses: readonly LiftId[]; part: number }>> = {
  "assisted-squat": { rehearses: [...SQUATS, ...WORK], part: 1 },
  "body-weight-squat": { rehearses: [...SQUATS, ...WORK], part: 2 },
  "tempo-goblet-squat": { rehearses: [...SQUATS, ...WORK], part: 3 },
  "empty-bar-back-squat": { rehearses: ["back-squat", "low-bar-squat"], part: 4 },
  "slow-front-squat": { rehearses: ["front-squat", "clean", "clean-and-jerk", "power-clean"], part: 4 },
  "stick-overhead-squat": { rehearses: OVERHEAD, part: 1 },
  "empty-bar-overhead-squat": { rehearses: OVERHEAD, part: 3 },
  "snatch-balance": { rehearses: ["snatch", "overhead-squat"], part: 4 },
  "wide-push-press": { rehearses: SNATCHES, part: 2 },
  "muscle-snatch": { rehearses: SNATCHES, part: 6 },
  "hinge-drill": { rehearses: PULLS, part: 1 },
  "good-morning": { rehearses: [...PULLS, "low-bar-squat"], part: 2 },
  "light-romanian-deadlift": { rehearses: HINGES, part: 3 },
  "empty-bar-row": { rehearses: ["barbell-row"], part: 4 },
  "clean-grip-rdl": { rehearses: [...CLEANS, ...SNATCHES], part: 1 },
  "jump-shrug": { rehearses: [...CLEANS, ...SNATCHES], part: 5 },
  "tall-clean": { rehearses: CLEANS, part: 7 },
  "muscle-clean": { rehearses: CLEANS, part: 6 },
  "dip-and-drive": { rehearses: ["push-press", "jerk", "clean-and-jerk"], part: 8 },
  "push-press-drill": { rehearses: ["push-press", "jerk"], part: 9 },
  "split-press": { rehearses: ["jerk", "clean-and-jerk"], part: 5 },
  "empty-bar-press": { rehearses: ["overhead-press", "push-press", "jerk"], part: 4 },
  "band-press": { rehearses: ["overhead-press", "push-press", "kettlebell-block"], part: 2 },
  "empty-bar-bench": { rehearses: BENCHES, part: 4 },
  "press-up": { rehearses: ["dip", "circuit-block"], part: 2 },
  "light-band-row": { rehearses: ["barbell-row", "dumbbell-row", "circuit-block"], part: 3 },
  "rack-row": { rehearses: ["barbell-row", "dumbbell-row", "circuit-block"], part: 3 },
  "band-pulldown": { rehearses: ["pull-up", "lat-pulldown"], part: 3 },
  "band-curl": { rehearses: ["biceps-curl"], part: 3 },
  "body-weight-split-squat": { rehearses: ["split-squat", "lunge", "step-up"], part: 3 },
  "split-squat-on-rack": { rehearses: ["split-squat", "lunge", "step-up"], part: 1 },
  "light-dumbbell-press": { rehearses: ["overhead-press", "push-press", "kettlebell-block"], part: 3 },
  "step-up": { rehearses: ["step-up", "lunge", "split-squat", ...WORK], part: 2 },
  "forward-lunge": { rehearses: ["lunge", "split-squat", "step-up", "jerk", ...WORK], part: 2 },
  "reverse-lunge-knee-drive": { rehearses: ["lunge", "split-squat", "step-up", "jerk", ...WORK], part: 2 },
};

/** Drills that an area has enough of already when it is slow to warm or sore; `sore` ones only then. */
export const unkind: Readonly<
  Partial<Record<AreaId, { slow: readonly DrillId[]; sore: readonly DrillId[] }>>
> = {
  knee: {
    slow: [
      "folded-leg-hold",
      "deep-squat-hold",
      "toe-grab-squat",
      "face-the-wall-squat",
      "stick-overhead-squat",
      "cossack-squat",
      "brisk-steps",
      "side-lunge",
      "quad-pull-walk",
    ],
    sore: ["forward-lunge", "step-up", "deep-squat-grinds", "tempo-goblet-squat"],
  },
  "low-back": {
    slow: ["toe-grab-squat"],
    sore: [
      "straight-leg-kick",
      "lying-leg-over",
      "toe-to-ceiling",
      "opposite-toe-touch",
      "leg-swing-front",
      "lying-twist",
      "squat-thrust",
      "good-morning",
    ],
  },
  shoulder: {
    slow: [
      "stick-shoulder-extension",
      "bent-over-shoulder-hang",
      "press-up",
      "press-up-to-rotation",
      "stick-pass-through",
      "stick-figure-eight",
      "active-hang",
    ],
    sore: ["wall-slide", "band-pass-over", "plank-shoulder-taps", "scapular-press-up", "prone-wtl"],
  },
  wrist: { slow: [], sore: ["rack-elbow-lifts", "wrist-rocks"] },
  hip: { slow: ["cossack-squat"], sore: ["leg-swing-side", "straight-leg-kick", "hip-circles"] },
};
