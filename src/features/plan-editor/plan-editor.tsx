"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useCallback, useDeferredValue, useMemo, useState } from "react";
import { catalog } from "@/catalog";
import { useOfferActions } from "@/client/palette-actions";
import { ageOn } from "@/core/athlete";
import type { MemberPlan } from "@/core/group";
import { cautionsFor, givenUp, planOfLift, planWarmUp, stairOf } from "@/core/plan";
import { rampWeights } from "@/core/ramp";
import { findingsOf, reviewContext, writtenOf } from "@/core/review";
import { requestInSession } from "@/core/session";
import { SessionTop } from "@/features/session-editor/session-top";
import { useStayInStep } from "@/features/session-editor/use-stay-in-step";
import { AddDrill } from "@/features/shared/add-drill";
import { Cautions } from "@/features/shared/cautions";
import { Dropped } from "@/features/shared/dropped";
import type { OpenWarmUp } from "@/server/sessions/open-session";
import type { SessionStamp } from "@/server/sessions/session-stamp";
import { Brief } from "./brief";
import { CompareDialog } from "./compare-dialog";
import { Coverage } from "./coverage";
import { Findings } from "./findings";
import { GivenUp } from "./given-up";
import { KeysDialog } from "./keys-dialog";
import { LiftStrip } from "./lift-strip";
import { ProofSign } from "./proof-sign";
import { ReviewList } from "./review-list";
import { type Chosen, chosenOf, treadOf } from "./selection";
import { StairView } from "./stair-view";
import { StepList } from "./step-list";
import { useExactPlan } from "./use-exact-plan";
import { hereWith, usePart } from "./use-part";
import { usePlanEditorKeys } from "./use-plan-editor-keys";
import { useRemedies } from "./use-remedies";
import { useWarmUp } from "./use-warm-up";
import { WhyPanel } from "./why-panel";

/** Until the coach chooses: the first step, whatever it is. */
const FIRST: Chosen = { kind: "drill", drill: "" };

/** What the review says with its remedies need not be said twice. */
const REVIEWED = ["unserved-time", "unserved-dropped"];

const LINK = "font-semibold text-ink underline decoration-line-strong underline-offset-4 hover:text-ember";

/** The place where one athlete's warm-up is made. */
export function PlanEditor({
  opened,
  part: firstPart,
  stamp,
}: {
  opened: OpenWarmUp;
  part: MemberPlan | null;
  stamp: SessionStamp | null;
}) {
  const { session, gym, member } = opened;
  const { athlete } = member;
  const state = useWarmUp(
    {
      sessionId: session.id,
      athleteId: athlete.id,
      revision: member.revision,
      draft: member.draft,
    },
    member.given,
  );
  const { draft, edit, tryOut, undo, redo } = state;
  // What is changed for this athlete is saved here; the rest is others'.
  const { id: ownId } = athlete;
  const othersOf = useCallback(
    ({ people, ...rest }: SessionStamp) => ({
      ...rest,
      people: { ...people, [ownId]: people[ownId]?.athlete },
    }),
    [ownId],
  );
  useStayInStep(session.id, stamp, othersOf, state.save.kind === "saved");
  const [wanted, setWanted] = useState<Chosen>(FIRST);
  const [keysOpen, setKeysOpen] = useState(false);
  const router = useRouter();

  const [wantedLift, setWantedLift] = useState(0);
  const [comparing, setComparing] = useState(false);
  const at = Math.min(wantedLift, draft.lifts.length - 1);

  const part = usePart(opened, draft, firstPart);
  const isTogether = part !== null;
  const request = useMemo(
    () => requestInSession(session, { athlete, draft }, gym, catalog, part),
    [session, athlete, draft, gym, part],
  );
  const whole = useMemo(() => planWarmUp(request), [request]);
  const plan = useMemo(() => planOfLift(whole, at), [whole, at]);
  const people = useMemo(() => [{ name: athlete.name, athlete }], [athlete]);
  const taken = useMemo(() => plan.steps.map((s) => s.drill.id), [plan]);
  const minutes = plan.block === 0 ? request.minutes : null;
  const stair = useMemo(() => stairOf(plan, minutes), [plan, minutes]);
  // What is said about the plan may come a moment after the plan itself.
  const settled = useDeferredValue(useMemo(() => ({ request, whole }), [request, whole]));
  const written = useMemo(() => writtenOf(settled.whole, settled.request.minutes), [settled]);
  const found = useMemo(() => findingsOf(written, reviewContext(settled.request)), [written, settled]);
  const gaveUp = useMemo(
    () => (isTogether ? [] : givenUp(settled.request, settled.whole)),
    [settled, isTogether],
  );
  const remedies = useRemedies(
    useMemo(
      () =>
        isTogether
          ? {
              kind: "together",
              draft,
              group: {
                session,
                here: hereWith(opened.members, athlete.id, draft),
                athleteId: athlete.id,
                gym,
              },
            }
          : { kind: "alone", draft, athlete, gym },
      [isTogether, draft, session, opened.members, athlete, gym],
    ),
  );
  // What all do together is chosen for all: there is no better choice for one.
  const proof = useExactPlan(isTogether ? null : draft, athlete, gym, whole);
  const { lift, kit, onBlocks } = request.lifts[at]!;
  const { weight } = draft.lifts[at]!;
  const weights = useMemo(
    () =>
      weight === null || !kit ? [] : rampWeights({ fromFloor: lift.fromFloor && !onBlocks }, kit, weight),
    [lift, kit, weight, onBlocks],
  );
  const tread = treadOf(wanted, stair, plan);
  const chosen = tread ? chosenOf(tread, plan) : wanted;
  const cautions = cautionsFor({
    lifts: request.lifts.map((l) => l.lift),
    drills: whole.steps.map((s) => s.drill),
    areas: athlete.areas,
    age: ageOn(athlete.birthYear, session.day),
  });
  const isAlone = request.lifts[0]!.lift.kind === "drills-alone";
  const goToLift = (to: number) => {
    setWantedLift(to);
    setWanted(FIRST);
  };

  usePlanEditorKeys({
    plan,
    stair,
    weights,
    chosen,
    onChoose: setWanted,
    onEdit: edit,
    undo,
    redo,
    // A key for a lift that there is none of does nothing, and drills alone have nothing to be compared with.
    onLift: (to) => to < draft.lifts.length && goToLift(to),
    onCompare: () => !isAlone && !isTogether && setComparing(true),
  });

  useOfferActions(
    useMemo(
      () => [
        { label: "Card", run: () => router.push(`/session/${session.id}/${athlete.id}/card`) },
        { label: "Everyone in this session", run: () => router.push(`/session/${session.id}`) },
        { label: `Record of ${athlete.name}`, run: () => router.push(`/athletes/${athlete.id}`) },
        ...(isAlone || isTogether
          ? []
          : [{ label: "Compare approaches", keys: "C", run: () => setComparing(true) }]),
        { label: "Undo", keys: "Ctrl Z", run: undo },
        { label: "Redo", keys: "Ctrl Shift Z", run: redo },
        { label: "Keys", keys: "?", run: () => setKeysOpen(true) },
      ],
      [router, session.id, athlete, isAlone, isTogether, undo, redo],
    ),
  );

  return (
    <div className="flex min-h-dvh flex-col lg:h-dvh">
      <SessionTop
        session={session}
        people={opened.members.map((m) => ({ id: m.athlete.id, name: m.athlete.name, absent: m.absent }))}
        at={athlete.id}
        state={state}
        onKeys={() => setKeysOpen(true)}
      />
      <main className="flex min-h-0 flex-1 flex-col">
        <h1 className="sr-only">
          Warm-up of {athlete.name}: {lift.name}
        </h1>
        <div className="relative min-w-0 shrink-0">
          <Brief
            athlete={athlete}
            gym={gym}
            draft={draft}
            at={at}
            session={isTogether ? session : null}
            onEdit={edit}
            onCompare={() => setComparing(true)}
          />
          <StairView
            stair={stair}
            plan={plan}
            gym={gym}
            chosen={chosen}
            weights={weights}
            onChoose={setWanted}
            onTry={tryOut}
            onEdit={edit}
          />
        </div>
        <LiftStrip {...{ draft, athlete, gym, at }} plan={whole} onLift={goToLift} onEdit={edit} />
        <div className="grid min-h-0 flex-1 border-t border-line lg:grid-cols-[minmax(0,1fr)_20.5rem] lg:grid-rows-1 xl:grid-cols-[minmax(0,1fr)_20.5rem_17rem]">
          <section aria-label="Steps" className="relative min-h-0 overflow-y-auto px-7 pb-4">
            <div className="flex min-h-10 items-center py-1.5">
              {isTogether ? (
                <p className="text-ink-soft">
                  Together with {session.name}.{" "}
                  <Link href={`/session/${session.id}`} className={LINK}>
                    Change what all do
                  </Link>
                </p>
              ) : (
                <ProofSign proof={proof} plan={whole} onEdit={edit} />
              )}
            </div>
            <StepList plan={plan} stair={stair} gym={gym} chosen={chosen} onChoose={setWanted} onEdit={edit}>
              <div className="border-t border-line py-1">
                {draft.begun === null && (
                  <AddDrill
                    people={people}
                    gym={gym}
                    taken={taken}
                    onAdd={(drill) => {
                      edit({ kind: "pin", drill, block: plan.block });
                      setWanted({ kind: "drill", drill });
                    }}
                  />
                )}
                <Dropped
                  drills={draft.dropped}
                  onRestore={(drill) => edit({ kind: "restore-drill", drill })}
                />
              </div>
            </StepList>
          </section>
          {/* Where there is no room for three columns the two on the right scroll as one. */}
          <div className="relative min-h-0 lg:overflow-y-auto xl:contents">
            <section
              id="why"
              tabIndex={-1}
              aria-label="Why"
              className="relative min-h-0 border-l border-line px-5 py-4 outline-none focus-visible:bg-field xl:overflow-y-auto"
            >
              <WhyPanel
                chosen={chosen}
                plan={plan}
                draft={draft}
                gym={gym}
                weights={weights}
                onChoose={setWanted}
                onEdit={edit}
              />
            </section>
            <section
              aria-label="The plan as a whole"
              // Scrolls on its own, so it has to be reachable by keyboard.
              // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must take the focus
              tabIndex={0}
              className="relative min-h-0 space-y-4 border-t border-l border-line px-5 py-4 xl:overflow-y-auto xl:border-t-0"
            >
              <ReviewList {...{ found, remedies, written, plan }} onEdit={edit} onChoose={setWanted} />
              <GivenUp sentences={gaveUp} minutes={request.minutes} />
              <Findings findings={whole.findings.filter((f) => !REVIEWED.includes(f.code))} />
              <Coverage coverage={plan.coverage} />
              <Cautions cautions={cautions} />
            </section>
          </div>
        </div>
      </main>
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
