import { type AthleteProfile, isStiff, rulesOut } from "../athlete";
import {
  type Approach,
  type Drill,
  type DrillId,
  type EquipmentId,
  families,
  hasKit,
  isMeant,
  PHASES,
  type Phase,
  type PhaseRule,
} from "../catalog";
import type { Option, Problem } from "../choice";
import { DEMAND_IDS, DEMANDS, type DemandId } from "../demands";
import { doseEffect, doseLevels, doseSeconds } from "../dose";
import type { Room } from "../ramp";
import type { AskedDemand } from "./asked-demands";
import type { Candidate } from "./candidate";
import { CHANGE_ESTIMATE_SECONDS, LIMITER_SERVES, MOST_LIMITER_EFFORT, OWN_PATTERN_FROM } from "./constants";
import { partnersOf } from "./needs";
import { athleteGoals, costOf, ProblemParts, sequenceParts } from "./problem-parts";

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
  // Blocks are numbered by the approach's own phases, so that they are the same for everybody in a group.
  const circuitBlock = approach.phases.findIndex((p) => circuit.includes(p.phase));
  const refused = new Map<DrillId, Refusal>();
  const candidates: Candidate[] = [];

  const refusalOf = (drill: Drill, served: Served, rule: PhaseRule | undefined): Refusal | null => {
    if (request.dropped.includes(drill.id)) return "dropped";
    if (rulesOut(athlete, drill)) return "area";
    if (!hasKit(drill.equipment, equipment)) return "equipment";
    if (!rule) return "approach";
    const forLimiter = served.some(
      ({ demand, serves }) => demands[demand]!.limiter && serves >= LIMITER_SERVES,
    );
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
    const usual = rule ? approach.phases.indexOf(rule) : blockOfForeign(approach.phases, phase);
    const block = circles ? circuitBlock : usual;
    const family = approach.progressionsIn.includes(phase)
      ? familyNumber.size + candidates.length
      : familyNumber.get(familyOf.get(drill.id)!)!;
    for (const { sets, amount, effect } of dosesFor(drill, own, circles ? rounds : 1)) {
      const workSeconds = doseSeconds(drill.dose, sets, amount);
      const times = circles ? rounds : 1;
      candidates.push({
        drill,
        phase,
        block: atTheEnd ? approach.phases.length : block,
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

/** The model as numbers: goals, limits and what each candidate adds to and takes of them. */
function problemOf(model: Omit<ChoiceModel, "problem">, approach: Approach): Problem {
  const { candidates, demands, phases } = model;
  const parts = new ProblemParts();
  const time = parts.limit(model.seconds);
  const forLimiters = parts.limit(approach.limiters.secondsAll);
  const limiterLimits = demands.map((d) => (d.limiter ? parts.limit(approach.limiters.secondsEach) : null));
  const served = athleteGoals(parts, demands, approach);
  const inSequence = sequenceParts(
    parts,
    approach,
    phases.map((rule) => ({ rule, people: 1 })),
    1,
  );
  const options = candidates.map((c): Option => {
    const { gives, uses } = inSequence(c);
    uses.push(
      { index: time, amount: c.seconds },
      { index: parts.namedLimit(`family ${c.family}`, 1), amount: 1 },
    );
    const workSeconds = c.rounds * c.workSeconds;
    if (c.onlyForLimiters.length > 0) uses.push({ index: forLimiters, amount: workSeconds });
    for (const demand of c.onlyForLimiters) uses.push({ index: limiterLimits[demand]!, amount: workSeconds });
    return {
      cost: costOf(c, c.seconds, approach),
      gives: [...served(c), ...gives],
      uses,
      partners: partnersOf(c, candidates),
    };
  });
  return parts.problem(options, time, candidates);
}
