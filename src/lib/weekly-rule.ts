import { RRule, rrulestr, type Weekday } from "rrule";

const { MO, TU, WE, TH, FR, SA, SU } = RRule;
/** Of the week, Monday first. */
const WEEKDAYS: readonly Weekday[] = [MO, TU, WE, TH, FR, SA, SU];

/** Days in UTC, so that no clock change moves one. */
const dateOf = (day: string) => new Date(`${day}T00:00:00Z`);
const dayOf = (date: Date) => date.toISOString().slice(0, 10);

/** What comes again on the same days of every week: the days by their numbers, 0 for Monday, and the last ISO day. */
export interface Weekly {
  weekdays: readonly number[];
  until: string;
}

/** The recurrence rule (RFC 5545, RRULE) of what comes again every week. */
export function weeklyRule({ weekdays, until }: Weekly): string {
  const byweekday = weekdays.map((d) => WEEKDAYS[d]!);
  return RRule.optionsToString({ freq: RRule.WEEKLY, byweekday, until: dateOf(until) }).replace(
    /^RRULE:/,
    "",
  );
}

/** What a rule says; null where it is not one of these. */
export function readWeekly(rule: string): Weekly | null {
  try {
    const { options } = rrulestr(rule);
    const isWeekly = options.freq === RRule.WEEKLY && options.interval === 1;
    if (!isWeekly || !options.until || !options.byweekday?.length) return null;
    return { weekdays: [...options.byweekday].sort((a, b) => a - b), until: dayOf(options.until) };
  } catch {
    return null;
  }
}

/** The days of a rule after an ISO day, in order, at most so many. */
export function daysAfter(day: string, weekly: Weekly, most: number): string[] {
  const rule = new RRule({
    freq: RRule.WEEKLY,
    byweekday: weekly.weekdays.map((d) => WEEKDAYS[d]!),
    dtstart: dateOf(day),
    until: dateOf(weekly.until),
  });
  return rule
    .all((_, i) => i <= most)
    .map(dayOf)
    .filter((d) => d > day)
    .slice(0, most);
}
