import {
  type AthleteProfile,
  type AthleteRecord,
  drillsFor,
  sharedWishes,
  wishesFor,
  withFavourites,
} from "../athlete";
import { type Catalog, type Drill, type DrillId, drillById, knownApproach } from "../catalog";
import { planRequestFor, type WarmUpDraft, workingWeightIn } from "../draft";
import type { GroupRequest, MemberPlan } from "../group";
import type { GymKit } from "../gym";
import type { PlannedLift, PlanRequest } from "../plan";
import type { Session } from "./session";

/** One who is there, with what is planned for them. */
export interface MemberDraft {
  athlete: AthleteRecord;
  draft: WarmUpDraft;
}

/** What the warm-up that a session's people do together is planned from; null where there are not two of them. */
export function groupRequestFor(
  session: Session,
  members: readonly MemberDraft[],
  gym: GymKit,
  catalog: Catalog,
): GroupRequest | null {
  if (members.length < 2) return null;
  // What all do follows what all wish; whoever never does a drill does something else meanwhile.
  const wishesOf = ({ athlete, draft }: MemberDraft) => wishesFor(gym, draft.lifts, athlete, catalog);
  const wishes = sharedWishes(members.map(wishesOf));
  const isPinned = (own: WarmUpDraft["own"], id: DrillId) => own.some((o) => o.drill === id);
  /** What one does not do with the others, never or not at their dose: not what the coach has put in for that one, or for all in spite of all. */
  const neverOf = (member: MemberDraft) => {
    const { never, smallest = [] } = wishesOf(member);
    return [...never, ...smallest].filter(
      (id) => !isPinned(member.draft.own, id) && !(wishes.never.includes(id) && isPinned(session.own, id)),
    );
  };
  return {
    unit: gym.unit,
    minutes: session.minutes,
    approach: withFavourites(knownApproach(catalog, session.approach), wishes),
    room: session.room,
    equipment: new Set(gym.equipment),
    counts: gym.counts ?? {},
    clearFloor: gym.clearFloor,
    own: session.own,
    circuits: session.circuits,
    dropped: session.dropped,
    tests: session.tests,
    drills: drillsFor(catalog.drills, wishes, session.own),
    members: members.map(({ athlete, draft }) => ({
      id: athlete.id,
      name: athlete.name,
      athlete: profileOf(athlete),
      lifts: planRequestFor(draft, athlete, gym, catalog).lifts,
      own: draft.own.filter((o) => (o.block ?? 0) === 0),
      circuits: draft.circuits,
      dropped: [...draft.dropped, ...neverOf({ athlete, draft })],
      cannotUse: athlete.cannotUse,
    })),
  };
}

/** What of an athlete drills are chosen by. */
function profileOf({ experience, limiters, areas, reached }: AthleteRecord): AthleteProfile {
  return { experience, limiters, areas, reached };
}

/** A lift that is as last time but for what the gym lacks: the weight of last time is what is asked for. */
function withAsked(planned: PlannedLift, athlete: AthleteRecord, gym: GymKit): PlannedLift {
  const known = athlete.workingWeights.find((w) => w.lift === planned.lift.id);
  const { working } = planned;
  if (!known || !working || planned.askedWeight || athlete.unit !== gym.unit) return planned;
  const isAsLast = working.sets === known.sets && working.reps === known.reps;
  const isRounded = working.weight < known.weight;
  if (!isAsLast || !isRounded || workingWeightIn(gym, athlete, planned.lift) !== working.weight)
    return planned;
  return { ...planned, askedWeight: known.weight };
}

/**
 * What one athlete's warm-up is planned from. With the athlete's part of a group's plan its drills before the first
 * lift are those; what comes later is the athlete's own.
 */
export function requestInSession(
  session: Session,
  { athlete, draft }: MemberDraft,
  gym: GymKit,
  catalog: Catalog,
  part: MemberPlan | null,
): PlanRequest {
  const planned = planRequestFor(draft, athlete, gym, catalog);
  const request = { ...planned, lifts: planned.lifts.map((l) => withAsked(l, athlete, gym)) };
  if (!part) return request;
  // A plan that comes from a worker has drills of its own: these are the catalog's.
  const known = (drill: Drill) => drillById(catalog, drill.id) ?? drill;
  // What the coach has said of what all do is said to this one too.
  const own = [...session.own.filter((o) => !draft.own.some((mine) => mine.drill === o.drill)), ...draft.own];
  const steps = part.steps.map(({ placed }) => ({ drill: placed.candidate.drill.id }));
  const wishes = wishesFor(gym, draft.lifts, athlete, catalog);
  return {
    ...request,
    minutes: session.minutes,
    approach: withFavourites(knownApproach(catalog, session.approach), wishes),
    // What all do is in it whatever this one wishes.
    drills: drillsFor(catalog.drills, wishes, [...own, ...steps], athlete.paces),
    room: session.room,
    begun: undefined,
    own,
    together: {
      steps: part.steps.map(({ placed, kind }) => ({
        ...placed,
        candidate: { ...placed.candidate, drill: known(placed.candidate.drill) },
        part: kind,
      })),
      tests: part.tests.map((t) => ({ ...t, drill: known(t.drill) })),
    },
  };
}
