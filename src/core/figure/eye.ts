import { cosine, cross, dot, sine, unit, type Vector } from "./vector";

/** Looks at points of the room from one side. */
export interface Eye {
  flat(point: Vector): [number, number];
  depth(point: Vector): number;
}

/** Looks from `view` degrees round to the figure's left of its front, `rise` degrees above the floor, without perspective. */
export function eyeAt(view: number, rise: number): Eye {
  const towards: Vector = [cosine(rise) * cosine(view), sine(rise), -cosine(rise) * sine(view)];
  const right = unit(cross([0, 1, 0], towards));
  const up = cross(towards, right);
  return { flat: (p) => [dot(p, right), -dot(p, up)], depth: (p) => dot(p, towards) };
}

/** How near some points are in the middle. */
export const meanDepth = (eye: Eye, points: readonly Vector[]) =>
  points.reduce((sum, p) => sum + eye.depth(p), 0) / points.length;
