import { slowToWarmFor } from "../athlete";
import type { Lift } from "../catalog";
import {
  type AdditionId,
  adjustRamp,
  FIRST_AT_MOST,
  FIRST_JUMP_SHARE,
  planRamp,
  type Ramp,
  type RampFinding,
  type RampRequest,
  systemConstants,
} from "../ramp";
import { regionOf } from "./light-under";
import { similarDone } from "./similar-done";
import type { PlannedLift, PlanRequest } from "./types";

/** Fully warm: a later ramp gets the least there may be. */
const FULLY_WARM = 1;

/** How warm the approach takes a lift to be after those before it, 0 to 1. */
function warmth(lift: Lift, before: readonly Lift[], rule: PlanRequest["approach"]["laterRamps"]): number {
  if (before.length === 0 || rule === "full") return 0;
  if (rule === "least") return FULLY_WARM;
  if (rule === "least-in-region" && before.some((b) => regionOf(b) === regionOf(lift))) return FULLY_WARM;
  return similarDone(lift, before);
}

/** What the ramp of one lift of the request is worked out from; null if it has none or its working weight is not known. */
export function rampRequestOf(
  request: PlanRequest,
  place: number,
  own: Partial<PlannedLift> = {},
): RampRequest | null {
  const planned = { ...request.lifts[place]!, ...own };
  if (!planned.working || !planned.kit) return null;
  const before = request.lifts.slice(0, place).map((p) => p.lift);
  return {
    unit: request.unit,
    kit: planned.kit,
    lift: planned.onBlocks ? { ...planned.lift, fromFloor: false } : planned.lift,
    working: planned.working,
    style: planned.style ?? request.approach.rampStyle,
    experience: planned.experience ?? request.athlete.experience,
    slowToWarm: planned.slowToWarm ?? slowToWarmFor(request.athlete, planned.lift),
    lightUnder: planned.lightUnder,
    similarDone: planned.similarDone ?? warmth(planned.lift, before, request.approach.laterRamps),
    room: planned.room ?? request.room,
    start: planned.start,
    rampSets: planned.rampSets,
    fixed: planned.fixed,
    additions: additionsOf(request, planned).kept,
    receivesLow: !request.athlete.limiters.includes("ankle-dorsiflexion"),
  };
}

/** The ramp of one lift of the request; null if it has none or its working weight is not known. */
function rampOf(request: PlanRequest, place: number, own: Partial<PlannedLift> = {}): Ramp | null {
  const asked = rampRequestOf(request, place, own);
  if (!asked) return null;
  const planned = { ...request.lifts[place]!, ...own };
  const { done = [], secondsLeft } = planned;
  const isUnderWay = done.length > 0 || secondsLeft !== undefined;
  const ramp = isUnderWay ? adjustRamp({ request: asked, done, secondsLeft }) : planRamp(asked);
  return { ...ramp, findings: [...ramp.findings, ...additionsOf(request, planned).findings] };
}

/** The technique additions that the athlete may do: nobody stands barefoot on a flagged ankle. */
function additionsOf(
  { athlete }: PlanRequest,
  { additions = [] }: Partial<PlannedLift>,
): { kept: readonly AdditionId[]; findings: RampFinding[] } {
  const isFlagged = athlete.areas.some((a) => a.area === "ankle");
  if (!isFlagged || !additions.includes("barefoot")) return { kept: additions, findings: [] };
  return {
    kept: additions.filter((a) => a !== "barefoot"),
    findings: [{ code: "no-barefoot", message: "The ankle is flagged, so no set is done barefoot." }],
  };
}

/** Findings of a ramp that is too short for its weight. */
const TOO_SHORT: readonly RampFinding["code"][] = ["last-jump", "fewer-sets"];

/**
 * The ramps of all lifts. Where the first ones take more of the time than the approach gives them they lose
 * sets, as long as the jumps stay in their limits; the coach's own and those of a sore area stay whole.
 *
 * @param firstLifts places of the lifts of the first block.
 * @returns the ramps, and how many sets were given up for lack of time.
 */
export function planRamps(
  request: PlanRequest,
  firstLifts: readonly number[],
): { ramps: (Ramp | null)[]; givenUp: number } {
  const ramps = request.lifts.map((_, place) => rampOf(request, place));
  const most = request.approach.rampShare * request.minutes * 60;
  let givenUp = 0;
  for (;;) {
    const seconds = firstLifts.reduce((sum, i) => sum + (ramps[i]?.totals.seconds ?? 0), 0);
    const shortened = seconds > most ? firstLifts.map((i) => shorten(request, i, ramps[i]!)) : [];
    const place = shortened.findIndex((ramp) => ramp !== null);
    if (place < 0) return { ramps, givenUp };
    ramps[firstLifts[place]!] = shortened[place]!;
    givenUp += 1;
  }
}

/** The ramp with one set fewer; null if it must not lose one. */
function shorten(request: PlanRequest, place: number, ramp: Ramp | null): Ramp | null {
  const planned = request.lifts[place]!;
  const slow = planned.slowToWarm ?? slowToWarmFor(request.athlete, planned.lift);
  if (!ramp || planned.rampSets !== undefined || slow === "sore") return null;
  if (planned.done?.length || planned.secondsLeft !== undefined) return null;
  if (planned.fixed && Object.keys(planned.fixed).length > 0) return null;
  if (ramp.sets.length < 2) return null;
  const shorter = rampOf(request, place, { rampSets: ramp.sets.length - 1 });
  if (!shorter || shorter.totals.seconds >= ramp.totals.seconds) return null;
  const worse = shorter.findings.some(
    (f) => TOO_SHORT.includes(f.code) && !ramp.findings.some((g) => g.code === f.code),
  );
  return worse || climbsTooFast(request, place, shorter, ramp) ? null : shorter;
}

/** Whether a shorter ramp starts too heavy or makes a jump that the longer one did not. */
function climbsTooFast(request: PlanRequest, place: number, shorter: Ramp, longer: Ramp): boolean {
  const W = request.lifts[place]!.working!.weight;
  const most = Math.max(FIRST_JUMP_SHARE * W, systemConstants(request.unit).firstJump);
  const largest = (ramp: Ramp) =>
    Math.max(...ramp.sets.slice(1).map((s, i) => s.weight - ramp.sets[i]!.weight), 0);
  const first = (ramp: Ramp) => ramp.sets[0]!.fraction;
  return (
    (first(shorter) > FIRST_AT_MOST && first(shorter) > first(longer)) ||
    (largest(shorter) > most && largest(shorter) > largest(longer))
  );
}
