import { drain } from "@/lib/drain";
import { doseOf } from "../dose";
import { type Candidate, orderDrills, roundByRound } from "../drills";
import { EPSILON, fill, objectiveOf, Prover, searchSteps } from "../optimizer";
import { reasonFor } from "../plan";
import { commonProblem } from "./common-problem";
import { buildGroupModel, type GroupModel, withMemberSeconds } from "./group-model";
import type { GroupOption } from "./group-options";
import { groupTimetable, type MemberTimes, type Task } from "./group-timetable";
import { type MemberModel, memberModels } from "./member-models";
import type { GroupPlan, GroupProgress, GroupRequest, MemberStep, SharedDrill } from "./types";

/** How often the choice is tightened until everybody's timetable fits their time. */
const MOST_TIGHTENINGS = 20;

/**
 * Plans the warm-up of a group: one shared sequence, up to two drills of their own for each member, and the
 * ramps; chosen together so that the group as a whole is served best (docs/model.md, "Groups"). Things of which
 * there are too few are used in turns, and never by more than there are.
 */
export function planGroup(request: GroupRequest): GroupPlan {
  return drain(planGroupSteps(request));
}

/** As `planGroup`; yields how far it is. Who stops asking has cancelled it. */
export function* planGroupSteps(request: GroupRequest): Generator<GroupProgress, GroupPlan> {
  yield { done: 0 };
  let best: Start | null = null;
  for (const members of memberModels(request)) {
    const seconds = members.map((m) => m.model.seconds);
    const model = buildGroupModel(request, members, seconds);
    for (const start of startsOf(model, Math.max(0, Math.min(...seconds)))) {
      if (best === null || start.objective > best.objective + EPSILON) best = start;
      yield { done: START_SHARE * (1 - 1 / (members.length + 1)) };
    }
  }
  return yield* fitEverybody(request, best!);
}

/** The part of the whole that finding a start takes. */
const START_SHARE = 0.3;
/** Time kept free of shared drills for personal ones, of which the best is taken. Seconds. */
const RESERVES = [0, 60, 120];
/** Work for each choice of shared drills. */
const START_WORK = 4e5;

interface Start {
  model: GroupModel;
  chosen: readonly number[];
  objective: number;
}

/** Starts for the search: the shared drills chosen as for one athlete, and then everybody's own. */
function* startsOf(model: GroupModel, seconds: number): Generator<Start> {
  const { problem, optionOf } = commonProblem(model, seconds);
  const prover = new Prover(problem);
  for (const reserve of RESERVES) {
    prover.setBudget(Math.max(0, seconds - reserve));
    const found = drain(prover.prove([], Number.NEGATIVE_INFINITY, START_WORK));
    const shared = found.chosen.map((o) => optionOf[o]!);
    const chosen = fill(model.problem, shared);
    yield { model, chosen, objective: objectiveOf(model.problem, chosen) };
  }
}

/** Improves a start and lays it out; members who overrun get that much less time, until all fit. */
function* fitEverybody(request: GroupRequest, start: Start): Generator<GroupProgress, GroupPlan> {
  const { members } = start.model;
  const most = members.map((m) => m.model.seconds);
  let seconds: readonly number[] = most;
  let { model, chosen } = start;
  let done = START_SHARE;
  for (let i = 0; ; i++) {
    const searching = searchSteps(model.problem, chosen);
    for (;;) {
      const { value, done: isDone } = searching.next();
      if (isDone) {
        chosen = value;
        break;
      }
      done += (1 - done) * 0.01;
      yield { done };
    }
    const laidOut = layOut(request, model, chosen);
    const over = laidOut.times.map((t, a) => Math.max(0, t.seconds - testSeconds(t) - most[a]!));
    const isStuck = chosen.every((c) => isPinned(model.options[c]!));
    if (over.every((o) => o === 0) || i === MOST_TIGHTENINGS || isStuck) {
      return describePlan(request, model, chosen, laidOut);
    }
    // Each time by more, since a second or two may lead to the same choice again.
    seconds = seconds.map((s, a) => Math.max(0, s - over[a]! * (i + 1)));
    model = withMemberSeconds(model, seconds);
  }
}

function testSeconds({ tests }: MemberTimes): number {
  return tests.reduce((sum, t) => sum + t.seconds, 0);
}

function isPinned(option: GroupOption): boolean {
  return option.kind === "shared" ? option.candidate.pinned : option.candidates[0]!.pinned;
}

interface LaidOut {
  order: (GroupOption & { kind: "shared" })[];
  times: MemberTimes[];
}

function layOut(request: GroupRequest, { members, options }: GroupModel, chosen: readonly number[]): LaidOut {
  const shared = chosen.flatMap((i) => {
    const option = options[i]!;
    return option.kind === "shared" ? [option] : [];
  });
  const places = new Map(
    request.own.flatMap((o) => (o.place === undefined ? [] : [[o.drill, o.place] as const])),
  );
  const order = orderDrills(
    shared.map((s) => s.candidate),
    request.approach,
    places,
  ).map((c) => shared.find((s) => s.candidate === c)!);
  const sequence = roundByRound(order);
  const plans = members.map((_, a): Task[] => [
    ...sequence.flatMap((s): Task[] => {
      const done = s.doneBy[a];
      if (!done) return [];
      const isShared = done.drill === s.candidate.drill;
      const { block, rounds, circuit } = s.candidate;
      const { restBefore } = s;
      const kind = isShared ? "shared" : "substitute";
      return [{ candidate: { ...done, block, rounds, circuit }, kind, of: s.candidate.drill.id, restBefore }];
    }),
    ...chosen.flatMap((i): Task[] => {
      const option = options[i]!;
      if (option.kind !== "personal" || option.member !== a) return [];
      const round = roundByRound(option.candidates.map((candidate) => ({ candidate })));
      return round.map(({ candidate, restBefore }) => ({
        ...{ candidate, restBefore, kind: "personal", of: null },
      }));
    }),
  ]);
  return { order, times: groupTimetable(plans, request) };
}

function describePlan(
  request: GroupRequest,
  model: GroupModel,
  chosen: readonly number[],
  { order, times }: LaidOut,
): GroupPlan {
  const { members } = model;
  const shared = order.map(({ candidate: c, doneBy, turns }): SharedDrill => {
    const said = request.own.find((o) => o.drill === c.drill.id);
    const most = members.reduce((a, b) => (worthTo(b, c) > worthTo(a, c) ? b : a));
    return {
      drill: c.drill.id,
      name: c.drill.name,
      phase: c.phase,
      dose: doseOf(c.drill.dose, c),
      rounds: c.rounds,
      circuit: c.circuit,
      anyOf: said?.anyOf ?? [],
      condition: said?.condition ?? null,
      reason: reasonFor(c, most.model.demands),
      turns,
      substitutes: doneBy.flatMap((done, a) =>
        done?.drill === c.drill ? [] : [{ member: members[a]!.member.id, drill: done?.drill.id ?? null }],
      ),
    };
  });
  const plans = members.map(({ member, model: own, ramps, rampSeconds }, a) => {
    const { tasks, tests, waitingSeconds, seconds } = times[a]!;
    return {
      id: member.id,
      name: member.name,
      waitingSeconds,
      drillSeconds: seconds,
      seconds: seconds + rampSeconds,
      ramps,
      tests,
      steps: tasks.map(
        ({ candidate: c, kind, of, startsAt, seconds: took, uses }, i): MemberStep => ({
          drill: c.drill.id,
          name: c.drill.name,
          phase: c.phase,
          dose: doseOf(c.drill.dose, c),
          kind,
          of,
          reason: reasonFor(c, own.demands, kind, member.athlete.responses),
          startsAt,
          seconds: took,
          uses,
          placed: {
            candidate: c,
            round: tasks.slice(0, i + 1).filter((t) => t.candidate.drill === c.drill).length,
            startsAt,
            seconds: took,
          },
        }),
      ),
    };
  });
  return {
    shared,
    members: plans,
    objective: objectiveOf(model.problem, chosen),
    seconds: Math.max(0, ...plans.map((p) => p.seconds)),
  };
}

/** How much a drill does for a member. */
function worthTo({ model }: MemberModel, c: Candidate): number {
  return c.serves.reduce((sum, s) => sum + s.served * model.demands[s.demand]!.weight, 0);
}
