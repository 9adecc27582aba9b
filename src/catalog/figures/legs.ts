import type { Figure, Part } from "@/core/figure";
import {
  ahead,
  arms,
  BACK_GRIP,
  FRONT_GRIP,
  foot,
  halfKneeling,
  hinge,
  IN_FRONT,
  legs,
  ON_BACK,
  ON_HIPS,
  seated,
  squat,
  stand,
} from "./bodies";

const THIGHS: Part[] = ["leftThigh", "rightThigh"];
const SHANKS: Part[] = ["leftShank", "rightShank"];
const HINGE: Part[] = ["hips", ...THIGHS];
const WIDE = legs(foot(0, 0.09, { turn: 22 }));
const GOBLET = arms({ hand: [0.11, -0.07, 0.03], of: "trunk", bend: [0, -1, 0.35] });

export const LEG_FIGURES: Record<string, Figure> = {
  "face-the-wall-squat": {
    ...{ view: 75, works: [...THIGHS, "trunk"], still: 1 },
    poses: [
      stand({ ...WIDE, ...arms({ upper: [172, 40] }) }),
      squat(0.8, { at: [-0.14, 0.3, 0], trunk: [20, 0, 0], ...arms({ upper: [172, 40] }) }),
    ],
    props: [{ kind: "wall", x: 0.19 }],
  },
  "assisted-squat": {
    ...{ view: 65, works: THIGHS, still: 1 },
    poses: [
      stand({
        at: [-0.1, 0.53, 0],
        ...legs(foot(-0.08, 0.09, { turn: 22 })),
        ...arms({ hand: [0.19, 0.66, 0.2] }),
      }),
      squat(1, {
        at: [-0.24, 0.24, 0],
        trunk: [20, 0, 0],
        ...legs(foot(-0.08, 0.09, { turn: 22 })),
        ...arms({ hand: [0.06, 0.5, 0.2], bend: [-0.2, -1, 0.3] }),
      }),
    ],
    props: [{ kind: "rack", x: 0.2 }],
    slides: ["leftHand", "rightHand"],
  },
  "body-weight-squat": {
    view: 50,
    works: THIGHS,
    still: 1,
    poses: [stand({ ...WIDE, ...arms(ahead(30)) }), squat(1, arms(ahead(122)))],
  },
  "tempo-goblet-squat": {
    view: 50,
    works: THIGHS,
    still: 1,
    poses: [stand({ ...WIDE, ...GOBLET }), squat(1, { trunk: [28, 0, 0], ...GOBLET })],
    props: [{ kind: "kettlebell", at: "hands" }],
  },
  "deep-squat-hold": {
    ...{ view: 55, works: HINGE },
    poses: [
      squat(1, {
        at: [-0.13, 0.235, 0],
        trunk: [30, 0, 0],
        leftArm: { hand: [0.2, 0.42, 0] },
        rightArm: { hand: [0.2, 0.36, 0.01] },
      }),
    ],
    props: [{ kind: "stick", at: [0.2, 0.5, 0], lengthwise: [0, 1, 0], reach: 0.5 }],
  },
  "toe-grab-squat": {
    ...{ view: 62, works: HINGE, still: 0, ghost: 1 },
    poses: [
      squat(1, {
        at: [-0.14, 0.24, 0],
        trunk: [52, 0, 0],
        head: [-30, 0, 0],
        ...arms({ hand: [0.1, 0.04, 0.12], bend: [0, 0, -1] }),
      }),
      hinge(122, { at: [-0.12, 0.5, 0], ...WIDE, head: [10, 0, 0], ...arms({ hand: [0.1, 0.04, 0.12] }) }),
    ],
  },
  "stick-overhead-squat": {
    ...{ view: 45, works: [...THIGHS, "leftUpper", "rightUpper"], still: 1 },
    poses: [
      stand({ ...WIDE, ...arms({ upper: [146, 86] }) }),
      squat(1, { trunk: [26, 0, 0], ...arms({ upper: [146, 118] }) }),
    ],
    props: [{ kind: "stick", at: "hands", reach: 0.42 }],
  },
  "hinge-drill": {
    view: 75,
    works: HINGE,
    still: 1,
    poses: [
      stand(arms({ hand: [0.06, -0.02, 0.06], of: "hips" })),
      hinge(72, arms({ hand: [0.06, 0.02, 0.06], of: "hips" })),
    ],
  },
  "good-morning": {
    view: 68,
    works: HINGE,
    still: 1,
    poses: [stand(arms(BACK_GRIP)), hinge(72, arms(BACK_GRIP))],
    props: [{ kind: "stick", at: ON_BACK }],
  },
  "light-romanian-deadlift": {
    ...{ view: 62, works: HINGE, still: 1 },
    poses: [stand(arms({ hand: [0.075, 0.46, 0.1] })), hinge(70, { ...arms({ hand: [0.05, 0.24, 0.1] }) })],
    props: [{ kind: "bar", at: "hands" }],
  },
  "ankle-circles": {
    ...{
      view: 60,
      seconds: 3,
      flows: true,
      works: ["leftFoot", "leftShank"],
      still: 0,
      ghost: 2,
      slides: ["leftHeel"],
    },
    poses: [
      stand({ at: [-0.01, 0.536, 0.02], leftLeg: foot(0.0, -0.06, { heel: 46 }), ...arms(ON_HIPS) }),
      stand({
        at: [-0.01, 0.536, 0.02],
        leftLeg: foot(0.0, -0.06, { heel: 36, turn: 22 }),
        ...arms(ON_HIPS),
      }),
      stand({ at: [-0.01, 0.536, 0.02], leftLeg: foot(0.0, -0.06, { heel: 26 }), ...arms(ON_HIPS) }),
      stand({
        at: [-0.01, 0.536, 0.02],
        leftLeg: foot(0.0, -0.06, { heel: 36, turn: -12 }),
        ...arms(ON_HIPS),
      }),
    ],
  },
  "short-foot": {
    view: 55,
    seconds: 6,
    works: ["leftFoot"],
    still: 0,
    poses: [stand({ ...legs(foot(0, 0.08)) }), stand({ at: [0, 0.538, 0], ...legs(foot(0, 0.08)) })],
  },
  "heel-pedals": {
    ...{ view: 70, seconds: 3, works: SHANKS, still: 0 },
    poses: [
      stand({
        at: [0, 0.47, 0],
        trunk: [122, 0, 0],
        head: [20, 0, 0],
        leftLeg: foot(-0.2, -0.06, { turn: 2 }),
        rightLeg: foot(-0.2, 0.06, { heel: 36, turn: 2 }),
        ...arms({ hand: [0.42, 0.02, 0.1] }),
      }),
      stand({
        at: [0, 0.47, 0],
        trunk: [122, 0, 0],
        head: [20, 0, 0],
        leftLeg: foot(-0.2, -0.06, { heel: 36, turn: 2 }),
        rightLeg: foot(-0.2, 0.06, { turn: 2 }),
        ...arms({ hand: [0.42, 0.02, 0.1] }),
      }),
    ],
  },
  "knee-to-wall": {
    ...{ view: 75, seconds: 2.5, works: ["leftShank", "leftFoot"], still: 1 },
    poses: [
      halfKneeling({ ...arms({ hand: [0.33, 0.54, 0.1] }) }),
      halfKneeling({ at: [0.1, 0.275, 0], ...arms({ hand: [0.33, 0.54, 0.1] }) }),
    ],
    props: [{ kind: "wall", x: 0.36 }],
  },
  "ankle-rock-weighted": {
    ...{ view: 68, seconds: 2.5, works: ["leftShank", "leftFoot"], still: 1 },
    poses: [
      halfKneeling({ ...arms({ hand: [0.2, 0.35, -0.04] }) }),
      halfKneeling({ at: [0.1, 0.275, 0], ...arms({ hand: [0.28, 0.33, -0.04] }) }),
    ],
    props: [{ kind: "dumbbell", at: "leftHand" }],
  },
  "ankle-press-lift": {
    view: 75,
    seconds: 12,
    works: ["leftShank", "leftFoot"],
    still: 0,
    poses: [
      halfKneeling({ at: [0.1, 0.275, 0], ...arms({ hand: [0.28, 0.33, -0.04] }) }),
      halfKneeling({
        at: [0.11, 0.272, 0],
        leftLeg: foot(0.23, -0.06, { turn: 0, toe: 10 }),
        ...arms({ hand: [0.28, 0.33, -0.04] }),
      }),
    ],
    slides: ["leftToe"],
  },
  "calf-raise": {
    ...{ view: 70, works: SHANKS, still: 1, ghost: 0 },
    poses: [
      stand({ at: [0, 0.585, 0], ...legs({ floor: [0, 0.06], level: 0.05, heel: -1, turn: 2 }) }),
      stand({ at: [0.0, 0.64, 0], ...legs({ floor: [0, 0.06], level: 0.05, heel: 46, turn: 2 }) }),
    ],
    props: [{ kind: "block", from: [0.04, 0, -0.16], to: [0.2, 0.05, 0.16] }],
  },
  "band-assisted-deep-squat": {
    ...{ view: 65, seconds: 3, works: HINGE, still: 0 },
    poses: [
      squat(1, { at: [-0.18, 0.22, -0.05], trunk: [14, 0, 0], ...arms({ hand: [0.2, 0.4, 0.05] }) }),
      squat(1, { at: [-0.18, 0.22, 0.05], trunk: [14, 0, 0], ...arms({ hand: [0.2, 0.4, 0.05] }) }),
    ],
    props: [
      { kind: "rack", x: 0.55 },
      { kind: "band", through: ["hands", [0.55, 0.75, 0]] },
    ],
  },
  "three-way-calf-rock": {
    ...{ view: 50, seconds: 4, works: ["leftShank", "leftFoot"], still: 1, ghost: 3 },
    poses: [
      halfKneeling({ at: [0.02, 0.285, 0] }),
      halfKneeling({ at: [0.1, 0.275, 0.03], leftLeg: foot(0.23, -0.06, { turn: 0, bend: [1, 0.2, 0.4] }) }),
      halfKneeling({ at: [0.1, 0.275, 0], leftLeg: foot(0.23, -0.06, { turn: 0 }) }),
      halfKneeling({
        at: [0.1, 0.275, -0.03],
        leftLeg: foot(0.23, -0.06, { turn: 0, bend: [1, 0.2, -0.4] }),
      }),
    ],
  },
  "empty-bar-back-squat": {
    view: 50,
    works: THIGHS,
    still: 1,
    poses: [stand({ ...WIDE, ...arms(BACK_GRIP) }), squat(1, arms(BACK_GRIP))],
    props: [{ kind: "bar", at: ON_BACK }],
  },
  "slow-front-squat": {
    view: 50,
    works: THIGHS,
    still: 1,
    poses: [stand({ ...WIDE, ...arms(FRONT_GRIP) }), squat(1, { trunk: [22, 0, 0], ...arms(FRONT_GRIP) })],
    props: [{ kind: "bar", at: IN_FRONT }],
  },
  "body-weight-split-squat": {
    ...{ view: 62, works: ["leftThigh", "hips"], still: 1 },
    poses: [
      stand({
        at: [0.01, 0.5, 0],
        leftLeg: foot(0.2, -0.05, { turn: 2 }),
        rightLeg: foot(-0.24, 0.05, { turn: 2, heel: 44 }),
        ...arms(ON_HIPS),
      }),
      stand({
        at: [0.01, 0.3, 0],
        leftLeg: foot(0.2, -0.05, { turn: 2 }),
        rightLeg: foot(-0.24, 0.05, { turn: 2, heel: 56 }),
        ...arms(ON_HIPS),
      }),
    ],
  },
  "split-squat-on-rack": {
    ...{ view: 62, works: ["leftThigh", "hips"], still: 1 },
    poses: [
      stand({
        at: [0.01, 0.5, 0],
        leftLeg: foot(0.2, -0.05, { turn: 2 }),
        rightLeg: foot(-0.24, 0.05, { turn: 2, heel: 44 }),
        ...arms({ hand: [0.28, 0.74, 0.28] }),
      }),
      stand({
        at: [0.01, 0.3, 0],
        leftLeg: foot(0.2, -0.05, { turn: 2 }),
        rightLeg: foot(-0.24, 0.05, { turn: 2, heel: 56 }),
        ...arms({ hand: [0.28, 0.7, 0.28] }),
      }),
    ],
    props: [{ kind: "rack", x: 0.3 }],
    slides: ["leftHand", "rightHand"],
  },
  "calf-roll": {
    ...{ view: 72, works: ["leftShank"], slides: ["leftHeel", "leftToe", "rightHeel", "rightToe"] },
    poses: [
      seated({
        at: [-0.1, 0.11, 0],
        trunk: [-14, 0, 0],
        leftLeg: { ankle: [0.32, 0.1, -0.05], toe: -60 },
        rightLeg: foot(0.16, 0.07, { turn: 0 }),
        ...arms({ hand: [-0.27, 0.02, 0.13] }),
      }),
      seated({
        at: [-0.2, 0.11, 0],
        trunk: [-14, 0, 0],
        leftLeg: { ankle: [0.24, 0.1, -0.05], toe: -60 },
        rightLeg: foot(0.16, 0.07, { turn: 0 }),
        ...arms({ hand: [-0.35, 0.02, 0.13] }),
      }),
    ],
    props: [{ kind: "roller", at: [0.16, 0.045, 0] }],
  },
  "banded-calf-stretch": {
    ...{ view: 72, works: ["leftShank", "leftFoot"] },
    poses: [
      stand({
        at: [-0.02, 0.47, 0],
        trunk: [10, 0, 0],
        leftLeg: { floor: [0.12, -0.05], turn: 0, toe: 12, bend: [1, 0.2, 0] },
        rightLeg: foot(-0.24, 0.05, { heel: 24, turn: 2 }),
        ...arms({ hand: [0.22, 0.46, 0.0], bend: [-0.5, -0.5, 0.4] }),
      }),
    ],
    props: [
      { kind: "block", from: [0.17, 0, -0.12], to: [0.26, 0.03, 0.02] },
      { kind: "band", through: ["leftAnkle", [-0.44, 0.05, -0.05]] },
    ],
  },
};
