"use client";

import { useRouter } from "next/navigation";
import { useMemo, useTransition } from "react";
import { useCatalog } from "@/client/catalog";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import type { GroupPlan } from "@/core/group";
import type { GymKit } from "@/core/gym";
import { oneSetFewer, type Session, withRampSets } from "@/core/session";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { setRampSetsAction } from "@/server/actions/sessions";
import type { Member } from "@/server/sessions/open-session";
import { planQuestion } from "./plan-question";
import { useGroupPlan } from "./use-group-plan";
import { type SharedRacks, useSharedRacks } from "./use-rack-orders";

/**
 * One ramp set fewer for each who has enough: when all would be ready, and how to have it so.
 *
 * @param plan null: it is not asked.
 */
export function useFewerSets(
  plan: GroupPlan | null,
  session: Session,
  members: readonly Member[],
  gym: GymKit,
): { racks: SharedRacks | null; count: number; isSaving: boolean; take: () => void } {
  const catalog = useCatalog();
  const router = useRouter();
  const [isSaving, startSaving] = useTransition();
  const sets = useMemo(() => (plan ? oneSetFewer(plan) : new Map<string, number>()), [plan]);
  const question = useMemo(() => {
    if (sets.size === 0) return null;
    const changed = members.map((m) => {
      const rampSets = sets.get(m.athlete.id);
      return rampSets === undefined ? m : { ...m, draft: withRampSets(m.draft, rampSets) };
    });
    return planQuestion(session, changed, gym, catalog);
  }, [sets, session, members, gym, catalog]);
  const { plan: shorter, planning } = useGroupPlan(question);
  const known = question && planning.kind === "done" ? shorter : null;
  const racks = useSharedRacks(known, session.racks, gym);
  const take = () =>
    startSaving(async () => {
      const all = [...sets].map(([athleteId, rampSets]) => ({ athleteId, rampSets }));
      const outcome = await answered(setRampSetsAction({ sessionId: session.id, sets: all }));
      if (outcome.kind === "refused") return void toast(outcome.message);
      toastUndo(`${outcome.what}.`, outcome.token, () => router.refresh());
      router.refresh();
    });
  return { racks: known && racks, count: sets.size, isSaving, take };
}
