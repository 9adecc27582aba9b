import type { Figure, Part, Pose } from "@/core/figure";
import { BAR_FIGURES } from "./bar";
import {
  arms,
  BACK_GRIP,
  BEAM,
  FRONT_GRIP,
  faceUp,
  foot,
  hanging,
  hinge,
  IN_FRONT,
  legs,
  ON_BACK,
  seated,
  squat,
  stand,
} from "./bodies";
import { HIP_FIGURES } from "./hips";
import { LEG_FIGURES } from "./legs";
import { RAISE_FIGURES } from "./raise";
import { TRUNK_FIGURES } from "./trunk";

const THIGHS: Part[] = ["leftThigh", "rightThigh"];
const HINGE: Part[] = ["hips", ...THIGHS];
const PRESS: Part[] = ["leftUpper", "rightUpper", "trunk"];
const WHOLE: Part[] = [...HINGE, "trunk"];
const FEET = ["leftHeel", "leftToe", "rightHeel", "rightToe"] as const;
const HANDS = [{ kind: "bar", at: "hands", plates: true }] as const;
const BACK = [{ kind: "bar", at: ON_BACK, plates: true }] as const;
const FRONT = [{ kind: "bar", at: IN_FRONT, plates: true }] as const;
const HIP_WIDE = legs(foot(0, 0.07, { turn: 12 }));
const WIDE = legs(foot(0, 0.09, { turn: 22 }));
const UP = arms({ upper: [172, 60] });
const WIDE_UP = arms({ upper: [150, 92] });

/** A bar held at arm's length so high, hands so far from the middle. */
const held = (y: number, z = 0.12, x = 0.07) => arms({ hand: [x, y, z], bend: [-0.4, 0, 1] });
/** Over a bar on the floor. */
const start = (z = 0.12, over: Partial<Pose> = {}): Pose =>
  stand({
    at: [-0.16, 0.315, 0],
    trunk: [58, 0, 0],
    head: [-25, 0, 0],
    ...HIP_WIDE,
    ...held(0.13, z, 0.06),
    ...over,
  });
const pulled = (z = 0.12): Pose =>
  stand({
    at: [0.01, 0.565, 0],
    girdle: [0, 0.03],
    ...legs(foot(0, 0.07, { heel: 24, turn: 12 })),
    ...arms({ hand: [0.09, 0.68, z], bend: [-0.2, 0.5, 1] }),
  });
const PULL = {
  view: 52,
  seconds: 3.4,
  shares: [1.6, 0.6, 1, 2],
  works: WHOLE,
  ghost: 0,
  slides: [...FEET],
  props: [...HANDS],
};
const rackSquat = (depth: number): Pose =>
  squat(depth, { trunk: [22 * depth, 0, 0], ...WIDE, ...arms(FRONT_GRIP) });
const overheadSquat = (depth: number): Pose =>
  squat(depth, { trunk: [24 * depth, 0, 0], ...WIDE, ...arms({ upper: [149, 92 + 26 * depth] }) });
const splitStance = {
  leftLeg: foot(0.22, -0.06, { turn: 2 }),
  rightLeg: foot(-0.24, 0.06, { turn: 2, heel: 44 }),
};
const bench = (lean: number, low: boolean): Pose =>
  faceUp({
    at: [0, 0.31, 0],
    trunk: [lean, 0, 0],
    hips: [-80, 0, 0],
    ...legs(foot(0.22, 0.12, { turn: 10 })),
    ...arms(low ? { upper: [52, 96], fore: [100, 8] } : { upper: [88, 20], fore: [90, 2] }),
  });

/** The main positions of each lift; the first is where it starts. */
export const LIFT_FIGURES: Record<string, Figure> = {
  "back-squat": {
    view: 48,
    works: THIGHS,
    still: 1,
    poses: [stand({ ...WIDE, ...arms(BACK_GRIP) }), squat(1, arms(BACK_GRIP))],
    props: [...BACK],
  },
  "low-bar-squat": {
    view: 52,
    works: HINGE,
    still: 1,
    poses: [
      stand({ ...WIDE, trunk: [6, 0, 0], ...arms(BACK_GRIP) }),
      squat(0.92, { at: [-0.17, 0.26, 0], trunk: [52, 0, 0], ...arms(BACK_GRIP) }),
    ],
    props: [{ kind: "bar", at: { trunk: [-0.065, -0.03, 0] }, plates: true }],
  },
  "front-squat": {
    view: 48,
    works: THIGHS,
    still: 1,
    poses: [rackSquat(0), rackSquat(1)],
    props: [...FRONT],
  },
  "overhead-squat": {
    view: 42,
    works: WHOLE,
    still: 1,
    poses: [overheadSquat(0), overheadSquat(1)],
    props: [...HANDS],
  },
  "overhead-press": {
    view: 40,
    works: PRESS,
    still: 1,
    poses: [
      stand({ ...HIP_WIDE, ...arms({ upper: [34, 22], fore: [172, 20] }) }),
      stand({ ...HIP_WIDE, ...UP }),
    ],
    props: [...HANDS],
  },
  "push-press": { ...BAR_FIGURES["push-press-drill"]!, props: [...HANDS] },
  "bench-press": {
    view: 55,
    rise: 16,
    works: PRESS,
    still: 0,
    poses: [bench(-90, true), bench(-90, false)],
    props: [{ kind: "pad", from: [0.04, 0.245, 0], to: [-0.42, 0.245, 0] }, ...HANDS],
  },
  "incline-bench-press": {
    view: 58,
    rise: 14,
    works: PRESS,
    still: 0,
    poses: [bench(-52, true), bench(-52, false)],
    props: [{ kind: "pad", from: [0.02, 0.22, 0], to: [-0.34, 0.5, 0] }, ...HANDS],
  },
  "dumbbell-bench-press": {
    view: 55,
    rise: 16,
    works: PRESS,
    still: 0,
    poses: [bench(-90, true), bench(-90, false)],
    props: [
      { kind: "pad", from: [0.04, 0.245, 0], to: [-0.42, 0.245, 0] },
      { kind: "dumbbell", at: "leftHand" },
      { kind: "dumbbell", at: "rightHand" },
    ],
  },
  deadlift: {
    view: 58,
    works: WHOLE,
    still: 0,
    poses: [start(), stand({ ...HIP_WIDE, ...held(0.47) })],
    props: [...HANDS],
  },
  "sumo-deadlift": {
    view: 35,
    works: WHOLE,
    still: 0,
    poses: [
      start(0.08, {
        at: [-0.12, 0.285, 0],
        trunk: [48, 0, 0],
        ...legs(foot(0, 0.24, { turn: 38, bend: [0.7, 0.2, 0.9] })),
      }),
      stand({ at: [0, 0.49, 0], ...legs(foot(0, 0.24, { turn: 38 })), ...held(0.42, 0.08) }),
    ],
    props: [...HANDS],
  },
  "trap-bar-deadlift": {
    view: 50,
    works: WHOLE,
    still: 0,
    poses: [
      stand({
        at: [-0.13, 0.3, 0],
        trunk: [44, 0, 0],
        head: [-15, 0, 0],
        ...HIP_WIDE,
        ...arms({ hand: [0.04, 0.19, 0.17] }),
      }),
      stand({ ...HIP_WIDE, ...arms({ hand: [0.02, 0.5, 0.17] }) }),
    ],
    props: [{ kind: "bar", at: "hands", plates: true }],
  },
  "romanian-deadlift": {
    view: 60,
    works: HINGE,
    still: 1,
    poses: [stand({ ...HIP_WIDE, ...held(0.47) }), hinge(72, { ...HIP_WIDE, ...held(0.25, 0.12, 0.05) })],
    props: [...HANDS],
  },
  "good-morning-lift": {
    view: 66,
    works: HINGE,
    still: 1,
    poses: [stand({ ...HIP_WIDE, ...arms(BACK_GRIP) }), hinge(66, { ...HIP_WIDE, ...arms(BACK_GRIP) })],
    props: [...BACK],
  },
  "hip-thrust": {
    ...{ view: 62, works: HINGE, still: 1 },
    poses: [0, 1].map((high) =>
      faceUp({
        at: [0.02, 0.12 + 0.145 * high, 0],
        trunk: [-44 - 44 * high, 0, 0],
        head: [20, 0, 0],
        ...legs(foot(0.27, 0.08, { turn: 8 })),
        ...arms({ hand: [0.085, 0.05, 0.14], of: "hips", bend: [-0.3, 0, 1] }),
      }),
    ),
    props: [{ kind: "block", from: [-0.42, 0, -0.22], to: [-0.2, 0.2, 0.22] }, ...HANDS],
  },
  "split-squat": {
    view: 60,
    works: ["leftThigh", "hips"],
    still: 1,
    poses: [0.5, 0.3].map((y) => stand({ at: [0.01, y, 0], ...splitStance, ...arms(BACK_GRIP) })),
    props: [...BACK],
  },
  lunge: {
    view: 60,
    works: ["leftThigh", "hips"],
    still: 1,
    slides: [...FEET],
    poses: [
      stand({ at: [-0.2, 0.536, 0], ...legs(foot(-0.2, 0.05)), ...arms(BACK_GRIP) }),
      stand({ at: [0.02, 0.3, 0], ...splitStance, ...arms(BACK_GRIP) }),
    ],
    props: [...BACK],
  },
  "step-up": {
    ...HIP_FIGURES["step-up"]!,
    poses: HIP_FIGURES["step-up"]!.poses.map((p) => ({ ...p, ...arms(BACK_GRIP) })),
    props: [...HIP_FIGURES["step-up"]!.props!, ...BACK],
  },
  "leg-press": {
    ...{ view: 72, works: THIGHS, still: 0 },
    poses: [0.3, 0.46].map((x) =>
      seated({
        at: [-0.02, 0.14, 0],
        trunk: [-42, 0, 0],
        ...legs({ ankle: [x, 0.1 + x, 0.08], toe: -52, bend: [-0.2, 1, 0.2] }),
        ...arms({ hand: [0.02, 0.02, 0.16], of: "hips" }),
      }),
    ),
    props: [{ kind: "pad", from: [0.02, 0.06, 0], to: [-0.26, 0.34, 0] }],
    slides: [...FEET],
  },
  "barbell-row": { ...BAR_FIGURES["empty-bar-row"]!, props: [...HANDS] },
  "dumbbell-row": {
    ...{ view: 50, works: ["trunk", "leftUpper"], still: 1 },
    poses: [0, 1].map((up) =>
      hinge(72, {
        leftLeg: foot(-0.16, -0.07),
        rightLeg: { knee: [0.0, 0.27, 0.05], shank: [90, 180], toe: 60 },
        at: [0.02, 0.51, 0],
        rightArm: { hand: [0.3, 0.26, 0.1] },
        leftArm: up ? { upper: [18, 170], fore: [62, 0] } : { upper: [74, 0] },
      }),
    ),
    props: [
      { kind: "pad", from: [-0.16, 0.21, 0.06], to: [0.36, 0.21, 0.06] },
      { kind: "dumbbell", at: "leftHand" },
    ],
  },
  "pull-up": {
    view: 25,
    works: ["trunk", "leftUpper", "rightUpper"],
    still: 1,
    poses: [
      hanging({ at: [0, 0.745, 0] }),
      hanging({ at: [-0.03, 1.0, 0], ...arms({ hand: [0, 1.36, 0.15], bend: [-0.3, -1, 0.7] }) }),
    ],
    props: [{ kind: "beam", at: BEAM }],
  },
  "lat-pulldown": {
    ...{ view: 40, works: ["trunk", "leftUpper", "rightUpper"], still: 1 },
    poses: [
      seated({ ...legs(foot(0.26, 0.08)), ...arms({ upper: [162, 70] }) }, 0.26),
      seated(
        {
          trunk: [-12, 0, 0],
          ...legs(foot(0.26, 0.08)),
          ...arms({ hand: [0.1, -0.02, 0.24], of: "trunk", bend: [-0.4, -1, 0.3] }),
        },
        0.26,
      ),
    ],
    props: [
      { kind: "pad", from: [-0.1, 0.24, 0], to: [0.12, 0.24, 0] },
      { kind: "stick", at: "hands" },
      { kind: "cable", from: [0.12, 1.16, 0], to: "hands" },
    ],
  },
  dip: {
    ...{ view: 55, works: ["leftUpper", "rightUpper", "trunk"], still: 1 },
    poses: [
      hanging({
        at: [0, 0.66, 0],
        ...arms({ hand: [0.04, 0.6, 0.14] }),
        ...legs({ thigh: [10, 0], shank: [60, 180], toe: 35 }),
      }),
      hanging({
        at: [-0.04, 0.48, 0],
        trunk: [20, 0, 0],
        ...arms({ hand: [0.04, 0.6, 0.14], bend: [-1, 0.4, 0.2] }),
        ...legs({ thigh: [14, 0], shank: [60, 180], toe: 35 }),
      }),
    ],
    props: [
      { kind: "block", from: [-0.2, 0.55, -0.16], to: [0.3, 0.58, -0.13] },
      { kind: "block", from: [-0.2, 0.55, 0.13], to: [0.3, 0.58, 0.16] },
    ],
  },
  "power-clean": {
    ...PULL,
    still: 2,
    poses: [start(), pulled(), rackSquat(0.35), stand({ ...HIP_WIDE, ...arms(FRONT_GRIP) })],
  },
  clean: { ...PULL, still: 2, poses: [start(), pulled(), rackSquat(1), rackSquat(0)] },
  "power-snatch": {
    ...PULL,
    view: 46,
    still: 2,
    poses: [
      start(0.25, { at: [-0.17, 0.27, 0], trunk: [62, 0, 0] }),
      pulled(0.26),
      overheadSquat(0.35),
      stand({ ...HIP_WIDE, ...WIDE_UP }),
    ],
  },
  snatch: {
    ...PULL,
    view: 46,
    still: 2,
    poses: [
      start(0.25, { at: [-0.17, 0.27, 0], trunk: [62, 0, 0] }),
      pulled(0.26),
      overheadSquat(1),
      overheadSquat(0),
    ],
  },
  "clean-and-jerk": {
    ...PULL,
    seconds: 4.4,
    shares: [1.4, 0.6, 1, 1, 1.4],
    still: 3,
    poses: [
      start(),
      pulled(),
      rackSquat(0.8),
      stand({ at: [0, 0.44, 0], ...splitStance, ...UP }),
      stand({ ...HIP_WIDE, ...UP }),
    ],
  },
  jerk: {
    ...PULL,
    view: 58,
    seconds: 3,
    shares: [0.8, 1.4, 1],
    still: 1,
    poses: [
      stand({ at: [-0.005, 0.455, 0], ...HIP_WIDE, ...arms(FRONT_GRIP) }),
      stand({ at: [0, 0.44, 0], ...splitStance, ...UP }),
      stand({ ...HIP_WIDE, ...UP }),
    ],
  },
  "biceps-curl": {
    view: 55,
    works: ["leftUpper", "rightUpper", "leftFore", "rightFore"],
    still: 1,
    poses: [stand(held(0.47)), stand(arms({ upper: [8, 10], fore: [142, 4] }))],
    props: [...HANDS],
  },
  "lateral-raise": {
    view: 20,
    works: ["leftUpper", "rightUpper"],
    still: 1,
    poses: [stand(arms({ upper: [8, 90] })), stand(arms({ upper: [86, 84] }))],
    props: [
      { kind: "dumbbell", at: "leftHand" },
      { kind: "dumbbell", at: "rightHand" },
    ],
  },
  "triceps-extension": {
    view: 62,
    works: ["leftUpper", "rightUpper"],
    still: 1,
    poses: [stand(arms({ upper: [172, 30] })), stand(arms({ upper: [164, 20], fore: [40, 168] }))],
    props: [{ kind: "bar", at: "hands" }],
  },
  "circuit-block": RAISE_FIGURES["star-jumps"]!,
  "interval-block": RAISE_FIGURES["walk-to-jog"]!,
  "kettlebell-block": BAR_FIGURES["kettlebell-swing"]!,
  "recovery-whole": TRUNK_FIGURES["cat-and-cow"]!,
  "recovery-legs": LEG_FIGURES["deep-squat-hold"]!,
  "cool-down-legs": HIP_FIGURES["lying-hamstring-stretch"]!,
  "cool-down-upper": TRUNK_FIGURES["kneel-back-reach"]!,
};
