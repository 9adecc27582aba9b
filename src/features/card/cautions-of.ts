import { ageOn } from "@/core/athlete";
import { type Caution, cautionsFor } from "@/core/plan";
import type { Session } from "@/core/session";
import type { MemberWarmUp } from "@/server/plans/plan-session";

/** The cautions that belong on an athlete's card. */
export function cautionsOf(
  { member, request, plan }: MemberWarmUp,
  { day }: Pick<Session, "day">,
): Caution[] {
  return cautionsFor({
    lifts: request.lifts.map((l) => l.lift),
    drills: plan.steps.map((s) => s.drill),
    areas: member.athlete.areas,
    age: ageOn(member.athlete.birthYear, day),
  });
}
