import { type UnitSystem, type Weight, weight, weightStep } from "../units";

/** By how much a working weight goes up or down: steps of the athlete's unit, or a share of it. */
export type Raise = { kind: "steps"; steps: number } | { kind: "percent"; percent: number };

/** What a raise may be. */
export const RAISE_LIMITS = { steps: [-20, 20], percent: [-50, 50] } as const;

/**
 * A working weight after a raise, in whole steps of the unit (2.5 kg or 5 lb): a share is rounded down, also on the way down,
 * so that nobody gets more than was said.
 *
 * @returns null where nothing would be left of it.
 */
export function raisedWeight(from: Weight, unit: UnitSystem, by: Raise): Weight | null {
  const step = weightStep(unit);
  const to =
    by.kind === "steps"
      ? from + by.steps * step
      : Math.floor((from * (100 + by.percent)) / 100 / step + 1e-9) * step;
  return to >= weight(1) ? (to as Weight) : null;
}
