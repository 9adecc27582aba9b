import { slowToWarmFor } from "../athlete";
import type { Lift } from "../catalog";
import {
  type AdditionId,
  adjustRamp,
  FIRST_AT_MOST,
  HURRIED_JUMP_SHARE,
  LEFT_FOR_DRILLS,
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
    fewer: planned.fewer,
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
 * The ramps of all lifts. Where the first ones take more of the time than the approach gives them they lose sets, light ones first, as
 * long as the jumps stay in their limits; the coach's own stay whole. One under way has given up what it had before it began.
 *
 * @param firstLifts places of the lifts of the first block.
 */
export function planRamps(request: PlanRequest, firstLifts: readonly number[]): (Ramp | null)[] {
  const most = request.approach.rampShare * request.minutes * 60;
  const asPlanned = new Map(
    firstLifts.map((place) => [place, rampOf(request, place, { done: [], secondsLeft: undefined })]),
  );
  for (;;) {
    const seconds = [...asPlanned.values()].reduce((sum, ramp) => sum + (ramp?.totals.seconds ?? 0), 0);
    const leavesTime = seconds <= (1 - LEFT_FOR_DRILLS) * request.minutes * 60;
    const next = seconds > most ? firstShorter(request, asPlanned, leavesTime) : null;
    if (!next) break;
    asPlanned.set(...next);
  }
  return request.lifts.map(({ done = [], secondsLeft }, place) => {
    const ramp = asPlanned.get(place);
    const isUnderWay = done.length > 0 || secondsLeft !== undefined;
    return ramp === undefined || isUnderWay ? rampOf(request, place, { fewer: ramp?.fewer }) : ramp;
  });
}

/**
 * The first of some ramps that may lose a set, without it.
 *
 * @param leavesTime whether they leave time for drills as they are, so that they may be careful.
 */
function firstShorter(
  request: PlanRequest,
  ramps: ReadonlyMap<number, Ramp | null>,
  leavesTime: boolean,
): [place: number, Ramp] | null {
  for (const [place, ramp] of ramps) {
    const shorter = ramp && shorten(request, place, ramp, leavesTime);
    if (shorter) return [place, shorter];
  }
  return null;
}

/** The ramp with one set fewer; null if it must not lose one. */
function shorten(request: PlanRequest, place: number, ramp: Ramp, leavesTime: boolean): Ramp | null {
  const { rampSets, fixed = {}, secondsLeft } = request.lifts[place]!;
  // With so many seconds left it is made to fit these.
  if (rampSets !== undefined || secondsLeft !== undefined || Object.keys(fixed).length > 0) return null;
  if (ramp.sets.length < 2) return null;
  const shorter = rampOf(request, place, { fewer: ramp.fewer + 1, done: [] });
  if (!shorter || shorter.totals.seconds >= ramp.totals.seconds) return null;
  const worse = shorter.findings.some(
    (f) => TOO_SHORT.includes(f.code) && !ramp.findings.some((g) => g.code === f.code),
  );
  const care = !isDelicate(request, place) ? "usual" : leavesTime ? "careful" : "lessCareful";
  return worse || climbsTooFast(request, place, shorter, ramp, care) ? null : shorter;
}

/** Whether a ramp is of an Olympic lift, or for a sore area. */
function isDelicate({ lifts, athlete }: PlanRequest, place: number): boolean {
  const { lift, slowToWarm = slowToWarmFor(athlete, lift) } = lifts[place]!;
  return lift.olympic || slowToWarm === "sore";
}

/** Whether a shorter ramp starts too heavy or makes a jump that the longer one did not. */
function climbsTooFast(
  request: PlanRequest,
  place: number,
  shorter: Ramp,
  longer: Ramp,
  care: keyof typeof HURRIED_JUMP_SHARE,
): boolean {
  const { weight } = request.lifts[place]!.working!;
  const { firstJump, hurriedJump } = systemConstants(request.unit);
  const most = Math.min(hurriedJump, Math.max(HURRIED_JUMP_SHARE[care] * weight, firstJump));
  const largest = (ramp: Ramp) =>
    Math.max(...ramp.sets.slice(1).map((s, i) => s.weight - ramp.sets[i]!.weight), 0);
  const first = (ramp: Ramp) => ramp.sets[0]!.fraction;
  return (
    (first(shorter) > FIRST_AT_MOST && first(shorter) > first(longer)) ||
    (largest(shorter) > most && largest(shorter) > largest(longer))
  );
}
