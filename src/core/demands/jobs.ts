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
