import type { Cycle } from "./cycle";
import { pictureOf } from "./picture";
import type { Figure } from "./pose";
import type { Shape } from "./shape";

/** A square that holds a picture. Lengths as of shapes. */
export interface Frame {
  x: number;
  y: number;
  size: number;
}

/** A figure is drawn no larger than one that stands; the smallest square side. */
const LEAST_SIZE = 1.06;
const MARGIN = 0.04;

/** The square that holds a figure at all times, whose floor is where that of others is. */
export function frameOf(figure: Figure, cycle: Cycle): Frame {
  const moments = [
    ...figure.poses.map((_, i) => cycle.pose(i)),
    ...Array.from({ length: 12 }, (_, i) => cycle.at(i / 12)),
  ];
  const edges = moments.flatMap((skeleton) =>
    pictureOf(skeleton, figure).flatMap(({ points, width }) =>
      points.map(([x, y]) => [x - width / 2, x + width / 2, y - width / 2, y + width / 2] as const),
    ),
  );
  const least = (i: 0 | 2) => Math.min(...edges.map((e) => e[i])) - MARGIN;
  const most = (i: 1 | 3) => Math.max(...edges.map((e) => e[i])) + MARGIN;
  const size = Math.max(LEAST_SIZE, most(1) - least(0), most(3) - least(2));
  return { x: (least(0) + most(1) - size) / 2, y: most(3) - size, size };
}

/** What stands for a figure where nothing moves: its telling pose, and the other end of its way, if there is one. */
export function stillOf(figure: Figure, cycle: Cycle): { shapes: Shape[]; ghost: Shape[] } {
  const { still = 0, poses } = figure;
  const other = figure.ghost === undefined ? (poses.length === 2 ? 1 - still : null) : figure.ghost;
  return {
    shapes: pictureOf(cycle.pose(still), figure),
    ghost: other === null ? [] : pictureOf(cycle.pose(other), { ...figure, props: [] }),
  };
}
