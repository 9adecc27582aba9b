/** The parts of a warm-up before the ramp, in their usual order; cool-down drills come after the work. */
export const PHASES = ["raise", "release", "mobilise", "activate", "power", "rehearse", "cool-down"] as const;
export type Phase = (typeof PHASES)[number];

export const PHASE_NAMES: Record<Phase, string> = {
  raise: "Raise",
  release: "Release",
  mobilise: "Mobilise",
  activate: "Activate",
  power: "Power",
  rehearse: "Rehearse",
  "cool-down": "Cool-down",
};
