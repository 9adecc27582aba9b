const DAY_MS = 24 * 60 * 60 * 1000;

/** Days from one ISO day to another; negative: it is before. In UTC, so that no clock change counts. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS);
}
