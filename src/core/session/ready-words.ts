import { formatClock } from "../units";

/**
 * After how long all are ready to lift, against the minutes planned, in words.
 *
 * @param seconds to the first working set of the last one.
 */
export function readyWords(seconds: number, minutes: number): string {
  const over = seconds - minutes * 60;
  return over > 0
    ? `Over by ${formatClock(over)} (${minutes} min planned)`
    : `Ready to lift after ${formatClock(seconds)} (${minutes} min planned)`;
}
