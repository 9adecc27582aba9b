import type { BarPlace, BarSet, Lifter } from "./types";

/** A set of somebody's own ramp. */
type RampSetOnBar = Omit<BarSet, "restSeconds"> & { leastRestSeconds: number };

/** Somebody with their ramp as a shared bar sees it: others change the plates while they rest. */
export function lifterOf(name: string, place: BarPlace, { sets }: { sets: readonly RampSetOnBar[] }): Lifter {
  return {
    name,
    place,
    sets: sets.map(({ weight, reps, perSide, seconds, leastRestSeconds }) => ({
      weight,
      reps,
      perSide,
      seconds,
      restSeconds: leastRestSeconds,
    })),
  };
}
