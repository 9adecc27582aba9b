import type { Side } from "./pose";
import type { Skeleton } from "./skeleton";
import { angleBetween, subtract } from "./vector";

/** How far the joints of one side are bent, and the spine. Degrees; 0 is straight. */
export interface JointAngles {
  knee: number;
  elbow: number;
  /** Of the toes against a right angle to the shank: more than 0 is down. */
  ankle: number;
  /** Between thigh and the line of the pelvis. */
  hip: number;
  /** Between the lines of pelvis and trunk. */
  spine: number;
  /** Between the lines of trunk and head. */
  neck: number;
}

/** The joints of a skeleton as they are bent, for one side. */
export function jointAngles({ joints: j, trunk, hips, head }: Skeleton, side: Side): JointAngles {
  const way = (from: keyof typeof j, to: keyof typeof j) => subtract(j[to], j[from]);
  const thigh = way(`${side}Hip`, `${side}Knee`);
  const shank = way(`${side}Knee`, `${side}Ankle`);
  return {
    knee: angleBetween(thigh, shank),
    elbow: angleBetween(way(`${side}Shoulder`, `${side}Elbow`), way(`${side}Elbow`, `${side}Hand`)),
    ankle: 90 - angleBetween(shank, way(`${side}Heel`, `${side}Toe`)),
    hip: 180 - angleBetween(thigh, hips.up),
    spine: angleBetween(hips.up, trunk.up),
    neck: angleBetween(trunk.up, head.up),
  };
}
