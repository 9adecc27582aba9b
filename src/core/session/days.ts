import { clockMinutes, clockTime } from "./arrive-by";

const DAY_MS = 24 * 60 * 60 * 1000;
const DAY_MINUTES = 24 * 60;

/** The ISO day so many days later; earlier where it is less than nothing. */
export function dayAfter(day: string, days: number): string {
  // In UTC, so that no clock change moves a day.
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}

/**
 * The days on which a session comes again week after week.
 *
 * @param day ISO day of the session; it is not among them.
 * @example repeatDays("2026-02-23", 2) // ["2026-03-02", "2026-03-09"]
 */
export function repeatDays(day: string, weeks: number): string[] {
  return Array.from({ length: weeks }, (_, i) => dayAfter(day, (i + 1) * 7));
}

/** The most sessions that are made from one in one go. */
export const MOST_NEW_SESSIONS = 120;

/** A day and a clock time, if that is fixed. */
export interface Moment {
  day: string;
  time: string | null;
}

/**
 * A moment so many days and minutes later. One without a time keeps none, whatever the minutes; null where it would
 * pass midnight.
 */
export function moveMoment({ day, time }: Moment, by: { days?: number; minutes?: number }): Moment | null {
  const to = dayAfter(day, by.days ?? 0);
  if (time === null) return { day: to, time };
  const minutes = clockMinutes(time) + (by.minutes ?? 0);
  return minutes < 0 || minutes >= DAY_MINUTES ? null : { day: to, time: clockTime(minutes) };
}
