import type { Plan, PlanOutline } from "./types";

/** What stands before one lift: the part of a session's plan that leads to its first working set. */
export interface LiftPart {
  /** The place of the lift in the session. */
  at: number;
  block: number;
}
export type LiftPlan = Plan & LiftPart;

/**
 * The part of a plan that leads to one lift, as a plan of its own whose time starts with the block: its drills
 * and, as the only ramp, that of the lift. Of two lifts in turns the second one's ramp follows the first's.
 */
export function planOfLift<P extends PlanOutline>(plan: P, at: number): P & LiftPart {
  const block = plan.blocks.findIndex((b) => b.lifts.includes(at));
  const { startsAt, rampsAt, lifts } = plan.blocks[block]!;
  const earlier = lifts.slice(0, lifts.indexOf(at)).map((i) => plan.ramps[i]?.totals.seconds ?? 0);
  const drillSeconds = rampsAt - startsAt + earlier.reduce((sum, s) => sum + s, 0);
  const ramp = plan.ramps[at]!;
  return {
    ...plan,
    at,
    block,
    steps: plan.steps
      .filter((s) => s.block === block)
      .map((s) => ({ ...s, startsAt: s.startsAt - startsAt })),
    tests: plan.tests
      .filter((t) => t.block === block)
      .map((t) => ({ ...t, startsAt: t.startsAt - startsAt })),
    ramps: [ramp],
    drillSeconds,
    seconds: drillSeconds + (ramp?.totals.seconds ?? 0),
  };
}
