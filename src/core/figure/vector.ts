/** A point or direction: x forward, y up, z to the figure's right. Lengths in body heights. */
export type Vector = readonly [x: number, y: number, z: number];

/** Axes of a part of the body: forward, up (towards the head), right; each of length 1. */
export interface Axes {
  forward: Vector;
  up: Vector;
  right: Vector;
}

export const add = (a: Vector, b: Vector): Vector => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const subtract = (a: Vector, b: Vector): Vector => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scaled = (a: Vector, by: number): Vector => [a[0] * by, a[1] * by, a[2] * by];
export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const length = (a: Vector): number => Math.hypot(a[0], a[1], a[2]);
export const between = (a: Vector, b: Vector, share = 0.5): Vector => add(a, scaled(subtract(b, a), share));

/** The same direction with length 1; of no direction `otherwise`. */
export function unit(a: Vector, otherwise: Vector = [1, 0, 0]): Vector {
  const size = length(a);
  return size < 1e-9 ? otherwise : scaled(a, 1 / size);
}

const RADIANS = Math.PI / 180;
export const sine = (degrees: number): number => Math.sin(degrees * RADIANS);
export const cosine = (degrees: number): number => Math.cos(degrees * RADIANS);

/** The angle between two directions. Degrees, 0 to 180. */
export function angleBetween(a: Vector, b: Vector): number {
  return Math.acos(Math.min(1, Math.max(-1, dot(unit(a), unit(b))))) / RADIANS;
}

/** A direction turned about an axis of length 1, by Rodrigues' formula. */
export function turned(a: Vector, axis: Vector, degrees: number): Vector {
  const [s, c] = [sine(degrees), cosine(degrees)];
  const along = scaled(axis, dot(axis, a) * (1 - c));
  return add(add(scaled(a, c), scaled(cross(axis, a), s)), along);
}

/** A point given in a part's own axes, in the room. */
export function fromAxes({ forward, up, right }: Axes, [x, y, z]: Vector): Vector {
  return add(add(scaled(forward, x), scaled(up, y)), scaled(right, z));
}

/** A direction of the room in a part's own axes. */
export const inAxes = ({ forward, up, right }: Axes, a: Vector): Vector => [
  dot(a, forward),
  dot(a, up),
  dot(a, right),
];

export const UPRIGHT: Axes = { forward: [1, 0, 0], up: [0, 1, 0], right: [0, 0, 1] };

/**
 * Axes turned from `from` by a turn about the own long axis (to the left), then a tilt to the right, then a lean forward.
 * Degrees.
 */
export function turnedAxes(
  lean: number,
  tilt: number,
  turn: number,
  { forward, up, right }: Axes = UPRIGHT,
): Axes {
  const all = (a: Vector) => turned(turned(turned(a, up, turn), forward, tilt), right, -lean);
  return { forward: all(forward), up: all(up), right: all(right) };
}
