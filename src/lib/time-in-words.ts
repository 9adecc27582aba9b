/**
 * A clock time by the hours of a day that one counts.
 *
 * @param time as "18:30".
 * @example timeInWords("18:30", 12) // "6:30 pm"
 */
export function timeInWords(time: string, clock: 12 | 24): string {
  if (clock === 24) return time;
  const [hours, minutes] = time.split(":");
  const hour = Number(hours);
  return `${hour % 12 === 0 ? 12 : hour % 12}:${minutes} ${hour < 12 ? "am" : "pm"}`;
}
