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
import { DEMAND_IDS, DEMANDS, type DemandId } from "../demands";
import type { Room } from "../ramp";
import type { AskedDemand } from "./asked-demands";
import { LIMITER_SERVES, MOST_LIMITER_EFFORT, OWN_PATTERN_FROM } from "./constants";

/** Why a drill cannot be chosen today. */
export type Refusal = "area" | "equipment" | "approach" | "not-asked" | "dropped";

/** What decides which drills may be chosen. */
export interface AdmissionRequest {
  drills: readonly Drill[];
  demands: readonly AskedDemand[];
  athlete: AthleteProfile;
  approach: Approach;
  room: Room;
  /** What the gym has; null: everything. */
  equipment: ReadonlySet<EquipmentId> | null;
  /** Drills that the coach has chosen. */
  own: readonly { drill: DrillId }[];
  dropped: readonly DrillId[];
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
  const { drills, demands, athlete, approach, room, equipment } = request;
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
  const admitted: Admitted[] = [];

  const refusalOf = (drill: Drill, served: Served, rule: PhaseRule | undefined): Refusal | null => {
    if (drill.retired || request.dropped.includes(drill.id)) return "dropped";
    if (rulesOut(athlete, drill)) return "area";
    if (!hasKit(drill.equipment, equipment)) return "equipment";
    if (!rule) return "approach";
    const forLimiter = served.some(
      ({ demand, serves }) => demands[demand]!.limiter && serves >= LIMITER_SERVES,
    );
    // What an approach has in a phase is for everybody; a limiter may need something else there.
    const isForLimiter = forLimiter && drill.effort <= MOST_LIMITER_EFFORT;
    if (rule.only && !isForLimiter && !isMeant(drill, rule.only)) return "approach";
    if (rule.limitersOnly && !forLimiter) return "approach";
    if (rule.phase === "raise") return null;
    return isAskedFor(drill, demands) ? null : "not-asked";
  };

  for (const drill of [...drills].sort((a, b) => (a.id < b.id ? -1 : 1))) {
    const own = request.own.some((o) => o.drill === drill.id);
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
    // Where an approach climbs from assisted to loaded, each drill is a family of its own.
    const family = approach.progressionsIn.includes(phase)
      ? familyNumber.size + admitted.length
      : familyNumber.get(familyOf.get(drill.id)!)!;
    admitted.push({
      drill,
      phase,
      block: atTheEnd ? approach.phases.length : block,
      circles,
      served,
      family,
      onlyForLimiters,
      pinned: own,
    });
  }
  return { phases, admitted, refused };
}

/** The rule of the phase that a drill stands in: its usual phase if the approach has that, else the first it has. */
function ruleFor(drill: Drill, phases: readonly PhaseRule[]): PhaseRule | undefined {
  const allowed = drill.phases.flatMap((phase) => phases.find((p) => p.phase === phase) ?? []);
  const meant = allowed.filter((rule) => !rule.only || isMeant(drill, rule.only));
  return meant[0] ?? allowed[0];
}

/** Where the coach's own drill goes whose phase the approach leaves out: after the phases that usually precede it. */
function blockOfForeign(phases: readonly PhaseRule[], phase: Phase): number {
  const place = PHASES.indexOf(phase);
  return phases.filter((p) => PHASES.indexOf(p.phase) < place).length - 0.5;
}
