import type { BarPlace, BarSet, Lifter } from "./types";

/** A set of somebody's own ramp. */
type RampSetOnBar = Omit<BarSet, "restSeconds"> & { leastRestSeconds: number };

/**
 * Somebody with their ramp as a shared bar sees it: others change the plates while they rest.
 *
 * @param from when the drills before it are done; absent: there are none. Seconds.
 */
export function lifterOf(
  name: string,
  place: BarPlace,
  { sets }: { sets: readonly RampSetOnBar[] },
  from?: number,
): Lifter {
  return {
    name,
    place,
    ...(from !== undefined && { from }),
    sets: sets.map(({ weight, reps, perSide, seconds, leastRestSeconds }) => ({
      weight,
      reps,
      perSide,
      seconds,
      restSeconds: leastRestSeconds,
    })),
  };
}
