import { type AthleteProfile, isStiff, rulesOut } from "../athlete";
import {
  type Approach,
  type Drill,
  type DrillId,
  type EquipmentId,
  families,
  isMeant,
  PHASES,
  type Phase,
  type PhaseRule,
} from "../catalog";
import type { Goal, Option, Problem, Term } from "../choice";
import { DEMAND_IDS, DEMANDS, type DemandId } from "../demands";
import { doseEffect, doseLevels, doseSeconds } from "../dose";
import type { Room } from "../ramp";
import type { AskedDemand } from "./asked-demands";
import {
  CHANGE_ESTIMATE_SECONDS,
  DRILL_COST,
  HARD_EFFORT,
  MATTERS_FROM,
  MISSING_PLANE_COST,
  MISSING_SLOT_COST,
  MOST_HARD_SECONDS,
  MOST_LIMITER_EFFORT,
  MOST_POWER_DRILLS,
  OPENING_EFFORT,
  OWN_PATTERN_FROM,
  SECOND_COST,
  SHORTFALL_COST,
  SHORTFALL_SERVED,
  WORTH,
} from "./constants";
import { sharesDemand } from "./shared-demands";

/** A drill at a dose that may be chosen. */
export interface Candidate {
  drill: Drill;
  phase: Phase;
  /** What is done in one stretch; blocks follow each other in the order of their numbers. */
  block: number;
  /** Sets of one round. */
  sets: number;
  amount: number;
  /** How often the circuit that it belongs to goes round; 1 outside circuits. */
  rounds: number;
  /** Work and rests of one round. Seconds. */
  workSeconds: number;
  /** Work of all rounds, set-up and an estimate of the changes. Seconds. */
  seconds: number;
  /** Index of the demand and what the dose serves of it. */
  serves: readonly { demand: number; served: number }[];
  family: number;
  /** Demand indices of the limiters that alone let it in; empty if the session asks for it anyway. */
  onlyForLimiters: readonly number[];
  /** Chosen by the coach: it stays. */
  pinned: boolean;
}

/** Why a drill cannot be chosen today. */
export type Refusal = "area" | "equipment" | "approach" | "not-asked" | "dropped";

/** A drill the coach has chosen, with its dose and its place (from 0) if they are fixed too. */
export interface OwnDrill {
  drill: DrillId;
  dose?: { sets: number; amount: number };
  place?: number;
}

/** Everything that a choice is made from. */
export interface ChoiceModel {
  demands: readonly AskedDemand[];
  /** In the order of the problem's options. */
  candidates: readonly Candidate[];
  phases: readonly PhaseRule[];
  /** Times that circuits go round. */
  rounds: number;
  /** Time for drills. Seconds. */
  seconds: number;
  /** Why each drill that is no candidate is none. */
  refused: ReadonlyMap<DrillId, Refusal>;
  /** The same as plain numbers; limit `TIME_LIMIT` is the time. */
  problem: Problem;
}

/** The limit that stands for time. */
export const TIME_LIMIT = 0;

export interface ChoiceRequest {
  drills: readonly Drill[];
  demands: readonly AskedDemand[];
  athlete: AthleteProfile;
  approach: Approach;
  seconds: number;
  room: Room;
  /** What the gym has; null: everything. */
  equipment: ReadonlySet<EquipmentId> | null;
  own: readonly OwnDrill[];
  dropped: readonly DrillId[];
  /** Times that circuits go round; 1 if absent. */
  rounds?: number;
  /** A choice that the coach has taken over: it stands as long as it is allowed and nothing better is found. */
  taken?: readonly TakenDrill[];
}

/** A drill of a choice at its dose, for one round. */
export interface TakenDrill {
  drill: DrillId;
  sets: number;
  amount: number;
  rounds: number;
}

/** What a drill serves of the demands, by their index. */
type Served = readonly { demand: number; serves: number }[];

/** Whether a drill serves enough of something that is asked enough to be specific to the session. */
function isSpecific(served: Served, weigh: (demand: number) => number): boolean {
  return served.some(
    ({ demand, serves }) => (serves >= 1 && weigh(demand) >= 2) || (serves >= 2 && weigh(demand) >= 1),
  );
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

/** Whether a gym has everything that a drill needs; null: it has everything. */
export function hasKit(drill: Drill, equipment: ReadonlySet<EquipmentId> | null): boolean {
  return !equipment || drill.equipment.every((need) => need.some((e) => equipment.has(e)));
}

/** Works out which drills at which doses may be chosen, and why the others may not (docs/model.md, "Choosing"). */
export function buildChoiceModel(request: ChoiceRequest): ChoiceModel {
  const { drills, demands, athlete, approach, room, equipment, rounds = 1 } = request;
  const familyOf = families(drills);
  const familyNumber = new Map([...new Set(familyOf.values())].sort().map((id, i) => [id, i]));
  const coldOrStiff = room === "cold" || isStiff(athlete);
  const isAsked = (demand: DemandId) => demands.some((d) => d.demand === demand && d.asked > 0);
  const phases = approach.phases.filter(
    (p) => (!p.whenColdOrStiff || coldOrStiff) && (!p.whenAsked || isAsked(p.whenAsked)),
  );
  const circuit = approach.circuit?.phases ?? [];
  const circuitBlock = phases.findIndex((p) => circuit.includes(p.phase));
  const refused = new Map<DrillId, Refusal>();
  const candidates: Candidate[] = [];

  const refusalOf = (drill: Drill, served: Served, rule: PhaseRule | undefined): Refusal | null => {
    if (request.dropped.includes(drill.id)) return "dropped";
    if (rulesOut(athlete, drill)) return "area";
    if (!hasKit(drill, equipment)) return "equipment";
    if (!rule) return "approach";
    const forLimiter = served.some(({ demand, serves }) => demands[demand]!.limiter && serves >= 2);
    // What an approach has in a phase is for everybody; a limiter may need something else there.
    const isOwn = forLimiter && drill.effort <= MOST_LIMITER_EFFORT;
    if (rule.only && !isOwn && !isMeant(drill, rule.only)) return "approach";
    if (rule.limitersOnly && !forLimiter) return "approach";
    if (rule.phase === "raise") return null;
    return isAskedFor(drill, demands) ? null : "not-asked";
  };

  for (const drill of [...drills].sort((a, b) => (a.id < b.id ? -1 : 1))) {
    const own = request.own.find((o) => o.drill === drill.id);
    const served = servedBy(drill);
    const rule = ruleFor(drill, phases);
    const refusal = refusalOf(drill, served, rule);
    if (refusal && !own) {
      refused.set(drill.id, refusal);
      continue;
    }
    const phase = rule?.phase ?? drill.phases[0]!;
    const specific = phase === "raise" || isSpecific(served, (i) => demands[i]!.weightWithoutLimiter);
    const onlyForLimiters = specific
      ? []
      : served.flatMap(({ demand }) => (demands[demand]!.limiter ? [demand] : []));
    const atTheEnd = onlyForLimiters.length > 0 && approach.limiters.place === "last";
    const circles = circuit.includes(phase) && !atTheEnd && rule !== undefined;
    const block = circles ? circuitBlock : rule ? phases.indexOf(rule) : blockOfForeign(phases, phase);
    const family = approach.progressionsIn.includes(phase)
      ? familyNumber.size + candidates.length
      : familyNumber.get(familyOf.get(drill.id)!)!;
    for (const { sets, amount, effect } of dosesFor(drill, own, circles ? rounds : 1)) {
      const workSeconds = doseSeconds(drill.dose, sets, amount);
      const times = circles ? rounds : 1;
      candidates.push({
        drill,
        phase,
        block: atTheEnd ? phases.length : block,
        sets,
        amount,
        rounds: times,
        workSeconds,
        seconds: times * (workSeconds + CHANGE_ESTIMATE_SECONDS) + drill.setUpSeconds,
        serves: served.map(({ demand, serves }) => ({ demand, served: serves * effect })),
        family,
        onlyForLimiters,
        pinned: own !== undefined,
      });
    }
  }
  const model = { demands, candidates, phases, rounds, seconds: request.seconds, refused };
  return { ...model, problem: problemOf(model, approach) };
}

/** The rule of the phase that a drill stands in: its usual phase if the approach has that, else the first it has. */
function ruleFor(drill: Drill, phases: readonly PhaseRule[]): PhaseRule | undefined {
  const allowed = drill.phases.flatMap((phase) => phases.find((p) => p.phase === phase) ?? []);
  const meant = allowed.filter((rule) => !rule.only || isMeant(drill, rule.only));
  return meant[0] ?? allowed[0];
}

/** The doses a drill may be chosen at: the coach's own, those of a circuit's round, or the usual three levels. */
function dosesFor(
  drill: Drill,
  own: OwnDrill | undefined,
  rounds: number,
): { sets: number; amount: number; effect: number }[] {
  const effectOf = (sets: number, amount: number) => doseEffect(drill.dose, sets * rounds, amount);
  if (own?.dose) return [{ ...own.dose, effect: effectOf(own.dose.sets, own.dose.amount) }];
  if (rounds === 1) return doseLevels(drill.dose);
  const [low] = drill.dose.amount;
  const most = Math.max(drill.dose.sets[2] * drill.dose.amount[2], rounds * low);
  return [...new Set(drill.dose.amount)]
    .filter((amount) => rounds * amount <= most)
    .map((amount) => ({ sets: 1, amount, effect: effectOf(1, amount) }));
}

/** Where the coach's own drill goes whose phase the approach leaves out: after the phases that usually precede it. */
function blockOfForeign(phases: readonly PhaseRule[], phase: Phase): number {
  const place = PHASES.indexOf(phase);
  return phases.filter((p) => PHASES.indexOf(p.phase) < place).length - 0.5;
}

/** Pieces of what serving a demand is worth: less and less, and most of all what ends a shortfall. */
export function worthOfServing(weight: number): Goal["pieces"] {
  const shortfall = weight >= MATTERS_FROM ? (SHORTFALL_COST * weight) / SHORTFALL_SERVED : 0;
  const pieces = WORTH.map(({ upTo, share }) => ({ upTo, slope: (share * weight) / 3 }));
  if (shortfall === 0) return pieces;
  return [{ upTo: SHORTFALL_SERVED, slope: pieces[0]!.slope + shortfall }, ...pieces];
}

/** What the objective is short of when a demand of this weight is not served at all. Points. */
export function shortfallOf(weight: number): number {
  return weight >= MATTERS_FROM ? SHORTFALL_COST * weight : 0;
}

/** Whether `mover` is dynamic work on a range that the stretch `held` serves, in the same block or a later one. */
export function releases(held: Candidate, mover: Candidate): boolean {
  return (
    mover.drill.mode === "dynamic" &&
    mover.block >= held.block &&
    sharesDemand(held.drill, mover.drill, "range", 1)
  );
}

/** How much an approach likes a candidate besides what it serves. Points. */
export function likingFor({ drill, rounds }: Candidate, { favours, circuit }: Approach): number {
  const favoured = favours.reduce((sum, f) => sum + (isMeant(drill, f.drills) ? f.points : 0), 0);
  return favoured + (circuit ? circuit.roundPoints * (rounds - 1) : 0);
}

/** The model as numbers: goals, limits and what each candidate adds to and takes of them. */
function problemOf(model: Omit<ChoiceModel, "problem">, approach: Approach): Problem {
  const { candidates, demands, phases } = model;
  const goals: Goal[] = [];
  const limits: { most: number }[] = [];
  const goal = (pieces: Goal["pieces"]) => goals.push({ pieces }) - 1;
  const limit = (most: number) => limits.push({ most }) - 1;
  let atNothing = 0;

  const time = limit(model.seconds);
  const hard = limit(MOST_HARD_SECONDS);
  const power = limit(MOST_POWER_DRILLS);
  const forLimiters = limit(approach.limiters.secondsAll);
  const demandGoals = demands.map((d) => {
    atNothing -= shortfallOf(d.weight);
    return d.weight > 0 ? goal(worthOfServing(d.weight)) : null;
  });
  const limiterLimits = demands.map((d) => (d.limiter ? limit(approach.limiters.secondsEach) : null));
  const planeGoals = approach.planes.map((plane) => {
    atNothing -= MISSING_PLANE_COST;
    return { plane, goal: goal([{ upTo: 1, slope: MISSING_PLANE_COST }]) };
  });
  const phaseTerms = phases.map((rule) => {
    atNothing -= (rule.shortPrice * rule.least) / 60;
    return {
      goal: rule.least > 0 ? goal([{ upTo: rule.least, slope: rule.shortPrice / 60 }]) : null,
      seconds: limit(rule.most),
      drills: limit(rule.mostDrills),
    };
  });
  const slots = approach.slots.map((slot) => {
    atNothing -= MISSING_SLOT_COST * slot.drills.least;
    return {
      slot,
      goal: goal([{ upTo: slot.drills.least, slope: MISSING_SLOT_COST }]),
      drills: limit(slot.drills.most),
    };
  });
  const familyLimits = new Map<number, number>();

  const options = candidates.map((c): Option => {
    const gives: Term[] = [];
    const uses: Term[] = [{ index: time, amount: c.seconds }];
    for (const { demand, served } of c.serves) {
      const index = demandGoals[demand]!;
      if (index !== null) gives.push({ index, amount: served });
    }
    if (c.phase === "mobilise" || c.phase === "activate") {
      for (const { plane, goal } of planeGoals)
        if (c.drill.planes.includes(plane)) gives.push({ index: goal, amount: 1 });
    }
    const place = phases.findIndex((p) => p.phase === c.phase);
    const terms = phaseTerms[place];
    if (terms) {
      if (terms.goal !== null) gives.push({ index: terms.goal, amount: c.seconds });
      uses.push({ index: terms.seconds, amount: c.seconds }, { index: terms.drills, amount: 1 });
    }
    const slot = slots.find((s) => s.slot.phase === c.phase && isMeant(c.drill, s.slot.filledBy));
    if (slot) {
      gives.push({ index: slot.goal, amount: 1 });
      uses.push({ index: slot.drills, amount: 1 });
    }
    const workSeconds = c.rounds * c.workSeconds;
    if (c.drill.effort >= HARD_EFFORT) uses.push({ index: hard, amount: workSeconds });
    if (c.phase === "power") uses.push({ index: power, amount: 1 });
    if (c.onlyForLimiters.length > 0) uses.push({ index: forLimiters, amount: workSeconds });
    for (const demand of c.onlyForLimiters) {
      uses.push({ index: limiterLimits[demand]!, amount: workSeconds });
    }
    const family = familyLimits.get(c.family) ?? limit(1);
    familyLimits.set(c.family, family);
    uses.push({ index: family, amount: 1 });
    return {
      cost: DRILL_COST + SECOND_COST * c.seconds - likingFor(c, approach),
      gives,
      uses,
      partners: c.pinned ? null : partnersOf(c, candidates),
    };
  });
  const pinned = new Map<DrillId, number[]>();
  candidates.forEach((c, i) => {
    if (c.pinned) pinned.set(c.drill.id, [...(pinned.get(c.drill.id) ?? []), i]);
  });
  const required = [...pinned.values()].map((list) =>
    list.toSorted((a, b) => candidates[a]!.seconds - candidates[b]!.seconds),
  );
  makeRoomForOwn(required, options, limits);
  return { options, goals, limits, scarce: time, required, atNothing };
}

function partnersOf(c: Candidate, candidates: readonly Candidate[]): number[] | null {
  const need = needOf(c);
  return need && candidates.flatMap((o, i) => (meetsNeed(need, c, o) ? [i] : []));
}

/** What a drill needs beside it. */
export type Need = "movement" | "activation" | "gentle-start";

/**
 * What a candidate needs beside it: dynamic work after a stretch, something activated before power, something
 * gentle before other hard work; null: nothing.
 */
export function needOf({ drill, phase }: Candidate): Need | null {
  if (drill.stretch && phase !== "cool-down") return "movement";
  if (phase === "power") return "activation";
  return drill.effort >= HARD_EFFORT ? "gentle-start" : null;
}

/** Whether another candidate is what `c` needs. What has needs of its own meets nobody's. */
export function meetsNeed(need: Need, c: Candidate, other: Candidate): boolean {
  if (needOf(other) !== null) return false;
  if (need === "movement") return releases(c, other);
  if (other.block > c.block) return false;
  return need === "activation" ? other.phase === "activate" : other.drill.effort <= OPENING_EFFORT;
}

/** Limits give way to what the coach has chosen. */
export function makeRoomForOwn(
  required: readonly (readonly number[])[],
  options: readonly Option[],
  limits: { most: number }[],
): void {
  const used = limits.map(() => 0);
  for (const [first] of required) for (const u of options[first!]!.uses) used[u.index]! += u.amount;
  limits.forEach((limit, i) => {
    limit.most = Math.max(limit.most, used[i]!);
  });
}
