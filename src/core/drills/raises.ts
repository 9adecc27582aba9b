import { type Drill, type Phase, RAISE_MACHINES } from "../catalog";
import { isSteady } from "../dose";
import { CHANGE_ESTIMATE_SECONDS, LEAST_RAISE } from "./constants";

/**
 * The raises that may be chosen: on a machine if one is there, else something steady, else nothing that is over before
 * it warms.
 *
 * @param most seconds that the approach raises at most, and that there are.
 */
export function raisesFor<T extends { drill: Drill; phase: Phase }>(
  admitted: readonly T[],
  most: number,
): readonly T[] {
  const raises = admitted.filter((a) => a.phase === "raise");
  const long = raises.filter(({ drill: { dose } }) => dose.kind === "time" && dose.amount[1] >= LEAST_RAISE);
  const steady = raises.filter(
    ({ drill: { dose } }) => isSteady(dose) && dose.amount[0] + CHANGE_ESTIMATE_SECONDS <= most,
  );
  const onMachine = steady.filter(({ drill }) =>
    drill.equipment.flat().some((e) => RAISE_MACHINES.includes(e)),
  );
  if (onMachine.length > 0) return onMachine;
  return steady.length > 0 ? steady : long;
}
