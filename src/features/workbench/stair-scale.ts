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
