import { type DrillId, kitWithout, RAISE_MACHINES } from "../catalog";
import { type Choices, choicesByRounds, type OwnDrill } from "../drills";
import { blockChoice, blocksOf, planRamps, rampSecondsOf } from "../plan";
import type { Ramp } from "../ramp";
import type { GroupMember, GroupRequest } from "./types";

/** What a choice for a group is made from, for one member. */
export interface MemberModel {
  member: GroupMember;
  ramps: readonly (Ramp | null)[];
  /** What the ramps before the first working sets take. Seconds. */
  rampSeconds: number;
  /** What this member alone would choose from; its time is what the ramp leaves. */
  model: Choices;
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
    const first = blocksOf(member.lifts)[0];
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

/** Whether the coach wants a drill for this member. */
export function isPinned({ own }: GroupMember, drill: DrillId): boolean {
  return own?.some((o) => o.drill === drill) ?? false;
}

/** Whether the coach has dropped a drill for this member. */
export function isDropped({ dropped }: GroupMember, drill: DrillId): boolean {
  return dropped?.includes(drill) ?? false;
}
