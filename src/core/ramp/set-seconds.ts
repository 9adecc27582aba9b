import { SECONDS_PER_REP, SET_UP_SECONDS, SLOW_SETS } from "./constants";

/**
 * Seconds of a ramp set with its set-up; the first sets are slow.
 *
 * @param index the set's place in the ramp, from 0.
 */
export function setSeconds(reps: number, index: number): number {
  return reps * (index < SLOW_SETS ? SECONDS_PER_REP.slow : SECONDS_PER_REP.normal) + SET_UP_SECONDS;
}
