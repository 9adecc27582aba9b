"use client";

import { X } from "lucide-react";
import { useRouter } from "next/navigation";
import { useCallback, useDeferredValue, useMemo, useState } from "react";
import { useCatalog } from "@/client/catalog";
import { useOfferActions } from "@/client/palette-actions";
import type { DraftControls } from "@/client/use-saved-draft";
import type { WarmUpDraft, WarmUpEdit } from "@/core/draft";
import { TEST_LIMITS } from "@/core/drills";
import type { MemberPlan } from "@/core/group";
import { PlanMemory, planOfLift, planWarmUp, stairOf } from "@/core/plan";
import { rampWeights } from "@/core/ramp";
import { requestInSession } from "@/core/session";
import { SessionTop } from "@/features/session-editor/session-top";
import { useStayInStep } from "@/features/session-editor/use-stay-in-step";
import { AddDrill } from "@/features/shared/add-drill";
import { Announcement } from "@/features/shared/announcement";
import { Dropped } from "@/features/shared/dropped";
import { NEW_TEST } from "@/features/shared/new-test";
import { useAnnounced } from "@/features/shared/use-announced";
import type { FloorStatus } from "@/server/floor/floor-status";
import type { PreferenceQuestion as Question } from "@/server/preferences/preferences";
import type { OpenWarmUp } from "@/server/sessions/open-session";
import type { SessionStamp } from "@/server/sessions/session-stamp";
import { IconButton } from "@/ui/button";
import { later } from "@/ui/later";
import { Link } from "@/ui/link";
import { rove } from "@/ui/rove";
import { Brief } from "./brief";
import { DrillRows } from "./drill-rows";
import { KeysDialog } from "./keys-dialog";
import { LearntSign } from "./learnt-sign";
import { LiftStrip } from "./lift-strip";
import { PlanReview } from "./plan-review";
import { PreferenceQuestion } from "./preference-question";
import { ProofSign } from "./proof-sign";
import { RampRows } from "./ramp-rows";
import { type Chosen, chosenOf, sameChoice, treadOf } from "./selection";
import { StairView } from "./stair-view";
import { TimesThrough } from "./times-through";
import { usePart } from "./use-part";
import { usePlanEditorKeys } from "./use-plan-editor-keys";
import { useReached } from "./use-reached";
import { useWarmUp } from "./use-warm-up";
import { WhyPanel } from "./why-panel";

/** Until the coach chooses: the first step, whatever it is. */
const FIRST: Chosen = { kind: "drill", drill: "" };

const CompareDialog = later(() => import("./compare-dialog").then((m) => m.CompareDialog));

const LINK = "font-semibold text-ink underline decoration-line-strong underline-offset-4 hover:text-ember";

/** The place where one athlete's warm-up is made. */
export function PlanEditor({
  opened: openedFirst,
  part: firstPart,
  stamp,
  floor,
  question,
}: {
  opened: OpenWarmUp;
  part: MemberPlan | null;
  stamp: SessionStamp | null;
  floor: FloorStatus;
  /** What the coach is asked about this athlete; null: nothing. */
  question: Question | null;
}) {
  const { opened, onReached } = useReached(openedFirst);
  const { session, gym, member } = opened;
  const { athlete } = member;
  const catalog = useCatalog();
  const { draft, edit: editDraft, tryOut, controls } = useWarmUp(opened);
  useStayInStep(session.id, stamp, useOthersOf(athlete.id), controls.saver);

  const [wantedLift, setWantedLift] = useState(0);
  const [wanted, setWanted] = useState<Chosen>(FIRST);
  // On a small screen what there is to say of a step comes up when it is touched.
  const [isWhyOpen, setWhyOpen] = useState(false);
  const choose = useCallback((to: Chosen) => {
    setWanted(to);
    setWhyOpen(true);
  }, []);
  const [keysOpen, setKeysOpen] = useState(false);
  const [comparing, setComparing] = useState(false);
  const openCompare = useCallback(() => setComparing(true), []);
  const openKeys = useCallback(() => setKeysOpen(true), []);
  const { said, announced } = useAnnounced(editDraft);
  const { planned, edit, editSoon } = usePlannedDraft(draft, announced);
  const isUpToDate = planned === draft;
  const at = Math.min(wantedLift, planned.lifts.length - 1, draft.lifts.length - 1);
  const goToLift = useCallback((to: number) => {
    setWantedLift(to);
    setWanted(FIRST);
  }, []);

  /** Whether the plan is looked at as it would be without what has helped. */
  const [isWithout, setWithout] = useState(false);
  const seen = useMemo(
    () => (isWithout ? { ...athlete, responses: undefined } : athlete),
    [athlete, isWithout],
  );
  const part = usePart(opened, planned, firstPart);
  const isGroup = part !== null;
  const request = useMemo(
    () => requestInSession(session, { athlete: seen, draft: planned }, gym, catalog, part),
    [session, seen, planned, gym, catalog, part],
  );
  const [memory] = useState(() => new PlanMemory());
  const whole = useMemo(() => planWarmUp(request, memory), [request, memory]);
  const plan = useMemo(() => planOfLift(whole, at), [whole, at]);
  const minutes = plan.block === 0 ? request.minutes : null;
  const stair = useMemo(() => stairOf(plan, minutes), [plan, minutes]);
  const people = useMemo(() => [{ name: athlete.name, athlete }], [athlete]);
  const drills = useMemo(() => plan.steps.map((s) => s.drill.id), [plan]);
  const { lift, kit, onBlocks } = request.lifts[at]!;
  const { weight } = planned.lifts[at]!;
  const weights = useMemo(
    () =>
      weight === null || !kit
        ? []
        : rampWeights({ ...lift, fromFloor: lift.fromFloor && !onBlocks }, kit, weight),
    [lift, kit, weight, onBlocks],
  );
  const tread = treadOf(wanted, stair, plan);
  const chosen = useSameChoice(tread ? chosenOf(tread, plan) : wanted);
  const canCompare = !isGroup && request.lifts[0]!.lift.kind !== "drills-alone";

  usePlanEditorKeys({
    ...{ plan, stair, weights, chosen },
    onChoose: setWanted,
    onEdit: edit,
    undo: controls.undo,
    redo: controls.redo,
    // A key for a lift that there is none of does nothing, and drills alone have nothing to be compared with.
    onLift: (to) => to < planned.lifts.length && goToLift(to),
    onCompare: () => canCompare && openCompare(),
  });
  useOfferedWays(opened, controls, canCompare ? openCompare : null, openKeys);

  const attendees = useMemo(
    () => opened.members.map((m) => ({ id: m.athlete.id, name: m.athlete.name, absent: m.absent })),
    [opened.members],
  );
  const addDrill = useCallback(
    (drill: string) => {
      edit({ kind: "pin", drill, block: plan.block });
      setWanted({ kind: "drill", drill });
    },
    [edit, plan.block],
  );
  const { tests } = planned;
  const addTest = useCallback(
    (drill: string) => {
      edit({ kind: "tests", tests: [...tests, { ...NEW_TEST, drill }] });
      setWanted({ kind: "test", test: tests.length });
    },
    [edit, tests],
  );
  const restoreDrill = useCallback((drill: string) => edit({ kind: "reset-drill", drill }), [edit]);

  return (
    <div className="flex min-h-dvh flex-col lg:tall:h-dvh">
      <SessionTop
        session={session}
        people={attendees}
        at={athlete.id}
        controls={controls}
        floor={floor}
        onKeys={openKeys}
      />
      <main id="content" className="flex min-h-0 flex-1 flex-col">
        <h1 className="sr-only">
          Warm-up of {athlete.name}: {lift.name}
        </h1>
        <div className="relative min-w-0 shrink-0">
          <Brief
            {...{ athlete, gym, draft, at }}
            rampMinutes={Math.ceil((plan.ramps[0]?.totals.seconds ?? 0) / 60)}
            day={session.day}
            session={isGroup ? session : null}
            onEdit={editSoon}
            onCompare={openCompare}
          />
          <StairView
            {...{ stair, plan, gym, chosen, weights }}
            onChoose={choose}
            onTry={tryOut}
            onEdit={edit}
          />
        </div>
        <LiftStrip {...{ athlete, gym, at }} draft={planned} plan={whole} onLift={goToLift} onEdit={edit} />
        <div className="grid min-h-0 flex-1 border-t border-line lg:grid-cols-[minmax(0,1fr)_20.5rem] lg:grid-rows-1 xl:grid-cols-[minmax(0,1fr)_20.5rem_17rem]">
          <section
            aria-label="Steps"
            aria-busy={!isUpToDate}
            onKeyDown={(e) => rove(e, { isChosen: true })}
            className="relative min-h-0 px-7 pb-4 contain-content tall:overflow-y-auto"
          >
            <div className="flex min-h-10 items-center py-1.5">
              {isGroup ? (
                <p className="text-ink-soft">
                  In the group of {session.name}.{" "}
                  <Link href={`/session/${session.id}`} className={LINK}>
                    Change what all do
                  </Link>
                </p>
              ) : (
                <ProofSign {...{ athlete, gym, isUpToDate }} draft={planned} plan={whole} onEdit={edit} />
              )}
            </div>
            <PreferenceQuestion athlete={athlete} question={question} />
            {!isGroup && (
              <LearntSign
                athleteId={athlete.id}
                responses={athlete.responses}
                plan={whole}
                isWithout={isWithout}
                onSwitch={() => setWithout(!isWithout)}
              />
            )}
            <DrillRows {...{ plan, stair, chosen }} tests={planned.tests} onChoose={choose} onEdit={edit} />
            <div className="border-t border-line py-1">
              {planned.begun === null && (
                <span className="flex flex-wrap gap-x-6">
                  <AddDrill
                    people={people}
                    gym={gym}
                    planned={drills}
                    coverage={plan.coverage}
                    onAdd={addDrill}
                  />
                  {plan.block === 0 && !isGroup && planned.tests.length < TEST_LIMITS.tests && (
                    <AddDrill
                      title="Add a test"
                      hotkey="e"
                      once
                      people={people}
                      gym={gym}
                      planned={NOTHING}
                      onAdd={addTest}
                    />
                  )}
                  {!isGroup && <TimesThrough plan={plan} draft={planned} onEdit={edit} />}
                </span>
              )}
              <Dropped drills={planned.dropped} onRestore={restoreDrill} />
            </div>
            <RampRows {...{ plan, stair, gym, chosen }} onChoose={choose} onEdit={edit} />
          </section>
          {/* Where there is no room for three columns the two on the right scroll as one. */}
          <div className="relative min-h-0 lg:tall:overflow-y-auto xl:contents">
            <section
              id="why"
              tabIndex={-1}
              aria-label="Why"
              className={`relative min-h-0 border-line px-5 py-4 outline-none focus-visible:bg-field lg:border-l lg:contain-content xl:tall:overflow-y-auto ${WHY_SHEET} ${isWhyOpen ? "" : "max-lg:hidden"}`}
            >
              <IconButton
                label="Close"
                className="sticky top-0 float-right lg:hidden"
                onClick={() => setWhyOpen(false)}
              >
                <X aria-hidden className="size-4" />
              </IconButton>
              <WhyPanel
                {...{ chosen, plan, gym, weights }}
                draft={planned}
                onChoose={setWanted}
                onEdit={edit}
                onReached={onReached}
              />
            </section>
            <PlanReview
              {...{ opened, request, whole, plan, isGroup }}
              draft={planned}
              onEdit={edit}
              onChoose={setWanted}
            />
          </div>
        </div>
      </main>
      <Announcement said={said} />
      <CompareDialog
        open={comparing}
        onOpenChange={setComparing}
        request={request}
        onApproach={(approach) => edit({ kind: "frame", change: { approach } })}
      />
      <KeysDialog open={keysOpen} onOpenChange={setKeysOpen} />
    </div>
  );
}

const NOTHING: readonly string[] = [];

/** Below this width why a step is there stands over the lower part of the page. */
const WHY_SHEET =
  "max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-30 max-lg:max-h-[62dvh] max-lg:overflow-y-auto max-lg:border-t-2 max-lg:border-ink max-lg:bg-chalk max-lg:shadow-sheet";

/**
 * The draft that the plan is of. What is changed on the plan itself is planned at once, so that one change builds on the
 * other; what is changed in its head (`editSoon`) shows there first, and the plan follows.
 */
function usePlannedDraft(draft: WarmUpDraft, editDraft: (edit: WarmUpEdit) => void) {
  const [isSoon, setSoon] = useState(false);
  const later = useDeferredValue(draft);
  const edit = useCallback(
    (by: WarmUpEdit) => {
      setSoon(false);
      editDraft(by);
    },
    [editDraft],
  );
  const editSoon = useCallback(
    (by: WarmUpEdit) => {
      setSoon(true);
      editDraft(by);
    },
    [editDraft],
  );
  return { planned: isSoon ? later : draft, edit, editSoon };
}

/** The same value for as long as it is the same choice. */
function useSameChoice(next: Chosen): Chosen {
  const [chosen, setChosen] = useState(next);
  const isSame = sameChoice(chosen, next);
  if (!isSame) setChosen(next);
  return isSame ? chosen : next;
}

/** What of a session's stamp others change: what is changed for this athlete is saved here. */
function useOthersOf(athleteId: string) {
  return useCallback(
    ({ people, ...rest }: SessionStamp) => ({
      ...rest,
      people: { ...people, [athleteId]: people[athleteId]?.athlete },
    }),
    [athleteId],
  );
}

/** Offers what can be done here in the palette. */
function useOfferedWays(
  { session, member: { athlete } }: OpenWarmUp,
  { undo, redo }: DraftControls,
  onCompare: (() => void) | null,
  onKeys: () => void,
): void {
  const router = useRouter();
  useOfferActions(
    useMemo(
      () => [
        { label: "Card", run: () => router.push(`/session/${session.id}/${athlete.id}/card`) },
        { label: "Everyone in this session", run: () => router.push(`/session/${session.id}`) },
        { label: `Record of ${athlete.name}`, run: () => router.push(`/athletes/${athlete.id}`) },
        ...(onCompare ? [{ label: "Compare approaches", keys: "C", run: onCompare }] : []),
        { label: "Undo", keys: "Ctrl Z", run: undo },
        { label: "Redo", keys: "Ctrl Shift Z", run: redo },
        { label: "Keys", keys: "?", run: onKeys },
      ],
      [router, session.id, athlete, onCompare, undo, redo, onKeys],
    ),
  );
}
