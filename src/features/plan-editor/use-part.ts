"use client";

import { useMemo, useRef } from "react";
import { useCatalog } from "@/client/catalog";
import type { WarmUpDraft } from "@/core/draft";
import type { GroupPlan, MemberPlan } from "@/core/group";
import type { MemberDraft } from "@/core/session";
import { planQuestion } from "@/features/session-editor/plan-question";
import { useGroupPlan } from "@/features/session-editor/use-group-plan";
import type { OpenWarmUp } from "@/server/sessions/open-session";

/** Those who are there, one of them with the draft as it is now. */
export function hereWith(
  members: OpenWarmUp["members"],
  id: string,
  draft: WarmUpDraft,
): readonly MemberDraft[] {
  return members
    .filter((m) => !m.absent)
    .map(({ athlete, draft: before }) => ({ athlete, draft: athlete.id === id ? draft : before }));
}

/**
 * The athlete's part of what a session's people do together, planned anew whenever the athlete's draft changes; null
 * where the athlete warms up alone.
 *
 * @param first the part for the draft as it was opened.
 */
export function usePart(
  { session, gym, members, member }: OpenWarmUp,
  draft: WarmUpDraft,
  first: MemberPlan | null,
): MemberPlan | null {
  const catalog = useCatalog();
  const { id } = member.athlete;
  const question = useMemo(
    () =>
      session.together && !member.absent
        ? planQuestion(session, hereWith(members, id, draft), gym, catalog)
        : null,
    [session, gym, members, member.absent, id, draft, catalog],
  );
  const known = useRef<GroupPlan | null>(
    first && { shared: [], members: [first], objective: 0, seconds: first.seconds },
  );
  const { plan } = useGroupPlan(question, known.current);
  return (question && plan?.members.find((m) => m.id === id)) || null;
}
