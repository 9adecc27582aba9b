import { mirroredPoint } from "./body";
import type { Joint, Place, Prop } from "./pose";
import type { Skeleton } from "./skeleton";
import { add, between, cross, fromAxes, scaled, subtract, unit, type Vector } from "./vector";

/** Lines and faces in the room, before they are seen from anywhere. */
export interface Solid {
  points: readonly Vector[];
  width: number;
  /** A face: filled. */
  closed?: boolean;
  /** Stands behind everybody. */
  behind?: boolean;
  /** Light or heavy: how dark it is drawn, 0 to 1. */
  weight: number;
}

/** Half of what is seen of a bar beyond the hands, and of a stick. */
const BAR_REACH = 0.5;
const STICK_REACH = 0.36;
const PLATE = 0.128;
const WALL = { height: 1.1, half: 0.34 };
const RACK = { half: 0.3, height: 1.12 };
/** Corners of a round that is drawn by straight lines. */
const CORNERS = 20;

export function pointOf({ joints, trunk }: Skeleton, place: Place): Vector {
  if (typeof place === "string")
    return place === "hands" ? between(joints.leftHand, joints.rightHand) : joints[place as Joint];
  return "trunk" in place ? add(joints.chest, fromAxes(trunk, place.trunk)) : place;
}

/** A round about an axis. */
function round(at: Vector, axis: Vector, radius: number): Vector[] {
  const one = unit(cross(axis, Math.abs(axis[1]) > 0.9 ? [1, 0, 0] : [0, 1, 0]));
  const side = cross(axis, one);
  return Array.from({ length: CORNERS }, (_, i) => {
    const angle = (i / CORNERS) * 2 * Math.PI;
    return add(at, add(scaled(one, radius * Math.cos(angle)), scaled(side, radius * Math.sin(angle))));
  });
}

function bar(skeleton: Skeleton, prop: Extract<Prop, { kind: "bar" | "stick" }>): Solid[] {
  const { joints, trunk } = skeleton;
  const middle = pointOf(skeleton, prop.at);
  const along =
    prop.lengthwise ??
    (prop.at === "hands" ? unit(subtract(joints.rightHand, joints.leftHand), trunk.right) : trunk.right);
  const reach = prop.reach ?? (prop.kind === "bar" ? BAR_REACH : STICK_REACH);
  const at = (share: number) => add(middle, scaled(along, reach * share));
  const width = prop.kind === "bar" ? 0.024 : 0.018;
  const lines = [
    [-1, -0.33],
    [-0.33, 0.33],
    [0.33, 1],
  ].map(([from, to]) => ({
    points: [at(from!), at(to!)],
    width,
    weight: prop.kind === "bar" ? 0.75 : 0.55,
  }));
  const plates = prop.plates
    ? [-0.86, 0.86].map((share) => ({
        ...{ points: round(at(share), along, PLATE), width: 0.02, closed: true, weight: 0.42 },
      }))
    : [];
  return [...lines, ...plates];
}

/** The faces of a block. */
function block([x1, y1, z1]: Vector, [x2, y2, z2]: Vector): Solid[] {
  const face = (...points: Vector[]): Solid => ({
    points,
    width: 0.012,
    closed: true,
    behind: true,
    weight: 0.22,
  });
  const side = (x: number) => face([x, y1, z1], [x, y2, z1], [x, y2, z2], [x, y1, z2]);
  const front = (z: number) => face([x1, y1, z], [x2, y1, z], [x2, y2, z], [x1, y2, z]);
  const top = face([x1, y2, z1], [x2, y2, z1], [x2, y2, z2], [x1, y2, z2]);
  return [side(x1), side(x2), front(z1), front(z2), top];
}

/** A bench pad and its feet. */
function pad(from: Vector, to: Vector): Solid[] {
  const half = 0.075;
  const corner = (at: Vector, z: number): Vector => [at[0], at[1], at[2] + z];
  const legs = [between(from, to, 0.12), between(from, to, 0.88)].map((at) => ({
    ...{ points: [at, [at[0], 0.01, at[2]] as Vector], width: 0.026, behind: true, weight: 0.3 },
  }));
  return [
    ...legs,
    {
      points: [corner(from, -half), corner(to, -half), corner(to, half), corner(from, half)],
      ...{ width: 0.05, closed: true, behind: true, weight: 0.3 },
    },
  ];
}

function wall(x: number): Solid[] {
  const { height, half } = WALL;
  const at = (share: number, y: number): Vector => [x, y, share * half];
  return [
    {
      points: [at(-1, 0), at(1, 0), at(1, height), at(-1, height)],
      ...{ width: 0.008, closed: true, behind: true, weight: 0.12 },
    },
  ];
}

/** A bell that hangs from a hand. */
function bell(at: Vector): Solid[] {
  const low: Vector = [at[0], at[1] - 0.075, at[2]];
  return [
    { points: [add(at, [0, 0.01, 0]), low], width: 0.035, weight: 0.6 },
    { points: [low, low], width: 0.1, weight: 0.7 },
  ];
}

const otherJoint = (name: string) =>
  (name.startsWith("left") ? name.replace("left", "right") : name.replace("right", "left")) as Joint;

function mirroredPlace(place: Place): Place {
  if (typeof place === "string") return place === "hands" ? place : otherJoint(place);
  return "trunk" in place ? { trunk: mirroredPoint(place.trunk) } : mirroredPoint(place);
}

/** A prop as it is where the other side works. */
export function mirroredProp(prop: Prop): Prop {
  switch (prop.kind) {
    case "band":
    case "rope":
      return { ...prop, through: prop.through.map(mirroredPlace) };
    case "cable":
      return { ...prop, from: mirroredPoint(prop.from), to: mirroredPlace(prop.to) };
    case "block":
    case "pad":
      return { ...prop, from: mirroredPoint(prop.from), to: mirroredPoint(prop.to) };
    case "slider":
      return { ...prop, at: otherJoint(prop.at) };
    case "mini-band":
    case "wall":
    case "rack":
      return prop;
    case "beam":
    case "roller":
    case "wheel":
      return { ...prop, at: mirroredPoint(prop.at) };
    case "bar":
    case "stick":
      return {
        ...prop,
        at: mirroredPlace(prop.at),
        ...(prop.lengthwise && { lengthwise: mirroredPoint(prop.lengthwise) }),
      };
    default:
      return { ...prop, at: mirroredPlace(prop.at) };
  }
}

/** What a prop looks like in the room. */
export function solidsOf(skeleton: Skeleton, prop: Prop): Solid[] {
  const { joints } = skeleton;
  const at = (place: Place) => pointOf(skeleton, place);
  const line = (points: Vector[], width: number, weight: number, behind = false): Solid => ({
    ...{ points, width, weight, behind },
  });
  switch (prop.kind) {
    case "bar":
    case "stick":
      return bar(skeleton, prop);
    case "band":
    case "rope": {
      const points = prop.through.map(at);
      return points.slice(1).map((p, i) => line([points[i]!, p], prop.kind === "band" ? 0.02 : 0.012, 0.8));
    }
    case "cable":
      return [
        line([prop.from, at(prop.to)], 0.01, 0.6),
        line(
          [
            [prop.from[0], 0.01, prop.from[2]],
            [prop.from[0], 1.15, prop.from[2]],
          ],
          0.035,
          0.25,
          true,
        ),
      ];
    case "mini-band": {
      const up: Vector = [0, 0.03, 0];
      return [line([add(joints.leftKnee, up), add(joints.rightKnee, up)], 0.026, 0.8)];
    }
    case "kettlebell":
      return bell(at(prop.at));
    case "dumbbell": {
      const middle = at(prop.at);
      const ends = [-0.06, 0.06].map((x) => add(middle, [x, 0, 0]));
      return [line(ends, 0.02, 0.7), ...ends.map((e) => line([e, e], 0.06, 0.7))];
    }
    case "plate":
      return [{ points: round(at(prop.at), [1, 0, 0], 0.055), width: 0.014, closed: true, weight: 0.6 }];
    case "ball":
      return [line([at(prop.at), at(prop.at)], 0.15, 0.6)];
    case "block":
      return block(prop.from, prop.to);
    case "pad":
      return pad(prop.from, prop.to);
    case "wall":
      return wall(prop.x);
    case "rack": {
      const { half, height } = RACK;
      const upright = (z: number) =>
        line(
          [
            [prop.x, 0.01, z],
            [prop.x, height, z],
          ],
          0.035,
          0.25,
          true,
        );
      const across =
        prop.bar === undefined
          ? []
          : [
              line(
                [
                  [prop.x, prop.bar, -0.5],
                  [prop.x, prop.bar, 0.5],
                ],
                0.024,
                0.6,
                true,
              ),
            ];
      return [
        upright(-half),
        upright(half),
        line(
          [
            [prop.x, height, -half],
            [prop.x, height, half],
          ],
          0.03,
          0.25,
          true,
        ),
        ...across,
      ];
    }
    case "beam":
      return [line([add(prop.at, [0, 0, -0.45]), add(prop.at, [0, 0, 0.45])], 0.028, 0.6)];
    case "roller":
      return [line([add(prop.at, [0, 0, -0.13]), add(prop.at, [0, 0, 0.13])], 0.085, 0.35, true)];
    case "slider": {
      const [x, , z] = at(prop.at);
      return [
        line(
          [
            [x - 0.05, 0.006, z],
            [x + 0.05, 0.006, z],
          ],
          0.014,
          0.7,
          true,
        ),
      ];
    }
    case "wheel":
      return [
        {
          points: round(prop.at, [0, 0, 1], prop.radius),
          width: 0.02,
          closed: false,
          behind: true,
          weight: 0.4,
        },
      ];
  }
}
