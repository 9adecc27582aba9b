/** A whole number's least and most, both in. */
export type Limits = readonly [least: number, most: number];

/** What may be said of working sets, ramps and time, on every screen, in files and in the open interface. */
export const LIMITS = {
  sets: [1, 20],
  reps: [1, 20],
  /** Repetitions in reserve. */
  rir: [0, 10],
  /** Of a warm-up. */
  minutes: [2, 60],
  rampSets: [0, 10],
  /** After a ramp set. */
  restSeconds: [0, 900],
  racks: [1, 60],
} as const satisfies Record<string, Limits>;
