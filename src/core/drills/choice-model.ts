import type { DrillId, PhaseRule } from "../catalog";
import { doseEffect, doseLevels, doseSeconds, type OwnDose } from "../dose";
import type { Option, Problem } from "../optimizer";
import { factorFor } from "../response";
import { type AdmissionRequest, type Admitted, admitDrills, type Refusal } from "./admitted-drills";
import type { AskedDemand } from "./asked-demands";
import type { Candidate } from "./candidate";
import { APPROACH_CIRCUIT, type Circuit, type CircuitPart, partOf, restShare } from "./circuits";
import type { Condition } from "./conditions";
import {
  CHANGE_ESTIMATE_SECONDS,
  LIMITER_DOSE_SECONDS,
  LIMITER_SLACK_SECONDS,
  SHORT_DRILLS_UNDER,
  WHOLE_SETS_FROM,
} from "./constants";
import { inItsFormat } from "./formats";
import { prerequisitesOf } from "./needs";
import { athleteGoals, costOf, ProblemParts, sequenceParts } from "./problem-parts";
import type { KnownTest } from "./test-steps";

/** A drill the coach has chosen, with its dose and its place (from 0) if they are fixed too. */
export interface OwnDrill {
  drill: DrillId;
  dose?: OwnDose;
  place?: number;
  /** Done on its own where the approach has it go round with others. */
  alone?: boolean;
  /** Other drills that would do as well: the athlete takes one of them all; until then this one counts. */
  anyOf?: readonly DrillId[];
  /** What comes in its place for whom, or once what has been reached. */
  condition?: Condition;
}

/** The most other drills that are offered, and the letters of what has to be reached. */
export const OFFER_LIMITS = { anyOf: 4, reached: 80 } as const;

/** What may be chosen, and for what. */
export interface Choices {
  demands: readonly AskedDemand[];
  candidates: readonly Candidate[];
  phases: readonly PhaseRule[];
  /** Times that circuits go round. */
  rounds: number;
  /** Time for drills. Seconds. */
  seconds: number;
  /** Why each drill that is no candidate is none. */
  refused: ReadonlyMap<DrillId, Refusal>;
}

/** Everything that a choice is made from. */
export interface ChoiceModel extends Choices {
  /** The same as plain numbers: an option for each candidate, in their order; limit `TIME_LIMIT` is the time. */
  problem: Problem;
}

/** The limit that stands for time. */
export const TIME_LIMIT = 0;

export interface ChoiceRequest extends AdmissionRequest {
  seconds: number;
  own: readonly OwnDrill[];
  /** Circuits that the coach has put together, all of whose drills are the coach's own; absent: none. */
  circuits?: readonly Circuit[];
  /** Quick checks between the drills; absent: none. The time that they take is none of `seconds`. */
  tests?: readonly KnownTest[];
  /** A choice that the coach has taken over: it stands as long as it is allowed and nothing better is found. */
  taken?: readonly TakenDrill[];
  /** The drills that the athlete has done already: they stay, whatever has changed since. */
  begun?: readonly TakenDrill[];
}

/** A drill of a choice at its dose, for one round. */
export interface TakenDrill {
  drill: DrillId;
  sets: number;
  amount: number;
  rounds: number;
}

/** What may be chosen, for each number of rounds that the approach's circuit may go. */
export function choicesByRounds(request: ChoiceRequest): Choices[] {
  const admission = admitDrills(request);
  const mostRounds = request.approach.circuit?.mostRounds ?? 1;
  return Array.from({ length: mostRounds }, (_, i) => choicesOf(request, admission, i + 1));
}

/** The models to choose from: one for each number of rounds that the approach's circuit may go. */
export function choiceModels(request: ChoiceRequest): ChoiceModel[] {
  return choicesByRounds(request).map((choices) => withProblem(choices, request));
}

/** The model of a warm-up in which nothing goes round more than once. */
export function buildChoiceModel(request: ChoiceRequest): ChoiceModel {
  return withProblem(choicesOf(request, admitDrills(request), 1), request);
}

function choicesOf(
  request: ChoiceRequest,
  { phases, admitted, refused }: ReturnType<typeof admitDrills>,
  rounds: number,
): Choices {
  const { demands, seconds } = request;
  const candidates = admitted.flatMap((a) => {
    const own = request.own.find((o) => o.drill === a.drill.id);
    const circuit = request.circuits?.find((c) => c.drills.includes(a.drill.id));
    if (circuit) return [inCircuit(a, own, circuit, request)];
    return candidatesFor(a, own, a.circles && !own?.alone ? rounds : 1, request);
  });
  return { demands, candidates, phases, rounds, seconds, refused };
}

/** A drill at each dose that it may be chosen at. */
function candidatesFor(
  admitted: Admitted,
  own: OwnDrill | undefined,
  rounds: number,
  request: ChoiceRequest,
): Candidate[] {
  const circuit = rounds > 1 ? APPROACH_CIRCUIT : null;
  return dosesFor(admitted, own, rounds, request).map((dose) => ({
    ...candidateAt(admitted, dose, rounds, circuit, request),
    ...(own?.alone && { alone: true }),
  }));
}

/** A drill in a circuit of the coach's: once a round. */
function inCircuit(
  admitted: Admitted,
  own: OwnDrill | undefined,
  circuit: Circuit,
  request: ChoiceRequest,
): Candidate {
  const { dose: range } = admitted.drill;
  const dose = own?.dose ?? { sets: 1, amount: range.amount[1] };
  const effect = doseEffect(range, dose, circuit.rounds);
  const alone = candidateAt(admitted, { ...dose, effect }, circuit.rounds, partOf(circuit), request);
  return { ...alone, seconds: alone.seconds + restShare(circuit) };
}

/** A drill at a dose, so many rounds of it. */
function candidateAt(
  { served, circles: _, ...what }: Admitted,
  { effect, ...dose }: OwnDose & { effect: number },
  rounds: number,
  circuit: CircuitPart | null,
  { demands, athlete }: Pick<ChoiceRequest, "demands" | "athlete">,
): Candidate {
  const { drill } = what;
  const workSeconds = doseSeconds(drill.dose, dose);
  return {
    ...what,
    ...dose,
    rounds,
    circuit,
    workSeconds,
    seconds: rounds * (workSeconds + CHANGE_ESTIMATE_SECONDS) + drill.setUpSeconds,
    serves: served.map(({ demand, serves }) => ({
      demand,
      served: serves * effect * factorFor(athlete.responses, drill.id, demands[demand]!.demand),
    })),
  };
}

/**
 * The doses a drill may be chosen at: the coach's own, a usual set in each round of a circuit, or the usual one; more
 * sets are for limiters, for approaches that hold, and where one climbs from easy to loaded.
 */
function dosesFor(
  { drill, phase, limiterOf }: Admitted,
  own: OwnDrill | undefined,
  rounds: number,
  { approach, seconds }: ChoiceRequest,
): readonly (OwnDose & { effect: number })[] {
  if (own?.dose) return [{ ...own.dose, effect: doseEffect(drill.dose, own.dose, rounds) }];
  const [, usual] = drill.dose.amount;
  const once = { sets: 1, amount: usual };
  if (rounds > 1) return [{ ...once, effect: doseEffect(drill.dose, once, rounds) }];
  const levels = doseLevels(drill.dose, phase !== "raise" && seconds < SHORT_DRILLS_UNDER);
  const forLimiter = limiterOf.length > 0;
  const mayRepeat = forLimiter || approach.holds || approach.progressionsIn.includes(phase);
  const ofLimiter = approach.limiters.secondsEach > LIMITER_DOSE_SECONDS ? 3 : 2;
  const most = Math.max(drill.dose.sets[1], forLimiter ? ofLimiter : mayRepeat ? 2 : 1);
  // Fewer sets than usual are for those who are late.
  const least = seconds < WHOLE_SETS_FROM ? 1 : Math.min(most, drill.dose.sets[1]);
  return levels
    .filter((l) => l.sets >= least && l.sets <= most)
    .map((l) => inItsFormat(drill, l, approach, seconds));
}

/** The same with goals, limits and what each candidate adds to and takes of them. */
function withProblem(
  choices: Choices,
  { approach, athlete }: Pick<ChoiceRequest, "approach" | "athlete">,
): ChoiceModel {
  const { candidates, demands, phases } = choices;
  const parts = new ProblemParts();
  const time = parts.limit(choices.seconds);
  const forLimiters = parts.limit(approach.limiters.secondsAll);
  const each = approach.limiters.secondsEach + LIMITER_SLACK_SECONDS;
  const limiterLimits = demands.map((d) => (d.limiter ? parts.limit(each) : null));
  const served = athleteGoals(parts, demands, approach);
  const inSequence = sequenceParts(
    parts,
    approach,
    phases.map((rule) => ({ rule, people: 1 })),
    1,
    choices.seconds,
    demands.filter((d) => d.limiter).length,
  );
  const options = candidates.map((c): Option => {
    const { gives, uses } = inSequence(c);
    uses.push(
      { index: time, amount: c.seconds },
      { index: parts.namedLimit(`family ${c.family}`, 1), amount: 1 },
    );
    const workSeconds = c.rounds * c.workSeconds;
    if (c.onlyForLimiters.length > 0) uses.push({ index: forLimiters, amount: workSeconds });
    for (const demand of new Set([...c.limiterOf, ...c.onlyForLimiters]))
      uses.push({ index: limiterLimits[demand]!, amount: workSeconds });
    return {
      cost: costOf(c, c.seconds, approach, athlete.experience),
      gives: [...served(c), ...gives],
      uses,
      prerequisites: prerequisitesOf(c, candidates),
    };
  });
  const pins = candidates.map((c) => (c.pinned ? { wanted: c.drill.id, seconds: c.seconds } : null));
  return { ...choices, problem: parts.problem(options, time, pins) };
}
