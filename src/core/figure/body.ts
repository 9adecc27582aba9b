import type { Arm, Leg, Pose, Side, Turn } from "./pose";
import { cosine, sine, type Vector } from "./vector";

/** Lengths, in body heights. */
export const LENGTHS = {
  ...{ thigh: 0.245, shank: 0.246, spine: 0.285, neck: 0.045, head: 0.062, upper: 0.165, fore: 0.175 },
  ...{ hip: 0.05, shoulder: 0.1, ankle: 0.05, toe: 0.085, heel: 0.025 },
  /** How far the sole's middle is below the ankle. */
  sole: 0.029,
  /** How much of the spine moves with the pelvis. */
  waist: 0.13,
} as const;

/** A limb in numbers, all of one way alike, so that one can be blended with the next. */
export interface LimbNumbers {
  way: "target" | "knee" | "aim" | "room" | "trunk" | "hips";
  numbers: readonly number[];
}

/** A pose in numbers. */
export interface Body {
  /** Pelvis (3), trunk (3), hips (3), head (3), shoulders (2). */
  root: readonly number[];
  leftLeg: LimbNumbers;
  rightLeg: LimbNumbers;
  leftArm: LimbNumbers;
  rightArm: LimbNumbers;
}

export const LIMBS = ["leftLeg", "rightLeg", "leftArm", "rightArm"] as const;

const NONE: Turn = [0, 0, 0];

/** 1 on the right, -1 on the left. */
export const signOf = (side: Side): number => (side === "right" ? 1 : -1);

/** Where toes point on a level floor, for a foot turned to its own side. */
const toesOf = (turn: number, side: Side): Vector => [cosine(turn), 0, signOf(side) * sine(turn)];

/** A foot on a level floor, turning about its toes when the heel is lifted, about its heel when the toes are. */
function footOnFloor(leg: Extract<Leg, { floor: unknown }>, side: Side): LimbNumbers {
  const {
    floor: [x, z],
    level = 0,
    turn = 8,
    heel = 0,
    toe = 0,
    bend,
  } = leg;
  const ahead = toesOf(turn, side);
  const { toe: toToe, heel: toHeel, sole, ankle } = LENGTHS;
  // Measured along the foot and up from the point about which it turns.
  const pivot = heel > 0 ? toToe : -toHeel;
  const [along, up] = [-pivot, sole];
  const down = heel > 0 ? heel : -toe;
  const back = along * cosine(down) + up * sine(down);
  const height = -along * sine(down) + up * cosine(down);
  const at: Vector = [
    x + (pivot + back) * ahead[0],
    level + ankle - sole + height,
    z + (pivot + back) * ahead[2],
  ];
  return target(at, turn, down, bend ?? [ahead[0], 0.2, ahead[2]]);
}

const target = (at: Vector, turn: number, down: number, bend: Vector): LimbNumbers => ({
  way: "target",
  numbers: [...at, turn, down, ...bend],
});

function legNumbers(leg: Leg, side: Side): LimbNumbers {
  if ("floor" in leg) return footOnFloor(leg, side);
  if ("ankle" in leg) {
    const { ankle, turn = 0, toe = 0, bend } = leg;
    return target(ankle, turn, toe, bend ?? [1, 0.2, 0]);
  }
  if ("knee" in leg) {
    const { knee, shank = [90, 180], toe = 0 } = leg;
    return { way: "knee", numbers: [...knee, ...shank, toe] };
  }
  const { thigh, shank = thigh, toe = 0 } = leg;
  return { way: "aim", numbers: [...thigh, ...shank, toe] };
}

function armNumbers(arm: Arm, side: Side): LimbNumbers {
  if ("upper" in arm) {
    const { upper, fore = upper } = arm;
    return { way: "aim", numbers: [...upper, ...fore] };
  }
  const { hand, of = "room", bend = [-0.6, -0.6, 0.5 * signOf(side)] } = arm;
  return { way: of, numbers: [...hand, ...bend] };
}

/** A pose in numbers. */
export function bodyOf(pose: Pose): Body {
  const { at, trunk, hips = trunk, head = NONE, girdle = [0, 0] } = pose;
  return {
    root: [...at, ...trunk, ...hips, ...head, ...girdle],
    leftLeg: legNumbers(pose.leftLeg, "left"),
    rightLeg: legNumbers(pose.rightLeg, "right"),
    leftArm: armNumbers(pose.leftArm, "left"),
    rightArm: armNumbers(pose.rightArm, "right"),
  };
}

/** A point mirrored to the other side. */
export const mirroredPoint = ([x, y, z]: Vector): Vector => [x, y, -z];

const mirroredTurn = ([lean, tilt, turn]: Turn): Turn => [lean, -tilt, -turn];

/** A leg as the other side does it. */
export function mirroredLeg(leg: Leg): Leg {
  if ("floor" in leg) return { ...leg, floor: [leg.floor[0], -leg.floor[1]], ...bendOf(leg.bend) };
  if ("ankle" in leg) return { ...leg, ankle: mirroredPoint(leg.ankle), ...bendOf(leg.bend) };
  if ("knee" in leg) return { ...leg, knee: mirroredPoint(leg.knee) };
  return leg;
}

function bendOf(bend: Vector | undefined) {
  return bend && { bend: mirroredPoint(bend) };
}

/** An arm as the other side does it. */
export function mirroredArm(arm: Arm): Arm {
  return "hand" in arm ? { ...arm, hand: mirroredPoint(arm.hand), ...bendOf(arm.bend) } : arm;
}

/** A pose as the other side does it. */
export function mirrored(pose: Pose): Pose {
  return {
    ...pose,
    at: mirroredPoint(pose.at),
    trunk: mirroredTurn(pose.trunk),
    ...(pose.hips && { hips: mirroredTurn(pose.hips) }),
    ...(pose.head && { head: mirroredTurn(pose.head) }),
    leftLeg: mirroredLeg(pose.rightLeg),
    rightLeg: mirroredLeg(pose.leftLeg),
    leftArm: mirroredArm(pose.rightArm),
    rightArm: mirroredArm(pose.leftArm),
  };
}
