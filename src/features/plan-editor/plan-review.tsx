"use client";

import { memo, useDeferredValue, useMemo } from "react";
import type { WarmUpDraft, WarmUpEdit } from "@/core/draft";
import {
  cautionsOf,
  givenUp,
  type LiftPlan,
  type Plan,
  type PlanFinding,
  type PlanRequest,
} from "@/core/plan";
import { findingsOf, reviewContext, writtenOf } from "@/core/review";
import { Cautions } from "@/features/shared/cautions";
import type { OpenWarmUp } from "@/server/sessions/open-session";
import { Coverage } from "./coverage";
import { CutToFit, MinutesLeft } from "./cut-to-fit";
import { Notes } from "./notes";
import { ReviewList } from "./review-list";
import type { Chosen } from "./selection";
import { hereWith } from "./use-part";
import { useRemedies } from "./use-remedies";

/** What the review says with its remedies need not be said twice. */
const REVIEWED: readonly PlanFinding["code"][] = ["unserved-time", "unserved-dropped"];

interface ReviewProps {
  opened: OpenWarmUp;
  draft: WarmUpDraft;
  request: PlanRequest;
  /** The plan of the whole session, and of the lift in view. */
  whole: Plan;
  plan: LiftPlan;
  isGroup: boolean;
  onEdit: (edit: WarmUpEdit) => void;
  onChoose: (chosen: Chosen) => void;
}

/** What is said about the plan as a whole. It may come a moment after the plan itself. */
export const PlanReview = memo(function PlanReview(props: ReviewProps) {
  return <SettledReview {...useDeferredValue(props)} />;
});

const SettledReview = memo(function SettledReview({
  opened,
  draft,
  request,
  whole,
  plan,
  isGroup,
  onEdit,
  onChoose,
}: ReviewProps) {
  const { session, gym, members, member } = opened;
  const { athlete } = member;
  const written = useMemo(() => writtenOf(whole, request.minutes), [whole, request]);
  const found = useMemo(() => findingsOf(written, reviewContext(request)), [written, request]);
  const cut = useMemo(() => (isGroup ? [] : givenUp(request, whole)), [request, whole, isGroup]);
  const remedies = useRemedies(
    useMemo(
      () =>
        isGroup
          ? {
              kind: "together",
              draft,
              group: { session, here: hereWith(members, athlete.id, draft), athleteId: athlete.id, gym },
            }
          : { kind: "alone", draft, athlete, gym },
      [isGroup, draft, session, members, athlete, gym],
    ),
  );
  return (
    <section
      aria-label="The plan as a whole"
      // Scrolls on its own, so it has to be reachable by keyboard.
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must take the focus
      tabIndex={0}
      className="relative min-h-0 space-y-4 border-t border-l border-line px-5 py-4 contain-content xl:border-t-0 xl:tall:overflow-y-auto"
    >
      <ReviewList {...{ found, remedies, written, plan, onEdit, onChoose }} />
      <CutToFit sentences={cut} minutes={request.minutes} />
      {!isGroup && draft.begun === null && (
        <MinutesLeft {...{ onEdit }} seconds={whole.seconds} minutes={request.minutes} time={session.time} />
      )}
      <Notes findings={whole.findings.filter((f) => !REVIEWED.includes(f.code))} />
      <Coverage coverage={plan.coverage} />
      <Cautions cautions={cautionsOf(request, whole, athlete, session.day)} />
    </section>
  );
});
