"use client";

import { useRouter } from "next/navigation";
import { useEffect, useMemo, useState } from "react";
import { catalog } from "@/catalog";
import { useOfferActions } from "@/client/palette-actions";
import { arriveBy, followSession } from "@/core/session";
import { formatClock } from "@/core/units";
import { approachGroups } from "@/features/shared/lift-groups";
import type { OpenSession } from "@/server/sessions/open-session";
import type { SessionStamp } from "@/server/sessions/session-stamp";
import { Button } from "@/ui/button";
import { LabelledChoice } from "@/ui/choice";
import { DayField } from "@/ui/day-field";
import { TimeField } from "@/ui/time-field";
import { useUndoKeys } from "@/ui/use-undo-keys";
import { ViewSwitch } from "@/ui/view-switch";
import { WholeStepper } from "@/ui/whole-stepper";
import { AddPeople } from "./add-people";
import { GroupBars } from "./group-bars";
import { GroupSheet } from "./group-sheet";
import { planQuestion } from "./plan-question";
import { RackOrders } from "./rack-orders";
import { RampTable } from "./ramp-table";
import { SessionKeys } from "./session-keys";
import { SessionLifts } from "./session-lifts";
import { SessionMenu } from "./session-menu";
import { SessionTop } from "./session-top";
import { useGroupPlan } from "./use-group-plan";
import { useSession } from "./use-session";
import { useStayInStep } from "./use-stay-in-step";

type View = "plan" | "ramps";
const VIEWS: readonly { id: View; name: string }[] = [
  { id: "plan", name: "Who does what when" },
  { id: "ramps", name: "Ramps" },
];
const WAYS = [
  {
    value: "together",
    label: "Together",
    note: "One sequence for all, with one or two drills of one's own.",
  },
  { value: "alone", label: "Each alone", note: "A warm-up of one's own for each, side by side." },
];
const ROOMS = [
  { value: "normal", label: "Normal" },
  { value: "cold", label: "Cold" },
];

/** What of a session's stamp the page of everyone does not save itself. */
const othersOf = ({ gym, library, people }: SessionStamp) => ({ gym, library, people });

/** A session for everybody: when, what, who, and who does what when. */
export function SessionEditor({
  opened,
  gyms,
  stamp,
  openAt,
}: {
  opened: OpenSession;
  gyms: readonly { id: string; name: string }[];
  stamp: SessionStamp | null;
  openAt: string | undefined;
}) {
  const state = useSession(opened);
  const { draft: session, edit, save } = state;
  const { gym } = opened;
  const { id } = session;
  const router = useRouter();
  const [keysOpen, setKeysOpen] = useState(false);
  const [view, setView] = useState<View>(openAt === "ramps" ? "ramps" : "plan");
  const show = (to: View) => {
    setView(to);
    window.history.replaceState(null, "", to === "ramps" ? "?view=ramps" : window.location.pathname);
  };
  useUndoKeys(state);
  useStayInStep(id, stamp, othersOf, save.kind === "saved");
  const { undo, redo } = state;
  useOfferActions(
    useMemo(() => {
      const to = (label: string, path: string) => ({
        label,
        run: () => router.push(`/session/${id}/${path}`),
      });
      return [
        to("Cards", "cards"),
        to("Sheets for the wall", "sheets"),
        to("Cards on phones", "phones"),
        { label: "Undo", keys: "Ctrl Z", run: undo },
        { label: "Redo", keys: "Ctrl Shift Z", run: redo },
        { label: "Keys", keys: "?", run: () => setKeysOpen(true) },
      ];
    }, [router, id, undo, redo]),
  );

  // People and gym are read on the server: they come again once a change that touches them is stored.
  const asked = `${session.gymId} ${session.participants.map((p) => p.athleteId).join(" ")}`;
  const read = `${opened.session.gymId} ${opened.session.participants.map((p) => p.athleteId).join(" ")}`;
  useEffect(() => {
    if (save.kind === "saved" && asked !== read) router.refresh();
  }, [save.kind, asked, read, router]);

  const members = useMemo(
    () =>
      session.participants.flatMap(({ athleteId, absent }) => {
        const member = opened.members.find((m) => m.athlete.id === athleteId);
        return member ? [{ ...followSession(session, member, gym, catalog), absent }] : [];
      }),
    [session, opened.members, gym],
  );
  const here = useMemo(() => members.filter((m) => !m.absent), [members]);
  const question = useMemo(() => planQuestion(session, here, gym), [session, here, gym]);
  const { plan, planning, cancel, again } = useGroupPlan(question);
  const known = question ? plan : null;
  const ready = planning.kind === "done" && known;

  return (
    <div className={`min-h-dvh ${view === "ramps" ? "page-wide" : ""}`}>
      <SessionTop
        session={session}
        people={members.map((m) => ({ id: m.athlete.id, name: m.athlete.name, absent: m.absent }))}
        at={null}
        state={state}
        onKeys={() => setKeysOpen(true)}
      >
        <SessionMenu session={session} onEdit={edit} />
      </SessionTop>
      <main className="px-4 pt-4 pb-16 sm:px-7 print:p-0">
        <h1 className="text-[2.125rem] leading-[1.1] font-extrabold tracking-tight print:text-xl">
          {session.name}
        </h1>
        <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2 print:hidden">
          <DayField
            label="Day"
            value={session.day}
            onChange={(day) => edit({ kind: "frame", change: { day } })}
          />
          <TimeField
            label="First working set"
            value={session.time}
            onChange={(time) => edit({ kind: "frame", change: { time } })}
          />
          <WholeStepper
            label="Minutes"
            value={session.minutes}
            least={2}
            most={60}
            onChange={(minutes) => edit({ kind: "frame", change: { minutes } })}
          />
          {session.time && (
            <span className="flex flex-col" role="status">
              <span className="condensed text-2xs text-ink-faint">Arrive by</span>
              <span className="min-h-6 text-sm font-bold text-ember">
                {arriveBy(session.time, session.minutes, ready ? ready.seconds : null)}
              </span>
            </span>
          )}
          <LabelledChoice
            label="Warm-up"
            value={session.together ? "together" : "alone"}
            groups={[{ options: WAYS }]}
            onChange={(way) => edit({ kind: "frame", change: { together: way === "together" } })}
          />
          <LabelledChoice
            label="Approach"
            value={session.approach}
            groups={approachGroups(session.approach)}
            onChange={(approach) => edit({ kind: "frame", change: { approach } })}
          />
          <LabelledChoice
            label="Room"
            value={session.room}
            groups={[{ options: ROOMS }]}
            onChange={(r) => edit({ kind: "frame", change: { room: r as typeof session.room } })}
          />
          {gyms.length > 1 && (
            <LabelledChoice
              label="Where"
              value={session.gymId}
              groups={[{ options: gyms.map((g) => ({ value: g.id, label: g.name })) }]}
              onChange={(gymId) => edit({ kind: "frame", change: { gymId } })}
            />
          )}
        </div>
        <div className="print:hidden">
          <SessionLifts session={session} unit={gym.unit} onEdit={edit} />
        </div>
        <div className="flex flex-wrap items-end justify-between gap-x-6">
          <ViewSwitch label="View" views={VIEWS} value={view} onChange={show} />
          <span role="status" className="flex min-h-9 items-center gap-3 text-ink-soft print:hidden">
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
            {ready &&
              `All ready for the bar after ${formatClock(ready.seconds)} of ${session.minutes} minutes`}
            {planning.kind === "cancelled" && (
              <>
                Cancelled. <Button onClick={again}>Plan again</Button>
              </>
            )}
            {planning.kind === "failed" &&
              "The plan could not be worked out. Change something and it is tried again."}
          </span>
        </div>
        {session.together && here.length < 2 && (
          <p className="mt-4 text-sm text-ink-soft">
            {members.length < 2
              ? "Two people make a group. Add somebody, or let each warm up alone."
              : "Two people make a group. Bring somebody back below, or let each warm up alone."}
          </p>
        )}
        {view === "plan" && (
          <>
            <GroupBars
              sessionId={session.id}
              plan={known}
              together={session.together}
              members={members}
              minutes={session.minutes}
              isOld={planning.kind !== "done"}
              onEdit={edit}
            />
            <AddPeople session={session} onEdit={edit} />
            {known && session.together && (
              <GroupSheet plan={known} members={here} gym={gym} session={session} onEdit={edit} />
            )}
          </>
        )}
        {view === "ramps" && known && <RampTable sessionId={session.id} plan={known} gym={gym} />}
        {known && here.length >= 2 && (
          <RackOrders
            plan={known}
            gym={gym}
            setup={session.racks}
            onSetup={(racks) => edit({ kind: "frame", change: { racks } })}
          />
        )}
      </main>
      <SessionKeys open={keysOpen} onOpenChange={setKeysOpen} />
    </div>
  );
}
