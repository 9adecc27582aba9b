import { type NonEmpty, nonEmpty } from "@/lib/non-empty";
import type { DrillId } from "../catalog";
import { askedDemands, type ChoiceRequest, knownTests, testSeconds } from "../drills";
import { isBarKit } from "../plates";
import type { Ramp } from "../ramp";
import { approachBetweenLifts, onlyNew } from "./later-block";
import type { PlanRequest } from "./types";

/** Most seconds of drills before a later lift. */
const LATER_DRILL_SECONDS = 180;

/** Lifts that are done in turns belong to one block. */
export function blocksOf(lifts: PlanRequest["lifts"]): NonEmpty<readonly number[]> {
  const blocks: number[][] = [];
  lifts.forEach((_, i) => {
    if (i > 0 && lifts[i - 1]!.pairedWithNext) blocks.at(-1)!.push(i);
    else blocks.push([i]);
  });
  return nonEmpty(blocks);
}

/** What has been done before a block. */
export interface DoneBefore {
  /** What drills have served, by the index of the demand. */
  served: readonly number[];
  drills: readonly DrillId[];
}

/** Seconds that the ramps of some lifts take. */
export function rampSecondsOf(ramps: readonly (Ramp | null)[], lifts: readonly number[]): number {
  return lifts.reduce((sum, i) => sum + (ramps[i]?.totals.seconds ?? 0), 0);
}

/** Whether a ramp begins with the empty bar. */
function startsEmpty(ramp: Ramp | null): boolean {
  return ramp?.sets[0]?.perSide.length === 0 && isBarKit(ramp.kit);
}

/**
 * What the drills of a block are chosen from: before the first lift everything that the session asks, in the
 * time that the ramp leaves; before a later one only what is new.
 */
export function blockChoice(
  request: PlanRequest,
  ramps: readonly (Ramp | null)[],
  block: number,
  before: DoneBefore,
): ChoiceRequest {
  const blocks = blocksOf(request.lifts);
  const lifts = blocks[block]!;
  const session = request.lifts.map((p, i) => ({ ...p, ramped: (ramps[i]?.sets.length ?? 0) > 0 }));
  const here = lifts.map((i) => ({ ...request.lifts[i]!, startsEmpty: startsEmpty(ramps[i] ?? null) }));
  const own = request.own.filter((o) => (o.block ?? 0) === block);
  const circuits = request.circuits?.filter((c) => c.drills.every((d) => own.some((o) => o.drill === d)));
  const { limiters } = request.athlete;
  if (block === 0) {
    const demands = askedDemands(session, limiters, request.approach);
    const tests = knownTests(request.tests ?? [], request.drills);
    const all = request.minutes * 60 - rampSecondsOf(ramps, lifts) - testSeconds(tests);
    return { ...request, own, circuits, tests, demands, seconds: Math.max(0, all), lifts: here };
  }
  const asked = askedDemands(
    lifts.map((i) => session[i]!),
    limiters,
    { ...request.approach, floors: {} },
  );
  const earlier = session.slice(0, lifts[0]);
  const done = asked.map((d, i) =>
    Math.max(before.served[i] ?? 0, ...earlier.map(({ lift }) => lift.asks[d.demand] ?? 0)),
  );
  const dropped = [...request.dropped, ...before.drills];
  return {
    ...request,
    lifts: here,
    taken: undefined,
    begun: undefined,
    own,
    circuits,
    tests: [],
    dropped: dropped.filter((id) => !own.some((o) => o.drill === id)),
    demands: onlyNew(asked, done),
    approach: approachBetweenLifts(request.approach),
    seconds: LATER_DRILL_SECONDS,
  };
}
