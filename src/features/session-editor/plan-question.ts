import type { Catalog } from "@/core/catalog";
import type { GymKit } from "@/core/gym";
import { groupRequestFor, type MemberDraft, requestInSession, type Session } from "@/core/session";
import type { GroupPlanQuestion } from "@/workers/group-plan";
import { sentRequest } from "@/workers/sent-request";

/** What to ask the worker for those who are there; null where nobody is, or nobody to warm up together with. */
export function planQuestion(
  session: Session,
  here: readonly MemberDraft[],
  gym: GymKit,
  catalog: Catalog,
): GroupPlanQuestion | null {
  if (session.together) {
    const asked = groupRequestFor(session, here, gym, catalog);
    if (!asked) return null;
    return { kind: "together", request: sentRequest(asked, catalog.drills) };
  }
  if (here.length === 0) return null;
  return {
    kind: "each",
    members: here.map((m) => {
      const request = requestInSession(session, m, gym, catalog, null);
      return { id: m.athlete.id, name: m.athlete.name, request: sentRequest(request, catalog.drills) };
    }),
  };
}
