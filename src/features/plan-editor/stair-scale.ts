import type { Stair } from "@/core/plan";

/** The measures of the stair's drawing, in pixels. */
export const STAIR = {
  height: 352,
  /** The working weight's level. */
  top: 88,
  /** The floor's level. */
  ground: 298,
  side: 28,
} as const;

/** From time and effort to the drawing. */
export interface StairScale {
  x: (seconds: number) => number;
  y: (height: number) => number;
  perSecond: number;
}

/** The scale of a stair of `seconds` drawn `width` wide. */
export function stairScale(width: number, seconds: number): StairScale {
  const perSecond = (width - 2 * STAIR.side) / seconds;
  return {
    perSecond,
    x: (at) => STAIR.side + at * perSecond,
    y: (height) => STAIR.ground - height * (STAIR.ground - STAIR.top),
  };
}

/** The corner that lift and time stand in, above the drawing's left, on wide screens. */
const CORNER = { width: 660, height: 190, fromScreenWidth: 1024 };
/** What stands on a tread: a number on a drill's, plates on a set's. */
const STANDS = { drill: 16, test: 16, set: 56, work: 56 };

/**
 * How far the drawing has to sink so that an early climb does not run into the corner where lift and time
 * stand. Pixels; 0 for most plans.
 */
export function cornerClearance(stair: Stair, scale: StairScale, width: number): number {
  if (width < CORNER.fromScreenWidth) return 0;
  const below = stair.treads
    .filter((t) => scale.x(t.startsAt) < CORNER.width)
    .map((t) => CORNER.height - (scale.y(t.height) - STANDS[t.kind]));
  return Math.max(0, ...below);
}
