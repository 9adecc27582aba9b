"use client";

import { useMemo, useRef } from "react";
import type { GroupPlan, MemberPlan } from "@/core/group";
import type { WarmUpDraft } from "@/core/warm-up";
import { planQuestion } from "@/features/session/plan-question";
import { useGroupPlan } from "@/features/session/use-group-plan";
import type { OpenWarmUp } from "@/server/open-session";

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
  const { id } = member.athlete;
  const question = useMemo(() => {
    if (!session.together || member.absent) return null;
    const here = members
      .filter((m) => !m.absent)
      .map((m) => (m.athlete.id === id ? { athlete: m.athlete, draft } : m));
    return planQuestion(session, here, gym);
  }, [session, gym, members, member.absent, id, draft]);
  const known = useRef<GroupPlan | null>(
    first && { shared: [], members: [first], objective: 0, seconds: first.seconds },
  );
  const { plan } = useGroupPlan(question, known.current);
  return (question && plan?.members.find((m) => m.id === id)) || null;
}
