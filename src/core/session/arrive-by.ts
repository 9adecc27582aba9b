const DAY_MINUTES = 24 * 60;

/** Minutes after midnight of a clock time such as "18:30". */
export function clockMinutes(time: string): number {
  const [hours, minutes] = time.split(":");
  return Number(hours) * 60 + Number(minutes);
}

/** A clock time such as "06:05" of minutes after midnight; the day before wraps round. */
export function clockTime(minutes: number): string {
  const within = ((Math.floor(minutes) % DAY_MINUTES) + DAY_MINUTES) % DAY_MINUTES;
  const two = (n: number) => String(n).padStart(2, "0");
  return `${two(Math.floor(within / 60))}:${two(within % 60)}`;
}

/**
 * When to be there: the minutes there are before the first working set, or what the plan takes where that is more,
 * rounded up to whole minutes.
 *
 * @param time of the first working set.
 * @param seconds what the plan takes to the first working set; null: not worked out.
 * @example arriveBy("18:30", 20, 23 * 60 + 5) // "18:06"
 */
export function arriveBy(time: string, minutes: number, seconds: number | null): string {
  return clockTime(clockMinutes(time) - Math.max(minutes, Math.ceil((seconds ?? 0) / 60)));
}
