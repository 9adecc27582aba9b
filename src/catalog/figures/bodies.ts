import { type Arm, type Leg, mirroredArm, mirroredLeg, type Pose, type Vector } from "@/core/figure";

/** A foot flat on the floor, on the right where z is more than 0. */
export const foot = (x: number, z: number, more: object = {}): Leg => ({ floor: [x, z], ...more });

/** Both legs as the right one. */
export const legs = (right: Leg) => ({ leftLeg: mirroredLeg(right), rightLeg: right });

/** Both arms as the right one. */
export const arms = (right: Arm) => ({ leftArm: mirroredArm(right), rightArm: right });

/** An arm that hangs straight down from a trunk that leans forward by so much. */
export const hang = (lean = 0): Arm => ({
  upper: [lean + 4, lean > 20 ? 0 : 60],
  fore: [lean + 10, lean > 20 ? 0 : 25],
});

/** Arms held out to the front, or as high as `raise`. */
export const ahead = (raise = 90): Arm => ({ upper: [raise, 4] });

export const OVERHEAD: Arm = { upper: [174, 60] };

/** Hands on the hips. */
export const ON_HIPS: Arm = { hand: [0.01, -0.0, 0.1], of: "hips", bend: [-0.5, 0, 1] };

export function stand(over: Partial<Pose> = {}): Pose {
  return {
    at: [0, 0.536, 0],
    trunk: [0, 0, 0],
    ...legs(foot(0, 0.06)),
    ...arms(hang()),
    ...over,
  };
}

/** A squat, 0 standing to 1 as deep as it goes. */
export function squat(depth: number, over: Partial<Pose> = {}): Pose {
  return stand({
    at: [-0.02 - 0.12 * depth, 0.536 - 0.3 * depth, 0],
    trunk: [36 * depth, 0, 0],
    ...legs(foot(0, 0.09, { turn: 22 })),
    ...over,
  });
}

/** A hinge by so many degrees, the back straight. */
export function hinge(lean: number, over: Partial<Pose> = {}): Pose {
  return stand({
    at: [-0.0018 * lean, 0.53 - 0.0003 * lean, 0],
    trunk: [lean, 0, 0],
    ...arms(hang(lean)),
    ...over,
  });
}

/** A knee on the floor, the shank behind it. */
export const kneel = (x: number, z: number, more: object = {}): Leg => ({
  knee: [x, 0.04, z],
  toe: 65,
  ...more,
});

export function onHandsAndKnees(over: Partial<Pose> = {}): Pose {
  return {
    at: [0, 0.285, 0],
    trunk: [77, 0, 0],
    head: [-20, 0, 0],
    ...legs(kneel(0, 0.06)),
    ...arms({ hand: [0.3, 0.02, 0.1] }),
    ...over,
  };
}

/** Kneeling on the right knee, the left foot in front. */
export function halfKneeling(over: Partial<Pose> = {}): Pose {
  return {
    at: [0.01, 0.285, 0],
    trunk: [0, 0, 0],
    leftLeg: foot(0.23, -0.06, { turn: 0 }),
    rightLeg: kneel(0, 0.06),
    ...arms(hang()),
    ...over,
  };
}

/** The press-up position. */
export function pressUp(over: Partial<Pose> = {}): Pose {
  return {
    at: [-0.255, 0.268, 0],
    trunk: [69, 0, 0],
    head: [-18, 0, 0],
    ...legs(foot(-0.785, 0.05, { heel: 68, turn: 0 })),
    ...arms({ hand: [0.01, 0.02, 0.11] }),
    ...over,
  };
}

/** On the back, head away from x, knees bent. */
export function faceUp(over: Partial<Pose> = {}): Pose {
  return {
    at: [0, 0.07, 0],
    trunk: [-90, 0, 0],
    ...legs(foot(0.3, 0.06, { turn: 0 })),
    ...arms({ upper: [22, 90], fore: [22, 90] }),
    ...over,
  };
}

export function faceDown(over: Partial<Pose> = {}): Pose {
  return {
    at: [0, 0.065, 0],
    trunk: [90, 0, 0],
    ...legs({ thigh: [4, 90], toe: 60 }),
    ...arms({ upper: [170, 60] }),
    ...over,
  };
}

/** On the right side, the head towards z. */
export function sideLying(over: Partial<Pose> = {}): Pose {
  return {
    at: [0, 0.09, 0],
    trunk: [0, 82, 0],
    hips: [0, 88, 0],
    leftLeg: { thigh: [70, 5], shank: [15, 180], toe: 20 },
    rightLeg: { thigh: [70, 0], shank: [15, 180], toe: 20 },
    leftArm: { upper: [90, 0] },
    rightArm: { upper: [90, 0] },
    ...over,
  };
}

/** Sitting, on the floor or as high as `level`. */
export function seated(over: Partial<Pose> = {}, level = 0): Pose {
  return {
    at: [0, level + 0.07, 0],
    trunk: [0, 0, 0],
    ...legs({ thigh: [88, 6], toe: 0 }),
    ...arms(hang()),
    ...over,
  };
}

export const BEAM: Vector = [0, 1.36, 0];

/** Hanging from a bar. */
export function hanging(over: Partial<Pose> = {}): Pose {
  return {
    at: [0, 0.76, 0],
    trunk: [0, 0, 0],
    ...legs({ thigh: [6, 0], shank: [10, 180], toe: 35 }),
    ...arms({ hand: [0, 1.36, 0.13] }),
    ...over,
  };
}

/** Where a bar lies on the back, on the front of the shoulders, and the hands on it. */
export const ON_BACK = { trunk: [-0.055, 0.005, 0] as Vector };
export const IN_FRONT = { trunk: [0.062, 0.025, 0] as Vector };
export const BACK_GRIP: Arm = { hand: [-0.055, 0.005, 0.2], of: "trunk", bend: [-0.5, -1, 0.1] };
export const FRONT_GRIP: Arm = { hand: [0.05, 0.045, 0.13], of: "trunk", bend: [1, -0.3, 0.1] };

/** A leg that kneels under a trunk on hands and knees, by where its parts point. */
export const AIMED: Leg = { thigh: [77, 0], shank: [13, 180], toe: 65 };
