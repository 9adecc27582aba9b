import { drain } from "@/lib/drain";
import type { DrillId } from "../catalog";
import { EPSILON, isAllowed, objectiveOf, type Progress, Prover, search } from "../optimizer";
import type { Candidate } from "./candidate";
import {
  type ChoiceModel,
  type ChoiceRequest,
  choiceModels,
  type TakenDrill,
  TIME_LIMIT,
} from "./choice-model";
import type { Circuit } from "./circuits";
import { orderDrills } from "./order-drills";
import { inPairs } from "./pairs";
import { testSeconds } from "./test-steps";
import { type Placed, type PlacedTest, type Timetable, timetable } from "./timetable";

/** Drills chosen, ordered and laid out in time. */
export interface ChoiceOfDrills {
  /** What was chosen from; its time is that of the request. */
  model: ChoiceModel;
  chosen: readonly Candidate[];
  placed: readonly Placed[];
  tests: readonly PlacedTest[];
  /** The second at which the last drill or test ends. */
  seconds: number;
  /** The objective under the model. Points. */
  objective: number;
  /** The most that any choice for the time as laid out could reach. Points. */
  bound: number;
}

/** How options are looked for. */
export interface Chooser {
  /** So many numbers of rounds are tried, the most promising first. */
  mostModels: number;
  /** Looks for options; tells now and then how far it is. */
  choose(prover: Prover, start?: readonly number[], beat?: number): Generator<Progress, Progress>;
}

/** Work of all quick choices for one plan: some tens of milliseconds. Short ones are harder to choose well. */
const QUICK_WORK = { usual: 2.2e6, short: 6e6 };
/** The same before a later lift, where there is little to choose. */
export const LATER_QUICK_WORK = 1e6;
/** Drills for less time than this are a short choice. Seconds. */
const SHORT_UNDER = 420;
/** At once so many of the most promising numbers of rounds are tried; the exact answer looks at all. */
const QUICK_MODELS = 3;
/** The share of what is left of it that one choice may take. */
const WORK_SHARE = 0.55;

/**
 * A very good answer at once; all choices that it makes share the work.
 *
 * @param mostWork of them all; absent: by how short the time is.
 */
export function quickly(mostWork: number | null = null): Chooser {
  let left = mostWork;
  return {
    mostModels: QUICK_MODELS,
    // biome-ignore lint/correctness/useYield: it has nothing to tell before it is done.
    *choose(prover, start, beat) {
      const isShort = prover.problem.limits[TIME_LIMIT]!.most < SHORT_UNDER;
      left ??= isShort ? QUICK_WORK.short : QUICK_WORK.usual;
      const found = drain(prover.prove(start, beat, left * WORK_SHARE));
      left = Math.max(0, left - found.work);
      return found;
    },
  };
}

/** The best answer. */
export const exactly: Chooser = {
  mostModels: Number.POSITIVE_INFINITY,
  choose: (prover, start, beat) => prover.prove(start, beat),
};

/** How often the choice is tightened until the ordered timetable fits the time. */
const MOST_TIGHTENINGS = 24;
/** After so many by just the overrun, each takes more: a second or two may lead to the same choice over and over. */
const GENTLE_TIGHTENINGS = 5;

/** How often time that tightening has left over is offered again, if it is at least so much. */
const MOST_TOP_UPS = 3;
const LEAST_SPARE = 10;

/**
 * Chooses, orders and lays out drills for the time there is; of several numbers of rounds the best, of equals
 * the fewest. The same request gives the same answer.
 */
export function* chooseDrills(
  request: ChoiceRequest,
  chooser: Chooser = quickly(),
): Generator<Progress, ChoiceOfDrills> {
  const models = choiceModels(request);
  if (request.begun) return begunChoice(request.begun, request, models);
  let best: ChoiceOfDrills | null = null;
  for (const { model, start } of promisingFirst(models).slice(0, chooser.mostModels)) {
    const prover = new Prover(model.problem);
    if (best && prover.bound(best.objective) < best.objective - EPSILON) continue;
    const choosing = (from: readonly number[] = start) => chooser.choose(prover, from, best?.objective);
    const next: ChoiceOfDrills = yield* fitToTime(model, request, prover, choosing);
    if (best === null || isBetter(next, best)) best = next;
  }
  const taken = request.taken && takenChoice(request, models);
  return taken && isBetter(taken, best!) ? taken : best!;
}

/** Models with a first choice for each, those first whose first choice is best; one alone needs none. */
function promisingFirst(models: readonly ChoiceModel[]): { model: ChoiceModel; start: readonly number[] }[] {
  if (models.length === 1) return models.map((model) => ({ model, start: [] }));
  return models
    .map((model) => ({ model, start: search(model.problem) }))
    .map((m) => ({ ...m, objective: objectiveOf(m.model.problem, m.start) }))
    .sort((a, b) => b.objective - a.objective || a.model.rounds - b.model.rounds);
}

/** The choice that the coach has taken over, laid out; null where it is no longer possible. */
function takenChoice(request: ChoiceRequest, models: readonly ChoiceModel[]): ChoiceOfDrills | null {
  const { model, options } = optionsOf(request.taken!, models, request.circuits);
  if (!model || options.includes(-1) || !isAllowed(model.problem, options)) return null;
  const { candidates, problem } = model;
  const chosen = options.map((i) => candidates[i]!);
  const laidOut = layOut(chosen, request);
  if (laidOut.seconds - testSeconds(request.tests ?? []) > model.seconds) return null;
  const objective = objectiveOf(problem, options);
  return { model, chosen, ...laidOut, objective, bound: Number.POSITIVE_INFINITY };
}

/** The model with the rounds of some drills, and their options in it; −1 where there is none. */
function optionsOf(
  taken: readonly TakenDrill[],
  models: readonly ChoiceModel[],
  circuits: readonly Circuit[] = [],
) {
  const goesRound = taken.filter((t) => !circuits.some((c) => c.drills.includes(t.drill)));
  const model = models.find((m) => m.rounds === Math.max(1, ...goesRound.map((t) => t.rounds)));
  const options = taken.map(
    (t) =>
      model?.candidates.findIndex(
        (c) => c.drill.id === t.drill && c.sets === t.sets && c.amount === t.amount && c.rounds === t.rounds,
      ) ?? -1,
  );
  return { model, options };
}

/** Drills that have been done, whether or not they would be chosen now; those that no longer exist are left out. */
function begunChoice(
  begun: readonly TakenDrill[],
  request: ChoiceRequest,
  models: readonly ChoiceModel[],
): ChoiceOfDrills {
  const found = optionsOf(begun, models, request.circuits);
  const model = found.model ?? models[0]!;
  const options = found.model ? found.options.filter((i) => i >= 0) : [];
  const chosen = options.map((i) => model.candidates[i]!);
  const objective = objectiveOf(model.problem, options);
  return { model, chosen, ...layOut(chosen, request), objective, bound: objective };
}

function layOut(chosen: readonly Candidate[], { approach, own, tests }: ChoiceRequest): Timetable {
  const places = new Map<DrillId, number>(
    own.flatMap((o) => (o.place === undefined ? [] : [[o.drill, o.place]])),
  );
  return timetable(inPairs(orderDrills(chosen, approach, places), approach), tests);
}

/** More points or, where they are equal, fewer rounds. */
function isBetter(next: ChoiceOfDrills, best: ChoiceOfDrills): boolean {
  const more = next.objective - best.objective;
  return more > EPSILON || (more > -EPSILON && next.model.rounds < best.model.rounds);
}

/** While the ordered timetable overruns, chooses again with that much less time. */
function* fitToTime(
  model: ChoiceModel,
  request: ChoiceRequest,
  prover: Prover,
  choosing: (start?: readonly number[]) => Generator<Progress, Progress>,
): Generator<Progress, ChoiceOfDrills> {
  const layOutFound = ({ chosen: options, bound }: Progress) => {
    const chosen = options.map((i) => model.candidates[i]!);
    return { options, chosen, bound, ...layOut(chosen, request) };
  };
  const budgeted = model.problem.limits[TIME_LIMIT]!.most;
  const most = budgeted + testSeconds(request.tests ?? []);
  let budget = budgeted;
  let found = layOutFound(yield* choosing());
  for (let i = 0; i < MOST_TIGHTENINGS && found.seconds > most; i++) {
    if (found.chosen.every((c) => c.pinned)) break;
    const by = (found.seconds - most) * Math.max(1, i - GENTLE_TIGHTENINGS + 2);
    budget = Math.max(0, budget - by);
    prover.setBudget(budget);
    found = layOutFound(yield* choosing(found.options));
  }
  found = yield* topUp(found);
  const { options, ...rest } = found;
  return { model, ...rest, objective: objectiveOf(model.problem, options) };

  /** Tightening may have taken more than was needed: what is over is offered again. */
  function* topUp(fitting: typeof found): Generator<Progress, typeof found> {
    let best = fitting;
    for (let i = 0; i < MOST_TOP_UPS; i++) {
      const spare = most - best.seconds;
      const used = best.chosen.reduce((sum, c) => sum + c.seconds, 0);
      if (spare < LEAST_SPARE || used + spare >= budgeted) return best;
      prover.setBudget(used + spare);
      const next = layOutFound(yield* choosing(best.options));
      const gain = objectiveOf(model.problem, next.options) - objectiveOf(model.problem, best.options);
      if (next.seconds > most || gain <= EPSILON) return best;
      best = next;
    }
    return best;
  }
}
