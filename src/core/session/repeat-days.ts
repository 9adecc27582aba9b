const DAY_MS = 24 * 60 * 60 * 1000;

/**
 * The days on which a session comes again week after week.
 *
 * @param day ISO day of the session; it is not among them.
 * @example repeatDays("2026-02-23", 2) // ["2026-03-02", "2026-03-09"]
 */
export function repeatDays(day: string, weeks: number): string[] {
  // In UTC, so that no clock change moves a day.
  const from = Date.parse(`${day}T00:00:00Z`);
  return Array.from({ length: weeks }, (_, i) =>
    new Date(from + (i + 1) * 7 * DAY_MS).toISOString().slice(0, 10),
  );
}
