import { catalog, customContent } from "@/catalog";
import { type GroupPlan, planEach, planGroup } from "@/core/group";
import { type Plan, type PlanRequest, planWarmUp } from "@/core/plan";
import { groupRequestFor, requestInSession } from "@/core/session";
import { keptLast } from "@/lib/kept-last";
import type { Member, OpenSession } from "../sessions/open-session";

/** What one athlete does in a session, worked out. */
export interface MemberWarmUp {
  member: Member;
  request: PlanRequest;
  plan: Plan;
}

const groupPlans = keptLast<GroupPlan>(200);
const plans = keptLast<Plan>(1000);

/** Those who are there, and who can be planned for. */
export function presentOf({ members }: Pick<OpenSession, "members">): Member[] {
  return members.filter((m) => !m.absent);
}

/** What a thing looks like as JSON; asked for over and over while one request is answered. */
const texts = new WeakMap<object, string>();

function textOf(thing: object): string {
  const known = texts.get(thing) ?? JSON.stringify(thing);
  texts.set(thing, known);
  return known;
}

/** A session's plan together, with what it was worked out from. */
interface Together {
  plan: GroupPlan;
  from: string;
}

const together = new WeakMap<OpenSession, Together | null>();

function togetherOf(opened: OpenSession): Together | null {
  const known = together.get(opened);
  if (known !== undefined) return known;
  const found = workOut(opened);
  together.set(opened, found);
  return found;
}

function workOut(opened: OpenSession): Together | null {
  const { session, gym } = opened;
  const here = presentOf(opened);
  if (!session.together || here.length < 2) return null;
  const { name: _, id, day: __, time: ___, ...rest } = session;
  const people = here.map((m) => `${textOf(m.athlete)} ${textOf(m.draft)}`);
  const from = [JSON.stringify(rest), textOf(gym), textOf(customContent()), ...people].join("\n");
  const plan = groupPlans(id, from, () => planGroup(groupRequestFor(session, here, gym, catalog)!));
  return { plan, from };
}

/** The plan of what a session's people do together; null where each warms up alone. */
export function groupPlanOf(opened: OpenSession): GroupPlan | null {
  return togetherOf(opened)?.plan ?? null;
}

/** What everybody who is there does, together or side by side. */
export function wholePlanOf(opened: OpenSession): GroupPlan {
  return (
    groupPlanOf(opened) ??
    planEach(
      warmUpsOf(opened).map(({ member, request }) => ({
        id: member.athlete.id,
        name: member.athlete.name,
        request,
      })),
    )
  );
}

/** Everybody's warm-up, those who are absent left out. */
export function warmUpsOf(opened: OpenSession): MemberWarmUp[] {
  return presentOf(opened).map((member) => warmUpOf(opened, member));
}

/** One athlete's warm-up; of somebody absent what it would be alone. */
export function warmUpOf(opened: OpenSession, member: Member): MemberWarmUp {
  const { session, gym } = opened;
  const group = member.absent ? null : togetherOf(opened);
  const part = group?.plan.members.find((m) => m.id === member.athlete.id) ?? null;
  const request = requestInSession(session, member, gym, catalog, part);
  const alone = [textOf(member.draft), textOf(member.athlete), textOf(gym), textOf(customContent())];
  // What the others do is in what the group's plan was worked out from.
  const from = group ? group.from : alone.join("\n");
  const plan = plans(`${session.id} ${member.athlete.id}`, from, () => planWarmUp(request));
  return { member, request, plan };
}
