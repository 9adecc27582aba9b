import { bodyOf } from "./body";
import type { Pose, Prop } from "./pose";
import { mirroredProp, pointOf, solidsOf } from "./props";
import { skeletonOf } from "./skeleton";
import { length, subtract, type Vector } from "./vector";

const STAND: Pose = {
  at: [0, 0.535, 0],
  trunk: [0, 0, 0],
  leftLeg: { floor: [0, -0.06] },
  rightLeg: { floor: [0, 0.06] },
  leftArm: { hand: [0.1, 0.5, -0.2] },
  rightArm: { hand: [0.1, 0.5, 0.2] },
};
const skeleton = skeletonOf(bodyOf(STAND));
const { joints } = skeleton;

/** One of each kind, and with what it is seen by. */
const ALL: Prop[] = [
  { kind: "bar", at: "hands", plates: true },
  { kind: "stick", at: { trunk: [-0.05, 0, 0] } },
  { kind: "stick", at: [0.2, 0.5, 0.1], lengthwise: [0, 1, 0] },
  { kind: "band", through: ["leftHand", [0.5, 0.8, -0.3]] },
  { kind: "rope", through: ["leftHand", [0, 0.02, 0], "rightHand"] },
  { kind: "mini-band" },
  { kind: "kettlebell", at: "leftHand" },
  { kind: "dumbbell", at: "leftHand" },
  { kind: "plate", at: "leftHand" },
  { kind: "ball", at: "hands" },
  { kind: "block", from: [0.1, 0, -0.2], to: [0.3, 0.2, 0.1] },
  { kind: "pad", from: [0, 0.2, 0.05], to: [0.4, 0.2, 0.05] },
  { kind: "wall", x: 0.3 },
  { kind: "rack", x: 0.3, bar: 0.6 },
  { kind: "beam", at: [0, 1.3, 0.1] },
  { kind: "roller", at: [0, 0.05, 0.1] },
  { kind: "slider", at: "leftToe" },
  { kind: "cable", from: [0.5, 1, 0.2], to: "leftHand" },
  { kind: "wheel", at: [0.3, 0.2, 0.1], radius: 0.15 },
];

const pointsOf = (prop: Prop) => solidsOf(skeleton, prop).flatMap((s) => s.points);

test.each(ALL)("$kind is drawn of lines and faces that are somewhere and have a width", (prop) => {
  const solids = solidsOf(skeleton, prop);
  expect(solids.length).toBeGreaterThan(0);
  for (const { points, width, weight } of solids) {
    expect(points.length).toBeGreaterThan(1);
    expect(width).toBeGreaterThan(0);
    expect(weight).toBeGreaterThanOrEqual(0);
    expect(weight).toBeLessThanOrEqual(1);
    for (const n of points.flat()) expect(Number.isFinite(n)).toBe(true);
  }
});

test("a bar goes through both hands and as far beyond on each side, its plates round about it", () => {
  const [left, right] = [joints.leftHand, joints.rightHand];
  const bar = solidsOf(skeleton, { kind: "bar", at: "hands", plates: true });
  const ends = bar.filter((s) => !s.closed).flatMap((s) => s.points);
  expect(Math.min(...ends.map((p) => p[2]))).toBeCloseTo(-Math.max(...ends.map((p) => p[2])));
  for (const p of ends) {
    expect(p[0]).toBeCloseTo(left[0]);
    expect(p[1]).toBeCloseTo(right[1]);
  }
  const plates = bar.filter((s) => s.closed);
  expect(plates).toHaveLength(2);
  for (const { points } of plates) expect(new Set(points.map((p) => p[2].toFixed(6))).size).toBe(1);
});

test("what is tied to the body goes with it: a band ends in the hand, a mini band spans the knees", () => {
  const band = pointsOf({ kind: "band", through: ["leftHand", [0.5, 0.8, -0.3]] });
  expect(band).toEqual([joints.leftHand, [0.5, 0.8, -0.3]]);
  const [left, right] = pointsOf({ kind: "mini-band" });
  expect(left![2]).toBeCloseTo(joints.leftKnee[2]);
  expect(right![2]).toBeCloseTo(joints.rightKnee[2]);
});

test("places are joints, the middle of the hands, points of the trunk and of the room", () => {
  expect(pointOf(skeleton, "leftKnee")).toBe(joints.leftKnee);
  expect(pointOf(skeleton, "hands")[2]).toBeCloseTo(0);
  expect(pointOf(skeleton, [1, 2, 3])).toEqual([1, 2, 3]);
  const lean = skeletonOf(bodyOf({ ...STAND, trunk: [90, 0, 0] }));
  const behind = pointOf(lean, { trunk: [-0.1, 0, 0] });
  expect(behind[1]).toBeCloseTo(lean.joints.chest[1] + 0.1);
});

test.each(ALL)("$kind on the other side is what it was, mirrored", (prop) => {
  const mirrored = solidsOf(skeleton, mirroredProp(prop)).flatMap((s) => s.points);
  const flipped = pointsOf(prop).map(([x, y, z]): Vector => [x, y, -z]);
  // Both have the same points, in whatever order they are drawn.
  for (const point of flipped) {
    const nearest = Math.min(...mirrored.map((m) => length(subtract(m, point))));
    expect(nearest).toBeLessThan(0.05);
  }
  expect(mirroredProp(mirroredProp(prop))).toEqual(prop);
});

test("what stands in the room is behind everybody, what is held is not", () => {
  const behind = (prop: Prop) => solidsOf(skeleton, prop).every((s) => s.behind);
  expect(behind({ kind: "wall", x: 0.3 })).toBe(true);
  expect(behind({ kind: "block", from: [0, 0, 0], to: [1, 1, 1] })).toBe(true);
  expect(behind({ kind: "bar", at: "hands" })).toBe(false);
  expect(behind({ kind: "kettlebell", at: "leftHand" })).toBe(false);
});
