import { tests } from "@/catalog/tests";
import { type CardView, cardView } from "@/core/card";
import type { Catalog } from "@/core/catalog";
import type { GroupPlan } from "@/core/group";
import type { GymKit } from "@/core/gym";
import type { PlanOutline, PlanRequest } from "@/core/plan";
import {
  laterStarts,
  type MemberDraft,
  rackRequestFor,
  requestInSession,
  type SessionReady,
  sessionReady,
} from "@/core/session";
import { noteReady } from "@/data/sessions";
import { memoize } from "@/lib/memoize";
import type { Member, OpenSession } from "../sessions/open-session";
import { planKey, plansFor } from "./plan-store";

/** What one athlete does in a session, worked out. */
export interface MemberWarmUp {
  member: Member;
  request: PlanRequest;
  plan: PlanOutline;
}

/** Those who are there, and who can be planned for. */
export function presentOf({ members }: Pick<OpenSession, "members">): Member[] {
  return members.filter((m) => !m.absent);
}

/** What a thing looks like as JSON; asked for over and over while one request is answered. */
const textOf = memoize((thing: object) => JSON.stringify(thing));

/** What of a gym plans are worked out by: how it says times and where its clock is do not matter. */
const plannedBy = memoize(({ name: _, settings: __, timeZone: ___, ...gym }: GymKit) => gym);

/** What of the gym's own content plans are worked out by: films do not matter. */
const customPlannedBy = memoize(({ custom: { films: _, ...custom } }: Catalog) => custom);

/** What a plan of a whole session is worked out from: what it is called and when it is do not matter. */
function sessionText({ session, gym }: OpenSession, here: readonly Member[], catalog: Catalog): string {
  const { name: _, id: __, day: ___, time: ____, series: _____, ...rest } = session;
  const people = here.map((m) => `${textOf(m.athlete)} ${textOf(m.draft)}`);
  return [JSON.stringify(rest), textOf(plannedBy(gym)), textOf(customPlannedBy(catalog)), ...people].join(
    "\n",
  );
}

const draftOf = ({ athlete, draft }: Member): MemberDraft => ({ athlete, draft });

/** A group's plan with its key, on which the plans of its members depend. */
interface KeyedPlan {
  key: string;
  plan: GroupPlan;
}

async function keyedPlanOf(
  kind: "group" | "each",
  opened: OpenSession,
  catalog: Catalog,
): Promise<KeyedPlan> {
  const { session, gym } = opened;
  const here = presentOf(opened);
  const key = planKey(kind, sessionText(opened, here, catalog));
  const task = { kind, session, gym, here: here.map(draftOf) };
  const [plan] = await plansFor<typeof kind>([{ key, task }], catalog);
  return { key, plan: plan! };
}

async function keyedGroupPlanOf(opened: OpenSession, catalog: Catalog): Promise<KeyedPlan | null> {
  if (!opened.session.together || presentOf(opened).length < 2) return null;
  return keyedPlanOf("group", opened, catalog);
}

/** The plan of a session's group; null where the warm-ups are individual. */
export async function groupPlanOf(opened: OpenSession, catalog: Catalog): Promise<GroupPlan | null> {
  return (await keyedGroupPlanOf(opened, catalog))?.plan ?? null;
}

/** What everybody who is there does, as a group or side by side. */
export async function wholePlanOf(opened: OpenSession, catalog: Catalog): Promise<GroupPlan> {
  return (await groupPlanOf(opened, catalog)) ?? (await keyedPlanOf("each", opened, catalog)).plan;
}

/** When everybody who is there is ready to lift, the bars they share included; it is noted for the calendar. */
export async function readyOf(opened: OpenSession, catalog: Catalog): Promise<SessionReady> {
  const ready = await workOutReady(opened, catalog);
  const seconds = Math.round(ready.seconds);
  // Where nothing can be saved it can be looked at all the same.
  if (seconds !== opened.readySeconds) await noteReady(opened.session.id, seconds).catch(() => undefined);
  return ready;
}

async function workOutReady(opened: OpenSession, catalog: Catalog): Promise<SessionReady> {
  const { session, gym } = opened;
  const { key, plan } =
    (await keyedGroupPlanOf(opened, catalog)) ?? (await keyedPlanOf("each", opened, catalog));
  if (!rackRequestFor(plan, session.racks, gym, catalog)) return sessionReady(plan, null, null);
  const task = { kind: "ready" as const, session, gym, plan };
  const [ready] = await plansFor<"ready">([{ key: planKey("ready", key), task }], catalog);
  return ready!;
}

/** Everybody's warm-up, those who are absent left out. */
export async function warmUpsOf(opened: OpenSession, catalog: Catalog): Promise<MemberWarmUp[]> {
  return planMembers(opened, presentOf(opened), catalog);
}

/** One athlete's warm-up; of somebody absent what it would be alone. */
export async function warmUpOf(opened: OpenSession, member: Member, catalog: Catalog): Promise<MemberWarmUp> {
  const [warmUp] = await planMembers(opened, [member], catalog);
  return warmUp!;
}

async function planMembers(
  opened: OpenSession,
  members: readonly Member[],
  catalog: Catalog,
): Promise<MemberWarmUp[]> {
  const { session, gym } = opened;
  const group = members.some((m) => !m.absent) ? await keyedGroupPlanOf(opened, catalog) : null;
  const asked = members.map((member) => {
    const part = (!member.absent && group?.plan.members.find((m) => m.id === member.athlete.id)) || null;
    const own = [
      textOf(member.draft),
      textOf(member.athlete),
      textOf(plannedBy(gym)),
      textOf(customPlannedBy(catalog)),
    ];
    // What the others do is in what the group's plan was worked out from.
    const key = planKey("member", ...(part && group ? [group.key, member.athlete.id] : own));
    return { member, part, key };
  });
  const plans = await plansFor<"member">(
    asked.map(({ member, part, key }) => ({
      key,
      task: { kind: "member" as const, session, gym, member: draftOf(member), part },
    })),
    catalog,
  );
  return asked.map(({ member, part }, i) => ({
    member,
    request: requestInSession(session, member, gym, catalog, part),
    plan: plans[i]!,
  }));
}

/** The cards of some warm-ups of a session. Who shares a bar is there when the first of those who do has to be. */
async function cardsOf(
  opened: OpenSession,
  warmUps: readonly MemberWarmUp[],
  catalog: Catalog,
): Promise<CardView[]> {
  const { session, gym } = opened;
  const ready = presentOf(opened).length > 1 ? await readyOf(opened, catalog) : null;
  const starts =
    ready && session.racks.staggered && !session.together
      ? laterStarts(await wholePlanOf(opened, catalog), ready)
      : null;
  return warmUps.map(({ member: { athlete, draft }, request, plan }) => {
    const isOnBar = ready?.members.find((m) => m.id === athlete.id)?.sets != null;
    const allReady = isOnBar && ready ? ready.seconds : 0;
    const later = starts?.get(athlete.id) ?? 0;
    return cardView({ session, gym, athlete, draft, request, plan, allReady, later, tests });
  });
}

/** The cards of everybody who is there. */
export async function allCardsOf(opened: OpenSession, catalog: Catalog): Promise<CardView[]> {
  return cardsOf(opened, await warmUpsOf(opened, catalog), catalog);
}

/** One athlete's card. */
export async function cardOf(opened: OpenSession, member: Member, catalog: Catalog): Promise<CardView> {
  return (await cardsOf(opened, [await warmUpOf(opened, member, catalog)], catalog))[0]!;
}
