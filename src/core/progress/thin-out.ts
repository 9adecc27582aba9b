/**
 * At most so many of a series, so that years of it are drawn as fast as weeks: evenly spread, the first and the last among them.
 *
 * @example thinOut([1, 2, 3, 4, 5], 3) // [1, 3, 5]
 */
export function thinOut<T>(series: readonly T[], most: number): readonly T[] {
  if (series.length <= most) return series;
  const step = (series.length - 1) / (most - 1);
  return Array.from({ length: most }, (_, i) => series[Math.round(i * step)]!);
}
