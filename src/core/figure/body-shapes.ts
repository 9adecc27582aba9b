import { type Eye, meanDepth } from "./eye";
import type { Part, Side } from "./pose";
import type { Shape } from "./shape";
import type { Skeleton } from "./skeleton";
import { add, between, scaled, unit, type Vector } from "./vector";

/** Depths over which the body goes from near to far. */
const DEPTH = 0.2;

/** How wide the parts are drawn. Body heights. */
const WIDTHS = {
  ...{ thigh: 0.083, shank: 0.06, foot: 0.042, upper: 0.052, fore: 0.043 },
  ...{ trunk: 0.075, neck: 0.05, head: 0.124, face: 0.038 },
};
/** Half of what is seen of pelvis and waist between the round edges of the trunk. */
const HALF = { hips: 0.04, waist: 0.028 };
/** How far in from the shoulders the trunk ends, as a share of their distance. */
const SHOULDERS = 0.16;
/** The face is seen until it is turned so far behind the head. */
const FACE_BEHIND = -0.02;

/** Shapes that are drawn one after the other at one depth. */
export interface Group {
  depth: number;
  shapes: Shape[];
}

/** A part of the body drawn through some points. */
type Draw = (part: Part, points: readonly Vector[], width: number, closed?: boolean) => Shape;

const nearestLast = (shapes: Shape[]) => shapes.toSorted((a, b) => a.tone - b.tone);

function legOf({ joints: j }: Skeleton, side: Side, eye: Eye, draw: Draw): Group {
  const [hip, knee, ankle] = [j[`${side}Hip`], j[`${side}Knee`], j[`${side}Ankle`]];
  const shapes = [
    draw(`${side}Foot`, [j[`${side}Heel`], j[`${side}Toe`]], WIDTHS.foot),
    draw(`${side}Shank`, [knee, ankle], WIDTHS.shank),
    draw(`${side}Thigh`, [hip, knee], WIDTHS.thigh),
  ];
  return { depth: meanDepth(eye, [hip, knee, knee, ankle]), shapes: nearestLast(shapes) };
}

function armOf({ joints: j }: Skeleton, side: Side, eye: Eye, draw: Draw): Group {
  const [shoulder, elbow, hand] = [j[`${side}Shoulder`], j[`${side}Elbow`], j[`${side}Hand`]];
  const shapes = [
    draw(`${side}Upper`, [shoulder, elbow], WIDTHS.upper),
    draw(`${side}Fore`, [elbow, hand], WIDTHS.fore),
  ];
  return { depth: meanDepth(eye, [shoulder, elbow, elbow, hand]), shapes: nearestLast(shapes) };
}

/** A line across the body from left to right. */
const across = (at: Vector, right: Vector, half: number): [Vector, Vector] => [
  add(at, scaled(right, -half)),
  add(at, scaled(right, half)),
];

function trunkOf({ joints: j, trunk, hips }: Skeleton, eye: Eye, draw: Draw): Group {
  const [lowLeft, lowRight] = across(add(j.pelvis, scaled(hips.up, 0.01)), hips.right, HALF.hips);
  const [waistLeft, waistRight] = across(j.waist, unit(add(hips.right, trunk.right)), HALF.waist);
  const left = between(j.leftShoulder, j.rightShoulder, SHOULDERS);
  const right = between(j.leftShoulder, j.rightShoulder, 1 - SHOULDERS);
  return {
    depth: meanDepth(eye, [j.pelvis, j.waist, j.chest]),
    shapes: [
      draw("head", [j.neck, between(j.neck, j.head)], WIDTHS.neck),
      draw("hips", [lowLeft, lowRight, waistRight, waistLeft], WIDTHS.trunk, true),
      draw("trunk", [waistLeft, waistRight, right, left], WIDTHS.trunk, true),
    ],
  };
}

/** The head, and the face where it is turned to the eye. */
function headOf({ joints: j, head }: Skeleton, eye: Eye, draw: Draw): Group {
  const face = add(j.head, add(scaled(head.forward, 0.047), scaled(head.up, -0.006)));
  const shapes = [draw("head", [j.head, j.head], WIDTHS.head)];
  if (eye.depth(face) - eye.depth(j.head) > FACE_BEHIND)
    shapes.push({ ...draw("head", [face, face], WIDTHS.face), of: "face" });
  return { depth: eye.depth(j.head), shapes };
}

/** The parts of a body as they are seen, what belongs together in one group; `isAtWork` says which are shown at work. */
export function bodyGroups(skeleton: Skeleton, eye: Eye, isAtWork: (part: Part) => boolean): Group[] {
  const { joints } = skeleton;
  const middle = eye.depth(between(joints.pelvis, joints.chest));
  const draw: Draw = (part, points, width, closed = false) => ({
    points: points.map(eye.flat),
    ...{ width, closed },
    of: isAtWork(part) ? "work" : "body",
    tone: Math.min(1, Math.max(0, 0.5 + (meanDepth(eye, points) - middle) / (2 * DEPTH))),
  });
  return [
    legOf(skeleton, "left", eye, draw),
    legOf(skeleton, "right", eye, draw),
    armOf(skeleton, "left", eye, draw),
    armOf(skeleton, "right", eye, draw),
    trunkOf(skeleton, eye, draw),
    headOf(skeleton, eye, draw),
  ];
}
