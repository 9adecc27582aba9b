import { type DrillId, type EquipmentId, kitWithout, RAISE_MACHINES } from "../catalog";
import { type Choices, choicesByRounds, decideConditions } from "../drills";
import { blockChoice, blocksOf, planRamps, rampSecondsOf } from "../plan";
import type { Ramp } from "../ramp";
import type { GroupMember, GroupRequest } from "./types";

/** What a choice for a group is made from, for one member. */
export interface MemberModel {
  /** With own drills as what is known of the member decides them. */
  member: GroupMember;
  /** Drills of all in whose place this member does another. */
  instead: ReadonlyMap<DrillId, DrillId>;
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
  const prepared = request.members.map((known, i) => {
    const others = RAISE_MACHINES.filter((m) => isScarce(m, request) && m !== machines[i]);
    const { athlete, lifts, cannotUse = [] } = known;
    const equipment = kitWithout(request.equipment, [...cannotUse, ...others]);
    const dropped = [...request.dropped, ...(known.dropped ?? [])];
    const by = { athlete, equipment, dropped, drills: request.drills };
    const member = { ...known, ...decideConditions({ own: known.own ?? [], circuits: known.circuits }, by) };
    const ofAll = decideConditions(ofAllFor(request, known), by);
    const own = {
      ...{ ...request, athlete, lifts, equipment, dropped },
      own: [...ofAll.own.filter((o) => !isPinned(member, o.drill)), ...member.own],
      circuits: [...ofAll.circuits, ...member.circuits],
    };
    const instead = new Map(ofAll.own.flatMap((o) => (o.insteadOf ? [[o.insteadOf.drill, o.drill]] : [])));
    const first = blocksOf(lifts)[0];
    const ramps = planRamps(own, first);
    const models = choicesByRounds(blockChoice(own, ramps, 0, { served: [], drills: [] }));
    const shared = { member, instead, equipment, machine: machines[i] ?? null, ramps };
    return { ...shared, rampSeconds: rampSecondsOf(ramps, first), models };
  });
  const rounds = prepared[0]?.models ?? [];
  return rounds.map((_, i) => prepared.map(({ models, ...rest }) => ({ ...rest, model: models[i]! })));
}

/** What the coach has chosen for all, less what one does not do, or does for oneself. */
function ofAllFor({ own, circuits }: GroupRequest, member: GroupMember) {
  return { own: own.filter((o) => !isDropped(member, o.drill) && !isPinned(member, o.drill)), circuits };
}

/** Whether the coach wants a drill for this member. */
export function isPinned({ own }: GroupMember, drill: DrillId): boolean {
  return own?.some((o) => o.drill === drill) ?? false;
}

/** Whether the coach has dropped a drill for this member. */
export function isDropped({ dropped }: GroupMember, drill: DrillId): boolean {
  return dropped?.includes(drill) ?? false;
}
