import type { Figure, Part } from "@/core/figure";
import {
  ahead,
  arms,
  faceDown,
  faceUp,
  foot,
  halfKneeling,
  hang,
  hinge,
  IN_FRONT,
  legs,
  OVERHEAD,
  onHandsAndKnees,
  pressUp,
  seated,
  sideLying,
  stand,
} from "./bodies";

const UPPER: Part[] = ["leftUpper", "rightUpper"];
const ARMS: Part[] = [...UPPER, "leftFore", "rightFore"];
const BLADES: Part[] = ["trunk", ...UPPER];

/** On an inclined bench, chest down. */
const onIncline = (over: object) =>
  faceDown({
    at: [-0.1, 0.36, 0],
    trunk: [52, 0, 0],
    head: [-10, 0, 0],
    ...legs(foot(-0.42, 0.07, { heel: 35, turn: 0 })),
    ...over,
  });
const INCLINE = { kind: "pad", from: [-0.06, 0.2, 0], to: [0.24, 0.47, 0] } as const;

/** Lying face down, arms off the floor. */
const prone = (over: object) => faceDown({ head: [0, 0, 0], ...over });

export const SHOULDER_FIGURES: Record<string, Figure> = {
  "shoulder-girdle-rolls": {
    ...{ view: 60, seconds: 3, flows: true, works: ["trunk"], still: 1, ghost: 3 },
    poses: [
      stand({ girdle: [0.035, 0] }),
      stand({ girdle: [0, 0.045] }),
      stand({ girdle: [-0.035, 0.01] }),
      stand({ girdle: [0, -0.02] }),
    ],
  },
  "arm-circles": {
    ...{ view: 60, seconds: 2.4, flows: true, works: ["leftUpper", "leftFore"], still: 1, ghost: null },
    poses: [
      stand(),
      stand({ leftArm: { upper: [90, 0] } }),
      stand({ leftArm: { upper: [176, 0] } }),
      stand({ leftArm: { upper: [250, 0] } }),
      stand({ leftArm: { upper: [350, 0] } }),
    ].slice(0, 4),
  },
  "stick-pass-through": {
    ...{ view: 40, works: ARMS, still: 1 },
    poses: [
      stand(arms({ upper: [32, 42] })),
      stand(arms({ upper: [146, 84] })),
      stand(arms({ upper: [48, 138] })),
      stand(arms({ upper: [146, 84] })),
    ],
    props: [{ kind: "stick", at: "hands" }],
  },
  "band-pass-over": {
    ...{ view: 40, works: ARMS, still: 1 },
    poses: [
      stand(arms({ upper: [34, 40] })),
      stand(arms({ upper: [146, 86] })),
      stand(arms({ upper: [50, 138] })),
      stand(arms({ upper: [146, 86] })),
    ],
    props: [{ kind: "band", through: ["leftHand", "rightHand"] }],
  },
  "wall-slide": {
    ...{ view: 50, works: ARMS },
    poses: [
      stand(arms({ upper: [72, 92], fore: [172, 88] })),
      stand(arms({ upper: [152, 90], fore: [176, 60] })),
    ],
    props: [{ kind: "wall", x: -0.07 }],
  },
  "chest-doorway-stretch": {
    ...{ view: 30, works: ["trunk", "leftUpper"] },
    poses: [
      stand({
        at: [0.06, 0.52, 0],
        leftLeg: foot(0.14, -0.05),
        rightLeg: foot(-0.1, 0.06, { heel: 12 }),
        trunk: [0, 0, -14],
        leftArm: { upper: [88, 118], fore: [172, 110] },
      }),
    ],
    props: [{ kind: "block", from: [-0.1, 0, -0.34], to: [-0.04, 1.12, -0.28] }],
  },
  "wall-lat-triceps-stretch": {
    ...{ view: 60, works: ["trunk", "leftUpper"] },
    poses: [
      stand({ at: [-0.05, 0.53, 0], trunk: [14, 0, 0], leftArm: { upper: [158, 12], fore: [24, 160] } }),
    ],
    props: [{ kind: "wall", x: 0.2 }],
  },
  "bench-prayer-rock": {
    ...{ view: 70, works: ["trunk", ...UPPER], slides: [] },
    poses: [
      {
        ...onHandsAndKnees({ at: [-0.05, 0.285, 0], trunk: [70, 0, 0] }),
        ...arms({ hand: [0.1, 0.07, 0.05], of: "trunk", bend: [0.4, 1, 0.1] }),
      },
      {
        ...onHandsAndKnees({ at: [-0.17, 0.24, 0], trunk: [84, 0, 0] }),
        ...arms({ hand: [-0.04, 0.09, 0.05], of: "trunk", bend: [0.2, 1, 0.1] }),
      },
    ],
    props: [{ kind: "pad", from: [0.3, 0.19, 0], to: [0.62, 0.19, 0] }],
  },
  "arm-swings": {
    view: 30,
    works: BLADES,
    still: 1,
    poses: [stand(arms({ upper: [86, -28], fore: [86, -50] })), stand(arms({ upper: [86, 104] }))],
  },
  "stick-shoulder-extension": {
    view: 70,
    works: UPPER,
    poses: [stand(arms({ upper: [18, 172] })), stand(arms({ upper: [50, 174] }))],
    props: [{ kind: "stick", at: "hands" }],
  },
  "sleeper-rotation": {
    ...{ view: 24, rise: 32, works: ["rightFore", "rightUpper"] },
    poses: [
      sideLying({
        leftArm: { upper: [20, 60], fore: [20, 20] },
        rightArm: { upper: [80, 0], fore: [92, -88] },
      }),
      sideLying({
        leftArm: { upper: [20, 60], fore: [20, 20] },
        rightArm: { upper: [80, 0], fore: [40, -18] },
      }),
    ],
  },
  "band-pull-apart": {
    view: 30,
    works: BLADES,
    still: 1,
    poses: [stand(arms({ upper: [88, 10] })), stand(arms({ upper: [88, 84] }))],
    props: [{ kind: "band", through: ["leftHand", "rightHand"] }],
  },
  "face-pull": {
    ...{ view: 45, works: BLADES, still: 1 },
    poses: [
      stand(arms({ upper: [92, 2] })),
      stand(arms({ upper: [92, 92], fore: [100, -20] })),
      stand(arms({ upper: [92, 96], fore: [168, 30] })),
      stand(arms({ upper: [92, 92], fore: [100, -20] })),
    ],
    props: [
      { kind: "band", through: [[0.55, 0.85, 0], "leftHand"] },
      { kind: "band", through: [[0.55, 0.85, 0], "rightHand"] },
      { kind: "rack", x: 0.58 },
    ],
  },
  "tucked-external-rotation": {
    ...{ view: 25, works: ["leftFore", "leftUpper"], still: 1 },
    poses: [
      stand({ leftArm: { upper: [8, 90], fore: [88, -52] } }),
      stand({ leftArm: { upper: [8, 90], fore: [88, 62] } }),
    ],
    props: [{ kind: "band", through: [[0.1, 0.62, 0.5], "leftHand"] }],
  },
  "pull-rotate-press": {
    ...{ view: 35, works: ARMS, still: 1, ghost: 2 },
    poses: [
      stand(arms({ upper: [14, 30] })),
      stand(arms({ upper: [84, 82], fore: [14, 20] })),
      stand(arms({ upper: [84, 80], fore: [165, 10] })),
      stand(arms({ upper: [164, 80] })),
      stand(arms({ upper: [84, 80], fore: [165, 10] })),
      stand(arms({ upper: [84, 82], fore: [14, 20] })),
    ],
    props: [{ kind: "stick", at: "hands" }],
  },
  "prone-wtl": {
    ...{ view: 62, rise: 42, works: BLADES, still: 1, ghost: 0 },
    poses: [
      prone(arms({ upper: [62, 104], fore: [150, 100] })),
      prone(arms({ upper: [92, 102] })),
      prone(arms({ upper: [88, 100], fore: [172, 100] })),
    ],
  },
  "bench-w-raise": {
    view: 55,
    works: BLADES,
    still: 1,
    poses: [onIncline(arms({ upper: [50, 0] })), onIncline(arms({ upper: [62, 118], fore: [140, 96] }))],
    props: [INCLINE],
  },
  "bench-y-raise": {
    view: 55,
    works: BLADES,
    still: 1,
    poses: [onIncline(arms({ upper: [52, 0] })), onIncline(arms({ upper: [148, 62] }))],
    props: [INCLINE],
  },
  "prone-y-raise": {
    view: 62,
    rise: 36,
    works: BLADES,
    still: 1,
    poses: [prone(arms({ upper: [146, 88] })), prone(arms({ upper: [142, 118] }))],
  },
  "scapular-press-up": {
    ...{ view: 60, works: ["trunk"], still: 1 },
    poses: [
      pressUp({ girdle: [0.035, 0], at: [-0.255, 0.262, 0] }),
      pressUp({ girdle: [-0.025, 0], at: [-0.255, 0.262, 0], trunk: [71, 0, 0] }),
    ],
  },
  "press-up": {
    ...{ view: 55, works: [...UPPER, "trunk"], still: 1 },
    poses: [
      pressUp(),
      pressUp({
        at: [-0.205, 0.13, 0],
        trunk: [88, 0, 0],
        ...arms({ hand: [0.01, 0.02, 0.11], bend: [-0.2, -0.6, 0.7] }),
      }),
    ],
  },
  "rack-stretch-one-arm": {
    ...{ view: 40, works: ["leftUpper", "leftFore"] },
    poses: [
      stand({
        at: [-0.02, 0.53, 0],
        leftArm: { hand: [0.085, 0.03, -0.14], of: "trunk", bend: [1, 0.5, -0.1] },
        rightArm: { hand: [0.12, 0.0, 0.04], of: "trunk", bend: [0.4, -1, 0.2] },
      }),
    ],
    props: [
      { kind: "bar", at: IN_FRONT },
      { kind: "rack", x: 0.12 },
    ],
  },
  "rack-elbow-lifts": {
    ...{ view: 55, works: ARMS, still: 1 },
    poses: [
      stand(arms({ hand: [0.085, 0.03, 0.14], of: "trunk", bend: [0.8, -0.8, 0.1] })),
      stand(arms({ hand: [0.085, 0.03, 0.14], of: "trunk", bend: [1, 0.6, 0.05] })),
    ],
    props: [{ kind: "bar", at: IN_FRONT }],
  },
  "front-rack-band-rock": {
    ...{ view: 60, works: ["leftUpper", "leftFore"] },
    poses: [
      halfKneeling({
        at: [-0.01, 0.285, 0],
        leftArm: { hand: [0.07, 0.06, -0.12], of: "trunk", bend: [1, 0.5, -0.2] },
      }),
      halfKneeling({
        at: [0.06, 0.285, 0],
        leftArm: { hand: [0.07, 0.06, -0.12], of: "trunk", bend: [1, 0.9, -0.2] },
      }),
    ],
    props: [{ kind: "band", through: [[-0.4, 0.06, -0.12], "leftElbow"] }],
  },
  "wrist-rocks": {
    view: 70,
    works: ["leftFore", "rightFore"],
    poses: [onHandsAndKnees({ at: [-0.06, 0.285, 0] }), onHandsAndKnees({ at: [0.07, 0.28, 0] })],
  },
  "wrist-circles": {
    ...{ view: 30, seconds: 3, flows: true, works: ["leftFore", "rightFore"], still: 0, ghost: 2 },
    poses: [
      stand(arms({ upper: [20, 40], fore: [86, 6] })),
      stand(arms({ upper: [20, 40], fore: [96, 20] })),
      stand(arms({ upper: [20, 40], fore: [104, 6] })),
      stand(arms({ upper: [20, 40], fore: [96, -10] })),
    ],
  },
  "stick-figure-eight": {
    ...{ view: 30, seconds: 4, flows: true, works: ARMS, still: 0, ghost: 2 },
    poses: [
      stand({ trunk: [0, 0, 14], leftArm: { upper: [62, 60] }, rightArm: { upper: [128, 50] } }),
      stand({ leftArm: { upper: [90, 50] }, rightArm: { upper: [90, 50] } }),
      stand({ trunk: [0, 0, -14], leftArm: { upper: [128, 50] }, rightArm: { upper: [62, 60] } }),
      stand({ leftArm: { upper: [90, 50] }, rightArm: { upper: [90, 50] } }),
    ],
    props: [{ kind: "stick", at: "hands" }],
  },
  "banded-shoulder-pull": {
    ...{ view: 40, works: ["leftUpper"] },
    poses: [
      stand({ leftArm: { upper: [86, 40], fore: [120, 20] } }),
      stand({ leftArm: { upper: [112, 72], fore: [150, 40] } }),
    ],
    props: [{ kind: "band", through: [[0.12, 0.86, -0.62], "leftElbow"] }],
  },
  "seated-external-rotation": {
    ...{ view: 35, works: ["leftUpper", "leftFore"], still: 1 },
    poses: [
      seated(
        {
          leftLeg: { ankle: [0.16, 0.33, -0.1], turn: 10, toe: 0 },
          rightLeg: foot(0.22, 0.07),
          leftArm: { upper: [78, 30], fore: [70, -58] },
        },
        0.26,
      ),
      seated(
        {
          leftLeg: { ankle: [0.16, 0.33, -0.1], turn: 10, toe: 0 },
          rightLeg: foot(0.22, 0.07),
          leftArm: { upper: [78, 30], fore: [168, 10] },
        },
        0.26,
      ),
    ],
    props: [
      { kind: "pad", from: [-0.22, 0.24, 0], to: [0.24, 0.24, 0] },
      { kind: "dumbbell", at: "leftHand" },
    ],
  },
  "light-plate-row-press": {
    ...{ view: 50, works: BLADES, still: 1, ghost: 3 },
    poses: [
      hinge(28, arms(hang(28))),
      hinge(28, arms({ upper: [78, 84], fore: [30, 0] })),
      hinge(28, arms({ upper: [80, 84], fore: [150, 0] })),
      hinge(28, arms({ upper: [164, 60] })),
      hinge(28, arms({ upper: [80, 84], fore: [150, 0] })),
      hinge(28, arms({ upper: [78, 84], fore: [30, 0] })),
    ],
    props: [
      { kind: "plate", at: "leftHand" },
      { kind: "plate", at: "rightHand" },
    ],
  },
  "chest-supported-stick-press": {
    ...{ view: 60, works: BLADES, still: 1 },
    poses: [onIncline(arms({ upper: [72, 100], fore: [156, 40] })), onIncline(arms({ upper: [166, 70] }))],
    props: [INCLINE, { kind: "stick", at: "hands" }],
  },
  "trap-elbow-lifts": {
    ...{ view: 60, works: BLADES, still: 1 },
    poses: [
      stand(arms({ hand: [-0.055, -0.01, 0.2], of: "trunk", bend: [-1, -0.4, 0.1] })),
      stand(arms({ hand: [-0.055, -0.01, 0.2], of: "trunk", bend: [0.35, -1, 0.1] })),
    ],
    props: [{ kind: "bar", at: { trunk: [-0.06, -0.01, 0] } }],
  },
  "band-curl": {
    ...{ view: 60, works: ["leftFore", "rightFore", ...UPPER], still: 1 },
    poses: [
      stand(arms({ upper: [6, 20], fore: [16, 10] })),
      stand(arms({ upper: [10, 10], fore: [148, 6] })),
    ],
    props: [
      { kind: "band", through: ["leftToe", "leftHand"] },
      { kind: "band", through: ["rightToe", "rightHand"] },
    ],
  },
  "upper-back-roller": {
    ...{ view: 70, works: ["trunk"] },
    poses: [
      faceUp({
        at: [0.06, 0.1, 0],
        trunk: [-80, 0, 0],
        hips: [-84, 0, 0],
        head: [-12, 0, 0],
        ...legs(foot(0.36, 0.06, { turn: 0 })),
        ...arms(OVERHEAD),
      }),
      faceUp({
        at: [-0.02, 0.1, 0],
        trunk: [-84, 0, 0],
        hips: [-84, 0, 0],
        head: [-12, 0, 0],
        ...legs(foot(0.36, 0.06, { turn: 0 })),
        ...arms(OVERHEAD),
      }),
    ],
    props: [{ kind: "roller", at: [-0.16, 0.045, 0] }],
  },
  "bent-over-shoulder-hang": {
    ...{ view: 65, works: [...UPPER, "leftThigh", "rightThigh"] },
    poses: [hinge(98, { at: [-0.14, 0.515, 0], head: [20, 0, 0], ...arms({ upper: [104, 176] }) })],
    props: [{ kind: "stick", at: "hands" }],
  },
  "forearm-bar-roll": {
    ...{ view: 45, works: ["leftFore"] },
    poses: [
      stand({ at: [-0.06, 0.53, 0], leftArm: { upper: [32, 0], fore: [92, 0] } }),
      stand({ at: [0.02, 0.53, 0], leftArm: { upper: [12, 0], fore: [92, 0] } }),
    ],
    props: [{ kind: "rack", x: 0.2, bar: 0.6 }],
  },
  "tense-and-melt": {
    ...{ view: 70, works: ["trunk"], seconds: 12 },
    poses: [
      faceUp({
        at: [0.04, 0.13, 0],
        trunk: [-86, 0, 0],
        hips: [-86, 0, 0],
        ...legs(foot(0.36, 0.06, { turn: 0 })),
        ...arms(OVERHEAD),
      }),
      faceUp({
        at: [0.04, 0.08, 0],
        trunk: [-98, 0, 0],
        hips: [-78, 0, 0],
        head: [-10, 0, 0],
        ...legs(foot(0.36, 0.06, { turn: 0 })),
        ...arms({ upper: [168, 60] }),
      }),
    ],
    props: [{ kind: "roller", at: [-0.17, 0.045, 0] }],
  },
  "light-band-row": {
    ...{ view: 55, works: BLADES, still: 1 },
    poses: [stand(arms(ahead(76))), stand(arms({ upper: [30, 165], fore: [74, 0] }))],
    props: [
      { kind: "band", through: [[0.58, 0.72, 0], "leftHand"] },
      { kind: "band", through: [[0.58, 0.72, 0], "rightHand"] },
      { kind: "rack", x: 0.6 },
    ],
  },
};
