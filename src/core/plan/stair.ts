import type { Phase } from "../catalog";
import type { LiftPart } from "./plan-of-lift";
import type { PlanOutline } from "./types";

/** One tread of the stair that a warm-up is drawn as. */
export interface Tread {
  kind: "drill" | "test" | "set" | "work";
  /** Index of the drill among the steps, of the test among the tests, or of the set in the first lift's ramp; 0: the work. */
  index: number;
  phase: Phase | "test" | "ramp" | "work";
  /** The round of the circuit that the drill is done in; null outside circuits. */
  round: number | null;
  /** Seconds from the start of the warm-up. */
  startsAt: number;
  /** End of the drill or set itself. */
  endsAt: number;
  /** Where the next tread begins: after the change or the rest. */
  nextAt: number;
  /** 0 on the floor to 1 at the working weight. */
  height: number;
  /** 0 cold to 1 at the working weight. */
  heat: number;
}

/** The picture of a warm-up: real time across, effort up. */
export interface Stair {
  treads: Tread[];
  /** Seconds to the first working set. */
  seconds: number;
  /** The time there is. Seconds. */
  available: number;
}

/** How much higher and warmer the drills of a later lift begin, since the body is warm. */
const WARM = { height: 0.06, heat: 0.25 };

/** Height of a drill's tread by its effort of 1 to 5: below the lightest ramp sets. */
const DRILL_HEIGHT = [0, 0.045, 0.075, 0.105, 0.135, 0.165];
/** Drills warm from cold up to this heat; the ramp goes on from there. */
const DRILL_HEAT = 0.4;
/** The landing is drawn this long. Seconds. */
const LANDING_SECONDS = 45;

/**
 * The treads of a plan's drills and of its first lift's ramp, with the landing of the first working set.
 *
 * @param minutes the time there is; null: none is set, as before a later lift.
 */
export function stairOf(plan: PlanOutline & Partial<LiftPart>, minutes: number | null): Stair {
  const isLater = (plan.block ?? 0) > 0;
  const coldest = isLater ? WARM.heat : 0;
  const floor = isLater ? WARM.height : 0;
  const heatAt = (seconds: number) =>
    coldest + ((DRILL_HEAT - coldest) * seconds) / Math.max(1, plan.drillSeconds);
  const timed = [
    ...plan.steps.map(({ drill, startsAt, seconds, phase, rounds, round }, index) => ({
      ...{ kind: "drill" as const, index, drill, startsAt, seconds, phase },
      round: rounds > 1 ? round : null,
    })),
    ...plan.tests.map(({ drill, startsAt, seconds }, index) => ({
      ...{ kind: "test" as const, index, drill, startsAt, seconds, phase: "test" as const },
      round: null,
    })),
  ].sort((x, y) => x.startsAt - y.startsAt);
  const drills = timed.map(
    ({ kind, index, drill, startsAt, seconds, phase, round }, i): Tread => ({
      ...{ kind, index, phase, round, startsAt },
      endsAt: startsAt + seconds,
      nextAt: timed[i + 1]?.startsAt ?? plan.drillSeconds,
      height: DRILL_HEIGHT[drill.effort]! + floor,
      heat: heatAt(startsAt + seconds),
    }),
  );
  let clock = plan.drillSeconds;
  const sets = (plan.ramps[0]?.sets ?? []).map((set, index): Tread => {
    const startsAt = clock;
    clock += set.seconds + set.restSeconds;
    return {
      kind: "set",
      index,
      phase: "ramp",
      round: null,
      startsAt,
      endsAt: startsAt + set.seconds,
      nextAt: clock,
      height: set.fraction,
      heat: DRILL_HEAT + (1 - DRILL_HEAT) * set.fraction,
    };
  });
  const work: Tread = {
    kind: "work",
    index: 0,
    phase: "work",
    round: null,
    startsAt: plan.seconds,
    endsAt: plan.seconds + LANDING_SECONDS,
    nextAt: plan.seconds + LANDING_SECONDS,
    height: 1,
    heat: 1,
  };
  return {
    treads: [...drills, ...sets, ...(plan.ramps[0] ? [work] : [])],
    seconds: plan.seconds,
    available: minutes === null ? plan.seconds : minutes * 60,
  };
}
