export { mirrored, mirroredArm, mirroredLeg } from "./body";
export { type Cycle, cycleOf, type Moment } from "./cycle";
export { type JointAngles, jointAngles } from "./joint-angles";
export {
  type Frame,
  frameOf,
  pictureOf,
  pointsOf,
  SHADES,
  type Shape,
  type Substance,
  shadeOf,
  stillOf,
} from "./picture";
export type { Arm, Figure, Joint, Leg, Part, Place, Pose, Prop, Side, Turn } from "./pose";
export type { Skeleton } from "./skeleton";
export type { Vector } from "./vector";
