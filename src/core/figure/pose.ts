import type { Vector } from "./vector";

/** How a part of the body stands: leant forward, tilted to the right, turned to the left about its own length. Degrees. */
export type Turn = readonly [lean: number, tilt: number, turn: number];

/**
 * Where a part of a limb points against the part of the body that it hangs from: 0 down, 90 level, 180 up; towards the
 * front (0), its own side (90) or the back (180). Degrees.
 */
export type Aim = readonly [raise: number, towards: number];

/** A leg: where its foot stands or is, where its knee kneels, or where its parts point. */
export type Leg =
  /** The foot on a level surface: ankle over a spot when flat; `heel` is how far it is lifted, `toe` how far the toes are. */
  | {
      floor: readonly [x: number, z: number];
      level?: number;
      /** Where the toes point: to its own side. Degrees. */
      turn?: number;
      heel?: number;
      toe?: number;
      bend?: Vector;
    }
  /** The ankle in the room; toes down from level. */
  | { ankle: Vector; turn?: number; toe?: number; bend?: Vector }
  /** The knee on a surface, the shank lying behind it to a side of its own. */
  | { knee: Vector; shank?: Aim; toe?: number }
  /** Thigh and shank as they point from the pelvis; toes down from level to the shank. */
  | { thigh: Aim; shank?: Aim; toe?: number };

/** An arm: where its hand is, or where its parts point against the trunk. */
export type Arm =
  | { hand: Vector; of?: "room" | "trunk" | "hips"; bend?: Vector }
  | { upper: Aim; fore?: Aim };

/** How a body is held at a moment. Room: x forward, y up, z to the figure's right; body heights, degrees. */
export interface Pose {
  /** The middle of the pelvis. */
  at: Vector;
  trunk: Turn;
  /** The pelvis, where it is turned otherwise than the trunk. */
  hips?: Turn;
  /** Against the trunk. */
  head?: Turn;
  /** How far the shoulders are drawn forward and up. */
  girdle?: readonly [forward: number, up: number];
  leftLeg: Leg;
  rightLeg: Leg;
  leftArm: Arm;
  rightArm: Arm;
}

/** Points of a skeleton. */
export type Joint =
  | "pelvis"
  | "waist"
  | "chest"
  | "neck"
  | "head"
  | `${Side}${"Hip" | "Knee" | "Ankle" | "Heel" | "Toe" | "Shoulder" | "Elbow" | "Hand"}`;
export type Side = "left" | "right";

/** Parts of the body that can be shown at work. */
export type Part = "trunk" | "hips" | "head" | `${Side}${"Thigh" | "Shank" | "Foot" | "Upper" | "Fore"}`;

/** A place that a prop is tied to: a joint, the middle of both hands, a point of the trunk, or a point of the room. */
export type Place = Joint | "hands" | { trunk: Vector } | Vector;

/** What is held, stood on or leant against. */
export type Prop =
  /** A bar through both hands, or across the trunk; with plates, or empty. */
  | { kind: "bar" | "stick"; at: Place; plates?: boolean; reach?: number; lengthwise?: Vector }
  | { kind: "band" | "rope"; through: readonly Place[] }
  /** About both legs, above the knees. */
  | { kind: "mini-band" }
  | { kind: "kettlebell" | "dumbbell" | "plate" | "ball"; at: Place }
  /** A block on the floor: from, to. */
  | { kind: "block"; from: Vector; to: Vector }
  /** A bench pad from its low end to its high end. */
  | { kind: "pad"; from: Vector; to: Vector }
  /** The wall at this x. */
  | { kind: "wall"; x: number }
  | { kind: "rack"; x: number; bar?: number }
  /** A bar in the room that hands hang from. */
  | { kind: "beam"; at: Vector }
  | { kind: "roller"; at: Vector }
  | { kind: "slider"; at: Joint }
  | { kind: "cable"; from: Vector; to: Place }
  | { kind: "wheel"; at: Vector; radius: number };

/** A drill's figure: poses that follow each other round and round. */
export interface Figure {
  /** From where it is seen best: 0 from the front, 90 from the figure's left. Degrees. */
  view: number;
  /** How far above the floor it is seen from; absent: a little. Degrees. */
  rise?: number;
  poses: readonly Pose[];
  /** What the ways from each pose to the next take of a round. Absent: the same. */
  shares?: readonly number[];
  /** Of a round, where the drill's own dose does not say it. */
  seconds?: number;
  /** Whether it goes on through its poses without a stop in each, as running does. */
  flows?: boolean;
  /** The pose that tells most, shown when nothing moves, and the one behind it as a ghost. */
  still?: number;
  ghost?: number | null;
  props?: readonly Prop[];
  works: readonly Part[];
  /** Joints that slide on purpose. */
  slides?: readonly Joint[];
}
