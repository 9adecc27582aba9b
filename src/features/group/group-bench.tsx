"use client";

import { format, parseISO } from "date-fns";
import { useMemo, useState } from "react";
import { catalog } from "@/catalog";
import { formatClock } from "@/core/units";
import { planRequestFor } from "@/core/warm-up";
import type { OpenGroup } from "@/server/open-group";
import { Button } from "@/ui/button";
import { LabelledChoice } from "@/ui/choice";
import { SiteHeader } from "@/ui/site-header";
import { Stepper } from "@/ui/stepper";
import { ViewSwitch } from "@/ui/view-switch";
import { parseWhole, stepWhole } from "@/ui/whole-number";
import type { GroupPlanQuestion } from "@/workers/group-plan";
import { GroupBars } from "./group-bars";
import { GroupSheet } from "./group-sheet";
import { RackOrders } from "./rack-orders";
import { RampTable } from "./ramp-table";
import { useGroupPlan } from "./use-group-plan";

type View = "together" | "ramps";
const VIEWS: readonly { id: View; name: string }[] = [
  { id: "together", name: "Together" },
  { id: "ramps", name: "Ramps" },
];

/** The commonest value of a list; of equals the first. */
function commonest<T>(values: readonly T[]): T {
  const count = (v: T) => values.filter((o) => o === v).length;
  return values.reduce((a, b) => (count(b) > count(a) ? b : a));
}

/** The warm-up of a group: what all do together, what each does besides, and when, machine by machine. */
export function GroupBench({ opened, openAt }: { opened: OpenGroup; openAt: string | undefined }) {
  const { gym, members } = opened;
  const [view, setView] = useState<View>(openAt === "ramps" ? "ramps" : "together");
  const show = (to: View) => {
    setView(to);
    window.history.replaceState(null, "", to === "ramps" ? "?view=ramps" : window.location.pathname);
  };
  const [minutes, setMinutes] = useState(() => commonest(members.map((m) => m.draft.minutes)));
  const [approach, setApproach] = useState(() => commonest(members.map((m) => m.draft.approach)));
  const [room, setRoom] = useState(() => commonest(members.map((m) => m.draft.room)));
  const [away, setAway] = useState<ReadonlySet<string>>(new Set());
  const here = useMemo(() => members.filter((m) => !away.has(m.athlete.id)), [members, away]);

  const question = useMemo((): GroupPlanQuestion | null => {
    if (here.length < 2) return null;
    return {
      unit: gym.unit,
      minutes,
      approach: catalog.approaches.find((a) => a.id === approach) ?? catalog.approaches[0]!,
      room,
      equipment: new Set(gym.equipment),
      counts: gym.counts ?? {},
      own: [],
      dropped: [],
      members: here.map(({ athlete, draft }) => ({
        id: athlete.id,
        name: athlete.name,
        athlete: { experience: athlete.experience, limiters: athlete.limiters, areas: athlete.areas },
        lifts: planRequestFor(draft, athlete, gym, catalog).lifts,
      })),
    };
  }, [here, gym, minutes, approach, room]);
  const { plan, planning, cancel, again } = useGroupPlan(question);
  const toggle = (id: string) =>
    setAway((before) => {
      const next = new Set(before);
      if (!next.delete(id)) next.add(id);
      return next;
    });

  return (
    <div className={`min-h-dvh ${view === "ramps" ? "page-wide" : ""}`}>
      <SiteHeader at="/">
        <span className="text-ink-faint">{format(parseISO(opened.day), "EEE d MMM")}</span>
      </SiteHeader>
      <main className="px-7 pt-4 pb-16 print:p-0">
        <h1 className="print:text-xl text-[2.125rem] leading-[1.1] font-extrabold tracking-tight">
          {opened.name}
        </h1>
        <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2 print:hidden">
          <Stepper
            label="Minutes"
            value={minutes}
            format={String}
            parse={parseWhole(2, 60)}
            next={stepWhole(2, 60)}
            onChange={setMinutes}
          />
          <LabelledChoice
            label="Approach"
            value={approach}
            groups={[
              { options: catalog.approaches.map((a) => ({ value: a.id, label: a.name, note: a.belief })) },
            ]}
            onChange={setApproach}
          />
          <LabelledChoice
            label="Room"
            value={room}
            groups={[
              {
                options: [
                  { value: "normal", label: "Normal" },
                  { value: "cold", label: "Cold" },
                ],
              },
            ]}
            onChange={(r) => setRoom(r as typeof room)}
          />
          <span role="status" className="flex min-h-8 items-center gap-3 text-ink-soft">
            {planning.kind === "working" && question && (
              <>
                <progress
                  aria-label="Planning"
                  value={planning.done}
                  max={1}
                  className="h-1.5 w-32 accent-ember"
                />
                <Button onClick={cancel}>Cancel</Button>
              </>
            )}
            {planning.kind === "done" && plan && `All ready for the bar at ${formatClock(plan.seconds)}`}
            {planning.kind === "cancelled" && (
              <>
                Cancelled. <Button onClick={again}>Plan again</Button>
              </>
            )}
            {planning.kind === "failed" &&
              "The plan could not be worked out. Change something and it is tried again."}
          </span>
        </div>
        {here.length < 2 && (
          <p className="mt-6 text-sm text-ink-soft">
            Two people make a group. Bring somebody back below, or plan alone from the day's page.
          </p>
        )}
        <ViewSwitch label="View" views={VIEWS} value={view} onChange={show} />
        {view === "together" && (
          <>
            <GroupBars
              plan={plan}
              members={members}
              away={away}
              minutes={minutes}
              isOld={planning.kind !== "done"}
              onToggle={toggle}
            />
            {plan && here.length >= 2 && (
              <GroupSheet plan={plan} members={here} gym={gym} minutes={minutes} />
            )}
          </>
        )}
        {view === "ramps" && plan && here.length >= 2 && <RampTable plan={plan} members={here} gym={gym} />}
        {plan && here.length >= 2 && <RackOrders plan={plan} gym={gym} />}
      </main>
    </div>
  );
}
