import type { DrillId } from "../catalog";
import {
  choose,
  EPSILON,
  isAllowed,
  objectiveOf,
  type Problem,
  type Progress,
  prove,
  relaxedBound,
} from "../choice";
import type { Candidate } from "./candidate";
import { buildChoiceModel, type ChoiceModel, type ChoiceRequest, TIME_LIMIT } from "./choice-model";
import { orderDrills } from "./order-drills";
import { type Placed, timetable } from "./timetable";

/** Drills chosen, ordered and laid out in time. */
export interface ChoiceOfDrills {
  /** What was chosen from; its time is that of the request. */
  model: ChoiceModel;
  chosen: readonly Candidate[];
  placed: readonly Placed[];
  /** The second at which the last drill ends. */
  seconds: number;
  /** The objective under the model. Points. */
  objective: number;
  /** The most that any choice for the time as laid out could reach. Points. */
  bound: number;
}

/** Looks for options; tells now and then how far it is. */
export type Chooser = (
  problem: Problem,
  start?: readonly number[],
  beat?: number,
) => Generator<Progress, Progress>;

/** Work of all quick choices for one plan: some tens of milliseconds. Short ones are harder to choose well. */
const QUICK_WORK = { usual: 5e6, short: 9e6 };
/** Drills for less time than this are a short choice. Seconds. */
const SHORT_UNDER = 420;
/** The share of what is left of it that one choice may take. */
const WORK_SHARE = 0.55;

/** A very good answer at once; all choices of one plan share the work. */
export function quickly(): Chooser {
  let left: number | null = null;
  // biome-ignore lint/correctness/useYield: it has nothing to tell before it is done.
  return function* (problem, start, beat) {
    const isShort = problem.limits[TIME_LIMIT]!.most < SHORT_UNDER;
    left ??= isShort ? QUICK_WORK.short : QUICK_WORK.usual;
    const found = choose(problem, left * WORK_SHARE, start, beat);
    left = Math.max(0, left - found.work);
    return found;
  };
}
/** The best answer. */
export const exactly: Chooser = prove;

/** How often the choice is tightened until the ordered timetable fits the time. */
const MOST_TIGHTENINGS = 24;
/** After so many by just the overrun, each takes more: a second or two may lead to the same choice over and over. */
const GENTLE_TIGHTENINGS = 5;

/** How often time that tightening has left over is offered again, if it is at least so much. */
const MOST_TOP_UPS = 3;
const LEAST_SPARE = 10;

/** The model with another time for drills. */
export function withSeconds(model: ChoiceModel, seconds: number): ChoiceModel {
  const limits = model.problem.limits.with(TIME_LIMIT, { most: seconds });
  return { ...model, seconds, problem: { ...model.problem, limits } };
}

/** The models to choose from: one for each number of rounds that the approach's circuit may go. */
export function choiceModels(request: ChoiceRequest): ChoiceModel[] {
  const mostRounds = request.approach.circuit?.mostRounds ?? 1;
  return Array.from({ length: mostRounds }, (_, i) => buildChoiceModel({ ...request, rounds: i + 1 }));
}

/**
 * Chooses, orders and lays out drills for the time there is; of several numbers of rounds the best, of equals
 * the fewest. The same request gives the same answer.
 */
export function* chooseDrills(
  request: ChoiceRequest,
  chooser: Chooser = quickly(),
): Generator<Progress, ChoiceOfDrills> {
  const models = choiceModels(request);
  const reach = (model: ChoiceModel) =>
    models.length === 1 ? Number.POSITIVE_INFINITY : relaxedBound(model.problem);
  const promising = models
    .map((model) => ({ model, bound: reach(model) }))
    .sort((a, b) => b.bound - a.bound || a.model.rounds - b.model.rounds);
  let best: ChoiceOfDrills | null = null;
  for (const { model, bound } of promising) {
    if (best && bound < best.objective - EPSILON) break;
    const next: ChoiceOfDrills = yield* fitToTime(model, request, chooser, best?.objective);
    if (best === null || isBetter(next, best)) best = next;
  }
  const taken = request.taken && takenChoice(request, models);
  return taken && isBetter(taken, best!) ? taken : best!;
}

/** The choice that the coach has taken over, laid out; null where it is no longer possible. */
function takenChoice(request: ChoiceRequest, models: readonly ChoiceModel[]): ChoiceOfDrills | null {
  const taken = request.taken!;
  const model = models.find((m) => m.rounds === Math.max(1, ...taken.map((t) => t.rounds)));
  const options = taken.map(
    (t) =>
      model?.candidates.findIndex(
        (c) => c.drill.id === t.drill && c.sets === t.sets && c.amount === t.amount && c.rounds === t.rounds,
      ) ?? -1,
  );
  if (!model || options.includes(-1) || !isAllowed(model.problem, options)) return null;
  const { candidates, problem } = model;
  const chosen = options.map((i) => candidates[i]!);
  const laidOut = layOut(chosen, request);
  if (laidOut.seconds > model.seconds) return null;
  const objective = objectiveOf(problem, options);
  return { model, chosen, ...laidOut, objective, bound: Number.POSITIVE_INFINITY };
}

function layOut(chosen: readonly Candidate[], { approach, own }: ChoiceRequest) {
  const places = new Map<DrillId, number>(
    own.flatMap((o) => (o.place === undefined ? [] : [[o.drill, o.place]])),
  );
  return timetable(orderDrills(chosen, approach.bodyOrder, places));
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
  chooser: Chooser,
  beat?: number,
): Generator<Progress, ChoiceOfDrills> {
  const layOutFound = ({ chosen: options, bound }: Progress) => {
    const chosen = options.map((i) => model.candidates[i]!);
    return { options, chosen, bound, ...layOut(chosen, request) };
  };
  const most = model.problem.limits[TIME_LIMIT]!.most;
  let budget = most;
  let found = layOutFound(yield* chooser(model.problem, undefined, beat));
  for (let i = 0; i < MOST_TIGHTENINGS && found.seconds > most; i++) {
    if (found.chosen.every((c) => c.pinned)) break;
    const by = (found.seconds - most) * Math.max(1, i - GENTLE_TIGHTENINGS + 2);
    budget = Math.max(0, budget - by);
    found = layOutFound(yield* chooser(withSeconds(model, budget).problem, found.options, beat));
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
      if (spare < LEAST_SPARE || used + spare >= most) return best;
      const wider = withSeconds(model, used + spare).problem;
      const next = layOutFound(yield* chooser(wider, best.options, beat));
      const gain = objectiveOf(model.problem, next.options) - objectiveOf(model.problem, best.options);
      if (next.seconds > most || gain <= EPSILON) return best;
      best = next;
    }
    return best;
  }
}
