import type { Approach } from "../catalog";
import { LIMITS } from "../draft";

/**
 * The minutes that an approach usually takes to the first working set: those of its drills, and the ramp.
 *
 * @param rampMinutes what the ramp takes, rounded up; 0: it is not known.
 * @example usualMinutes(temperatureFirst, 4) // { from: 19, to: 24 }
 */
export function usualMinutes(
  { typicalMinutes: { from, to } }: Pick<Approach, "typicalMinutes">,
  rampMinutes: number,
): { from: number; to: number } {
  const within = (minutes: number) => Math.min(LIMITS.minutes[1], minutes);
  return { from: within(from + rampMinutes), to: within(to + rampMinutes) };
}
