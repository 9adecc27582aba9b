import { rulesOut } from "../athlete";
import { countedKit, hasKit, MOST_TURNS, turnsFor } from "../catalog";
import { type Candidate, HARD_EFFORT, LIMITER_SERVES, releases } from "../drills";
import { isDropped, isPinned, type MemberModel } from "./member-models";
import type { GroupRequest } from "./types";

/** A drill is shared where at least this part of the group may do it. */
const SHARED_FROM = 0.75;
/** A substitute takes at most this much longer than what it stands in for. Seconds. */
const SUBSTITUTE_SLACK = 5;

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

const keyOf = (c: Candidate) => `${c.drill.id} ${c.sets} ${c.amount}`;

/** What all may do together. */
export function sharedOptions(request: GroupRequest, members: readonly MemberModel[]): GroupOption[] {
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
        ({ member, equipment, model }) =>
          !rulesOut(member.athlete, drill) &&
          !isDropped(member, drill.id) &&
          hasKit(drill.equipment, equipment) &&
          (candidate.pinned || model.phases.some((p) => p.phase === candidate.phase)),
      );
      const able = mayDo.filter(Boolean).length;
      const turns = turnsFor(drill.equipment, able, request);
      if (!Number.isFinite(turns) || !hasKit(drill.equipment, request.equipment)) return [];
      const doneBy = members.map((of, a) => {
        // Who has it as a drill of their own does not do it twice.
        if (isPinned(of.member, drill.id)) return null;
        const instead = insteadOf(candidate, of);
        if (instead) return instead;
        return mayDo[a] ? (ofMember[a]!.get(key) ?? candidate) : substituteFor(candidate, of, request);
      });
      // Everybody gets warm, whether or not there is a machine for each.
      const isForAll = candidate.phase === "raise" && able > 0 && !doneBy.includes(null);
      if (able < SHARED_FROM * members.length && !candidate.pinned && !isForAll) return [];
      const shared = (by: readonly (Candidate | null)[], inTurns: number): GroupOption => ({
        ...{ kind: "shared", candidate, doneBy: by, turns: inTurns },
        countsFor: by.map((done, a) => done ?? (isDropped(members[a]!.member, drill.id) ? candidate : null)),
      });
      const split = turns > 1 && splitBetween(candidate, doneBy, members, request);
      return [...(turns <= MOST_TURNS ? [shared(doneBy, turns)] : []), ...(split ? [shared(split, 1)] : [])];
    });
}

/** What a member does in the place of a drill of all by what is known of that one; null: the drill itself. */
function insteadOf({ drill, seconds }: Candidate, { model, instead }: MemberModel): Candidate | null {
  const doses = model.candidates.filter((c) => c.drill.id === instead.get(drill.id));
  // As much of it as there is time for while the others do theirs, else the least there is.
  const longestFirst = doses.sort((a, b) => b.seconds - a.seconds);
  return longestFirst.find((c) => c.seconds <= seconds + SUBSTITUTE_SLACK) ?? longestFirst.at(-1) ?? null;
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
  { model, machine }: MemberModel,
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
      countedKit(c.drill.equipment, request).every((kit) => kit === machine),
  );
  return fitting.sort((a, b) => worth(b) - worth(a) || (a.drill.id < b.drill.id ? -1 : 1))[0] ?? null;
}

/** A drill of a circuit done on its own: once. */
function onceRound(c: Candidate): Candidate {
  const setUp = c.drill.setUpSeconds;
  return {
    ...c,
    rounds: 1,
    circuit: null,
    seconds: setUp + (c.seconds - setUp) / c.rounds,
    serves: c.serves.map((s) => ({ ...s, served: s.served / c.rounds })),
  };
}

/** The drills of the member's own circuit that one goes round in, in their order; null: it goes round in none. */
function circuitOf(
  { circuit }: Candidate,
  member: MemberModel["member"],
  { candidates }: MemberModel["model"],
): Candidate[] | null {
  if (circuit?.by !== "coach" || !circuit.drills.every((d) => isPinned(member, d))) return null;
  return circuit.drills.flatMap((d) => candidates.find((c) => c.drill.id === d) ?? []);
}

/** What one member may do alone: a drill for a limiter, or what the coach wants. */
export function personalOptions(members: readonly MemberModel[]): GroupOption[] {
  return members.flatMap(({ model, member: of }, member) =>
    model.candidates.flatMap((c): GroupOption[] => {
      if (isPinned(of, c.drill.id)) {
        const round = circuitOf(c, of, model);
        if (round === null) return [{ kind: "personal", member, candidates: [onceRound(c)] }];
        return round[0] === c ? [{ kind: "personal", member, candidates: round }] : [];
      }
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
