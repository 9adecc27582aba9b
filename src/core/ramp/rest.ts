import type { Weight } from "../units";
import type { RampRequest } from "./types";

/** Shortest and longest rest after a set, by its share of the working weight. Seconds. */
const REST_BANDS: readonly { from: number; to: number; shortest: number; longest: number }[] = [
  { from: 0, to: 0.6, shortest: 30, longest: 30 },
  { from: 0.6, to: 0.8, shortest: 60, longest: 90 },
  { from: 0.8, to: 0.9, shortest: 90, longest: 120 },
  { from: 0.9, to: 1, shortest: 120, longest: 180 },
];

/** The longest rest that a weight needs which is light for the athlete, whatever its share. Seconds. */
const REST_WHEN_LIGHT = 60;

/**
 * Least rest after a ramp set, in whole 5 s: longer the nearer it is to the working weight, and the longest before the
 * first working set. After what is light for the athlete a minute is enough. Changing plates may take longer.
 *
 * @param isLast whether the working set comes next.
 * @returns seconds.
 */
export function restAfter(
  weight: Weight,
  isLast: boolean,
  { working, lightUnder = 0 as Weight }: Pick<RampRequest, "working" | "lightUnder">,
): number {
  const rest = isLast ? restBeforeWork(working.reps) : restByShare(weight / working.weight);
  return weight < lightUnder ? Math.min(REST_WHEN_LIGHT, rest) : rest;
}

/** Least rest after a set by its share of the working weight, 0 to 1, rising evenly within its band. Seconds. */
export function restByShare(fraction: number): number {
  const band = REST_BANDS.find((b) => fraction < b.to) ?? REST_BANDS.at(-1)!;
  const along = (fraction - band.from) / (band.to - band.from);
  return Math.round((band.shortest + along * (band.longest - band.shortest)) / 5) * 5;
}

/** Least rest before the first working set: the fewer repetitions, the longer. Seconds. */
export function restBeforeWork(workingReps: number): number {
  if (workingReps <= 3) return 180;
  return workingReps <= 6 ? 150 : 120;
}
