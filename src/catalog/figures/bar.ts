import type { Figure, Part, Pose } from "@/core/figure";
import {
  arms,
  BEAM,
  FRONT_GRIP,
  faceUp,
  foot,
  hanging,
  hinge,
  IN_FRONT,
  legs,
  OVERHEAD,
  squat,
  stand,
} from "./bodies";

const THIGHS: Part[] = ["leftThigh", "rightThigh"];
const HINGE: Part[] = ["hips", ...THIGHS];
const PRESS: Part[] = ["leftUpper", "rightUpper", "trunk"];
const WHOLE: Part[] = [...HINGE, "trunk"];
const FEET = ["leftHeel", "leftToe", "rightHeel", "rightToe"] as const;
const HIP_WIDE = legs(foot(0, 0.07, { turn: 12 }));
const WIDE = legs(foot(0, 0.09, { turn: 22 }));

const SNATCH_UP = { upper: [150, 92] } as const;
/** A bar held at arm's length by the clean grip, or the wide one, so high. */
const held = (y: number, x = 0.075, z = 0.11) => arms({ hand: [x, y, z], bend: [-0.4, 0, 1] });
/** On the toes, as long as the body gets, shoulders shrugged. */
const tall = (over: Partial<Pose>): Pose =>
  stand({ at: [0.01, 0.57, 0], girdle: [0, 0.03], ...legs(foot(0, 0.07, { heel: 26, turn: 12 })), ...over });
/** A short dip under a bar. */
const dip = (over: Partial<Pose>): Pose =>
  stand({ at: [-0.005, 0.455, 0], ...legs(foot(0, 0.08, { turn: 14 })), ...over });
const splitStance = {
  leftLeg: foot(0.22, -0.06, { turn: 2 }),
  rightLeg: foot(-0.24, 0.06, { turn: 2, heel: 40 }),
};

export const BAR_FIGURES: Record<string, Figure> = {
  "empty-bar-row": {
    ...{ view: 62, works: ["trunk", "leftUpper", "rightUpper"], still: 1 },
    poses: [
      hinge(62, held(0.31, 0.15, 0.13)),
      hinge(62, arms({ hand: [0.07, 0.52, 0.13], bend: [-1, 1, 0.5] })),
    ],
    props: [{ kind: "bar", at: "hands" }],
  },
  "scapular-pull-up": {
    ...{ view: 25, works: ["trunk"], still: 1 },
    poses: [
      hanging({ girdle: [0, 0.03], at: [0, 0.735, 0] }),
      hanging({ girdle: [0, -0.03], at: [0, 0.79, 0] }),
    ],
    props: [{ kind: "beam", at: BEAM }],
  },
  "light-dumbbell-press": {
    ...{ view: 30, works: PRESS, still: 1 },
    poses: [stand(arms({ upper: [30, 50], fore: [168, 20] })), stand(arms(OVERHEAD))],
    props: [
      { kind: "dumbbell", at: "leftHand" },
      { kind: "dumbbell", at: "rightHand" },
    ],
  },
  "empty-bar-press": {
    view: 40,
    works: PRESS,
    still: 1,
    poses: [
      stand({ ...HIP_WIDE, ...arms({ upper: [34, 22], fore: [172, 20] }) }),
      stand({ ...HIP_WIDE, ...arms({ upper: [172, 60] }) }),
    ],
    props: [{ kind: "bar", at: "hands" }],
  },
  "band-press": {
    ...{ view: 30, works: PRESS, still: 1 },
    poses: [stand(arms({ upper: [30, 50], fore: [170, 20] })), stand(arms(OVERHEAD))],
    props: [
      { kind: "band", through: ["leftToe", "leftHand"] },
      { kind: "band", through: ["rightToe", "rightHand"] },
    ],
  },
  "empty-bar-bench": {
    ...{ view: 55, rise: 16, works: PRESS, still: 0, ghost: 1 },
    poses: [
      faceUp({
        at: [0, 0.31, 0],
        ...legs(foot(0.22, 0.12, { turn: 10 })),
        ...arms({ hand: [-0.26, 0.44, 0.17], bend: [0.3, -1, 0.8] }),
      }),
      faceUp({
        at: [0, 0.31, 0],
        ...legs(foot(0.22, 0.12, { turn: 10 })),
        ...arms({ hand: [-0.28, 0.64, 0.15] }),
      }),
    ],
    props: [
      { kind: "pad", from: [0.04, 0.245, 0], to: [-0.42, 0.245, 0] },
      { kind: "bar", at: "hands" },
    ],
  },
  "clean-grip-rdl": {
    view: 62,
    works: HINGE,
    still: 1,
    poses: [stand({ ...HIP_WIDE, ...held(0.46) }), hinge(60, { ...HIP_WIDE, ...held(0.31, 0.06) })],
    props: [{ kind: "bar", at: "hands" }],
  },
  "tall-clean": {
    ...{ view: 55, seconds: 2.6, shares: [2, 1, 2], works: WHOLE, still: 2, ghost: 0, slides: [...FEET] },
    poses: [
      tall(held(0.53)),
      tall(arms({ hand: [0.09, 0.72, 0.13], bend: [0, 0.5, 1] })),
      squat(0.5, { trunk: [10, 0, 0], ...WIDE, ...arms(FRONT_GRIP) }),
    ],
    props: [{ kind: "bar", at: "hands" }],
  },
  "muscle-clean": {
    ...{ view: 55, seconds: 2.8, shares: [1, 1, 2], works: WHOLE, still: 1, ghost: 2, slides: [...FEET] },
    poses: [
      hinge(28, { at: [-0.05, 0.49, 0], ...HIP_WIDE, ...held(0.36) }),
      tall(arms({ hand: [0.09, 0.76, 0.13], bend: [0, 0.6, 1] })),
      stand({ ...HIP_WIDE, ...arms(FRONT_GRIP) }),
    ],
    props: [{ kind: "bar", at: "hands" }],
  },
  "jump-shrug": {
    ...{ view: 55, seconds: 2, shares: [1, 1, 1.4], works: WHOLE, still: 1, ghost: 0, slides: [...FEET] },
    poses: [
      hinge(34, { at: [-0.06, 0.47, 0], ...HIP_WIDE, ...held(0.33) }),
      stand({
        at: [0.01, 0.64, 0],
        girdle: [0, 0.05],
        ...legs({ thigh: [3, 0], toe: 48 }),
        ...arms({ upper: [12, 20] }),
      }),
      stand({ at: [-0.03, 0.49, 0], trunk: [10, 0, 0], ...HIP_WIDE, ...held(0.4) }),
    ],
    props: [{ kind: "bar", at: "hands" }],
  },
  "kettlebell-swing": {
    ...{ view: 68, seconds: 1.6, works: WHOLE, still: 1, ghost: 0 },
    poses: [
      hinge(58, { at: [-0.12, 0.47, 0], ...WIDE, ...arms({ hand: [-0.08, 0.36, 0.02] }) }),
      stand({ ...WIDE, ...arms({ hand: [0.33, 0.78, 0.02] }) }),
    ],
    props: [{ kind: "kettlebell", at: "hands" }],
  },
  "vertical-jump": {
    ...{
      view: 60,
      seconds: 2.6,
      shares: [1.4, 0.8, 0.8, 2],
      works: THIGHS,
      still: 2,
      ghost: 1,
      slides: [...FEET],
    },
    poses: [
      stand(),
      squat(0.5, { ...legs(foot(0, 0.07)), ...arms({ upper: [38, 180] }) }),
      stand({ at: [0, 0.76, 0], ...legs({ thigh: [2, 0], toe: 50 }), ...arms({ upper: [168, 20] }) }),
      squat(0.4, { ...legs(foot(0, 0.07)), ...arms({ upper: [50, 10] }) }),
    ],
  },
  "low-box-jump": {
    ...{
      view: 65,
      seconds: 2.8,
      shares: [0.8, 0.8, 1, 1.6],
      works: THIGHS,
      still: 1,
      ghost: 2,
      slides: [...FEET],
    },
    poses: [
      squat(0.5, { at: [-0.3, 0.4, 0], ...legs(foot(-0.24, 0.07)), ...arms({ upper: [38, 180] }) }),
      stand({
        at: [-0.04, 0.74, 0],
        trunk: [14, 0, 0],
        ...legs({ thigh: [70, 4], shank: [4, 180], toe: 20 }),
        ...arms({ upper: [110, 10] }),
      }),
      squat(0.35, {
        at: [0.1, 0.63, 0],
        ...legs({ floor: [0.16, 0.07], level: 0.2 }),
        ...arms({ upper: [60, 10] }),
      }),
      stand({ at: [0.16, 0.735, 0], ...legs({ floor: [0.16, 0.07], level: 0.2 }) }),
    ],
    props: [{ kind: "block", from: [0.08, 0, -0.22], to: [0.36, 0.2, 0.22] }],
  },
  "sprinter-split-squat": {
    ...{ view: 65, works: ["leftThigh", "rightThigh"], still: 0, ghost: 1 },
    poses: [
      stand({
        at: [-0.02, 0.33, 0],
        trunk: [46, 0, 0],
        leftLeg: foot(0.12, -0.05, { turn: 2 }),
        rightLeg: foot(-0.3, 0.05, { turn: 2, heel: 54 }),
        ...arms({ hand: [0.24, 0.16, 0.08] }),
      }),
      stand({
        at: [-0.02, 0.48, 0],
        trunk: [26, 0, 0],
        leftLeg: foot(0.12, -0.05, { turn: 2 }),
        rightLeg: foot(-0.3, 0.05, { turn: 2, heel: 42 }),
        ...arms({ upper: [30, 10], fore: [50, 0] }),
      }),
    ],
  },
  "single-leg-landing": {
    ...{
      view: 60,
      seconds: 4,
      shares: [0.6, 0.6, 2.4],
      works: ["leftThigh", "leftShank"],
      still: 2,
      ghost: 0,
      slides: [...FEET],
    },
    poses: [
      squat(0.3, { at: [-0.3, 0.45, 0], ...legs(foot(-0.26, 0.06)), ...arms({ upper: [34, 180] }) }),
      stand({
        at: [-0.08, 0.62, 0],
        leftLeg: { thigh: [30, 0], shank: [6, 180], toe: 20 },
        rightLeg: { thigh: [14, 0], shank: [50, 180], toe: 20 },
        ...arms({ upper: [50, 20] }),
      }),
      stand({
        at: [0.02, 0.44, -0.03],
        trunk: [18, 0, 0],
        leftLeg: foot(0.08, -0.05, { turn: 2 }),
        rightLeg: { thigh: [14, 0], shank: [62, 180], toe: 20 },
        ...arms({ upper: [40, 40] }),
      }),
    ],
  },
  "medicine-ball-push": {
    ...{
      view: 62,
      seconds: 2.4,
      shares: [0.7, 1.7],
      works: ["trunk", "leftUpper", "rightUpper"],
      still: 1,
      ghost: 0,
    },
    poses: [
      squat(0.3, { ...WIDE, ...arms({ hand: [0.12, -0.06, 0.06], of: "trunk", bend: [-0.3, -0.5, 1] }) }),
      stand({ trunk: [6, 0, 0], ...WIDE, ...arms({ upper: [90, 3] }) }),
    ],
    props: [{ kind: "ball", at: "hands" }],
  },
  "muscle-snatch": {
    ...{ view: 50, seconds: 2.8, shares: [1, 1, 2], works: WHOLE, still: 1, ghost: 2, slides: [...FEET] },
    poses: [
      hinge(26, { at: [-0.05, 0.5, 0], ...HIP_WIDE, ...held(0.45, 0.08, 0.24) }),
      tall(arms({ hand: [0.1, 0.78, 0.24], bend: [0, 0.6, 1] })),
      stand({ ...HIP_WIDE, ...arms(SNATCH_UP) }),
    ],
    props: [{ kind: "bar", at: "hands" }],
  },
  "snatch-balance": {
    ...{ view: 50, seconds: 2.8, shares: [1, 2.4, 1], works: WHOLE, still: 1, ghost: 0, slides: [...FEET] },
    poses: [
      stand({ ...HIP_WIDE, ...arms({ hand: [-0.05, 0.01, 0.26], of: "trunk", bend: [-0.5, -1, 0.1] }) }),
      squat(1, { trunk: [22, 0, 0], ...arms({ upper: [150, 112] }) }),
      stand({ ...WIDE, ...arms(SNATCH_UP) }),
    ],
    props: [{ kind: "bar", at: "hands" }],
  },
  "empty-bar-overhead-squat": {
    view: 45,
    works: WHOLE,
    still: 1,
    poses: [
      stand({ ...WIDE, ...arms(SNATCH_UP) }),
      squat(1, { trunk: [24, 0, 0], ...arms({ upper: [148, 116] }) }),
    ],
    props: [{ kind: "bar", at: "hands" }],
  },
  "dip-and-drive": {
    view: 60,
    seconds: 2.4,
    works: THIGHS,
    still: 0,
    ghost: 1,
    poses: [
      dip(arms(FRONT_GRIP)),
      tall({ girdle: [0, 0], ...legs(foot(0, 0.08, { heel: 26, turn: 14 })), ...arms(FRONT_GRIP) }),
    ],
    props: [{ kind: "bar", at: IN_FRONT }],
    slides: ["leftHeel", "rightHeel"],
  },
  "push-press-drill": {
    ...{ view: 55, seconds: 2.6, works: [...THIGHS, ...PRESS], still: 1, ghost: 0 },
    poses: [
      dip(arms({ hand: [0.08, 0.02, 0.13], of: "trunk", bend: [1, -0.6, 0.2] })),
      stand({ ...legs(foot(0, 0.08, { turn: 14 })), ...arms({ upper: [172, 60] }) }),
    ],
    props: [{ kind: "bar", at: "hands" }],
  },
  "split-press": {
    ...{ view: 62, works: [...PRESS, "leftThigh"], still: 1, ghost: 0 },
    poses: [
      stand({
        at: [0, 0.42, 0],
        ...splitStance,
        ...arms({ hand: [0.08, 0.02, 0.13], of: "trunk", bend: [0.8, -1, 0.2] }),
      }),
      stand({ at: [0, 0.42, 0], ...splitStance, ...arms({ upper: [172, 60] }) }),
    ],
    props: [{ kind: "bar", at: "hands" }],
  },
  "wide-push-press": {
    ...{ view: 50, seconds: 2.6, works: [...THIGHS, ...PRESS], still: 1, ghost: 0 },
    poses: [
      dip(arms({ hand: [-0.05, 0.01, 0.26], of: "trunk", bend: [-0.5, -1, 0.1] })),
      stand({ ...legs(foot(0, 0.08, { turn: 14 })), ...arms(SNATCH_UP) }),
    ],
    props: [{ kind: "bar", at: "hands" }],
  },
};
