import type { Drill, DrillId } from "@/core/catalog";

/** Drills that nearly everyone who trains has done: a name and a number are enough. */
const plain: readonly DrillId[] = [
  ...["easy-row", "easy-bike", "walk-to-jog", "brisk-steps", "jog-on-the-spot", "rope-turns", "star-jumps"],
  ...["neck-turns", "neck-nods", "shoulder-girdle-rolls", "arm-circles", "arm-swings", "wrist-circles"],
  ...["stick-pass-through", "band-pass-over", "wall-slide", "wall-lat-triceps-stretch"],
  ...["chest-doorway-stretch", "rack-stretch-one-arm", "upper-back-roller", "bench-prayer-rock"],
  ...["cat-and-cow", "quadruped-thread", "side-lying-open-book", "fixed-hip-trunk-turn", "side-tilt"],
  ...["band-pull-apart", "face-pull", "tucked-external-rotation", "seated-external-rotation"],
  ...["prone-y-raise", "bench-y-raise", "press-up", "bird-dog", "dead-bug", "front-plank", "side-plank"],
  ...["band-press-out", "straight-arm-pulldown", "active-hang", "light-band-row", "band-pulldown"],
  ...["leg-swing-front", "leg-swing-side", "straight-leg-kick", "hip-circles", "knee-drive-back-up"],
  ...[
    "knee-hug-walk",
    "ninety-ninety",
    "side-lunge",
    "hip-flexor-stretch",
    "figure-four-lying",
    "lying-hamstring-stretch",
  ],
  ...[
    "forward-lunge",
    "reverse-lunge-knee-drive",
    "step-up",
    "body-weight-split-squat",
    "split-squat-on-rack",
  ],
  ...["band-walk", "glute-bridge", "body-weight-hip-thrust", "calf-raise", "ankle-circles", "knee-to-wall"],
  ...["body-weight-squat", "assisted-squat", "tempo-goblet-squat", "hinge-drill"],
  ...[
    "light-romanian-deadlift",
    "empty-bar-press",
    "empty-bar-bench",
    "empty-bar-row",
    "band-press",
    "light-dumbbell-press",
  ],
  ...["empty-bar-back-squat", "slow-front-squat", "clean-grip-rdl", "dip-and-drive", "push-press-drill"],
];

/** Drills that go wrong until they have been taught. */
const advanced: readonly DrillId[] = [
  ...["cossack-squat", "face-the-wall-squat", "stick-overhead-squat", "plank-slides"],
  ...["press-up-to-rotation", "single-leg-bridge", "bridge-leg-swing", "squat-thrust", "bar-arc-rotation"],
  ...["bent-over-shoulder-hang", "snatch-balance", "tall-clean", "kettlebell-swing", "single-leg-landing"],
  "three-way-calf-rock",
];

/** Drills that nobody does who is not limited there. */
const remedial: readonly DrillId[] = ["three-way-calf-rock"];

/** How much teaching a drill takes, and whether it is for limiters alone. */
export function skillOf(id: DrillId): Pick<Drill, "skill" | "remedial"> {
  const only = remedial.includes(id) ? { remedial: true } : {};
  if (plain.includes(id)) return { skill: "plain", ...only };
  return advanced.includes(id) ? { skill: "advanced", ...only } : only;
}
