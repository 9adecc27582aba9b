import type { DemandId } from "./demands";

/** Regions and kinds of work into which demands fall: what a coach has in mind when a drill is "for the hips". */
export const JOBS = {
  heat: ["temperature"],
  neck: ["neck"],
  shoulders: [
    "shoulder-flexion",
    "shoulder-external-rotation",
    "shoulder-internal-rotation",
    "shoulder-extension",
    "lat-triceps-length",
    "chest-length",
  ],
  rack: ["front-rack"],
  wrists: ["wrist-extension", "grip"],
  "upper-back": ["thoracic-extension", "thoracic-rotation"],
  hips: ["hip-flexion", "hip-extension", "hamstring-length", "knee-flexion"],
  "hip-rotation": ["hip-external-rotation", "hip-internal-rotation"],
  ankles: ["ankle-dorsiflexion", "calf-foot"],
  glutes: ["glute-max", "glute-med"],
  legs: ["hamstrings", "quads"],
  trunk: ["trunk-extension", "trunk-side-bending", "trunk-rotation"],
  "shoulder-blades": ["scapular-retraction", "lats"],
  "lower-traps": ["lower-traps"],
  cuff: ["rotator-cuff"],
  arms: ["biceps", "deltoids", "pecs", "triceps"],
  power: ["speed", "jump-land"],
} as const satisfies Record<string, readonly DemandId[]>;

const demandsOf = (jobs: readonly (keyof typeof JOBS)[]): DemandId[] => jobs.flatMap((job) => [...JOBS[job]]);

/** The demands of the upper and of the lower half of the body; heat, trunk and power are of the whole. */
export const HALVES: readonly (readonly DemandId[])[] = [
  [
    ...demandsOf(["neck", "shoulders", "rack", "wrists", "upper-back"]),
    ...demandsOf(["shoulder-blades", "lower-traps", "cuff", "arms"]),
    ...(["horizontal-push", "vertical-push", "horizontal-pull", "vertical-pull"] as const),
  ],
  [
    ...demandsOf(["hips", "hip-rotation", "glutes", "legs", "ankles"]),
    ...(["squat", "hinge", "lunge", "olympic-pull", "dip-drive"] as const),
  ],
];

/** Jobs as they stand inside a sentence. */
export const JOB_NAMES: Record<keyof typeof JOBS, string> = {
  heat: "the raise",
  neck: "the neck",
  shoulders: "the shoulders",
  rack: "the front rack",
  wrists: "the wrists",
  "upper-back": "the upper back",
  hips: "the hips",
  "hip-rotation": "hip rotation",
  ankles: "the ankles",
  glutes: "the glutes",
  legs: "the legs",
  trunk: "the trunk",
  "shoulder-blades": "the shoulder blades",
  "lower-traps": "the lower traps",
  cuff: "the rotator cuff",
  arms: "the arms",
  power: "jumps and throws",
};
