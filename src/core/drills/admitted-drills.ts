import { type AthleteProfile, isStiff, rulesOut } from "../athlete";
import {
  type Approach,
  type Drill,
  type DrillId,
  type EquipmentId,
  families,
  hasKit,
  isMeant,
  type Lift,
  PHASES,
  type Phase,
  type PhaseRule,
  travelOn,
} from "../catalog";
import { DEMAND_IDS, DEMANDS, type DemandId } from "../demands";
import type { Room } from "../ramp";
import type { AskedDemand } from "./asked-demands";
import {
  HOLDS_BESIDE_SLOTS_FROM,
  JOB_ASKED_FROM,
  JOB_SERVES,
  LIMITER_SERVES,
  MOST_LIMITER_EFFORT,
  MOST_SERVED,
  MOVED_FROM,
  OWN_PATTERN_FROM,
  RESEMBLES_FROM,
} from "./constants";
import { jobOf } from "./jobs";
import { limitersOf } from "./limiter-drills";
import { isEmptyBar, shapeOf } from "./own-shape";
import { raisesFor } from "./raises";
import { saysWhatFor, slotOf } from "./slots";

/** Why a drill cannot be chosen today. */
export type Refusal = "area" | "equipment" | "space" | "approach" | "not-asked" | "dropped";

/** What decides which drills may be chosen. */
export interface AdmissionRequest {
  drills: readonly Drill[];
  demands: readonly AskedDemand[];
  athlete: AthleteProfile;
  approach: Approach;
  room: Room;
  /** What the gym has; null: everything. */
  equipment: ReadonlySet<EquipmentId> | null;
  /** The straight stretch of floor that is free, in metres; null or absent: enough for everything. */
  clearFloor?: number | null;
  /** Drills that the coach has chosen. */
  own: readonly { drill: DrillId }[];
  dropped: readonly DrillId[];
  /** The lifts that the drills come right before. */
  lifts: readonly { lift: Lift; startsEmpty?: boolean }[];
  /** Time for drills. */
  seconds: number;
}

/** A drill that may be chosen, and where it stands. */
export interface Admitted {
  drill: Drill;
  phase: Phase;
  /** See `Candidate.block`. */
  block: number;
  /** Whether it goes round with the circuit. */
  circles: boolean;
  served: Served;
  family: number;
  job: string;
  slot: number | null;
  ownShape: boolean;
  repeatsRamp: boolean;
  braces: boolean;
  limiterOf: readonly number[];
  onlyForLimiters: readonly number[];
  pinned: boolean;
}

/** What a drill serves of the demands, by their index. */
export type Served = readonly { demand: number; serves: number }[];

/** Whether a drill serves enough of something that is asked enough to be specific to the session. */
function isSpecific(served: Served, weigh: (demand: number) => number): boolean {
  return served.some(
    ({ demand, serves }) => (serves >= 1 && weigh(demand) >= 2) || (serves >= 2 && weigh(demand) >= 1),
  );
}

/** Whether a drill resembles today's lifts: it serves their pattern, or most of something that they ask much of. */
function resembles(served: Served, demands: readonly AskedDemand[]): boolean {
  return served.some(({ demand, serves }) => {
    const { demand: id, asked } = demands[demand]!;
    return (
      (DEMANDS[id].kind === "pattern" && asked >= 2 && serves >= 2) ||
      (asked >= RESEMBLES_FROM && serves >= 3)
    );
  });
}

/**
 * Whether a drill is most of all for something at the rack that none of today's lifts asks for. Neither a limiter nor a job
 * of the approach is a reason to stand under a bar before a lift that has none there.
 */
function isAtForeignRack({ position, serves }: Drill, lifts: AdmissionRequest["lifts"]): boolean {
  if (position !== "at-rack") return false;
  const most = DEMAND_IDS.filter((id) => serves[id] === MOST_SERVED);
  return most.some((id) => lifts.every(({ lift }) => (lift.asks[id] ?? 0) < JOB_SERVES));
}

/** Whether a drill is for a bar in the front rack where none of today's lifts has it there. */
function isForForeignFrontRack(served: Served, demands: readonly AskedDemand[]): boolean {
  return served.some(({ demand, serves }) => {
    const { asked, limiter, demand: id } = demands[demand]!;
    return id === "front-rack" && serves >= JOB_SERVES && asked === 0 && !limiter;
  });
}

/** Whether a drill has the shape of other lifts than today's: it serves their patterns more than today's. */
function hasForeignPattern(served: Served, demands: readonly AskedDemand[]): boolean {
  let own = 0;
  let foreign = 0;
  for (const { demand, serves } of served) {
    if (serves < OWN_PATTERN_FROM || DEMANDS[demands[demand]!.demand].kind !== "pattern") continue;
    // What the approach wants in every session is as good as asked for.
    if (demands[demand]!.asked > 0 || demands[demand]!.weight > 0) own += serves;
    else foreign += serves;
  }
  return foreign > own;
}

const DEMAND_INDEX = new Map(DEMAND_IDS.map((id, i) => [id, i]));
const servedByDrill = new WeakMap<Drill, Served>();

/** What a drill serves; asked demands stand in the order of all demands. Kept, since it is asked over and over. */
function servedBy(drill: Drill): Served {
  const known = servedByDrill.get(drill);
  if (known) return known;
  const served = (Object.keys(drill.serves) as DemandId[]).map((id) => ({
    demand: DEMAND_INDEX.get(id)!,
    serves: drill.serves[id]!,
  }));
  servedByDrill.set(drill, served);
  return served;
}

/** Whether a drill is asked for today: it serves the session, or a limiter, and has no other lift's shape. */
export function isAskedFor(
  drill: Drill,
  demands: readonly AskedDemand[],
  weigh: (d: AskedDemand) => number = (d) => d.weight,
): boolean {
  const served = servedBy(drill);
  return isSpecific(served, (i) => weigh(demands[i]!)) && !hasForeignPattern(served, demands);
}

/**
 * Works out which drills may be chosen, and why the others may not (docs/model.md, "Choosing").
 *
 * @returns the phases that the warm-up has, and the drills in the order of their ids.
 */
export function admitDrills(request: AdmissionRequest): {
  phases: readonly PhaseRule[];
  admitted: readonly Admitted[];
  refused: ReadonlyMap<DrillId, Refusal>;
} {
  const { drills, demands, athlete, approach, room, equipment, clearFloor } = request;
  const familyOf = families(drills);
  const familyNumber = new Map([...new Set(familyOf.values())].sort().map((id, i) => [id, i]));
  const coldOrStiff = room === "cold" || isStiff(athlete);
  const isAsked = (demand: DemandId) => demands.some((d) => d.demand === demand && d.asked > 0);
  const phases = approach.phases.filter(
    (p) => (!p.whenColdOrStiff || coldOrStiff) && (!p.whenAsked || isAsked(p.whenAsked)),
  );
  const circuit = approach.circuit?.phases ?? [];
  // Blocks are numbered by the approach's own phases, so that they are the same for everybody in a group.
  const circuitBlock = approach.phases.findIndex((p) => circuit.includes(p.phase));
  // Limiters come last, but before what uses the range that they have gained: jumps and throws, and the rehearsal.
  const using = approach.phases.findIndex((p) => p.phase === "power" || p.phase === "rehearse");
  const isUsedLast = using >= 0 && !circuit.includes(approach.phases[using]!.phase);
  const limiterBlock = isUsedLast ? using - 0.5 : approach.phases.length;
  const refused = new Map<DrillId, Refusal>();
  const admitted: Admitted[] = [];

  const todays = request.lifts.map(({ lift }) => lift.id);
  const slotFor = (drill: Drill, phase: Phase) => slotOf(drill, phase, approach, demands);
  /** Whether a drill does nothing but fill: what it is for is neither asked, nor a limiter, nor a job of the approach. */
  const isFiller = (drill: Drill, { phase }: PhaseRule): boolean => {
    const { demand } = jobOf(drill, phase, demands);
    const { asked, weight, demand: id } = demands[demand]!;
    if ((drill.serves[id] ?? 0) < JOB_SERVES && phase !== "power") return true;
    const turnsOrTilts = drill.planes.some((p) => p !== "sagittal" && approach.planes.includes(p));
    const isOwnMovement = (phase === "mobilise" || phase === "release") && slotFor(drill, phase) !== null;
    const from = isOwnMovement ? MOVED_FROM : JOB_ASKED_FROM;
    return Math.max(asked, weight) < from && !(phase === "mobilise" && turnsOrTilts);
  };

  const isTodays = (drill: Drill) => drill.rehearses?.some((l) => todays.includes(l)) ?? true;
  const hasSoreBack = athlete.areas.some((a) => a.area === "low-back" && a.level === "sore");
  const hinges = demands.some((d) => d.demand === "hinge" && d.asked >= OWN_PATTERN_FROM);
  const braces = (drill: Drill, phase: Phase) =>
    hasSoreBack &&
    hinges &&
    phase === "activate" &&
    drill.skill === "plain" &&
    jobOf(drill, phase, demands).id === "trunk";

  const refusalOf = (drill: Drill, served: Served, rule: PhaseRule | undefined): Refusal | null => {
    if (drill.retired || request.dropped.includes(drill.id)) return "dropped";
    if (rulesOut(athlete, drill)) return "area";
    if (!hasKit(drill.equipment, equipment)) return "equipment";
    if (travelOn(drill, clearFloor) === null) return "space";
    if (!rule) return "approach";
    if (braces(drill, rule.phase)) return null;
    if (isAtForeignRack(drill, request.lifts)) return "not-asked";
    const forLimiter = served.some(
      ({ demand, serves }) => demands[demand]!.limiter && serves >= LIMITER_SERVES,
    );
    if (drill.remedial && !forLimiter) return "not-asked";
    // What an approach has in a phase is for everybody; a limiter may need something else there.
    const isForLimiter =
      forLimiter && drill.effort <= MOST_LIMITER_EFFORT && !hasForeignPattern(served, demands);
    if (rule.only && !isForLimiter && !isMeant(drill, rule.only)) return "approach";
    if (rule.limitersOnly && !forLimiter) return "approach";
    if (rule.phase === "raise") return null;
    const slot = slotFor(drill, rule.phase);
    if (rule.phase === "rehearse" && !isTodays(drill) && !approach.onlySlots) return "not-asked";
    if (isForLimiter || (slot !== null && approach.onlySlots)) return null;
    if (approach.onlySlots) return "approach";
    if (isForForeignFrontRack(served, demands)) return "not-asked";
    const isOwnJob = slot !== null && saysWhatFor(approach.slots[slot]!);
    if (rule.resembling && !isOwnJob && !resembles(served, demands)) return "approach";
    const { demand } = jobOf(drill, rule.phase, demands);
    if (approach.leavesOut.includes(demands[demand]!.demand)) return "approach";
    if (isOwnJob && !hasForeignPattern(served, demands)) return null;
    return isAskedFor(drill, demands) && !isFiller(drill, rule) ? null : "not-asked";
  };

  const shapesOf = (drill: Drill) => request.lifts.map(({ lift }) => shapeOf(drill, lift));
  const wholest = request.lifts.map(() => 0);
  const inOrder = [...drills].sort((a, b) => (a.id < b.id ? -1 : 1));
  const ruleOf = (drill: Drill) => {
    const rehearsal = phases.find((p) => p.phase === "rehearse");
    const isListed = approach.onlySlots || rehearsal?.only;
    const mayRehearse = drill.phases.includes("rehearse") && rehearsal !== undefined && !isListed;
    // A drill that is another lift's rehearsal may still wake or move something.
    const elsewhere = phases.filter((p) => p.phase !== "rehearse" && drill.phases.includes(p.phase));
    if (mayRehearse && !isTodays(drill) && elsewhere.length > 0) return ruleFor(drill, elsewhere, () => null);
    if (mayRehearse && drill.rehearses && isTodays(drill)) return rehearsal;
    return ruleFor(drill, phases, approach.onlySlots ? slotFor : () => null);
  };
  // Of a lift's own rehearsals that may be done the wholest are its shape.
  for (const drill of inOrder) {
    if (!drill.rehearses || refusalOf(drill, servedBy(drill), ruleOf(drill))) continue;
    shapesOf(drill).forEach((shape, i) => {
      wholest[i] = Math.max(wholest[i]!, shape);
    });
  }
  for (const drill of inOrder) {
    const own = request.own.some((o) => o.drill === drill.id);
    const served = servedBy(drill);
    const rule = ruleOf(drill);
    const refusal = refusalOf(drill, served, rule);
    if (refusal && !own) {
      refused.set(drill.id, refusal);
      continue;
    }
    const phase = rule?.phase ?? drill.phases[0]!;
    const slot = slotFor(drill, phase);
    const isOwnJob = slot !== null && saysWhatFor(approach.slots[slot]!);
    const specific =
      phase === "raise" || isOwnJob || isSpecific(served, (i) => demands[i]!.weightWithoutLimiter);
    const onlyForLimiters = specific
      ? []
      : served.flatMap(({ demand }) => (demands[demand]!.limiter ? [demand] : []));
    const isLimiters = served.some((s) => s.serves === MOST_SERVED && demands[s.demand]!.limiter);
    const isMoved = phase === "mobilise" || phase === "release";
    const atTheEnd =
      approach.limiters.place === "last" && (onlyForLimiters.length > 0 || (isLimiters && isMoved));
    const circles = circuit.includes(phase) && !atTheEnd && rule !== undefined;
    const usual = rule ? approach.phases.indexOf(rule) : blockOfForeign(approach.phases, phase);
    const block = circles ? circuitBlock : usual;
    // Where an approach climbs from assisted to loaded, each drill is a family of its own.
    const family = approach.progressionsIn.includes(phase)
      ? familyNumber.size + admitted.length
      : familyNumber.get(familyOf.get(drill.id)!)!;
    admitted.push({
      drill,
      phase,
      block: atTheEnd ? limiterBlock : block,
      circles,
      served,
      family,
      job: jobOf(drill, phase, demands).id,
      slot,
      ownShape: phase === "rehearse" && shapesOf(drill).some((shape, i) => shape > 0 && shape === wholest[i]),
      repeatsRamp:
        isEmptyBar(drill) && shapesOf(drill).some((s, i) => s > 0 && request.lifts[i]!.startsEmpty),
      braces: braces(drill, phase),
      limiterOf: [],
      onlyForLimiters,
      pinned: own,
    });
  }
  // In a short round of slots there is no time for a hold and the movement after it: what is moved counts by itself.
  const isShortRound = approach.onlySlots && request.seconds < HOLDS_BESIDE_SLOTS_FROM;
  const rivals = (a: Admitted) => (isShortRound ? admitted.filter((b) => b.phase === a.phase) : admitted);
  const withLimiters = admitted.map(
    (a): Admitted => ({ ...a, limiterOf: limitersOf(a, rivals(a), demands, athlete.responses) }),
  );
  const ofRaise = phases.find((p) => p.phase === "raise");
  const heating = raisesFor(withLimiters, Math.min(ofRaise?.most ?? 0, request.seconds));
  // Where an approach is nothing but its slots, what stands beside them is a limiter's own drill; where that is held, what moves the range
  // after it too.
  const isMovedByOwn = (demand: number) =>
    withLimiters.some((a) => a.phase === "mobilise" && a.limiterOf.includes(demand));
  const movesAfterHold = (a: Admitted) =>
    a.phase === "mobilise" &&
    a.served.some(
      ({ demand, serves }) => demands[demand]!.limiter && serves >= LIMITER_SERVES && !isMovedByOwn(demand),
    );
  const isBesideSlots = (a: Admitted) =>
    approach.onlySlots && a.slot === null && a.limiterOf.length === 0 && !movesAfterHold(a);
  const isIn = (a: Admitted) => a.pinned || (a.phase === "raise" ? heating.includes(a) : !isBesideSlots(a));
  for (const a of withLimiters) if (!isIn(a)) refused.set(a.drill.id, "approach");
  return { phases, admitted: withLimiters.filter(isIn), refused };
}

/** The rule of the phase that a drill stands in: where it fills a slot, else its usual phase, else the first there is. */
function ruleFor(
  drill: Drill,
  phases: readonly PhaseRule[],
  slotFor: (drill: Drill, phase: Phase) => number | null,
): PhaseRule | undefined {
  const allowed = drill.phases.flatMap((phase) => phases.find((p) => p.phase === phase) ?? []);
  const meant = allowed.filter((rule) => !rule.only || isMeant(drill, rule.only));
  return meant.find((rule) => slotFor(drill, rule.phase) !== null) ?? meant[0] ?? allowed[0];
}

/** Where the coach's own drill goes whose phase the approach leaves out: after the phases that usually precede it. */
function blockOfForeign(phases: readonly PhaseRule[], phase: Phase): number {
  const place = PHASES.indexOf(phase);
  return phases.filter((p) => PHASES.indexOf(p.phase) < place).length - 0.5;
}
