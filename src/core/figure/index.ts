export { mirrored, mirroredArm, mirroredLeg } from "./body";
export { type Cycle, cycleOf, type Moment } from "./cycle";
export { type Frame, frameOf, stillOf } from "./frame";
export { type JointAngles, jointAngles } from "./joint-angles";
export { pictureOf } from "./picture";
export type { Arm, Figure, Joint, Leg, Part, Place, Pose, Prop, Side, Turn } from "./pose";
export { pointsOf, SHADES, type Shape, type Substance, shadeOf } from "./shape";
export type { Skeleton } from "./skeleton";
export type { Vector } from "./vector";
