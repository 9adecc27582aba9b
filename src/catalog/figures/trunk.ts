import type { Figure, Part } from "@/core/figure";
import {
  AIMED,
  arms,
  BEAM,
  faceDown,
  faceUp,
  foot,
  halfKneeling,
  hanging,
  hinge,
  legs,
  OVERHEAD,
  onHandsAndKnees,
  pressUp,
  sideLying,
  stand,
} from "./bodies";

const TRUNK: Part[] = ["trunk"];
const CORE: Part[] = ["trunk", "hips"];
const PULL: Part[] = ["trunk", "leftUpper", "rightUpper"];

/** On the forearms. */
const forearms = (over: object = {}) =>
  pressUp({
    at: [-0.22, 0.165, 0],
    trunk: [84, 0, 0],
    ...legs(foot(-0.79, 0.05, { heel: 62, turn: 0 })),
    ...arms({ upper: [84, 0], fore: [172, 0] }),
    ...over,
  });
/** On the right forearm, the body in one line. */
const onSide = (over: object = {}) =>
  sideLying({
    at: [0, 0.207, -0.1],
    trunk: [0, 74, 0],
    hips: [0, 74, 0],
    ...legs({ thigh: [0, 0], toe: 5 }),
    rightArm: { upper: [12, 270], fore: [90, 0] },
    leftArm: { hand: [0.02, 0.03, -0.08], of: "hips", bend: [0, 0.2, -1] },
    ...over,
  });

const KNEES_UP = legs({ thigh: [90, 4], shank: [4, 180], toe: 0 });
const CEILING = arms({ upper: [90, 0] });

/** One arm under the body, past it, and to the ceiling. */
const THREAD = onHandsAndKnees({
  ...{ trunk: [84, 0, -34], hips: [80, 0, 0], head: [-10, 0, -10], leftArm: { upper: [72, -58] } },
});
const BETWEEN = onHandsAndKnees({ hips: [80, 0, 0], leftArm: { upper: [62, 40], fore: [108, -30] } });
const OPEN = onHandsAndKnees({
  ...{ trunk: [77, 0, 46], hips: [80, 0, 0], head: [-10, 0, 40], leftArm: { upper: [95, 96] } },
});

export const TRUNK_FIGURES: Record<string, Figure> = {
  "quadruped-thread": {
    ...{ view: 50, works: TRUNK, still: 2, ghost: 0 },
    poses: [THREAD, BETWEEN, OPEN, BETWEEN],
  },
  "cat-and-cow": {
    ...{ view: 75, seconds: 5, works: TRUNK, still: 0, ghost: 1 },
    poses: [
      onHandsAndKnees({ trunk: [104, 0, 0], hips: [42, 0, 0], head: [25, 0, 0] }),
      onHandsAndKnees({ trunk: [62, 0, 0], hips: [104, 0, 0], head: [-48, 0, 0], at: [0, 0.285, 0] }),
    ],
  },
  "side-lying-open-book": {
    ...{ view: 24, rise: 32, works: TRUNK, still: 1, ghost: 0 },
    poses: [
      sideLying(),
      sideLying({ trunk: [0, 82, 58], hips: [0, 90, 6], head: [0, 0, 25], leftArm: { upper: [90, 62] } }),
    ],
  },
  "fixed-hip-trunk-turn": {
    ...{ view: 25, seconds: 4, works: TRUNK, still: 1, ghost: 3 },
    poses: [
      stand({ ...legs(foot(0, 0.12)), ...arms({ upper: [70, 50], fore: [92, -60] }), hips: [0, 0, 0] }),
      stand({
        trunk: [0, 0, 52],
        hips: [0, 0, 4],
        head: [0, 0, 20],
        ...legs(foot(0, 0.12)),
        ...arms({ upper: [70, 50], fore: [92, -60] }),
      }),
      stand({ ...legs(foot(0, 0.12)), ...arms({ upper: [70, 50], fore: [92, -60] }), hips: [0, 0, 0] }),
      stand({
        trunk: [0, 0, -52],
        hips: [0, 0, -4],
        head: [0, 0, -20],
        ...legs(foot(0, 0.12)),
        ...arms({ upper: [70, 50], fore: [92, -60] }),
      }),
    ],
  },
  "side-tilt": {
    ...{ view: 10, works: TRUNK, still: 1 },
    poses: [
      stand({ ...legs(foot(0, 0.1)), leftArm: OVERHEAD }),
      stand({
        at: [0, 0.534, -0.02],
        trunk: [0, 36, 0],
        hips: [0, 4, 0],
        ...legs(foot(0, 0.1)),
        leftArm: { upper: [172, -50] },
      }),
    ],
  },
  "toe-to-ceiling": {
    ...{ view: 35, works: CORE, still: 1 },
    poses: [
      stand({ ...legs(foot(0, 0.15)) }),
      hinge(78, {
        at: [-0.16, 0.47, 0],
        trunk: [96, 0, 46],
        hips: [80, 0, 8],
        head: [0, 0, 30],
        ...legs(foot(0, 0.15)),
        leftArm: { upper: [94, 92] },
        rightArm: { hand: [0.06, 0.15, -0.12] },
      }),
    ],
  },
  "bird-dog": {
    ...{ view: 60, works: CORE, still: 1 },
    poses: [
      onHandsAndKnees({ rightLeg: AIMED }),
      onHandsAndKnees({ leftArm: { upper: [166, 0] }, rightLeg: { thigh: [13, 180], toe: 0 } }),
    ],
  },
  "dead-bug": {
    ...{ view: 62, rise: 16, works: TRUNK, still: 1 },
    poses: [
      faceUp({ ...KNEES_UP, ...CEILING }),
      faceUp({
        ...KNEES_UP,
        ...CEILING,
        leftArm: { upper: [168, 10] },
        rightLeg: { thigh: [14, 0], toe: 5 },
      }),
    ],
  },
  "front-plank": { view: 62, works: CORE, poses: [forearms()] },
  "plank-shoulder-taps": {
    ...{ view: 42, works: TRUNK, still: 1 },
    poses: [
      pressUp(legs(foot(-0.785, 0.1, { heel: 68, turn: 0 }))),
      pressUp({
        ...legs(foot(-0.785, 0.1, { heel: 68, turn: 0 })),
        leftArm: { hand: [0.07, -0.02, 0.09], of: "trunk", bend: [0.8, -1, -0.3] },
      }),
    ],
  },
  "side-plank": { view: 12, works: CORE, poses: [onSide()] },
  "band-press-out": {
    ...{ view: 25, works: TRUNK, still: 1 },
    poses: [
      stand({
        at: [0, 0.51, 0],
        ...legs(foot(0, 0.11)),
        leftArm: { hand: [0.1, -0.06, 0], of: "trunk" },
        rightArm: { hand: [0.1, -0.06, 0], of: "trunk" },
      }),
      stand({
        at: [0, 0.51, 0],
        ...legs(foot(0, 0.11)),
        leftArm: { hand: [0.32, -0.05, 0], of: "trunk" },
        rightArm: { hand: [0.32, -0.05, 0], of: "trunk" },
      }),
    ],
    props: [{ kind: "band", through: [[0.05, 0.7, -0.72], "hands"] }],
  },
  "row-to-rotation": {
    ...{ view: 35, works: PULL, still: 2, ghost: 0 },
    poses: [
      hinge(62, {
        ...legs(foot(0, 0.1)),
        rightArm: { hand: [0.0, 0.08, 0.08], of: "hips", bend: [-1, 0, 1] },
      }),
      hinge(62, {
        ...legs(foot(0, 0.1)),
        leftArm: { upper: [30, 170], fore: [60, 10] },
        rightArm: { hand: [0.0, 0.08, 0.08], of: "hips", bend: [-1, 0, 1] },
      }),
      hinge(62, {
        trunk: [60, 0, 48],
        hips: [58, 0, 8],
        head: [0, 0, 25],
        ...legs(foot(0, 0.1)),
        leftArm: { upper: [60, 150], fore: [60, 60] },
        rightArm: { hand: [0.0, 0.08, 0.08], of: "hips", bend: [-1, 0, 1] },
      }),
      hinge(62, {
        ...legs(foot(0, 0.1)),
        leftArm: { upper: [30, 170], fore: [60, 10] },
        rightArm: { hand: [0.0, 0.08, 0.08], of: "hips", bend: [-1, 0, 1] },
      }),
    ],
    props: [{ kind: "dumbbell", at: "leftHand" }],
  },
  "straight-arm-pulldown": {
    ...{ view: 65, works: PULL, still: 1 },
    poses: [hinge(22, arms({ upper: [146, 4] })), hinge(26, arms({ upper: [36, 4] }))],
    props: [
      { kind: "band", through: [[0.52, 1.08, 0], "hands"] },
      { kind: "rack", x: 0.55 },
    ],
  },
  "active-hang": {
    view: 25,
    works: PULL,
    poses: [hanging({ girdle: [0, -0.025], at: [0, 0.785, 0] })],
    props: [{ kind: "beam", at: BEAM }],
  },
  "light-carry": {
    ...{
      view: 40,
      seconds: 1.2,
      flows: true,
      works: [...TRUNK, "leftFore"],
      still: 0,
      ghost: null,
      slides: ["leftHeel", "leftToe", "rightHeel", "rightToe"],
    },
    poses: [
      stand({
        at: [0, 0.525, 0],
        leftLeg: foot(0.13, -0.05, { toe: 12 }),
        rightLeg: foot(-0.13, 0.05, { heel: 34 }),
        leftArm: { upper: [4, 90] },
        rightArm: { upper: [18, 0], fore: [30, 0] },
      }),
      stand({
        leftLeg: foot(0, -0.05),
        rightLeg: { ankle: [0.0, 0.1, 0.05], toe: 12 },
        leftArm: { upper: [4, 90] },
      }),
      stand({
        at: [0, 0.525, 0],
        rightLeg: foot(0.13, 0.05, { toe: 12 }),
        leftLeg: foot(-0.13, -0.05, { heel: 34 }),
        leftArm: { upper: [4, 90] },
        rightArm: { upper: [18, 180], fore: [4, 180] },
      }),
      stand({
        rightLeg: foot(0, 0.05),
        leftLeg: { ankle: [0.0, 0.1, -0.05], toe: 12 },
        leftArm: { upper: [4, 90] },
      }),
    ],
    props: [{ kind: "kettlebell", at: "leftHand" }],
  },
  "two-hand-carry": {
    ...{
      view: 40,
      seconds: 1.2,
      flows: true,
      works: [...TRUNK, "leftFore", "rightFore"],
      still: 0,
      ghost: null,
      slides: ["leftHeel", "leftToe", "rightHeel", "rightToe"],
    },
    poses: [
      stand({
        at: [0, 0.525, 0],
        leftLeg: foot(0.13, -0.05, { toe: 12 }),
        rightLeg: foot(-0.13, 0.05, { heel: 34 }),
        ...arms({ upper: [5, 90] }),
      }),
      stand({
        leftLeg: foot(0, -0.05),
        rightLeg: { ankle: [0.0, 0.1, 0.05], toe: 12 },
        ...arms({ upper: [5, 90] }),
      }),
      stand({
        at: [0, 0.525, 0],
        rightLeg: foot(0.13, 0.05, { toe: 12 }),
        leftLeg: foot(-0.13, -0.05, { heel: 34 }),
        ...arms({ upper: [5, 90] }),
      }),
      stand({
        rightLeg: foot(0, 0.05),
        leftLeg: { ankle: [0.0, 0.1, -0.05], toe: 12 },
        ...arms({ upper: [5, 90] }),
      }),
    ],
    props: [
      { kind: "kettlebell", at: "leftHand" },
      { kind: "kettlebell", at: "rightHand" },
    ],
  },
  "front-held-march": {
    ...{ view: 45, seconds: 2.4, works: [...TRUNK, "leftThigh", "rightThigh"], still: 0 },
    poses: [
      stand({
        at: [0, 0.536, 0.02],
        leftLeg: { thigh: [88, 4], shank: [4, 180], toe: 0 },
        ...arms({ hand: [0.13, -0.07, 0.03], of: "trunk", bend: [-0.2, -1, 0.4] }),
      }),
      stand({
        at: [0, 0.536, -0.02],
        rightLeg: { thigh: [88, 4], shank: [4, 180], toe: 0 },
        ...arms({ hand: [0.13, -0.07, 0.03], of: "trunk", bend: [-0.2, -1, 0.4] }),
      }),
    ],
    props: [{ kind: "kettlebell", at: "hands" }],
    slides: ["leftHeel", "leftToe", "rightHeel", "rightToe"],
  },
  "bar-arc-rotation": {
    ...{ view: 20, works: [...TRUNK, "hips"], still: 0, ghost: 1 },
    poses: [
      stand({
        at: [0, 0.51, 0],
        trunk: [8, 0, 30],
        hips: [6, 0, 16],
        ...legs(foot(0, 0.13)),
        leftArm: { hand: [0.16, 0.6, -0.2] },
        rightArm: { hand: [0.16, 0.6, -0.2] },
      }),
      stand({
        at: [0, 0.51, 0],
        trunk: [8, 0, -30],
        hips: [6, 0, -16],
        ...legs(foot(0, 0.13)),
        leftArm: { hand: [0.16, 0.6, 0.2] },
        rightArm: { hand: [0.16, 0.6, 0.2] },
      }),
    ],
    props: [{ kind: "band", through: [[0.72, 0.02, 0], "hands"] }],
  },
  "press-up-to-rotation": {
    ...{ view: 40, works: TRUNK, still: 1, ghost: 0 },
    poses: [
      pressUp({
        at: [-0.205, 0.13, 0],
        trunk: [88, 0, 0],
        ...arms({ hand: [0.01, 0.02, 0.11], bend: [-0.2, -0.6, 0.7] }),
      }),
      pressUp({
        at: [-0.25, 0.29, 0],
        trunk: [69, 0, 74],
        hips: [69, 0, 40],
        head: [0, 0, 12],
        leftArm: { upper: [94, 96] },
      }),
    ],
  },
  "lying-leg-over": {
    ...{ view: 58, rise: 36, works: CORE, still: 1 },
    poses: [
      faceDown({ leftLeg: { thigh: [3, -118], toe: 60 }, ...arms({ upper: [90, 90] }) }),
      faceDown({
        ...arms({ upper: [90, 90] }),
        at: [0, 0.115, 0],
        trunk: [90, 0, 0],
        hips: [90, 0, 48],
        leftLeg: { thigh: [40, -118], shank: [62, -128], toe: 30 },
      }),
    ],
  },
  "plank-slides": {
    ...{ view: 62, works: CORE, slides: ["leftHeel", "leftToe", "rightHeel", "rightToe"] },
    poses: [
      forearms(),
      forearms({
        at: [-0.27, 0.15, 0],
        trunk: [85, 0, 0],
        ...legs(foot(-0.84, 0.05, { heel: 62, turn: 0 })),
        ...arms({ upper: [108, 0], fore: [174, 0] }),
      }),
    ],
    props: [
      { kind: "slider", at: "leftToe" },
      { kind: "slider", at: "rightToe" },
    ],
  },
  "plank-row-squeeze": {
    ...{ view: 45, works: PULL, still: 1 },
    poses: [
      pressUp(legs(foot(-0.785, 0.12, { heel: 68, turn: 0 }))),
      pressUp({
        ...legs(foot(-0.785, 0.12, { heel: 68, turn: 0 })),
        leftArm: { upper: [38, 168], fore: [60, 0] },
      }),
    ],
  },
  "band-pulldown": {
    ...{ view: 45, works: PULL, still: 1 },
    poses: [
      halfKneeling({
        trunk: [6, 0, 0],
        ...arms({ hand: [0.2, 0.3, 0.12], of: "trunk", bend: [0, -1, 0.6] }),
      }),
      halfKneeling({ trunk: [2, 0, 0], ...arms({ upper: [14, 120], fore: [150, 10] }) }),
    ],
    props: [
      { kind: "band", through: [[0.36, 1.16, 0], "leftHand"] },
      { kind: "band", through: [[0.36, 1.16, 0], "rightHand"] },
      { kind: "rack", x: 0.38 },
    ],
  },
  "rack-row": {
    ...{ view: 62, works: PULL, still: 1 },
    poses: [
      {
        ...faceUp({
          at: [0.22, 0.2, 0],
          trunk: [-72, 0, 0],
          ...legs({ ankle: [0.7, 0.07, 0.06], toe: -55 }),
        }),
        ...arms({ hand: [-0.02, 0.62, 0.14] }),
      },
      {
        ...faceUp({
          at: [0.24, 0.38, 0],
          trunk: [-52, 0, 0],
          ...legs({ ankle: [0.62, 0.07, 0.06], toe: -45 }),
        }),
        ...arms({ hand: [0.0, 0.62, 0.14], bend: [-1, -0.2, 0.9] }),
      },
    ],
    props: [{ kind: "rack", x: -0.01, bar: 0.62 }],
  },
  "slow-breathing": {
    ...{ view: 70, seconds: 10, works: TRUNK },
    poses: [
      faceUp({
        ...legs({ ankle: [0.46, 0.3, 0.06], toe: -72 }),
        ...arms({ hand: [0.07, 0.06, 0.04], of: "hips", bend: [0, 0, 1] }),
      }),
      faceUp({
        girdle: [0.014, 0.006],
        trunk: [-87, 0, 0],
        ...legs({ ankle: [0.46, 0.3, 0.06], toe: -72 }),
        ...arms({ hand: [0.085, 0.06, 0.04], of: "hips", bend: [0, 0, 1] }),
      }),
    ],
    props: [{ kind: "pad", from: [0.34, 0.21, 0], to: [0.62, 0.21, 0] }],
  },
  "kneel-back-reach": {
    ...{ view: 60, works: PULL, still: 0 },
    poses: [
      {
        ...onHandsAndKnees({ at: [-0.17, 0.14, 0], trunk: [104, 0, 0], hips: [92, 0, 0], head: [10, 0, 0] }),
        leftArm: { hand: [0.36, 0.03, 0.02] },
        rightArm: { hand: [0.34, 0.03, 0.22] },
      },
    ],
  },
  "lying-twist": {
    ...{ view: 62, rise: 30, works: CORE },
    poses: [
      faceUp({
        hips: [-90, 0, -62],
        head: [0, 0, 50],
        ...legs({ thigh: [84, 0], shank: [8, 180], toe: 10 }),
        ...arms({ upper: [90, 90] }),
      }),
    ],
  },
};
