/** What a shape is: of the body, a part of it at work, a thing, the face, the shadow. */
export type Substance = "body" | "work" | "prop" | "face" | "shadow" | "ground";

/** A flat shape: a line with round ends, or a face. Lengths in body heights, x to the right, y down. */
export interface Shape {
  points: readonly (readonly [x: number, y: number])[];
  width: number;
  closed: boolean;
  of: Substance;
  /** 0 far or light to 1 near or dark. */
  tone: number;
}

/** How many shades a substance has, from far or light to near or dark. */
export const SHADES = 5;

/** Which of the shades a shape is drawn in, from 0. */
export const shadeOf = (shape: Shape): number => Math.min(SHADES - 1, Math.floor(shape.tone * SHADES));

/** A shape's points as an SVG polyline has them, to a thousandth; a face ends where it began. */
export function pointsOf({ points, closed }: Pick<Shape, "points" | "closed">): string {
  const written = points.map(([x, y]) => `${round(x)},${round(y)}`);
  // A point is drawn as a line that is too short to be seen as one, with round ends.
  const isPoint = written.every((w) => w === written[0]);
  if (isPoint && points[0]) return `${written[0]} ${round(points[0][0] + 0.001)},${round(points[0][1])}`;
  return (closed ? [...written, written[0]] : written).join(" ");
}

const round = (n: number) => Math.round(n * 1000) / 1000;
