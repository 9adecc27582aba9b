import type { Catalog, DrillId } from "../catalog";
import type { WarmUpDraft } from "../draft";
import { type MemberPlan, planGroup } from "../group";
import type { GymKit } from "../gym";
import { planWarmUp } from "../plan";
import { reviewContext, writtenOf } from "../review";
import { groupRequestFor, type MemberDraft, requestInSession, type Session } from "../session";
import type { PlanForReview } from "./tried-remedies";

/** A session's people who warm up together, and the one of them that is looked at. */
export interface OneOfGroup {
  session: Session;
  here: readonly MemberDraft[];
  athleteId: string;
  gym: GymKit;
}

/**
 * Plans a draft of one who warms up together with others: what all do is planned anew with it.
 *
 * @returns how, and what all do with the draft as it is now.
 */
export function planTogether(
  { session, here, athleteId, gym }: OneOfGroup,
  catalog: Catalog,
): { look: PlanForReview; shared: ReadonlySet<DrillId> } {
  const { athlete, draft: now } = here.find((m) => m.athlete.id === athleteId)!;
  const partWith = (draft: WarmUpDraft): MemberPlan | null => {
    const members = here.map((m) => (m.athlete.id === athleteId ? { athlete, draft } : m));
    const request = groupRequestFor(session, members, gym, catalog);
    return request && planGroup(request).members.find((m) => m.id === athleteId)!;
  };
  const look: PlanForReview = (draft) => {
    const request = requestInSession(session, { athlete, draft }, gym, catalog, partWith(draft));
    return { written: writtenOf(planWarmUp(request), request.minutes), context: reviewContext(request) };
  };
  const steps = partWith(now)?.steps ?? [];
  return { look, shared: new Set(steps.filter((s) => s.kind === "shared").map((s) => s.drill)) };
}
