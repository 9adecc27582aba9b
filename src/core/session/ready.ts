import type { GroupPlan } from "../group";
import { layOutOrder, ordersByShift, type RackOrder } from "../rack";
import type { RackRequest } from "./racks";

/** A member's ramp sets as they come about: their own rests, and waiting for a bar where it is shared. */
export interface MemberReady {
  id: string;
  /** When the first working set can begin. Seconds from the start, as all that follows. */
  readyAt: number;
  /** When each ramp set begins on a shared bar; null: nobody else is on it, and the plan's own times hold. */
  sets: readonly { startsAt: number; endsAt: number; waitedSeconds: number }[] | null;
}

/** When everybody of a session is ready to lift, the bars they share included. */
export interface SessionReady {
  /** Of the last one. */
  seconds: number;
  /** Without waiting for bars. */
  aloneSeconds: number;
  members: readonly MemberReady[];
  /** Who lifts on which bar, a later shift after the one before it; none where nobody shares one. */
  racks: readonly { rack: number; shift: number; ids: readonly string[] }[];
}

/**
 * When the members of a session are ready: their drills, then their ramp sets in the running order of the bar they share. A set
 * begins when the plates are changed and its lifter has done the drills and rested; a later shift, when the one before it on that
 * rack is ready.
 *
 * @param request and orders null: nobody shares a bar.
 */
export function sessionReady(
  plan: GroupPlan,
  request: RackRequest | null,
  orders: readonly RackOrder[] | null,
): SessionReady {
  const shared = new Map<string, MemberReady>();
  const racks: { rack: number; shift: number; ids: string[] }[] = [];
  if (request && orders) {
    const freeAt: number[] = [];
    for (const shift of ordersByShift(orders)) {
      shift.forEach((order, rack) => {
        const ids = order.lifters.map((i) => request.ids[i]!);
        racks.push({ rack, shift: order.shift, ids });
        const here = order.lifters.map((i) => request.lifters[i]!);
        const from = here.map((l) => Math.max(l.from ?? 0, freeAt[rack] ?? 0));
        const turnsOf = order.best.turns.map((t) => t.lifter);
        const { turns, readyAt, seconds } = layOutOrder(here, turnsOf, request.secondsPerMove, from);
        ids.forEach((id, i) => {
          shared.set(id, { id, readyAt: readyAt[i]!, sets: turns.filter((t) => t.lifter === i) });
        });
        freeAt[rack] = Math.max(freeAt[rack] ?? 0, seconds);
      });
    }
  }
  const members = plan.members.map(
    ({ id, seconds }): MemberReady => shared.get(id) ?? { id, readyAt: seconds, sets: null },
  );
  return {
    seconds: Math.max(0, ...members.map((m) => m.readyAt)),
    aloneSeconds: plan.seconds,
    members,
    racks,
  };
}

/**
 * By how much later than the others each could begin and still be at the bar in time, in whole minutes: what stands between the end of the
 * drills and the first set. Seconds, by member.
 */
export function laterStarts(plan: GroupPlan, ready: SessionReady): ReadonlyMap<string, number> {
  return new Map(
    ready.members.map(({ id, readyAt, sets }) => {
      const drills = plan.members.find((m) => m.id === id)?.drillSeconds ?? 0;
      const slack = sets?.[0] ? sets[0].startsAt - drills : ready.seconds - readyAt;
      return [id, Math.max(0, Math.floor(slack / 60) * 60)];
    }),
  );
}
