import { rulesOut } from "../athlete";
import { type Drill, type EquipmentId, isMeant, kitInUse } from "../catalog";
import type { Goal, Option, Problem, Term } from "../choice";
import { blockChoice, planRamps } from "../plan";
import type { Ramp } from "../ramp";
import {
  buildChoiceModel,
  type Candidate,
  type ChoiceModel,
  DRILL_COST,
  HARD_EFFORT,
  hasKit,
  likingFor,
  MISSING_PLANE_COST,
  MISSING_SLOT_COST,
  MOST_HARD_SECONDS,
  MOST_POWER_DRILLS,
  makeRoomForOwn,
  meetsNeed,
  needOf,
  releases,
  SECOND_COST,
  shortfallOf,
  worthOfServing,
} from "../sequence";
import type { GroupMember, GroupRequest } from "./types";

/** A drill is shared where at least this part of the group may do it. */
const SHARED_FROM = 0.75;
/** Turns at a machine that a group may take. */
const MOST_WAVES = 2;
const MOST_PERSONAL = 2;
/** A personal drill serves a limiter at least this much. */
const PERSONAL_SERVES = 2;
/** Seconds in which all personal drills on one kind of machine have to find their place, for each there is. */
const PERSONAL_BLOCK_SECONDS = 240;
/** A substitute takes at most this much longer than what it stands in for. Seconds. */
const SUBSTITUTE_SLACK = 5;

/** What a choice for a group is made from, for one member. */
export interface MemberModel {
  member: GroupMember;
  ramps: readonly (Ramp | null)[];
  /** What this member alone would choose from; its time is what the ramp leaves. */
  model: ChoiceModel;
}

/** Something that may be chosen for a group. */
export type GroupOption =
  | {
      kind: "shared";
      candidate: Candidate;
      /** What each member does: the drill itself, a substitute, or nothing. */
      doneBy: readonly (Candidate | null)[];
      waves: number;
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
  const mostRounds = request.approach.circuit?.mostRounds ?? 1;
  const prepared = request.members.map((member) => {
    const own = { ...request, athlete: member.athlete, lifts: member.lifts };
    const { ramps } = planRamps(own, [0]);
    return { member, ramps, choice: blockChoice(own, ramps, 0, { served: [], drills: [] }) };
  });
  return Array.from({ length: mostRounds }, (_, i) =>
    prepared.map(({ member, ramps, choice }) => ({
      member,
      ramps,
      model: buildChoiceModel({ ...choice, rounds: i + 1 }),
    })),
  );
}

const keyOf = (c: Candidate) => `${c.drill.id} ${c.sets} ${c.amount}`;

/** Things of which there are not enough for everybody, among what a drill uses. */
export function scarceKit(drill: Drill, { equipment, counts }: GroupRequest): EquipmentId[] {
  const used = kitInUse(drill.equipment, equipment ? [...equipment] : drill.equipment.flat());
  return used.filter((e) => counts[e] !== undefined);
}

function wavesOf(drill: Drill, people: number, request: GroupRequest): number {
  const turns = scarceKit(drill, request).map((e) => Math.ceil(people / Math.max(1, request.counts[e]!)));
  const none = scarceKit(drill, request).some((e) => request.counts[e] === 0);
  return none ? Number.POSITIVE_INFINITY : Math.max(1, ...turns);
}

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
      own.set(keyOf(c), c);
      // A drill that is there for one member's limiter alone stays that member's own.
      if (c.onlyForLimiters.length === 0 || c.pinned) byKey.set(keyOf(c), byKey.get(keyOf(c)) ?? c);
    }
    return own;
  });
  return [...byKey]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([, candidate]): GroupOption[] => {
      const { drill } = candidate;
      const mayDo = members.map(({ member }) => !rulesOut(member.athlete, drill));
      const able = mayDo.filter(Boolean).length;
      const waves = wavesOf(drill, able, request);
      if (!Number.isFinite(waves) || !hasKit(drill, request.equipment)) return [];
      if (able < SHARED_FROM * members.length && !candidate.pinned) return [];
      const doneBy = members.map((_, a) =>
        mayDo[a]
          ? (ofMember[a]!.get(keyOf(candidate)) ?? candidate)
          : substituteFor(candidate, members[a]!, request),
      );
      const found: GroupOption[] = [];
      if (waves <= MOST_WAVES) found.push({ kind: "shared", candidate, doneBy, waves });
      const split = waves > 1 && splitBetween(candidate, doneBy, members, request);
      if (split) found.push({ kind: "shared", candidate, doneBy: split, waves: 1 });
      return found;
    });
}

/** As many as there are machines do a drill, the others a substitute meanwhile; null where one of them has none. */
function splitBetween(
  candidate: Candidate,
  doneBy: readonly (Candidate | null)[],
  members: readonly MemberModel[],
  request: GroupRequest,
): (Candidate | null)[] | null {
  let free = Math.min(...scarceKit(candidate.drill, request).map((e) => request.counts[e]!));
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
      scarceKit(c.drill, request).length === 0,
  );
  return fitting.sort((a, b) => worth(b) - worth(a) || (a.drill.id < b.drill.id ? -1 : 1))[0] ?? null;
}

function personalOptions(members: readonly MemberModel[]): GroupOption[] {
  return members.flatMap(({ model }, member) =>
    model.candidates.flatMap((c): GroupOption[] => {
      const forLimiter = c.serves.some(
        ({ demand }) =>
          model.demands[demand]!.limiter &&
          (c.drill.serves[model.demands[demand]!.demand] ?? 0) >= PERSONAL_SERVES,
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
  const { approach, counts } = request;
  const people = members.length;
  const goals: Goal[] = [];
  const limits: { most: number }[] = [];
  const subjects: (string | null)[] = [];
  const goal = (pieces: Goal["pieces"], subject: string | null = null) => {
    subjects.push(subject);
    return goals.push({ pieces }) - 1;
  };
  const limit = (most: number) => limits.push({ most }) - 1;
  const limitFor = new Map<string, number>();
  const limitOf = (key: string, most: number) => {
    const known = limitFor.get(key) ?? limit(most);
    limitFor.set(key, known);
    return known;
  };
  let atNothing = 0;

  const personSeconds = limit(Number.POSITIVE_INFINITY);
  const { phases } = members[0]!.model;
  const own = members.map(({ model }, a) => ({
    time: limit(seconds[a]!),
    personal: limit(MOST_PERSONAL),
    forLimiters: limit(approach.limiters.secondsAll),
    demands: model.demands.map((d) => {
      atNothing -= shortfallOf(d.weight);
      return d.weight > 0 ? goal(worthOfServing(d.weight), d.demand) : null;
    }),
    planes: approach.planes.map((plane) => {
      atNothing -= MISSING_PLANE_COST;
      return { plane, goal: goal([{ upTo: 1, slope: MISSING_PLANE_COST }], plane) };
    }),
  }));
  const phaseTerms = phases.map((rule) => {
    atNothing -= (people * rule.shortPrice * rule.least) / 60;
    return {
      goal: rule.least > 0 ? goal([{ upTo: rule.least, slope: (people * rule.shortPrice) / 60 }]) : null,
      seconds: limit(rule.most),
      drills: limit(rule.mostDrills),
    };
  });
  const slots = approach.slots.map((slot) => {
    atNothing -= people * MISSING_SLOT_COST * slot.drills.least;
    return {
      slot,
      goal: goal([{ upTo: slot.drills.least, slope: people * MISSING_SLOT_COST }]),
      drills: limit(slot.drills.most),
    };
  });
  const hard = limit(MOST_HARD_SECONDS);
  const power = limit(MOST_POWER_DRILLS);

  /** What one member gets from doing a drill. */
  const servesMember = (a: number, c: Candidate): Term[] => {
    const terms = c.serves.flatMap(({ demand, served }) => {
      const index = own[a]!.demands[demand]!;
      return index === null ? [] : [{ index, amount: served }];
    });
    if (c.phase !== "mobilise" && c.phase !== "activate") return terms;
    const planes = own[a]!.planes.filter(({ plane }) => c.drill.planes.includes(plane));
    return [...terms, ...planes.map((p) => ({ index: p.goal, amount: 1 }))];
  };
  const personalFamilies = new Map<number, number[]>();
  for (const o of options) {
    if (o.kind !== "personal") continue;
    for (const c of o.candidates) {
      personalFamilies.set(c.family, [...new Set([...(personalFamilies.get(c.family) ?? []), o.member])]);
    }
  }

  const built = options.map((option): Option => {
    if (option.kind === "personal") {
      const { member, candidates } = option;
      const took = candidates.reduce((sum, c) => sum + c.seconds, 0);
      const work = candidates.reduce((sum, c) => sum + (c.onlyForLimiters.length > 0 ? c.workSeconds : 0), 0);
      const [first] = candidates;
      const limiter = first!.onlyForLimiters[0];
      return {
        cost: candidates.length * DRILL_COST + SECOND_COST * took,
        gives: summed(candidates.flatMap((c) => servesMember(member, c))),
        uses: summed([
          { index: personSeconds, amount: took },
          { index: own[member]!.time, amount: took },
          { index: own[member]!.personal, amount: candidates.length },
          { index: own[member]!.forLimiters, amount: work },
          ...(limiter === undefined
            ? []
            : [
                {
                  index: limitOf(`limiter ${member} ${limiter}`, approach.limiters.secondsEach),
                  amount: first!.workSeconds,
                },
              ]),
          ...candidates.map((c) => ({ index: limitOf(`family ${c.family} ${member}`, 1), amount: 1 })),
          ...candidates.flatMap((c) =>
            scarceKit(c.drill, request).map((e) => ({
              index: limitOf(`machine ${e}`, (counts[e] ?? 0) * PERSONAL_BLOCK_SECONDS),
              amount: c.seconds,
            })),
          ),
        ]),
        partners: null,
      };
    }
    const { candidate: c, doneBy, waves } = option;
    const took = waves * c.seconds;
    const gives = doneBy.flatMap((done, a) => (done ? servesMember(a, done) : []));
    const uses: Term[] = [
      { index: personSeconds, amount: people * took },
      ...own.map((o) => ({ index: o.time, amount: took })),
      { index: limitOf(`family ${c.family}`, 1), amount: 1 },
      ...(personalFamilies.get(c.family) ?? []).map((a) => ({
        index: limitOf(`family ${c.family} ${a}`, 1),
        amount: 1,
      })),
    ];
    const terms = phaseTerms[phases.findIndex((p) => p.phase === c.phase)];
    if (terms) {
      if (terms.goal !== null) gives.push({ index: terms.goal, amount: c.seconds });
      uses.push({ index: terms.seconds, amount: c.seconds }, { index: terms.drills, amount: 1 });
    }
    const slot = slots.find((s) => s.slot.phase === c.phase && isMeant(c.drill, s.slot.filledBy));
    if (slot) {
      gives.push({ index: slot.goal, amount: 1 });
      uses.push({ index: slot.drills, amount: 1 });
    }
    if (c.drill.effort >= HARD_EFFORT) uses.push({ index: hard, amount: c.rounds * c.workSeconds });
    if (c.phase === "power") uses.push({ index: power, amount: 1 });
    return {
      cost: people * (DRILL_COST + SECOND_COST * took - likingFor(c, approach)),
      gives: summed(gives),
      uses: summed(uses),
      partners: c.pinned ? null : sharedPartners(option, options),
    };
  });

  const pinned = new Map<string, number[]>();
  options.forEach((o, i) => {
    if (o.kind !== "shared" || !o.candidate.pinned) return;
    pinned.set(o.candidate.drill.id, [...(pinned.get(o.candidate.drill.id) ?? []), i]);
  });
  const required = [...pinned.values()];
  makeRoomForOwn(required, built, limits);
  return {
    problem: { options: built, goals, limits, scarce: personSeconds, required, atNothing },
    subjects,
    timeLimits: own.map((o) => o.time),
  };
}

/** Terms on the same thing put together. */
function summed(terms: readonly Term[]): Term[] {
  const sums = new Map<number, number>();
  for (const { index, amount } of terms) sums.set(index, (sums.get(index) ?? 0) + amount);
  return [...sums].map(([index, amount]) => ({ index, amount }));
}

/** Shared drills of which one must be there too; as for one athlete. */
function sharedPartners(
  option: GroupOption & { kind: "shared" },
  options: readonly GroupOption[],
): number[] | null {
  const need = needOf(option.candidate);
  if (need === null) return null;
  return options.flatMap((o, i) =>
    o.kind === "shared" && needOf(o.candidate) === null && meetsNeed(need, option.candidate, o.candidate)
      ? [i]
      : [],
  );
}
