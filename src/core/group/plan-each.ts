import { drain } from "@/lib/drain";
import { type PlanRequest, planWarmUp } from "../plan";
import type { GroupPlan, GroupProgress, MemberPlan, MemberStep } from "./types";

/** One who warms up alone beside others. */
export interface EachRequest {
  id: string;
  name: string;
  request: PlanRequest;
}

/** Plans each member's warm-up alone, in the shape of a group's plan that shares nothing. */
export function planEach(members: readonly EachRequest[]): GroupPlan {
  return drain(planEachSteps(members));
}

/** As `planEach`; yields how far it is. */
export function* planEachSteps(members: readonly EachRequest[]): Generator<GroupProgress, GroupPlan> {
  const plans: MemberPlan[] = [];
  let objective = 0;
  for (const { id, name, request } of members) {
    const plan = planWarmUp(request);
    const [first] = plan.blocks;
    objective += first!.choice.objective;
    const steps = plan.steps
      .filter((s) => s.block === 0)
      .map((s): MemberStep => {
        const candidate = first!.choice.chosen.find((c) => c.drill.id === s.drill.id)!;
        const { startsAt, seconds, round } = s;
        return {
          drill: s.drill.id,
          name: s.drill.name,
          phase: s.phase,
          dose: s.dose,
          kind: "personal",
          of: null,
          reason: s.reason,
          startsAt,
          seconds,
          uses: [],
          placed: { candidate, round, startsAt, seconds },
        };
      });
    const { drillSeconds, seconds, ramps } = plan;
    const tests = plan.tests.filter((t) => t.block === 0);
    plans.push({ id, name, steps, tests, waitingSeconds: 0, drillSeconds, seconds, ramps });
    yield { done: plans.length / members.length };
  }
  return { shared: [], members: plans, objective, seconds: Math.max(0, ...plans.map((p) => p.seconds)) };
}
