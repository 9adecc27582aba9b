import { PHASES, type Phase } from "../catalog";
import type { DemandId } from "../demands";
import { MATTERS_FROM, SHORTFALL_SERVED } from "../drills";
import type { Plan } from "./types";

/** A plan in a few numbers, to be held beside another one. */
export interface PlanSummary {
  /** Seconds to the first working set, and of them ramp. */
  seconds: number;
  rampSeconds: number;
  rampSets: number;
  drills: number;
  rounds: number;
  /** Seconds of the drills of each phase that has any, in order. */
  phases: { phase: Phase; drills: number; seconds: number }[];
  /** Share of what is asked that is served, each demand up to what it asks, 0 to 1. */
  servedShare: number;
  /** Demands that matter and are hardly served. */
  unserved: DemandId[];
}

/** The first block of a plan in a few numbers. */
export function summaryOf(plan: Plan): PlanSummary {
  const steps = plan.steps.filter((s) => s.block === 0);
  const { model, chosen } = plan.blocks[0].choice;
  const served = model.demands.map((_, i) =>
    chosen.reduce((sum, c) => sum + (c.serves.find((s) => s.demand === i)?.served ?? 0), 0),
  );
  const phases = PHASES.flatMap((phase) => {
    const here = steps.filter((s) => s.phase === phase);
    const seconds = here.reduce((sum, s) => sum + s.seconds, 0);
    return here.length > 0 ? [{ phase, drills: new Set(here.map((s) => s.drill)).size, seconds }] : [];
  });
  const asked = plan.coverage.reduce((sum, c) => sum + c.asked, 0);
  const met = plan.coverage.reduce((sum, c) => sum + Math.min(c.asked, c.served), 0);
  return {
    seconds: plan.seconds,
    rampSeconds: plan.seconds - plan.drillSeconds,
    rampSets: plan.ramps[0]?.sets.length ?? 0,
    drills: new Set(steps.map((s) => s.drill)).size,
    rounds: Math.max(1, ...steps.map((s) => s.rounds)),
    phases,
    servedShare: asked === 0 ? 1 : met / asked,
    unserved: model.demands.flatMap((d, i) =>
      d.weight >= MATTERS_FROM && served[i]! < SHORTFALL_SERVED ? [d.demand] : [],
    ),
  };
}
