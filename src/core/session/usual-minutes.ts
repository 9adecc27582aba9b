import type { Approach } from "../catalog";
import { LIMITS } from "../draft";

/**
 * The minutes that an approach usually takes to the first working set: those of its drills, and the ramp.
 *
 * @param rampSeconds what the ramp takes; 0: it is not known.
 * @example usualMinutes(temperatureFirst, 230) // { from: 19, to: 24 }
 */
export function usualMinutes(
  { typicalMinutes: { from, to } }: Pick<Approach, "typicalMinutes">,
  rampSeconds: number,
): { from: number; to: number } {
  const ramp = Math.ceil(rampSeconds / 60);
  const within = (minutes: number) => Math.min(LIMITS.minutes[1], minutes);
  return { from: within(from + ramp), to: within(to + ramp) };
}
