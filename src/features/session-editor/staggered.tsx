"use client";

import type { GroupPlan } from "@/core/group";
import {
  arriveBy,
  clockMinutes,
  clockTime,
  laterStarts,
  type Session,
  type SessionEdit,
  type SessionReady,
} from "@/core/session";
import { formatClock } from "@/core/units";
import { Button } from "@/ui/button";
import { useTimeInWords } from "@/ui/conventions";

/** When each arrives where whoever lifts later comes later. */
export function Staggered({
  session,
  plan,
  ready,
  onEdit,
}: {
  session: Session;
  plan: GroupPlan;
  ready: SessionReady;
  onEdit: (edit: SessionEdit) => void;
}) {
  const inWords = useTimeInWords();
  const { racks, time, minutes } = session;
  if (!racks.staggered || session.together) return null;
  const starts = laterStarts(plan, ready);
  const first = time && arriveBy(time, minutes, ready.seconds);
  const sorted = plan.members.toSorted((a, b) => (starts.get(a.id) ?? 0) - (starts.get(b.id) ?? 0));
  const when = (id: string) => {
    const later = starts.get(id) ?? 0;
    if (first) return inWords(clockTime(clockMinutes(first) + later / 60));
    return later === 0 ? "at the start" : `${formatClock(later)} later`;
  };
  return (
    <section aria-label="Arrivals" className="mt-3 bg-chalk-deep px-3 py-2 print:hidden">
      <p className="max-w-prose">Whoever lifts later arrives later. The cards say when.</p>
      <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
        {sorted.map((m) => (
          <li key={m.id}>
            <b>{when(m.id)}</b> {m.name.split(" ")[0]}
          </li>
        ))}
      </ul>
      <Button
        className="mt-2"
        onClick={() => onEdit({ kind: "frame", change: { racks: { ...racks, staggered: false } } })}
      >
        All arrive together
      </Button>
    </section>
  );
}
