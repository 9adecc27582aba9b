/** Shortest and longest rest after a set, by its share of the working weight. Seconds. */
const REST_BANDS: readonly { from: number; to: number; shortest: number; longest: number }[] = [
  { from: 0, to: 0.6, shortest: 30, longest: 30 },
  { from: 0.6, to: 0.8, shortest: 60, longest: 90 },
  { from: 0.8, to: 0.9, shortest: 90, longest: 120 },
  { from: 0.9, to: 1, shortest: 120, longest: 180 },
];

/**
 * Least rest after a ramp set, rising evenly within its band, in whole 5 s. Changing plates may take longer.
 *
 * @param fraction the set's share of the working weight, 0 to 1.
 * @returns seconds.
 */
export function restAfter(fraction: number): number {
  const band = REST_BANDS.find((b) => fraction < b.to) ?? REST_BANDS.at(-1)!;
  const along = (fraction - band.from) / (band.to - band.from);
  return Math.round((band.shortest + along * (band.longest - band.shortest)) / 5) * 5;
}

/** Least rest before the first working set: the fewer repetitions, the longer. Seconds. */
export function restBeforeWork(workingReps: number): number {
  if (workingReps <= 3) return 180;
  return workingReps <= 6 ? 150 : 120;
}
