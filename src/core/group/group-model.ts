import { countedKit } from "../catalog";
import {
  athleteGoals,
  type Candidate,
  costOf,
  ProblemParts,
  prerequisitesOf,
  sequenceParts,
} from "../drills";
import type { Option, Problem, Term } from "../optimizer";
import { type GroupOption, personalOptions, sharedOptions } from "./group-options";
import { isPinned, type MemberModel } from "./member-models";
import type { GroupRequest } from "./types";

const MOST_PERSONAL = 2;
/** What it is worth that a member gets warm on a machine of its own: what is there is used. Points. */
const MACHINE_POINTS = 3;
/** Seconds in which all personal drills on one kind of machine have to find their place, for each there is. */
const PERSONAL_BLOCK_SECONDS = 240;

/** The choice for a group as the optimizer is asked it. */
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
  const inSequence = sequenceParts(parts, approach, phases, people, Math.min(...seconds), 0);
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
      cost: candidates.reduce(
        (sum, c) => sum + costOf(c, c.seconds, approach, members[member]!.member.athlete.experience),
        0,
      ),
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
    const onMachine = doneBy.filter((done, a) => {
      const { machine } = members[a]!;
      return machine !== null && done?.drill.equipment.some((need) => need.includes(machine));
    }).length;
    const given = countsFor.flatMap((done, a) => (done ? own[a]!.served(done) : []));
    return {
      cost:
        members.reduce((sum, m) => sum + costOf(c, took, approach, m.member.athlete.experience), 0) -
        MACHINE_POINTS * onMachine,
      gives: summed([...given, ...gives]),
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
