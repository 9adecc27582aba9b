import { type Body, LENGTHS, type LimbNumbers, signOf } from "./body";
import type { Joint, Side } from "./pose";
import {
  type Axes,
  add,
  cosine,
  cross,
  dot,
  fromAxes,
  length,
  scaled,
  sine,
  subtract,
  turned,
  turnedAxes,
  UPRIGHT,
  unit,
  type Vector,
} from "./vector";

/** A body in the room: every joint, and how trunk, pelvis and head stand. */
export interface Skeleton {
  joints: Record<Joint, Vector>;
  trunk: Axes;
  hips: Axes;
  head: Axes;
}

/** Joint and end of a limb of two parts. */
interface Bent {
  middle: Vector;
  end: Vector;
}

/** So much of its length a limb may be stretched, so that its joint has a side to bend to. */
const MOST_STRETCHED = 0.9995;

/**
 * A limb of two parts from `from` towards `to`, by the law of cosines; the joint bends towards `pole`. A target out of
 * reach is pulled in.
 */
export function reachFor(from: Vector, to: Vector, near: number, far: number, pole: Vector): Bent {
  const way = subtract(to, from);
  const most = (near + far) * MOST_STRETCHED;
  const least = Math.abs(near - far) + 0.02;
  const distance = Math.min(most, Math.max(least, length(way)));
  const along = unit(way, [0, -1, 0]);
  const side = unit(
    subtract(pole, scaled(along, dot(pole, along))),
    unit(cross(along, [0, 0, 1]), [0, 0, 1]),
  );
  const share = (near * near - far * far + distance * distance) / (2 * distance);
  const out = Math.sqrt(Math.max(0, near * near - share * share));
  return {
    middle: add(from, add(scaled(along, share), scaled(side, out))),
    end: add(from, scaled(along, distance)),
  };
}

/** Where an aim points, from axes of the part that the limb hangs from. */
function aimed(axes: Axes, raise: number, towards: number, side: Side): Vector {
  const level = sine(raise);
  return fromAxes(axes, [level * cosine(towards), -cosine(raise), signOf(side) * level * sine(towards)]);
}

/** Heel and toe of a foot whose toes point `ahead`, with its sole away from `up`. */
function footFrom(ankle: Vector, ahead: Vector, up: Vector): { heel: Vector; toe: Vector } {
  const sole = add(ankle, scaled(up, -LENGTHS.sole));
  return {
    heel: add(sole, scaled(ahead, -LENGTHS.heel)),
    toe: add(sole, scaled(ahead, LENGTHS.toe)),
  };
}

interface LegJoints {
  hip: Vector;
  knee: Vector;
  ankle: Vector;
  heel: Vector;
  toe: Vector;
}

/** A foot at the end of a shank, its toes `down` from a right angle to it. */
function footOnShank(hip: Vector, knee: Vector, ankle: Vector, front: Vector, down: number) {
  const shank = unit(subtract(ankle, knee));
  const thigh = unit(subtract(knee, hip));
  // The front of a shank faces to where the thigh goes on; of a straight leg, to the front of the hips.
  const bent = subtract(thigh, scaled(shank, dot(shank, thigh)));
  const points = length(bent) > 0.08 ? bent : front;
  const square = unit(subtract(points, scaled(shank, dot(points, shank))), front);
  const across = unit(cross(square, shank), [0, 0, 1]);
  return footFrom(ankle, turned(square, across, down), turned(scaled(shank, -1), across, down));
}

function legJoints({ way, numbers: n }: LimbNumbers, hip: Vector, hips: Axes, side: Side): LegJoints {
  if (way === "target") {
    const [x, y, z, turn, down, ...bend] = n as readonly [number, number, number, number, number];
    const { middle, end } = reachFor(hip, [x, y, z], LENGTHS.thigh, LENGTHS.shank, bend as unknown as Vector);
    const level: Vector = [cosine(turn), 0, signOf(side) * sine(turn)];
    const across: Vector = unit(cross(level, [0, 1, 0]));
    const foot = footFrom(end, turned(level, across, -down), turned([0, 1, 0], across, -down));
    return { hip, knee: middle, ankle: end, ...foot };
  }
  if (way === "knee") {
    const [x, y, z, raise, towards, down] = n as readonly [number, number, number, number, number, number];
    const knee: Vector = [x, y, z];
    const shank = aimed(UPRIGHT, raise, towards, side);
    const ankle = add(knee, scaled(shank, LENGTHS.shank));
    return { hip, knee, ankle, ...footOnShank(hip, knee, ankle, hips.forward, down) };
  }
  const [raise, towards, shankRaise, shankTowards, down] = n as readonly [
    number,
    number,
    number,
    number,
    number,
  ];
  const knee = add(hip, scaled(aimed(hips, raise, towards, side), LENGTHS.thigh));
  const ankle = add(knee, scaled(aimed(hips, shankRaise, shankTowards, side), LENGTHS.shank));
  return { hip, knee, ankle, ...footOnShank(hip, knee, ankle, hips.forward, down) };
}

function armJoints(
  { way, numbers: n }: LimbNumbers,
  shoulder: Vector,
  side: Side,
  frames: Record<"room" | "trunk" | "hips", { at: Vector; axes: Axes }>,
): { shoulder: Vector; elbow: Vector; hand: Vector } {
  if (way === "aim") {
    const [raise, towards, foreRaise, foreTowards] = n as readonly [number, number, number, number];
    const { axes } = frames.trunk;
    const elbow = add(shoulder, scaled(aimed(axes, raise, towards, side), LENGTHS.upper));
    return {
      shoulder,
      elbow,
      hand: add(elbow, scaled(aimed(axes, foreRaise, foreTowards, side), LENGTHS.fore)),
    };
  }
  const [x, y, z, ...bend] = n as readonly [number, number, number];
  const { at, axes } = frames[way as keyof typeof frames];
  const to = add(at, fromAxes(axes, [x, y, z]));
  // An elbow bends as the trunk stands, whatever the hand holds on to.
  const pole = fromAxes(frames.trunk.axes, bend as unknown as Vector);
  const { middle, end } = reachFor(shoulder, to, LENGTHS.upper, LENGTHS.fore, pole);
  return { shoulder, elbow: middle, hand: end };
}

/** The pelvis moved so that a thigh whose knee kneels is as long as it is. */
function kneeling(pelvis: Vector, hips: Axes, body: Body): Vector {
  let at = pelvis;
  for (let turns = 0; turns < 3; turns++) {
    for (const side of ["left", "right"] as const) {
      const leg = body[`${side}Leg`];
      if (leg.way !== "knee") continue;
      const knee = leg.numbers.slice(0, 3) as unknown as Vector;
      const hip = add(at, fromAxes(hips, [0, 0, signOf(side) * LENGTHS.hip]));
      const way = subtract(hip, knee);
      at = add(at, scaled(unit(way, [0, 1, 0]), LENGTHS.thigh - length(way)));
    }
  }
  return at;
}

/** The joints of a body in numbers, by inverse kinematics. */
export function skeletonOf(body: Body): Skeleton {
  const r = body.root;
  const hips = turnedAxes(r[6]!, r[7]!, r[8]!);
  const trunk = turnedAxes(r[3]!, r[4]!, r[5]!);
  const head = turnedAxes(r[9]!, r[10]!, r[11]!, trunk);
  const pelvis = kneeling([r[0]!, r[1]!, r[2]!], hips, body);
  const waist = add(pelvis, scaled(hips.up, LENGTHS.waist));
  const chest = add(waist, scaled(trunk.up, LENGTHS.spine - LENGTHS.waist));
  const neck = add(chest, scaled(trunk.up, 0.012));
  const frames = {
    room: { at: [0, 0, 0] as Vector, axes: UPRIGHT },
    trunk: { at: chest, axes: trunk },
    hips: { at: pelvis, axes: hips },
  };
  const leg = (side: Side) =>
    legJoints(
      body[`${side}Leg`],
      add(pelvis, fromAxes(hips, [0, 0, signOf(side) * LENGTHS.hip])),
      hips,
      side,
    );
  const arm = (side: Side) =>
    armJoints(
      body[`${side}Arm`],
      add(chest, fromAxes(trunk, [r[12]!, r[13]! - 0.015, signOf(side) * LENGTHS.shoulder])),
      side,
      frames,
    );
  const [l, right, la, ra] = [leg("left"), leg("right"), arm("left"), arm("right")];
  return {
    joints: {
      ...{
        pelvis,
        waist,
        chest,
        neck,
        head: add(neck, scaled(head.up, LENGTHS.neck + LENGTHS.head - 0.012)),
      },
      ...{ leftHip: l.hip, leftKnee: l.knee, leftAnkle: l.ankle, leftHeel: l.heel, leftToe: l.toe },
      ...{ rightHip: right.hip, rightKnee: right.knee, rightAnkle: right.ankle },
      ...{ rightHeel: right.heel, rightToe: right.toe },
      ...{ leftShoulder: la.shoulder, leftElbow: la.elbow, leftHand: la.hand },
      ...{ rightShoulder: ra.shoulder, rightElbow: ra.elbow, rightHand: ra.hand },
    },
    ...{ trunk, hips, head },
  };
}
