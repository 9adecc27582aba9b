import type { Drill, Phase } from "../catalog";
import { DEMANDS, type DemandId } from "../demands";
import { factorFor, type KnownResponse } from "../response";
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

/** Drills that serve a limiter so much less than another count as much as that one. */
const ABOUT_AS_MUCH = 0.5;

/**
 * The limiters whose own drill one is: those for which nothing else that may be chosen does more, by what has helped the athlete
 * where that is known.
 */
export function limitersOf(
  { drill, phase }: InPhase,
  admitted: readonly InPhase[],
  demands: readonly AskedDemand[],
  responses?: readonly KnownResponse[],
): number[] {
  const servesOf = ({ id, serves }: Drill, demand: DemandId) =>
    (serves[demand] ?? 0) * factorFor(responses, id, demand);
  return demands.flatMap(({ demand, limiter }, i) => {
    if (!limiter || (drill.serves[demand] ?? 0) < LIMITER_SERVES || !isItsWork(demand, phase)) return [];
    const serves = servesOf(drill, demand);
    return admitted.some(
      (a) => isItsWork(demand, a.phase) && servesOf(a.drill, demand) > serves + ABOUT_AS_MUCH,
    )
      ? []
      : [i];
  });
}
