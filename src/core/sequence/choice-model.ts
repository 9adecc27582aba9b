import { type AthleteProfile, isStiff, rulesOut } from "../athlete";
import {
  type Approach,
  type Drill,
  type DrillId,
  type EquipmentId,
  families,
  PHASES,
  type Phase,
  type PhaseRule,
  PLANES,
} from "../catalog";
import { DEMANDS, type DemandId } from "../demands";
import { doseLevels, doseSeconds } from "../dose";
import type { Room } from "../ramp";
import type { AskedDemand } from "./asked-demands";
import { CHANGE_ESTIMATE_SECONDS, OWN_PATTERN_FROM } from "./constants";

/** A drill at a dose that may be chosen. */
export interface Candidate {
  drill: Drill;
  phase: Phase;
  /** Place of the phase in the approach. */
  phaseIndex: number;
  sets: number;
  amount: number;
  /** Work and rests of the dose. Seconds. */
  workSeconds: number;
  /** Work, set-up and an estimate of the change. Seconds. */
  seconds: number;
  /** Index of the demand and what the dose serves of it. */
  serves: readonly { demand: number; served: number }[];
  family: number;
  /** Bits of the planes that it covers, for mobilise and activate drills. */
  planes: number;
  /** Demand indices of the limiters that alone let it in; empty if the session asks for it anyway. */
  onlyForLimiters: readonly number[];
  /** Chosen by the coach: it stays. */
  pinned: boolean;
}

/** Why a drill cannot be chosen today. */
export type Refusal = "area" | "equipment" | "approach" | "not-asked" | "dropped";

/** A drill the coach has chosen, with its dose if that is fixed too. */
export interface OwnDrill {
  drill: DrillId;
  dose?: { sets: number; amount: number };
}

/** Everything the choice needs, as plain numbers. */
export interface ChoiceModel {
  demands: readonly AskedDemand[];
  candidates: readonly Candidate[];
  phases: readonly (PhaseRule & { phase: Phase })[];
  /** Bits of the planes asked for. */
  planes: number;
  limiterSeconds: { each: number; all: number };
  /** Time for drills. Seconds. */
  seconds: number;
  /** Why each drill that is no candidate is none. */
  refused: ReadonlyMap<DrillId, Refusal>;
}

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
}

function planeBits(planes: readonly string[]): number {
  return planes.reduce((bits, plane) => bits | (1 << PLANES.indexOf(plane as (typeof PLANES)[number])), 0);
}

/** What a drill serves of the demands, by their index. */
type Served = readonly { demand: number; serves: number }[];

/** Whether a drill serves enough of something that is asked enough to be specific to the session. */
function isSpecific(served: Served, weigh: (demand: number) => number): boolean {
  return served.some(
    ({ demand, serves }) => (serves >= 1 && weigh(demand) >= 2) || (serves >= 2 && weigh(demand) >= 1),
  );
}

/** Whether a drill has the shape of other lifts than today's: it serves patterns, and none that is asked for. */
function hasForeignPattern(served: Served, demands: readonly AskedDemand[]): boolean {
  const patterns = served.filter(
    ({ demand, serves }) => serves >= OWN_PATTERN_FROM && DEMANDS[demands[demand]!.demand].kind === "pattern",
  );
  return patterns.length > 0 && patterns.every(({ demand }) => demands[demand]!.asked === 0);
}

/** Works out which drills at which doses may be chosen, and why the others may not (docs/model.md, "Choosing"). */
export function buildChoiceModel(request: ChoiceRequest): ChoiceModel {
  const { drills, demands, athlete, approach, room, equipment } = request;
  const familyOf = families(drills);
  const familyNumber = new Map([...new Set(familyOf.values())].sort().map((id, i) => [id, i]));
  const coldOrStiff = room === "cold" || isStiff(athlete);
  const isAsked = (demand: DemandId) => demands.some((d) => d.demand === demand && d.asked > 0);
  const phases = approach.phases.filter(
    (p) => (!p.whenColdOrStiff || coldOrStiff) && (!p.whenAsked || isAsked(p.whenAsked)),
  );
  const refused = new Map<DrillId, Refusal>();
  const candidates: Candidate[] = [];

  const indexOf = new Map(demands.map((d, i) => [d.demand, i]));
  const servedBy = (drill: Drill): Served =>
    (Object.keys(drill.serves) as DemandId[]).flatMap((id) => {
      const demand = indexOf.get(id);
      return demand === undefined ? [] : [{ demand, serves: drill.serves[id]! }];
    });

  const refusalOf = (drill: Drill, served: Served, rule: PhaseRule | undefined): Refusal | null => {
    if (request.dropped.includes(drill.id)) return "dropped";
    if (rulesOut(athlete, drill)) return "area";
    if (equipment && !drill.equipment.every((need) => need.some((e) => equipment.has(e)))) return "equipment";
    if (!rule) return "approach";
    const forLimiter = served.some(({ demand, serves }) => demands[demand]!.limiter && serves >= 2);
    if (rule.limitersOnly && !forLimiter) return "approach";
    const isRaise = phases.some((p) => p === rule && p.phase === "raise");
    if (isRaise) return null;
    const specific = isSpecific(served, (i) => demands[i]!.weight);
    if (!specific || hasForeignPattern(served, demands)) return "not-asked";
    return null;
  };

  for (const drill of [...drills].sort((a, b) => (a.id < b.id ? -1 : 1))) {
    const own = request.own.find((o) => o.drill === drill.id);
    const allowed = phases.findIndex((p) => drill.phases.includes(p.phase));
    const usual = phases.findIndex((p) => p.phase === drill.phases[0]);
    const phaseIndex = usual >= 0 ? usual : allowed;
    const rule = phases[phaseIndex];
    const served = servedBy(drill);
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
    const levels = own?.dose ? [{ ...own.dose, effect: effectOf(drill, own.dose) }] : doseLevels(drill.dose);
    for (const { sets, amount, effect } of levels) {
      const workSeconds = doseSeconds(drill.dose, sets, amount);
      candidates.push({
        drill,
        phase,
        phaseIndex: rule ? phaseIndex : phaseIndexOfForeign(phases, phase),
        sets,
        amount,
        workSeconds,
        seconds: workSeconds + drill.setUpSeconds + CHANGE_ESTIMATE_SECONDS,
        serves: served.map(({ demand, serves }) => ({ demand, served: serves * effect })),
        family: familyNumber.get(familyOf.get(drill.id)!)!,
        planes: phase === "mobilise" || phase === "activate" ? planeBits(drill.planes) : 0,
        onlyForLimiters,
        pinned: own !== undefined,
      });
    }
  }
  return {
    demands,
    candidates,
    phases,
    planes: planeBits(approach.planes),
    limiterSeconds: { each: approach.limiters.secondsEach, all: approach.limiters.secondsAll },
    seconds: request.seconds,
    refused,
  };
}

/** A coach's own dose is worth as much as the level nearest to it. */
function effectOf(drill: Drill, dose: { sets: number; amount: number }): number {
  const total = dose.sets * dose.amount;
  const nearest = doseLevels(drill.dose).sort(
    (a, b) => Math.abs(a.sets * a.amount - total) - Math.abs(b.sets * b.amount - total),
  )[0]!;
  return nearest.effect;
}

/** Where the coach's own drill goes whose phase the approach leaves out: after the phases that usually precede it. */
function phaseIndexOfForeign(phases: ChoiceModel["phases"], phase: Phase): number {
  const place = PHASES.indexOf(phase);
  const after = phases.filter((p) => PHASES.indexOf(p.phase) < place).length;
  return after - 0.5;
}
