import type { Cycle } from "./cycle";
import type { Figure, Part, Side } from "./pose";
import { mirroredProp, type Solid, solidsOf } from "./props";
import type { Skeleton } from "./skeleton";
import { add, between, cosine, cross, dot, scaled, sine, unit, type Vector } from "./vector";

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

/** How far above the floor the eye is. Degrees. */
const USUAL_RISE = 9;
/** Depths over which the body goes from near to far. */
const DEPTH = 0.2;
/** From this height on nothing casts a shadow. */
const NO_SHADOW = 0.3;

/** By so much what is behind ends before what is in front. */
const GAP = 0.016;

const WIDTHS = {
  thigh: 0.083,
  shank: 0.06,
  foot: 0.042,
  upper: 0.052,
  fore: 0.043,
  trunk: 0.075,
  neck: 0.05,
};

/** Looks at points of the room from one side. */
interface Eye {
  flat(point: Vector): [number, number];
  depth(point: Vector): number;
}

function eyeAt(view: number, rise: number): Eye {
  const towards: Vector = [cosine(rise) * cosine(view), sine(rise), -cosine(rise) * sine(view)];
  const right = unit(cross([0, 1, 0], towards));
  const up = cross(towards, right);
  return { flat: (p) => [dot(p, right), -dot(p, up)], depth: (p) => dot(p, towards) };
}

/** Shapes that are drawn one after the other at one depth. */
interface Group {
  depth: number;
  shapes: Shape[];
}

const meanDepth = (eye: Eye, points: readonly Vector[]) =>
  points.reduce((sum, p) => sum + eye.depth(p), 0) / points.length;

function hull(points: readonly (readonly [number, number])[]): [number, number][] {
  const sorted = points
    .toSorted((a, b) => a[0] - b[0] || a[1] - b[1])
    .map((p): [number, number] => [p[0], p[1]]);
  const half = (all: [number, number][]) => {
    const kept: [number, number][] = [];
    for (const p of all) {
      while (kept.length > 1) {
        const [a, b] = [kept.at(-2)!, kept.at(-1)!];
        if ((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]) > 0) break;
        kept.pop();
      }
      kept.push(p);
    }
    return kept.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.toReversed())];
}

/** The flat shapes of a skeleton and its props, the farthest first. */
export function pictureOf(
  skeleton: Skeleton,
  { view, rise = USUAL_RISE, props = [], works }: Pick<Figure, "view" | "rise" | "props" | "works">,
  isMirrored = false,
): Shape[] {
  const eye = eyeAt(isMirrored ? -view : view, rise);
  const { joints: j, trunk, head, hips } = skeleton;
  const middle = eye.depth(between(j.pelvis, j.chest));
  const toneAt = (points: readonly Vector[]) =>
    Math.min(1, Math.max(0, 0.5 + (meanDepth(eye, points) - middle) / (2 * DEPTH)));
  const isAtWork = (part: Part) => works.includes(isMirrored ? otherSide(part) : part);
  const shape = (part: Part, points: readonly Vector[], width: number, closed = false): Shape => ({
    points: points.map(eye.flat),
    ...{ width, closed },
    of: isAtWork(part) ? "work" : "body",
    tone: toneAt(points),
  });
  const leg = (side: Side): Group => {
    const [hip, knee, ankle] = [j[`${side}Hip`], j[`${side}Knee`], j[`${side}Ankle`]];
    const [heel, toe] = [j[`${side}Heel`], j[`${side}Toe`]];
    const shapes = [
      shape(`${side}Foot`, [heel, toe], WIDTHS.foot),
      shape(`${side}Shank`, [knee, ankle], WIDTHS.shank),
      shape(`${side}Thigh`, [hip, knee], WIDTHS.thigh),
    ];
    return { depth: meanDepth(eye, [hip, knee, knee, ankle]), shapes: nearestLast(shapes) };
  };
  const arm = (side: Side): Group => {
    const [shoulder, elbow, hand] = [j[`${side}Shoulder`], j[`${side}Elbow`], j[`${side}Hand`]];
    const shapes = [
      shape(`${side}Upper`, [shoulder, elbow], WIDTHS.upper),
      shape(`${side}Fore`, [elbow, hand], WIDTHS.fore),
    ];
    return { depth: meanDepth(eye, [shoulder, elbow, elbow, hand]), shapes: nearestLast(shapes) };
  };
  const inset = 0.022;
  const wide = (at: Vector, right: Vector, half: number): [Vector, Vector] => [
    add(at, scaled(right, -half)),
    add(at, scaled(right, half)),
  ];
  const [lowLeft, lowRight] = wide(add(j.pelvis, scaled(hips.up, 0.01)), hips.right, 0.05 - inset + 0.012);
  const [waistLeft, waistRight] = wide(j.waist, unit(add(hips.right, trunk.right)), 0.05 - inset);
  const shoulderLeft = between(j.leftShoulder, j.rightShoulder, 0.16);
  const shoulderRight = between(j.leftShoulder, j.rightShoulder, 0.84);
  const trunkShapes = [
    shape("hips", [lowLeft, lowRight, waistRight, waistLeft], WIDTHS.trunk, true),
    shape("trunk", [waistLeft, waistRight, shoulderRight, shoulderLeft], WIDTHS.trunk, true),
  ];
  const trunkGroup: Group = {
    depth: meanDepth(eye, [j.pelvis, j.waist, j.chest]),
    shapes: [shape("head", [j.neck, between(j.neck, j.head)], WIDTHS.neck), ...trunkShapes],
  };
  const face = add(j.head, add(scaled(head.forward, 0.047), scaled(head.up, -0.006)));
  const faceTurned = eye.depth(face) - eye.depth(j.head);
  const headShape = shape("head", [j.head, j.head], 0.124);
  const headGroup: Group = {
    depth: eye.depth(j.head),
    shapes:
      faceTurned > -0.02
        ? [headShape, { ...headShape, points: [eye.flat(face), eye.flat(face)], width: 0.038, of: "face" }]
        : [headShape],
  };
  const solids = props.flatMap((p) => solidsOf(skeleton, isMirrored ? mirroredProp(p) : p));
  const solidShape = (s: Solid): Shape => ({
    points: s.points.map(eye.flat),
    ...{ width: s.width, closed: s.closed ?? false, of: "prop", tone: s.weight },
  });
  const behind = solids
    .filter((s) => s.behind)
    .toSorted((a, b) => meanDepth(eye, a.points) - meanDepth(eye, b.points))
    .map(solidShape);
  const groups: Group[] = [
    ...[leg("left"), leg("right"), arm("left"), arm("right"), trunkGroup, headGroup],
    ...solids
      .filter((s) => !s.behind)
      .map((s) => ({ depth: meanDepth(eye, s.points), shapes: [solidShape(s)] })),
  ];
  return [
    ...shadow(skeleton, eye),
    ...behind,
    ...groups.toSorted((a, b) => a.depth - b.depth).flatMap((g) => setOff(g.shapes)),
  ];
}

/** Shapes with what is behind them ended a little before them; what belongs together joins. */
function setOff(shapes: readonly Shape[]): Shape[] {
  const gaps = shapes
    .filter((s) => s.of !== "face")
    .map((s): Shape => ({ ...s, of: "ground", width: s.width + GAP }));
  return [...gaps, ...shapes];
}

const nearestLast = (shapes: Shape[]) => shapes.toSorted((a, b) => a.tone - b.tone);

function otherSide(part: Part): Part {
  if (part.startsWith("left")) return part.replace("left", "right") as Part;
  return part.replace("right", "left") as Part;
}

/** What the body darkens of the floor. */
function shadow({ joints }: Skeleton, eye: Eye): Shape[] {
  const all = Object.values(joints);
  if (Math.min(...all.map((p) => p[1])) > NO_SHADOW) return [];
  const near = all.filter((p) => p[1] < NO_SHADOW);
  const points = hull(near.map(([x, , z]) => eye.flat([x, 0, z])));
  return [{ points, width: 0.05, closed: true, of: "shadow", tone: 1 }];
}

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
