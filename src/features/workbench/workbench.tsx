"use client";

import { useDeferredValue, useMemo, useState } from "react";
import { startWarmUpAction } from "@/app/actions";
import { catalog } from "@/catalog";
import { ageOn } from "@/core/athlete";
import { cautionsFor } from "@/core/cautions";
import { givenUp, planOfLift, planWarmUp } from "@/core/plan";
import { rampWeights } from "@/core/ramp";
import { findingsOf, reviewContext, writtenOf } from "@/core/review";
import { stairOf } from "@/core/stair";
import { planRequestFor } from "@/core/warm-up";
import type { OpenWarmUp } from "@/server/open-workbench";
import { Cautions } from "@/ui/cautions";
import { Brief } from "./brief";
import { CompareDialog } from "./compare-dialog";
import { Coverage } from "./coverage";
import { Dropped } from "./dropped";
import { Findings } from "./findings";
import { GivenUp } from "./given-up";
import { KeysDialog } from "./keys-dialog";
import { LiftStrip } from "./lift-strip";
import { ProofSign } from "./proof-sign";
import { ReviewList } from "./review-list";
import { type Chosen, chosenOf, treadOf } from "./selection";
import { StairView } from "./stair-view";
import { StepList } from "./step-list";
import { TopBar } from "./top-bar";
import { useExactPlan } from "./use-exact-plan";
import { useRemedies } from "./use-remedies";
import { useWarmUp } from "./use-warm-up";
import { useWorkbenchKeys } from "./use-workbench-keys";
import { WhyPanel } from "./why-panel";

/** Until the coach chooses: the first step, whatever it is. */
const FIRST: Chosen = { kind: "drill", drill: "" };

/** What the review says with its remedies need not be said twice. */
const REVIEWED = ["unserved-time", "unserved-dropped"];

/** The place where one athlete's warm-up is made. */
export function Workbench({
  opened,
  athletes,
}: {
  opened: OpenWarmUp;
  athletes: readonly { id: string; name: string; group: string }[];
}) {
  const { athlete, gym } = opened;
  const state = useWarmUp(opened);
  const { draft, edit, tryOut, undo, redo } = state;
  const [wanted, setWanted] = useState<Chosen>(FIRST);
  const [keysOpen, setKeysOpen] = useState(false);

  const [wantedLift, setWantedLift] = useState(0);
  const [comparing, setComparing] = useState(false);
  const at = Math.min(wantedLift, draft.lifts.length - 1);

  const request = useMemo(() => planRequestFor(draft, athlete, gym, catalog), [draft, athlete, gym]);
  const session = useMemo(() => planWarmUp(request), [request]);
  const plan = useMemo(() => planOfLift(session, at), [session, at]);
  const minutes = plan.block === 0 ? draft.minutes : null;
  const stair = useMemo(() => stairOf(plan, minutes), [plan, minutes]);
  // What is said about the plan may come a moment after the plan itself.
  const settled = useDeferredValue(useMemo(() => ({ request, session }), [request, session]));
  const written = useMemo(() => writtenOf(settled.session, settled.request.minutes), [settled]);
  const found = useMemo(() => findingsOf(written, reviewContext(settled.request)), [written, settled]);
  const gaveUp = useMemo(() => givenUp(settled.request, settled.session), [settled]);
  const remedies = useRemedies(draft, athlete, gym);
  const proof = useExactPlan(draft, athlete, gym, session);
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
    drills: session.steps.map((s) => s.drill),
    areas: athlete.areas,
    age: ageOn(athlete.birthYear, opened.day),
  });
  const isAlone = request.lifts[0]!.lift.kind === "drills-alone";
  const goToLift = (to: number) => {
    setWantedLift(to);
    setWanted(FIRST);
  };

  useWorkbenchKeys({
    plan,
    stair,
    weights,
    chosen,
    onChoose: setWanted,
    onEdit: edit,
    undo,
    redo,
    onKeys: () => setKeysOpen(true),
    // A key for a lift that there is none of does nothing, and drills alone have nothing to be compared with.
    onLift: (to) => to < draft.lifts.length && goToLift(to),
    onCompare: () => !isAlone && setComparing(true),
  });

  const openAthlete = (athleteId: string) => {
    const { minutes, approach, room } = draft;
    void startWarmUpAction({
      athleteId,
      day: opened.day,
      like: { lifts: draft.lifts.map((l) => l.lift), minutes, approach, room },
    });
  };

  return (
    <div className="flex min-h-dvh flex-col lg:h-dvh">
      <TopBar
        id={opened.id}
        day={opened.day}
        athleteId={athlete.id}
        athletes={athletes}
        state={state}
        onAthlete={openAthlete}
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
        <LiftStrip {...{ draft, athlete, gym, at }} plan={session} onLift={goToLift} onEdit={edit} />
        <div className="grid min-h-0 flex-1 border-t border-line lg:grid-cols-[minmax(0,1fr)_20.5rem] lg:grid-rows-1 xl:grid-cols-[minmax(0,1fr)_20.5rem_17rem]">
          <section aria-label="Steps" className="relative min-h-0 overflow-y-auto px-7 pb-4">
            <div className="flex min-h-10 items-center py-1.5">
              <ProofSign proof={proof} plan={session} onEdit={edit} />
            </div>
            <StepList
              plan={plan}
              stair={stair}
              gym={gym}
              chosen={chosen}
              onChoose={setWanted}
              onEdit={edit}
            />
            <Dropped draft={draft} onEdit={edit} />
          </section>
          {/* Where there is no room for three columns the two on the right scroll as one. */}
          <div className="relative min-h-0 lg:overflow-y-auto xl:contents">
            <section
              id="why"
              tabIndex={-1}
              aria-label="Why"
              className="relative min-h-0 border-l border-line px-5 py-4 outline-none focus-visible:bg-white xl:overflow-y-auto"
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
              <GivenUp sentences={gaveUp} minutes={draft.minutes} />
              <Findings findings={session.findings.filter((f) => !REVIEWED.includes(f.code))} />
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
