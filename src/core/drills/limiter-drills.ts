import type { Drill, Phase } from "../catalog";
import { DEMANDS, type DemandId } from "../demands";
import type { AskedDemand } from "./asked-demands";
import { LIMITER_SERVES } from "./constants";

/** A drill in the phase that it would stand in. */
type InPhase = { drill: Drill; phase: Phase };

/** Whether a limiter is worked on in a phase: ranges are moved and released, muscles are woken. */
function isItsWork(demand: DemandId, phase: Phase): boolean {
  return DEMANDS[demand].kind === "range"
    ? phase === "mobilise" || phase === "release" || phase === "cool-down"
    : phase === "activate" || phase === "rehearse";
}

/** The limiters whose own drill one is: those for which nothing else that may be chosen does more. */
export function limitersOf(
  { drill, phase }: InPhase,
  admitted: readonly InPhase[],
  demands: readonly AskedDemand[],
): number[] {
  return demands.flatMap(({ demand, limiter }, i) => {
    const serves = drill.serves[demand] ?? 0;
    if (!limiter || serves < LIMITER_SERVES || !isItsWork(demand, phase)) return [];
    return admitted.some((a) => isItsWork(demand, a.phase) && (a.drill.serves[demand] ?? 0) > serves)
      ? []
      : [i];
  });
}
