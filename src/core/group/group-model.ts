import { rulesOut } from "../athlete";
import {
  countedKit,
  type DrillId,
  hasKit,
  kitWithout,
  MOST_TURNS,
  RAISE_MACHINES,
  turnsFor,
} from "../catalog";
import {
  athleteGoals,
  type Candidate,
  type Choices,
  choicesByRounds,
  costOf,
  HARD_EFFORT,
  LIMITER_SERVES,
  type OwnDrill,
  ProblemParts,
  prerequisitesOf,
  releases,
  sequenceParts,
} from "../drills";
import type { Option, Problem, Term } from "../optimizer";
import { blockChoice, blocksOf, planRamps, rampSecondsOf } from "../plan";
import type { Ramp } from "../ramp";
import type { GroupMember, GroupRequest } from "./types";

/** A drill is shared where at least this part of the group may do it. */
const SHARED_FROM = 0.75;
const MOST_PERSONAL = 2;
/** Seconds in which all personal drills on one kind of machine have to find their place, for each there is. */
const PERSONAL_BLOCK_SECONDS = 240;
/** A substitute takes at most this much longer than what it stands in for. Seconds. */
const SUBSTITUTE_SLACK = 5;

/** What a choice for a group is made from, for one member. */
export interface MemberModel {
  member: GroupMember;
  ramps: readonly (Ramp | null)[];
  /** What the ramps before the first working sets take. Seconds. */
  rampSeconds: number;
  /** What this member alone would choose from; its time is what the ramp leaves. */
  model: Choices;
}

/** Something that may be chosen for a group. */
export type GroupOption =
  | {
      kind: "shared";
      candidate: Candidate;
      /** What each member does: the drill itself, a substitute, or nothing. */
      doneBy: readonly (Candidate | null)[];
      /** What counts for each member: who has dropped it counts all the same, so that what all do stays for the others. */
      countsFor: readonly (Candidate | null)[];
      /** Turns until everybody has been on it. */
      turns: number;
    }
  | {
      kind: "personal";
      member: number;
      /** One drill, or a stretch with the movement that belongs to it. */
      candidates: readonly Candidate[];
    };

export interface GroupModel {
  members: readonly MemberModel[];
  options: readonly GroupOption[];
  problem: Problem;
  /** For each goal of the problem what it is about, the same for all members; null: a goal of the group's. */
  subjects: readonly (string | null)[];
  /** The limit that stands for each member's time. */
  timeLimits: readonly number[];
}

/** The model with other times for drills. */
export function withMemberSeconds(model: GroupModel, seconds: readonly number[]): GroupModel {
  const limits = model.problem.limits.slice();
  model.timeLimits.forEach((limit, a) => {
    limits[limit] = { most: seconds[a]! };
  });
  return { ...model, problem: { ...model.problem, limits } };
}

/** What each member may do, and what is left of their time, for each number of rounds that circuits may go. */
export function memberModels(request: GroupRequest): MemberModel[][] {
  // Nobody waits for a machine to get warm: where there are fewer of one than people, all raise without it.
  const people = request.members.length;
  const tooFew = RAISE_MACHINES.filter((m) => (request.counts[m] ?? people) < people);
  const prepared = request.members.map((member) => {
    const own = {
      ...request,
      athlete: member.athlete,
      lifts: member.lifts,
      equipment: kitWithout(request.equipment, [...(member.cannotUse ?? []), ...tooFew]),
      own: ownOf(request, member),
      dropped: [...request.dropped, ...(member.dropped ?? [])],
    };
    const first = blocksOf(member.lifts)[0]!;
    const { ramps } = planRamps(own, first);
    const models = choicesByRounds(blockChoice(own, ramps, 0, { served: [], drills: [] }));
    return { member, ramps, rampSeconds: rampSecondsOf(ramps, first), models };
  });
  const rounds = prepared[0]?.models ?? [];
  return rounds.map((_, i) => prepared.map(({ models, ...rest }) => ({ ...rest, model: models[i]! })));
}

/** What the coach has chosen for all, less what one does not do, and for this one. */
function ownOf({ own }: GroupRequest, member: GroupMember): OwnDrill[] {
  return [
    ...own.filter((o) => !isDropped(member, o.drill) && !isPinned(member, o.drill)),
    ...(member.own ?? []),
  ];
}

function isPinned({ own }: GroupMember, drill: DrillId): boolean {
  return own?.some((o) => o.drill === drill) ?? false;
}

function isDropped({ dropped }: GroupMember, drill: DrillId): boolean {
  return dropped?.includes(drill) ?? false;
}

const keyOf = (c: Candidate) => `${c.drill.id} ${c.sets} ${c.amount}`;

/**
 * Builds the choice for a group (docs/model.md, "Groups").
 *
 * @param seconds time for drills of each member.
 */
export function buildGroupModel(
  request: GroupRequest,
  members: readonly MemberModel[],
  seconds: readonly number[],
): GroupModel {
  const options = [...sharedOptions(request, members), ...personalOptions(members)];
  return { members, options, ...problemOf(request, members, options, seconds) };
}

function sharedOptions(request: GroupRequest, members: readonly MemberModel[]): GroupOption[] {
  const byKey = new Map<string, Candidate>();
  const ofMember = members.map(({ model }) => {
    const own = new Map<string, Candidate>();
    for (const c of model.candidates) {
      const key = keyOf(c);
      own.set(key, c);
      // A drill that is there for one member's limiter alone stays that member's own.
      const isForAll = request.own.some((o) => o.drill === c.drill.id);
      if (c.onlyForLimiters.length === 0 || isForAll) byKey.set(key, isForAll ? c : (byKey.get(key) ?? c));
    }
    return own;
  });
  return [...byKey]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([key, found]): GroupOption[] => {
      const { drill } = found;
      // What one member's coach wants for that one alone is not wanted for all.
      const candidate = { ...found, pinned: request.own.some((o) => o.drill === drill.id) };
      // A drill is for those whose approach, for today's lifts, has its phase, unless the coach wants it.
      const mayDo = members.map(
        ({ member, model }) =>
          !rulesOut(member.athlete, drill) &&
          !isDropped(member, drill.id) &&
          hasKit(drill.equipment, kitWithout(request.equipment, member.cannotUse)) &&
          (candidate.pinned || model.phases.some((p) => p.phase === candidate.phase)),
      );
      const able = mayDo.filter(Boolean).length;
      const turns = turnsFor(drill.equipment, able, request);
      if (!Number.isFinite(turns) || !hasKit(drill.equipment, request.equipment)) return [];
      if (able < SHARED_FROM * members.length && !candidate.pinned) return [];
      const doneBy = members.map((of, a) => {
        // Who has it as a drill of their own does not do it twice.
        if (isPinned(of.member, drill.id)) return null;
        return mayDo[a] ? (ofMember[a]!.get(key) ?? candidate) : substituteFor(candidate, of, request);
      });
      const shared = (by: readonly (Candidate | null)[], inTurns: number): GroupOption => ({
        ...{ kind: "shared", candidate, doneBy: by, turns: inTurns },
        countsFor: by.map((done, a) => done ?? (isDropped(members[a]!.member, drill.id) ? candidate : null)),
      });
      const split = turns > 1 && splitBetween(candidate, doneBy, members, request);
      return [...(turns <= MOST_TURNS ? [shared(doneBy, turns)] : []), ...(split ? [shared(split, 1)] : [])];
    });
}

/** As many as there are machines do a drill, the others a substitute meanwhile; null where one of them has none. */
function splitBetween(
  candidate: Candidate,
  doneBy: readonly (Candidate | null)[],
  members: readonly MemberModel[],
  request: GroupRequest,
): (Candidate | null)[] | null {
  let free = Math.min(...countedKit(candidate.drill.equipment, request).map((e) => request.counts[e]!));
  const split = doneBy.map((done, a) => {
    if (done === null || done.drill !== candidate.drill) return done;
    free -= 1;
    return free >= 0 ? done : substituteFor(candidate, members[a]!, request);
  });
  return split.some((done, a) => done === null && doneBy[a] !== null) ? null : split;
}

/** What a member does while the others do what they must not: the best of its substitutes that fits its time. */
function substituteFor(
  { drill, seconds }: Candidate,
  { model }: MemberModel,
  request: GroupRequest,
): Candidate | null {
  const named = [drill.easier, ...drill.substitutes, drill.harder];
  const worth = (c: Candidate) =>
    c.serves.reduce((sum, s) => sum + s.served * model.demands[s.demand]!.weight, 0);
  const fitting = model.candidates.filter(
    (c) =>
      named.includes(c.drill.id) &&
      c.seconds <= seconds + SUBSTITUTE_SLACK &&
      !c.drill.stretch &&
      countedKit(c.drill.equipment, request).length === 0,
  );
  return fitting.sort((a, b) => worth(b) - worth(a) || (a.drill.id < b.drill.id ? -1 : 1))[0] ?? null;
}

/** A drill of a circuit done on its own: once. */
function onceRound(c: Candidate): Candidate {
  const setUp = c.drill.setUpSeconds;
  return {
    ...c,
    rounds: 1,
    seconds: setUp + (c.seconds - setUp) / c.rounds,
    serves: c.serves.map((s) => ({ ...s, served: s.served / c.rounds })),
  };
}

function personalOptions(members: readonly MemberModel[]): GroupOption[] {
  return members.flatMap(({ model, member: of }, member) =>
    model.candidates.flatMap((c): GroupOption[] => {
      if (isPinned(of, c.drill.id)) return [{ kind: "personal", member, candidates: [onceRound(c)] }];
      const forLimiter = c.serves.some(
        ({ demand }) =>
          model.demands[demand]!.limiter &&
          (c.drill.serves[model.demands[demand]!.demand] ?? 0) >= LIMITER_SERVES,
      );
      if (!forLimiter || c.rounds > 1 || c.pinned || c.phase === "raise" || c.drill.effort >= HARD_EFFORT)
        return [];
      if (!c.drill.stretch) return [{ kind: "personal", member, candidates: [c] }];
      const movers = model.candidates.filter(
        (m) => m.drill.effort < HARD_EFFORT && !m.drill.stretch && m.rounds === 1 && releases(c, m),
      );
      const mover = movers.sort((a, b) => a.seconds - b.seconds || (a.drill.id < b.drill.id ? -1 : 1))[0];
      return mover ? [{ kind: "personal", member, candidates: [c, mover] }] : [];
    }),
  );
}

function problemOf(
  request: GroupRequest,
  members: readonly MemberModel[],
  options: readonly GroupOption[],
  seconds: readonly number[],
): Pick<GroupModel, "problem" | "subjects" | "timeLimits"> {
  const { approach } = request;
  const people = members.length;
  const parts = new ProblemParts();
  const personSeconds = parts.limit(Number.POSITIVE_INFINITY);
  const own = members.map(({ model }, a) => ({
    time: parts.limit(seconds[a]!),
    personal: parts.limit(Math.max(MOST_PERSONAL, members[a]!.member.own?.length ?? 0)),
    forLimiters: parts.limit(approach.limiters.secondsAll),
    served: athleteGoals(parts, model.demands, approach),
  }));
  const phases = approach.phases.flatMap((rule) => {
    const having = members.filter(({ model }) => model.phases.includes(rule)).length;
    return having > 0 ? [{ rule, people: having }] : [];
  });
  const inSequence = sequenceParts(parts, approach, phases, people, Math.min(...seconds));
  const ownFamily = (c: Candidate, member: number) => parts.namedLimit(`family ${c.family} ${member}`, 1);

  const personal = ({ member, candidates }: GroupOption & { kind: "personal" }): Option => {
    const { time, personal: most, forLimiters, served } = own[member]!;
    const [first] = candidates;
    const took = candidates.reduce((sum, c) => sum + c.seconds, 0);
    const alone = candidates.filter((c) => c.onlyForLimiters.length > 0);
    const uses: Term[] = [
      { index: personSeconds, amount: took },
      { index: time, amount: took },
      { index: most, amount: candidates.length },
      { index: forLimiters, amount: alone.reduce((sum, c) => sum + c.workSeconds, 0) },
    ];
    for (const limiter of first!.onlyForLimiters) {
      const index = parts.namedLimit(`limiter ${member} ${limiter}`, approach.limiters.secondsEach);
      uses.push({ index, amount: first!.workSeconds });
    }
    for (const c of candidates) {
      uses.push({ index: ownFamily(c, member), amount: 1 });
      for (const kit of countedKit(c.drill.equipment, request)) {
        const most = request.counts[kit]! * PERSONAL_BLOCK_SECONDS;
        uses.push({ index: parts.namedLimit(`machine ${kit}`, most), amount: c.seconds });
      }
    }
    return {
      cost: candidates.reduce((sum, c) => sum + costOf(c, c.seconds, approach), 0),
      gives: summed(candidates.flatMap(served)),
      uses: summed(uses),
      prerequisites: null,
    };
  };

  const sharedCandidates = options.map((o) => (o.kind === "shared" ? o.candidate : null));
  const personalIn = new Map<number, Set<number>>();
  for (const o of options) {
    if (o.kind !== "personal") continue;
    for (const { family } of o.candidates) {
      personalIn.set(family, (personalIn.get(family) ?? new Set()).add(o.member));
    }
  }
  const shared = ({ candidate: c, doneBy, countsFor, turns }: GroupOption & { kind: "shared" }): Option => {
    const took = turns * c.seconds;
    const { gives, uses } = inSequence(c);
    uses.push(
      { index: personSeconds, amount: people * took },
      { index: parts.namedLimit(`family ${c.family}`, 1), amount: 1 },
    );
    for (const { time } of own) uses.push({ index: time, amount: took });
    for (const member of personalIn.get(c.family) ?? []) {
      // Who does nothing meanwhile has room for one of the family on their own.
      if (doneBy[member]) uses.push({ index: ownFamily(c, member), amount: 1 });
    }
    const members = countsFor.flatMap((done, a) => (done ? own[a]!.served(done) : []));
    return {
      cost: people * costOf(c, took, approach),
      gives: summed([...members, ...gives]),
      uses: summed(uses),
      prerequisites: prerequisitesOf(c, sharedCandidates),
    };
  };

  const built = options.map((o) => (o.kind === "shared" ? shared(o) : personal(o)));
  const pins = options.map((o) => {
    if (o.kind === "shared") {
      const { pinned, drill, seconds } = o.candidate;
      return pinned ? { wanted: drill.id, seconds } : null;
    }
    const [c] = o.candidates;
    const isWanted = isPinned(members[o.member]!.member, c!.drill.id);
    return isWanted ? { wanted: `${c!.drill.id} ${o.member}`, seconds: c!.seconds } : null;
  });
  return {
    problem: parts.problem(built, personSeconds, pins),
    subjects: parts.subjects,
    timeLimits: own.map((o) => o.time),
  };
}

/** Terms on the same thing put together. */
function summed(terms: readonly Term[]): Term[] {
  const sums = new Map<number, number>();
  for (const { index, amount } of terms) sums.set(index, (sums.get(index) ?? 0) + amount);
  return [...sums].map(([index, amount]) => ({ index, amount }));
}
