"use client";

import { LIMITS } from "@/core/draft";
import type { GroupPlan } from "@/core/group";
import type { GymKit } from "@/core/gym";
import { arriveBy, laterStarts, type Session, type SessionEdit } from "@/core/session";
import { counted, formatClock } from "@/core/units";
import type { Member } from "@/server/sessions/open-session";
import { Button } from "@/ui/button";
import { useTimeInWords } from "@/ui/conventions";
import { useFewerSets } from "./use-fewer-sets";
import { type SharedRacks, useSharedRacks } from "./use-rack-orders";

/** Arrivals are staggered where somebody may come so much later. Seconds. */
const WORTH_STAGGERING = 120;

/** What is done about bars that take more time than there is: each way with when all would be ready. */
export function OverTime({
  session,
  members,
  planned,
  plan,
  gym,
  racks: { request, ready },
  onEdit,
}: {
  session: Session;
  /** Those who are there. */
  members: readonly Member[];
  /** Minutes that anybody has at most. */
  planned: number;
  plan: GroupPlan;
  gym: GymKit;
  racks: SharedRacks;
  onEdit: (edit: SessionEdit) => void;
}) {
  const { minutes, time } = session;
  const inWords = useTimeInWords();
  const over = ready ? ready.seconds - planned * 60 : 0;
  const waits = ready ? ready.seconds - ready.aloneSeconds : 0;
  const isDueToBars = over > 0 && waits > 0 && request !== null;
  const { loaders } = session.racks;
  const more = { count: Math.min(LIMITS.racks[1], (request?.racks ?? 0) + 1), loaders };
  const withMore = useSharedRacks(isDueToBars ? plan : null, more, gym);
  const withLoader = useSharedRacks(
    isDueToBars && loaders === 1 ? plan : null,
    { count: request?.racks ?? null, loaders: 2 },
    gym,
  );
  const fewer = useFewerSets(isDueToBars ? plan : null, session, members, gym);
  if (!isDueToBars || !ready) return null;
  const needed = Math.min(LIMITS.minutes[1], Math.ceil(ready.seconds / 60));
  const set = (change: Partial<Session>) => onEdit({ kind: "frame", change });
  const latest = Math.max(0, ...laterStarts(plan, ready).values());
  const helps = (to: SharedRacks) => to.ready !== null && to.ready.seconds < ready.seconds;
  const after = (to: SharedRacks) => `(ready after ${formatClock(to.ready!.seconds)})`;
  return (
    <section aria-label="Over time" className="mt-3 bg-ochre-wash px-3 py-2 print:hidden">
      <p className="max-w-prose">
        Sharing {request.racks === 1 ? "one bar" : `${request.racks} bars`} takes {formatClock(waits)} more
        than the drills and ramps alone.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        {needed > minutes && (
          <Button onClick={() => set({ minutes: needed })}>
            Plan {needed} min{time && ` (arrive ${inWords(arriveBy(time, needed, ready.seconds))})`}
          </Button>
        )}
        {helps(withMore) && (
          <Button onClick={() => set({ racks: { ...session.racks, count: more.count } })}>
            {more.count} racks {after(withMore)}
          </Button>
        )}
        {helps(withLoader) && (
          <Button onClick={() => set({ racks: { ...session.racks, loaders: 2 } })}>
            Two load each bar {after(withLoader)}
          </Button>
        )}
        {fewer.racks && helps(fewer.racks) && (
          <Button disabled={fewer.isSaving} onClick={fewer.take}>
            A ramp set fewer for {counted(fewer.count, "athlete")} {after(fewer.racks)}
          </Button>
        )}
        {!session.together && !session.racks.staggered && latest >= WORTH_STAGGERING && (
          <Button onClick={() => set({ racks: { ...session.racks, staggered: true } })}>
            Stagger arrivals (up to {latest / 60} min later)
          </Button>
        )}
      </div>
    </section>
  );
}
