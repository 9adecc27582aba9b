"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { useCatalog } from "@/client/catalog";
import { useOfferActions } from "@/client/palette-actions";
import { type DraftControls, useOnSaved, useSaveState } from "@/client/use-saved-draft";
import { followSession, type Session } from "@/core/session";
import { AthleteSide } from "@/features/athletes/athlete-side-later";
import { Announcement } from "@/features/shared/announcement";
import { useAnnounced } from "@/features/shared/use-announced";
import { isoDay } from "@/lib/iso-day";
import type { FloorStatus } from "@/server/floor/floor-status";
import type { OpenSession } from "@/server/sessions/open-session";
import type { SessionStamp } from "@/server/sessions/session-stamp";
import { later } from "@/ui/later";
import { SteadyPlace } from "@/ui/steady-place";
import { useUndoKeys } from "@/ui/use-undo-keys";
import { ViewSwitch } from "@/ui/view-switch";
import { AddPeople } from "./add-people";
import { GroupBars } from "./group-bars";
import { GroupSheet } from "./group-sheet";
import { OverTime } from "./over-time";
import { planQuestion } from "./plan-question";
import { PlanningState } from "./planning-state";
import { RackOrders } from "./rack-orders";
import { SeriesLine } from "./series-line";
import { SessionFrame } from "./session-frame";
import { SessionKeys } from "./session-keys";
import { SessionLifts } from "./session-lifts";
import { SessionMenu } from "./session-menu";
import { SessionTop } from "./session-top";
import { Staggered } from "./staggered";
import { useGroupPlan } from "./use-group-plan";
import { useSharedRacks } from "./use-rack-orders";
import { useSession } from "./use-session";
import { useStayInStep } from "./use-stay-in-step";

const RampTable = later(() => import("./ramp-table").then((m) => m.RampTable));

type View = "plan" | "ramps";
const VIEWS: readonly { id: View; name: string }[] = [
  { id: "plan", name: "Timeline" },
  { id: "ramps", name: "Ramps" },
];

/** What of a session's stamp the page of everyone does not save itself. */
const othersOf = ({ gym, library, people }: SessionStamp) => ({ gym, library, people });

/** What of a session is read on the server: its gym and its people. */
const readWith = ({ gymId, participants }: Session) =>
  `${gymId} ${participants.map((p) => p.athleteId).join(" ")}`;

/** A session for everybody: when, what, who, and the timeline of it. */
export function SessionEditor({
  opened,
  gyms,
  stamp,
  floor,
  openAt,
}: {
  opened: OpenSession;
  gyms: readonly { id: string; name: string }[];
  stamp: SessionStamp | null;
  floor: FloorStatus;
  openAt: string | undefined;
}) {
  const { draft: session, edit: editQuietly, controls } = useSession(opened);
  const { said, announced: edit } = useAnnounced(editQuietly);
  const { gym } = opened;
  const catalog = useCatalog();
  const router = useRouter();
  const [about, setAbout] = useState<{ id: string; name: string } | null>(null);
  const [keysOpen, setKeysOpen] = useState(false);
  const [view, setView] = useState<View>(openAt === "ramps" ? "ramps" : "plan");
  const show = (to: View) => {
    setView(to);
    window.history.replaceState(null, "", to === "ramps" ? "?view=ramps" : window.location.pathname);
  };
  const isSaved = useSaveState(controls.saver).kind === "saved";
  useUndoKeys(controls);
  useStayInStep(session.id, stamp, othersOf, controls.saver);
  // People and gym come again once a change of them is stored.
  useOnSaved(controls.saver, () => {
    if (readWith(session) !== readWith(opened.session)) router.refresh();
  });
  useOfferedWays(session.id, controls, () => setKeysOpen(true));

  const members = useMemo(
    () =>
      session.participants.flatMap(({ athleteId, absent }) => {
        const member = opened.members.find((m) => m.athlete.id === athleteId);
        return member ? [{ ...followSession(session, member, gym, catalog), absent }] : [];
      }),
    [session, opened.members, gym, catalog],
  );
  const here = useMemo(() => members.filter((m) => !m.absent), [members]);
  const question = useMemo(() => planQuestion(session, here, gym, catalog), [session, here, gym, catalog]);
  const { plan, planning, cancel, again } = useGroupPlan(question);
  const known = question ? plan : null;
  const racks = useSharedRacks(known, session.racks, gym);
  const ready = planning.kind === "done" ? racks.ready : null;
  const readyAt = ready?.seconds ?? null;
  // Who has more minutes of their own is not over before those are.
  const planned = Math.max(session.minutes, ...here.map((m) => m.draft.minutes));
  const longestRamp = Math.max(0, ...(known?.members ?? []).map((m) => m.seconds - m.drillSeconds));
  const nameOf = (id: string | undefined) => here.find((m) => m.athlete.id === id)?.athlete.name ?? null;

  return (
    <div className={`min-h-dvh ${view === "ramps" ? "page-wide" : ""}`}>
      <SessionTop
        session={session}
        people={members.map((m) => ({ id: m.athlete.id, name: m.athlete.name, absent: m.absent }))}
        at={null}
        controls={controls}
        floor={floor}
        onKeys={() => setKeysOpen(true)}
      >
        <SessionMenu session={session} onEdit={edit} />
      </SessionTop>
      <main id="content" className="px-4 pt-4 pb-16 sm:px-7 print:p-0">
        <h1 className="text-[2.125rem] leading-[1.1] font-extrabold tracking-tight print:text-xl">
          {session.name}
        </h1>
        <SessionFrame
          {...{ session, gyms, readyAt }}
          rampMinutes={Math.ceil(longestRamp / 60)}
          onEdit={edit}
        />
        <SeriesLine session={session} isSaved={isSaved} />
        <div className="print:hidden">
          <SessionLifts session={session} people={here} gym={gym} onEdit={edit} />
        </div>
        <div className="flex flex-wrap items-end justify-between gap-x-6">
          <ViewSwitch label="View" views={VIEWS} value={view} onChange={show} />
          <PlanningState
            planning={question ? planning : null}
            readyAt={readyAt}
            last={nameOf(ready?.members.find((m) => m.readyAt === readyAt)?.id)}
            minutes={planned}
            onCancel={cancel}
            onAgain={again}
          />
        </div>
        <SteadyPlace isSettled={!question || ready !== null}>
          {known && ready && (
            <OverTime {...{ session, planned, gym, racks }} members={here} plan={known} onEdit={edit} />
          )}
          {known && ready && <Staggered {...{ session, ready }} plan={known} onEdit={edit} />}
        </SteadyPlace>
        {session.together && here.length < 2 && (
          <p className="mt-4 text-sm text-ink-soft">
            {members.length < 2
              ? "Two people make a group. Add somebody, or make the warm-ups individual."
              : "Two people make a group. Bring somebody back below, or make the warm-ups individual."}
          </p>
        )}
        {view === "plan" && (
          <>
            <GroupBars
              sessionId={session.id}
              plan={known}
              ready={ready}
              together={session.together}
              members={members}
              minutes={session.minutes}
              isOld={planning.kind !== "done"}
              onEdit={edit}
              onAbout={setAbout}
            />
            {about && (
              <AthleteSide
                of={about}
                day={isoDay(new Date())}
                back={`/session/${session.id}`}
                open
                onOpenChange={(open) => !open && setAbout(null)}
              />
            )}
            <AddPeople session={session} onEdit={edit} />
            {known && session.together && (
              <GroupSheet plan={known} members={here} gym={gym} session={session} onEdit={edit} />
            )}
          </>
        )}
        {view === "ramps" && known && <RampTable sessionId={session.id} plan={known} gym={gym} />}
        {known && here.length >= 2 && (
          <RackOrders
            shared={racks}
            gym={gym}
            setup={session.racks}
            onSetup={(racks) => edit({ kind: "frame", change: { racks } })}
          />
        )}
      </main>
      <Announcement said={said} />
      <SessionKeys open={keysOpen} onOpenChange={setKeysOpen} />
    </div>
  );
}

/** Offers what can be done here in the palette. */
function useOfferedWays(id: string, { undo, redo }: DraftControls, onKeys: () => void): void {
  const router = useRouter();
  useOfferActions(
    // biome-ignore lint/correctness/useExhaustiveDependencies: opening the list of keys is always the same
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
        { label: "Keys", keys: "?", run: onKeys },
      ];
    }, [router, id, undo, redo]),
  );
}
