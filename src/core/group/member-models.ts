import { type DrillId, type EquipmentId, kitWithout, RAISE_MACHINES } from "../catalog";
import { type Choices, choicesByRounds, type OwnDrill } from "../drills";
import { blockChoice, blocksOf, planRamps, rampSecondsOf } from "../plan";
import type { Ramp } from "../ramp";
import type { GroupMember, GroupRequest } from "./types";

/** What a choice for a group is made from, for one member. */
export interface MemberModel {
  member: GroupMember;
  /** What this member has of the gym's; null: everything. */
  equipment: ReadonlySet<EquipmentId> | null;
  /** The machine to get warm on that is this member's alone, where there are fewer than people. */
  machine: EquipmentId | null;
  ramps: readonly (Ramp | null)[];
  /** What the ramps before the first working sets take. Seconds. */
  rampSeconds: number;
  /** What this member alone would choose from; its time is what the ramp leaves. */
  model: Choices;
}

/** Whether there are fewer of a machine than people. */
function isScarce(machine: EquipmentId, { members, counts }: GroupRequest): boolean {
  return (counts[machine] ?? members.length) < members.length;
}

/**
 * Who has which machine to get warm on, where there are fewer than people: nobody waits for one or changes over, so each is
 * one member's for the whole raise. Who has something to look after comes first.
 */
function allotMachines(request: GroupRequest): (EquipmentId | null)[] {
  const free = new Map(
    RAISE_MACHINES.flatMap((m) => {
      const isThere = request.equipment?.has(m) ?? true;
      return isThere && isScarce(m, request) ? [[m, request.counts[m]!] as const] : [];
    }),
  );
  const machines: (EquipmentId | null)[] = request.members.map(() => null);
  const inNeed = [...request.members.keys()].sort(
    (a, b) => request.members[b]!.athlete.areas.length - request.members[a]!.athlete.areas.length || a - b,
  );
  for (const i of inNeed) {
    const { cannotUse = [] } = request.members[i]!;
    const machine = [...free].find(([m, left]) => left > 0 && !cannotUse.includes(m))?.[0];
    if (!machine) continue;
    machines[i] = machine;
    free.set(machine, free.get(machine)! - 1);
  }
  return machines;
}

/** What each member may do, and what is left of their time, for each number of rounds that circuits may go. */
export function memberModels(request: GroupRequest): MemberModel[][] {
  const machines = allotMachines(request);
  const prepared = request.members.map((member, i) => {
    const others = RAISE_MACHINES.filter((m) => isScarce(m, request) && m !== machines[i]);
    const equipment = kitWithout(request.equipment, [...(member.cannotUse ?? []), ...others]);
    const own = {
      ...request,
      athlete: member.athlete,
      lifts: member.lifts,
      equipment,
      own: ownOf(request, member),
      dropped: [...request.dropped, ...(member.dropped ?? [])],
    };
    const first = blocksOf(member.lifts)[0];
    const { ramps } = planRamps(own, first);
    const models = choicesByRounds(blockChoice(own, ramps, 0, { served: [], drills: [] }));
    const shared = { member, equipment, machine: machines[i] ?? null, ramps };
    return { ...shared, rampSeconds: rampSecondsOf(ramps, first), models };
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
