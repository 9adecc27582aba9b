import type { Figure, Part, Pose } from "@/core/figure";
import {
  AIMED,
  ahead,
  arms,
  faceUp,
  foot,
  halfKneeling,
  hinge,
  legs,
  ON_HIPS,
  onHandsAndKnees,
  seated,
  squat,
  stand,
} from "./bodies";

const HIPS: Part[] = ["hips"];
const LEFT: Part[] = ["hips", "leftThigh"];
const BOTH: Part[] = ["hips", "leftThigh", "rightThigh"];
const SLIDES = ["leftHeel", "leftToe", "rightHeel", "rightToe"] as const;

/** On the right foot, beside a support that the right hand holds. */
const onRight = (over: Partial<Pose>): Pose =>
  stand({
    at: [0, 0.538, 0.025],
    rightLeg: foot(0, 0.05, { turn: 3 }),
    leftArm: ON_HIPS,
    rightArm: { hand: [0.12, 0.58, 0.3] },
    ...over,
  });
const POST = { kind: "block", from: [0.09, 0, 0.28], to: [0.15, 0.62, 0.34] } as const;

/** A long split stance, the left foot in front; how low it is, 0 to 1. */
const split = (low: number, over: Partial<Pose> = {}): Pose =>
  stand({
    at: [0.01, 0.5 - 0.2 * low, 0],
    trunk: [4 * low, 0, 0],
    leftLeg: foot(0.22, -0.05, { turn: 2 }),
    rightLeg: foot(-0.26, 0.05, { turn: 2, heel: 42 + 14 * low }),
    ...over,
  });

/** A bridge, as high as 1. */
const bridge = (high: number, over: Partial<Pose> = {}): Pose =>
  faceUp({
    at: [0.015 * high, 0.07 + 0.165 * high, 0],
    trunk: [-90 - 33 * high, 0, 0],
    head: [33 * high, 0, 0],
    ...over,
  });

const side = (z: number, over: Partial<Pose>): Pose =>
  stand({ ...legs(foot(0, 0.24, { turn: 14 })), at: [-0.12, 0.34, z], trunk: [38, 0, 0], ...over });

export const HIP_FIGURES: Record<string, Figure> = {
  "leg-swing-front": {
    ...{ view: 70, seconds: 1.6, works: LEFT, still: 0, ghost: 1 },
    poses: [
      onRight({ leftLeg: { thigh: [68, 0], shank: [60, 0], toe: 0 } }),
      onRight({ trunk: [6, 0, 0], leftLeg: { thigh: [26, 180], shank: [44, 180], toe: 20 } }),
    ],
    props: [POST],
  },
  "leg-swing-side": {
    ...{ view: 8, seconds: 1.6, works: LEFT, still: 0, ghost: 1 },
    poses: [
      onRight({
        trunk: [4, 4, 0],
        leftLeg: { thigh: [48, 90], toe: 5 },
        ...arms({ hand: [0.28, 0.66, 0.1] }),
      }),
      onRight({ leftLeg: { thigh: [30, -60], toe: 5 }, ...arms({ hand: [0.28, 0.66, 0.1] }) }),
    ],
    props: [{ kind: "stick", at: [0.28, 0.66, 0], reach: 0.3 }],
  },
  "adductor-rock": {
    ...{ view: 30, rise: 22, works: LEFT, still: 1 },
    poses: [
      onHandsAndKnees({ leftLeg: { ankle: [0.02, 0.05, -0.5], turn: 20, toe: 0, bend: [0.2, 1, 0] } }),
      onHandsAndKnees({
        at: [-0.16, 0.2, 0],
        trunk: [88, 0, 0],
        leftLeg: { ankle: [0.02, 0.05, -0.5], turn: 20, toe: 0, bend: [0.2, 1, 0] },
      }),
    ],
  },
  "straight-leg-kick": {
    ...{ view: 62, seconds: 2.4, works: ["leftThigh", "leftShank"], still: 1, slides: [...SLIDES] },
    poses: [
      stand({ leftLeg: foot(-0.14, -0.05, { heel: 36 }), rightLeg: foot(0.1, 0.05), at: [0.01, 0.525, 0] }),
      stand({
        at: [0, 0.536, 0.02],
        trunk: [8, 0, 0],
        rightLeg: foot(0, 0.05),
        leftLeg: { thigh: [88, 0], toe: -5 },
        leftArm: { upper: [30, 120] },
        rightArm: { hand: [0.27, 0.63, 0] },
      }),
    ],
  },
  "opposite-toe-touch": {
    ...{ view: 30, works: ["leftThigh", "rightThigh", "trunk"], still: 1, ghost: 0 },
    poses: [
      stand({ ...legs(foot(0, 0.17)), trunk: [-8, 0, 0], ...arms({ upper: [160, 60] }) }),
      hinge(80, {
        at: [-0.16, 0.47, 0],
        trunk: [96, 0, 44],
        hips: [80, 0, 8],
        ...legs(foot(0, 0.17)),
        leftArm: { upper: [96, 96] },
        rightArm: { hand: [0.06, 0.16, -0.13] },
      }),
    ],
  },
  "knee-drive-back-up": {
    ...{ view: 68, works: LEFT, still: 0, ghost: 1 },
    poses: [
      onRight({ leftLeg: { thigh: [112, 0], shank: [16, 180], toe: 0 } }),
      onRight({ trunk: [14, 0, 0], leftLeg: { thigh: [20, 180], shank: [26, 180], toe: 25 } }),
    ],
    props: [POST],
  },
  "hip-circles": {
    ...{ view: 25, seconds: 3, flows: true, works: LEFT, still: 1, ghost: 2, slides: [...SLIDES] },
    poses: [
      onRight({ leftLeg: foot(-0.06, -0.05, { heel: 26 }), ...arms(ON_HIPS) }),
      onRight({ leftLeg: { thigh: [92, 0], shank: [6, 180], toe: 5 }, ...arms(ON_HIPS) }),
      onRight({ leftLeg: { thigh: [84, 72], shank: [16, 180], toe: 5 }, ...arms(ON_HIPS) }),
      onRight({ leftLeg: { thigh: [34, 92], shank: [24, 170], toe: 10 }, ...arms(ON_HIPS) }),
    ],
  },
  "figure-four-pull": {
    ...{ view: 28, seconds: 3, works: LEFT, still: 1, slides: [...SLIDES] },
    poses: [
      stand({ leftLeg: foot(0.1, -0.05), rightLeg: foot(-0.1, 0.05, { heel: 26 }) }),
      stand({
        at: [0, 0.55, 0.025],
        rightLeg: foot(0, 0.05, { heel: 14 }),
        leftLeg: { thigh: [98, 48], shank: [84, -66], toe: 5 },
        leftArm: { hand: [0.19, 0.1, -0.19], of: "hips", bend: [-0.3, -0.4, -1] },
        rightArm: { hand: [0.2, 0.1, 0.02], of: "hips", bend: [-0.3, -0.6, 1] },
      }),
    ],
  },
  "ninety-ninety": {
    ...{ view: 20, rise: 24, works: BOTH, still: 0, ghost: null },
    poses: [
      seated({
        at: [0, 0.075, 0],
        trunk: [-6, 0, 12],
        leftLeg: { ankle: [0.2, 0.055, 0.14], toe: 6, turn: -60, bend: [0.7, 0.1, -1] },
        rightLeg: { ankle: [-0.08, 0.055, 0.42], toe: 6, turn: 150, bend: [1, 0.1, 0.2] },
        ...arms({ hand: [-0.15, 0.02, 0.16] }),
      }),
      seated({
        at: [0, 0.085, 0],
        trunk: [-6, 0, 0],
        ...legs({ ankle: [0.28, 0.05, 0.16], toe: -10, bend: [0, 1, 0] }),
        ...arms({ hand: [-0.15, 0.02, 0.16] }),
      }),
      seated({
        at: [0, 0.075, 0],
        trunk: [-6, 0, -12],
        rightLeg: { ankle: [0.2, 0.055, -0.14], toe: 6, turn: -60, bend: [0.7, 0.1, 1] },
        leftLeg: { ankle: [-0.08, 0.055, -0.42], toe: 6, turn: 150, bend: [1, 0.1, -0.2] },
        ...arms({ hand: [-0.15, 0.02, 0.16] }),
      }),
      seated({
        at: [0, 0.085, 0],
        trunk: [-6, 0, 0],
        ...legs({ ankle: [0.28, 0.05, 0.16], toe: -10, bend: [0, 1, 0] }),
        ...arms({ hand: [-0.15, 0.02, 0.16] }),
      }),
    ],
    slides: [...SLIDES],
  },
  "cossack-squat": {
    ...{ view: 12, works: BOTH, still: 1, ghost: 0 },
    poses: [
      stand({ at: [0, 0.46, 0], ...legs(foot(0, 0.28, { turn: 18 })), ...arms(ahead(60)) }),
      stand({
        at: [-0.08, 0.25, -0.24],
        trunk: [34, 0, 0],
        leftLeg: foot(0, -0.28, { turn: 28 }),
        rightLeg: foot(0, 0.28, { turn: 30, toe: 50 }),
        ...arms(ahead(112)),
      }),
    ],
    slides: ["rightToe"],
  },
  "side-lunge": {
    ...{ view: 15, works: BOTH, still: 1 },
    poses: [
      stand(),
      side(-0.17, {
        leftLeg: foot(0, -0.26, { turn: 10 }),
        rightLeg: foot(0, 0.16, { turn: 6 }),
        ...arms(ahead(110)),
      }),
    ],
    slides: ["leftHeel", "leftToe", "rightHeel", "rightToe"],
  },
  "hip-flexor-stretch": {
    ...{ view: 70, works: ["hips", "rightThigh"], still: 1 },
    poses: [
      halfKneeling(arms(ON_HIPS)),
      halfKneeling({ at: [0.1, 0.27, 0], hips: [-12, 0, 0], ...arms(ON_HIPS) }),
    ],
    seconds: 8,
  },
  "reverse-lunge-knee-drive": {
    ...{ view: 65, works: BOTH, still: 0, ghost: 1, slides: ["rightHeel", "rightToe", "leftHeel"] },
    poses: [
      split(1, {
        at: [0.05, 0.3, 0],
        leftArm: { upper: [20, 180], fore: [50, 0] },
        rightArm: { upper: [40, 0], fore: [110, 0] },
      }),
      stand({
        at: [0.22, 0.57, -0.02],
        leftLeg: foot(0.22, -0.05, { turn: 2, heel: 28 }),
        rightLeg: { thigh: [96, 0], shank: [6, 180], toe: 0 },
        leftArm: { upper: [50, 0], fore: [130, 0] },
        rightArm: { upper: [32, 180], fore: [40, 0] },
      }),
    ],
  },
  "forward-lunge": {
    ...{ view: 60, works: ["leftThigh", ...HIPS], still: 1, slides: [...SLIDES] },
    poses: [stand({ at: [-0.2, 0.536, 0], ...legs(foot(-0.2, 0.05)) }), split(1, { at: [0.04, 0.29, 0] })],
  },
  "step-up": {
    ...{ view: 60, works: LEFT, still: 0, ghost: 1 },
    poses: [
      stand({
        at: [-0.03, 0.545, 0],
        trunk: [14, 0, 0],
        leftLeg: foot(0.17, -0.05, { level: 0.19, turn: 0 }),
        rightLeg: foot(-0.07, 0.05, { turn: 0, heel: 22 }),
      }),
      stand({
        at: [0.16, 0.725, -0.02],
        leftLeg: foot(0.17, -0.05, { level: 0.19, turn: 0 }),
        rightLeg: { thigh: [40, 0], shank: [20, 180], toe: 5 },
      }),
    ],
    props: [{ kind: "block", from: [0.1, 0, -0.2], to: [0.34, 0.19, 0.2] }],
    slides: ["rightHeel", "rightToe"],
  },
  "band-walk": {
    ...{ view: 12, seconds: 1.6, works: HIPS, still: 1, slides: [...SLIDES] },
    poses: [
      squat(0.3, { ...legs(foot(0, 0.08, { turn: 6 })), ...arms(ON_HIPS) }),
      squat(0.32, {
        at: [-0.05, 0.43, -0.06],
        leftLeg: foot(0, -0.22, { turn: 6 }),
        rightLeg: foot(0, 0.08, { turn: 6 }),
        ...arms(ON_HIPS),
      }),
    ],
    props: [{ kind: "mini-band" }],
  },
  "banded-squat": {
    ...{ view: 30, works: HIPS, still: 1 },
    poses: [
      stand({ ...legs(foot(0, 0.1, { turn: 20 })), ...arms(ON_HIPS) }),
      squat(0.8, {
        ...legs(foot(0, 0.11, { turn: 22, bend: [1, 0.2, 0.9] })),
        ...arms({ hand: [0.24, -0.08, 0.05], of: "trunk" }),
      }),
    ],
    props: [{ kind: "mini-band" }],
  },
  "hip-circuit": {
    ...{ view: 16, rise: 16, seconds: 3, works: LEFT, still: 1, ghost: 0 },
    poses: [
      onHandsAndKnees({ leftLeg: AIMED }),
      onHandsAndKnees({ leftLeg: { thigh: [88, 64], shank: [12, 90], toe: 20 } }),
      onHandsAndKnees({ leftLeg: { thigh: [16, 176], shank: [16, 176], toe: 10 } }),
      onHandsAndKnees({ leftLeg: { thigh: [88, 64], shank: [12, 90], toe: 20 } }),
    ],
  },
  "glute-bridge": { view: 65, works: HIPS, still: 1, poses: [bridge(0), bridge(1)] },
  "single-leg-bridge": {
    ...{ view: 60, works: ["hips", "leftThigh"], still: 1 },
    poses: [
      bridge(0, {
        rightLeg: { thigh: [128, 0], shank: [10, 180], toe: 0 },
        rightArm: { hand: [0.2, 0.14, 0.06], of: "hips", bend: [0, 0, 1] },
      }),
      bridge(0.95, {
        rightLeg: { thigh: [112, 0], shank: [6, 180], toe: 0 },
        rightArm: { hand: [0.21, 0.09, 0.06], of: "hips", bend: [0, 0, 1] },
      }),
    ],
  },
  "body-weight-hip-thrust": {
    ...{ view: 65, works: HIPS, still: 1 },
    poses: [
      faceUp({
        at: [0.02, 0.11, 0],
        trunk: [-42, 0, 0],
        head: [20, 0, 0],
        ...legs(foot(0.27, 0.07, { turn: 6 })),
        ...arms(ON_HIPS),
      }),
      faceUp({
        at: [0.02, 0.265, 0],
        trunk: [-88, 0, 0],
        head: [30, 0, 0],
        ...legs(foot(0.27, 0.07, { turn: 6 })),
        ...arms(ON_HIPS),
      }),
    ],
    props: [{ kind: "block", from: [-0.42, 0, -0.22], to: [-0.2, 0.2, 0.22] }],
  },
  "hip-twist-stick": {
    ...{ view: 20, seconds: 2.4, works: ["hips", "trunk"], still: 1, ghost: 3 },
    poses: [
      stand({
        ...legs(foot(0, 0.12)),
        ...arms({ hand: [-0.04, 0.02, 0.28], of: "trunk", bend: [-0.2, -1, 0] }),
      }),
      stand({
        trunk: [0, 0, 58],
        hips: [0, 0, 34],
        leftLeg: foot(0, -0.12),
        rightLeg: foot(0, 0.12, { heel: 32, turn: -28 }),
        ...arms({ hand: [-0.04, 0.02, 0.28], of: "trunk", bend: [-0.2, -1, 0] }),
      }),
      stand({
        ...legs(foot(0, 0.12)),
        ...arms({ hand: [-0.04, 0.02, 0.28], of: "trunk", bend: [-0.2, -1, 0] }),
      }),
      stand({
        trunk: [0, 0, -58],
        hips: [0, 0, -34],
        rightLeg: foot(0, 0.12),
        leftLeg: foot(0, -0.12, { heel: 32, turn: -28 }),
        ...arms({ hand: [-0.04, 0.02, 0.28], of: "trunk", bend: [-0.2, -1, 0] }),
      }),
    ],
    props: [{ kind: "stick", at: { trunk: [-0.05, 0.01, 0] } }],
    slides: [...SLIDES],
  },
  "standing-band-leg": {
    ...{ view: 12, works: LEFT, still: 1, ghost: 0 },
    poses: [
      onRight({ leftLeg: { thigh: [14, -70], toe: 5 } }),
      onRight({ leftLeg: { thigh: [34, 90], toe: 5 } }),
    ],
    props: [POST, { kind: "band", through: [[0, 0.06, 0.36], "leftAnkle"] }],
  },
  "bridge-leg-swing": {
    ...{ view: 65, works: ["hips", "rightThigh"], still: 1, ghost: 0 },
    poses: [
      bridge(0.95, { rightLeg: { thigh: [34, 0], toe: 0 } }),
      bridge(0.95, { rightLeg: { thigh: [112, 0], toe: 0 } }),
    ],
  },
  "reverse-lunge-slide": {
    ...{ view: 40, works: BOTH, still: 1, slides: ["rightHeel", "rightToe"] },
    poses: [
      stand({ at: [0.12, 0.536, 0], leftLeg: foot(0.14, -0.05), rightLeg: foot(0.1, 0.05) }),
      split(0.9, {
        at: [0.05, 0.31, 0],
        trunk: [2, -14, 0],
        rightArm: { upper: [172, -30] },
        leftArm: ON_HIPS,
      }),
    ],
    props: [{ kind: "slider", at: "rightToe" }],
  },
  "lying-hamstring-stretch": {
    ...{
      view: 68,
      works: ["leftThigh"],
      poses: [
        faceUp({
          leftLeg: { thigh: [86, 0], toe: 0 },
          rightLeg: foot(0.32, 0.06, { turn: 0 }),
          ...arms({ hand: [0.28, 0.07, 0.03], of: "hips", bend: [0, -0.6, 1] }),
        }),
      ],
    },
    props: [{ kind: "band", through: ["hands", "leftHeel"] }],
  },
  "figure-four-lying": {
    ...{
      view: 50,
      rise: 16,
      works: ["hips"],
      poses: [
        faceUp({
          rightLeg: { thigh: [112, 4], shank: [20, 180], toe: 0 },
          leftLeg: { thigh: [106, 44], shank: [84, -74], toe: 0 },
          ...arms({ hand: [0.2, 0.12, 0.08], of: "hips", bend: [0, -0.6, 1] }),
        }),
      ],
    },
  },
  butterfly: {
    ...{
      view: 30,
      rise: 14,
      works: HIPS,
      poses: [
        seated({
          ...legs({ ankle: [0.22, 0.06, 0.03], toe: 6, turn: 60, bend: [0.4, 0.35, 1] }),
          ...arms({ hand: [0.22, 0.06, 0.05] }),
          trunk: [8, 0, 0],
        }),
      ],
    },
  },
  "folded-leg-hold": {
    ...{
      view: 62,
      rise: 16,
      works: ["hips", "leftThigh"],
      poses: [
        {
          ...halfKneeling({
            at: [0, 0.15, 0],
            trunk: [38, 0, 0],
            leftLeg: { ankle: [0.1, 0.055, 0.13], toe: 4, turn: -80, bend: [1, 0.1, -0.7] },
            rightLeg: { thigh: [30, 180], shank: [50, 180], toe: 74 },
          }),
          ...arms({ hand: [0.26, 0.03, 0.13] }),
        },
      ],
    },
  },
  "deep-squat-grinds": {
    ...{ view: 25, seconds: 4, works: ["leftShank", "rightShank", "hips"], still: 0, ghost: 1 },
    poses: [
      squat(1, {
        at: [-0.11, 0.235, -0.06],
        trunk: [40, -12, 10],
        ...legs(foot(0, 0.12, { turn: 24 })),
        leftArm: { hand: [0.16, -0.15, -0.06], of: "trunk", bend: [0.6, -1, -0.2] },
        rightArm: { hand: [0.18, -0.13, 0.0], of: "trunk" },
      }),
      squat(1, {
        at: [-0.11, 0.235, 0.06],
        trunk: [40, 12, -10],
        ...legs(foot(0, 0.12, { turn: 24 })),
        rightArm: { hand: [0.16, -0.15, 0.06], of: "trunk", bend: [0.6, -1, 0.2] },
        leftArm: { hand: [0.18, -0.13, 0.0], of: "trunk" },
      }),
    ],
  },
};
