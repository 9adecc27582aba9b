import { type Arm, type Figure, mirrored, type Part, type Pose } from "@/core/figure";
import { arms, foot, legs, OVERHEAD, pressUp, seated, squat, stand } from "./bodies";

const THIGHS: Part[] = ["leftThigh", "rightThigh"];
const LEGS: Part[] = [...THIGHS, "leftShank", "rightShank"];

/** Elbows bent as a runner's: drawn back, or swung to the front. */
const BACK: Arm = { upper: [42, 180], fore: [42, 0] };
const FRONT: Arm = { upper: [30, 0], fore: [112, -12] };

/** A round of both sides from half of it. */
const bothSides = (...half: Pose[]): Pose[] => [...half, ...half.map(mirrored)];

const FEET = ["leftHeel", "leftToe", "rightHeel", "rightToe"] as const;

/** A step of a run: landing on the left, then in the air. `behind` and `before` are how far heels and knees come up. */
const run = (behind: number, before: number): Pose[] =>
  bothSides(
    stand({
      ...{ at: [0, 0.525, 0], trunk: [5, 0, 0], leftLeg: foot(0.04, -0.05, { turn: 2 }) },
      rightLeg: { thigh: [before * 0.3, 0], shank: [behind, 180], toe: 25 },
      ...{ leftArm: BACK, rightArm: FRONT },
    }),
    stand({
      ...{ at: [0, 0.61, 0], trunk: [5, 0, 0] },
      leftLeg: { thigh: [14, 180], shank: [behind * 0.6, 180], toe: 40 },
      rightLeg: { thigh: [before, 0], shank: [20, 180], toe: 5 },
      ...{ leftArm: { upper: [12, 180], fore: [70, 0] }, rightArm: { upper: [12, 0], fore: [80, 0] } },
    }),
  );

/** A long step of a walk, the left foot in front. */
const stride = (over: Partial<Pose> = {}): Pose =>
  stand({
    ...{
      at: [0.02, 0.52, 0],
      leftLeg: foot(0.15, -0.05, { turn: 3, toe: 12 }),
      rightLeg: foot(-0.16, 0.05, { turn: 3, heel: 38 }),
    },
    ...{ leftArm: { upper: [22, 180], fore: [8, 180] }, rightArm: { upper: [22, 0], fore: [34, 0] } },
    ...over,
  });

/** On the right foot, on the toes where it is risen. */
const onRight = (over: Partial<Pose>, heel = 0): Pose =>
  stand({ at: [0, 0.536 + heel * 0.0012, 0.03], rightLeg: foot(0, 0.05, { turn: 3, heel }), ...over });

/** Between two jumps of the feet, hands on the floor. */
const HOP: Pose = pressUp({
  at: [-0.2, 0.36, 0],
  trunk: [88, 0, 0],
  ...legs({ ankle: [-0.45, 0.13, 0.06], toe: 50 }),
});

export const RAISE_FIGURES: Record<string, Figure> = {
  "easy-row": {
    ...{ view: 90, seconds: 2.6, works: [...LEGS, "trunk"] },
    poses: [
      seated({
        at: [-0.02, 0.2, 0],
        trunk: [22, 0, 0],
        ...legs({ ankle: [0.36, 0.2, 0.05], toe: -35 }),
        ...arms({ hand: [0.4, 0.34, 0.07] }),
      }),
      seated({
        at: [-0.13, 0.2, 0],
        trunk: [-20, 0, 0],
        ...legs({ ankle: [0.36, 0.2, 0.05], toe: -35 }),
        ...arms({ hand: [0.02, 0.33, 0.08], bend: [-1, -0.4, 0.3] }),
      }),
    ],
    props: [
      { kind: "block", from: [-0.62, 0.08, -0.03], to: [0.42, 0.11, 0.03] },
      { kind: "block", from: [0.38, 0.02, -0.06], to: [0.58, 0.3, 0.06] },
      { kind: "cable", from: [0.45, 0.3, 0], to: "hands" },
      { kind: "stick", at: "hands", reach: 0.16 },
    ],
    slides: [...FEET],
  },
  "easy-bike": {
    ...{ view: 80, seconds: 1.1, flows: true, works: LEGS },
    poses: bothSides(
      seated({
        at: [-0.09, 0.56, 0],
        trunk: [28, 0, 0],
        leftLeg: { ankle: [0.02, 0.33, -0.06], toe: 8 },
        rightLeg: { ankle: [0.02, 0.15, 0.06], toe: 8 },
        ...arms({ hand: [0.26, 0.62, 0.11] }),
      }),
      seated({
        at: [-0.09, 0.56, 0],
        trunk: [28, 0, 0],
        leftLeg: { ankle: [0.11, 0.24, -0.06], toe: 0 },
        rightLeg: { ankle: [-0.07, 0.24, 0.06], toe: 18 },
        ...arms({ hand: [0.26, 0.62, 0.11] }),
      }),
    ),
    props: [
      { kind: "wheel", at: [0.3, 0.17, 0], radius: 0.16 },
      { kind: "block", from: [-0.16, 0.46, -0.04], to: [-0.02, 0.49, 0.04] },
      {
        kind: "band",
        through: [
          [-0.09, 0.46, 0],
          [0.02, 0.22, 0],
          [0.28, 0.2, 0],
          [0.25, 0.6, 0],
        ],
      },
      { kind: "stick", at: [0.26, 0.62, 0], reach: 0.15 },
    ],
    slides: [...FEET],
  },
  "walk-to-jog": { view: 70, seconds: 0.8, flows: true, poses: run(55, 32), works: LEGS, slides: [...FEET] },
  "jog-on-the-spot": {
    view: 45,
    seconds: 0.75,
    flows: true,
    poses: run(60, 30),
    works: LEGS,
    slides: [...FEET],
  },
  "rope-turns": {
    ...{ view: 35, seconds: 0.7, flows: true, works: ["leftShank", "rightShank"] },
    poses: [
      stand({
        at: [0, 0.58, 0],
        ...legs({ thigh: [4, 0], shank: [4, 180], toe: 40 }),
        ...arms({ upper: [22, 90], fore: [48, 70] }),
      }),
      stand({
        at: [0, 0.52, 0],
        ...legs(foot(0, 0.05, { heel: 12 })),
        ...arms({ upper: [22, 90], fore: [48, 50] }),
      }),
    ],
    props: [
      {
        kind: "rope",
        through: [
          "leftHand",
          [0.05, 0.1, -0.34],
          [0.06, 0.02, -0.18],
          [0.06, 0.02, 0.18],
          [0.05, 0.1, 0.34],
          "rightHand",
        ],
      },
    ],
    slides: [...FEET],
  },
  "star-jumps": {
    ...{ view: 10, seconds: 1.2, flows: true, works: [...THIGHS, "leftUpper", "rightUpper"], still: 1 },
    poses: [
      stand({ ...legs(foot(0, 0.05)) }),
      stand({ at: [0, 0.52, 0], ...legs(foot(0, 0.2, { turn: 15 })), ...arms({ upper: [150, 90] }) }),
    ],
    slides: [...FEET],
  },
  "slow-mountain-climber": {
    ...{ view: 65, seconds: 2, works: ["trunk", ...THIGHS] },
    poses: bothSides(pressUp({ leftLeg: { ankle: [-0.32, 0.14, -0.06], toe: 60, bend: [1, -0.5, 0] } })),
    slides: [...FEET],
  },
  "high-knees": {
    view: 55,
    seconds: 0.7,
    flows: true,
    poses: run(52, 86),
    works: THIGHS,
    still: 1,
    slides: [...FEET],
  },
  "heel-flicks": {
    view: 65,
    seconds: 0.7,
    flows: true,
    poses: run(128, 12),
    works: ["leftShank", "rightShank"],
    still: 0,
    slides: [...FEET],
  },
  "lateral-shuffle": {
    ...{ view: 12, seconds: 1.2, works: LEGS, slides: [...FEET] },
    poses: [
      squat(0.55, {
        trunk: [62, 0, 0],
        at: [-0.12, 0.32, -0.1],
        ...legs(foot(0, 0.17, { turn: 12 })),
        leftArm: { hand: [0.12, 0.14, -0.22] },
      }),
      squat(0.45, {
        at: [-0.06, 0.42, 0.02],
        leftLeg: foot(0, -0.06, { turn: 12 }),
        rightLeg: foot(0, 0.1, { turn: 12 }),
        ...arms({ upper: [30, 20], fore: [80, 0] }),
      }),
      squat(0.55, {
        trunk: [62, 0, 0],
        at: [-0.12, 0.32, 0.1],
        ...legs(foot(0, 0.17, { turn: 12 })),
        rightArm: { hand: [0.12, 0.14, 0.22] },
      }),
    ],
  },
  "brisk-steps": {
    ...{ view: 60, seconds: 2, works: THIGHS, still: 0 },
    poses: [
      stand({
        at: [-0.05, 0.54, 0],
        trunk: [8, 0, 0],
        leftLeg: foot(0.17, -0.05, { level: 0.16, turn: 0 }),
        rightLeg: foot(-0.08, 0.05, { turn: 0, heel: 20 }),
        leftArm: BACK,
        rightArm: FRONT,
      }),
      stand({
        at: [0.17, 0.69, 0],
        leftLeg: foot(0.17, -0.05, { level: 0.16, turn: 0 }),
        rightLeg: foot(0.17, 0.05, { level: 0.16, turn: 0 }),
      }),
    ],
    props: [{ kind: "block", from: [0.1, 0, -0.2], to: [0.34, 0.16, 0.2] }],
    slides: ["rightHeel", "rightToe"],
  },
  "knee-hug-walk": {
    ...{ view: 60, seconds: 3, works: ["hips", "leftThigh"], still: 1, slides: [...FEET] },
    poses: [
      stride(),
      onRight(
        {
          leftLeg: { thigh: [128, 4], shank: [10, 180], toe: 0 },
          ...arms({ hand: [0.2, 0.12, 0.04], of: "hips", bend: [-0.3, -0.6, 0.6] }),
          leftArm: { hand: [0.2, 0.12, -0.06], of: "hips", bend: [-0.3, -0.6, -0.6] },
        },
        18,
      ),
    ],
  },
  "quad-pull-walk": {
    ...{ view: 65, seconds: 3, works: ["leftThigh"], still: 1, slides: [...FEET] },
    poses: [
      stride(),
      onRight({
        leftLeg: { thigh: [4, 0], shank: [155, 180], toe: 40 },
        leftArm: { hand: [-0.13, 0.05, -0.07], of: "hips", bend: [-1, 0, -0.4] },
        rightArm: OVERHEAD,
      }),
    ],
  },
  skips: {
    ...{ view: 60, seconds: 1.4, flows: true, works: THIGHS, still: 1, slides: [...FEET] },
    poses: bothSides(
      stand({ leftLeg: foot(0.05, -0.05, { turn: 2 }), rightLeg: foot(-0.12, 0.05, { turn: 2, heel: 40 }) }),
      stand({
        at: [0, 0.64, 0],
        leftLeg: { thigh: [6, 180], shank: [12, 180], toe: 45 },
        rightLeg: { thigh: [88, 0], shank: [4, 180], toe: 5 },
        leftArm: { upper: [70, 0], fore: [140, 0] },
        rightArm: BACK,
      }),
    ),
  },
  "lateral-step-over": {
    ...{ view: 12, seconds: 2, works: ["hips", "leftThigh"], still: 1, slides: [...FEET] },
    poses: [
      stand({ ...legs(foot(0, 0.15)), ...arms({ upper: [20, 60], fore: [70, 0] }) }),
      stand({
        at: [0, 0.54, 0.06],
        leftLeg: { thigh: [95, 20], shank: [8, 180], toe: 5 },
        rightLeg: foot(0, 0.08),
        leftArm: BACK,
        rightArm: FRONT,
      }),
      stand({ at: [0, 0.525, -0.04], ...legs(foot(0, 0.17)), ...arms({ upper: [20, 60], fore: [70, 0] }) }),
    ],
  },
  "squat-thrust": {
    ...{ view: 65, seconds: 2.4, works: ["trunk", ...THIGHS], still: 2, ghost: 0, slides: [...FEET] },
    poses: [
      pressUp(),
      HOP,
      squat(1, {
        at: [-0.17, 0.27, 0],
        trunk: [62, 0, 0],
        head: [-35, 0, 0],
        ...legs(foot(-0.06, 0.07, { turn: 10 })),
        ...arms({ hand: [0.08, 0.03, 0.11] }),
      }),
      HOP,
    ],
  },
  "neck-circles": {
    ...{ view: 25, seconds: 4, flows: true, works: ["head"], still: 1, ghost: 3 },
    poses: [
      stand({ head: [28, 0, 0] }),
      stand({ head: [8, -28, 0] }),
      stand({ head: [-12, 0, 0] }),
      stand({ head: [8, 28, 0] }),
    ],
  },
  "neck-turns": {
    ...{ view: 20, seconds: 4, works: ["head"], still: 1, ghost: 3 },
    poses: [stand(), stand({ head: [0, 0, 68] }), stand(), stand({ head: [0, 0, -68] })],
  },
  "neck-nods": {
    view: 75,
    seconds: 4,
    works: ["head"],
    still: 1,
    poses: [stand(), stand({ head: [42, 0, 0] })],
  },
};
