import { formatClock } from "../units";

/**
 * When all are ready to lift, against the minutes planned, in words.
 *
 * @param seconds to the first working set of the last one.
 */
export function readyWords(seconds: number, minutes: number): string {
  const over = seconds - minutes * 60;
  return over > 0
    ? `Over by ${formatClock(over)} (${minutes} min planned)`
    : `Ready to lift at ${formatClock(seconds)} (${minutes} min planned)`;
}
