import fc from "fast-check";
import {
  cycleOf,
  type Figure,
  frameOf,
  jointAngles,
  mirrored,
  type Pose,
  pictureOf,
  pointsOf,
  SHADES,
  shadeOf,
  stillOf,
  type Vector,
} from ".";
import { bodyOf, LENGTHS } from "./body";
import { reachFor, skeletonOf } from "./skeleton";
import { length, subtract } from "./vector";

const apart = (a: Vector, b: Vector) => length(subtract(a, b));

const STAND: Pose = {
  at: [0, 0.535, 0],
  trunk: [0, 0, 0],
  leftLeg: { floor: [0, -0.06] },
  rightLeg: { floor: [0, 0.06] },
  leftArm: { upper: [0, 0] },
  rightArm: { upper: [0, 0] },
};
const SQUAT: Pose = { ...STAND, at: [-0.12, 0.25, 0], trunk: [35, 0, 0] };
const REPS = { kind: "reps", secondsPerUnit: 3, sides: 1 } as const;
const figure: Figure = { view: 50, poses: [STAND, SQUAT], works: ["leftThigh"] };

const anyNumber = fc.double({ min: -1, max: 1, noNaN: true });
const anyPoint = fc.tuple(anyNumber, anyNumber, anyNumber);
const anyAim = fc.tuple(fc.integer({ min: 0, max: 180 }), fc.integer({ min: -180, max: 180 }));
const anyTurn = fc.tuple(
  fc.integer({ min: -90, max: 110 }),
  fc.integer({ min: -60, max: 60 }),
  fc.integer({ min: -60, max: 60 }),
);
const anyArm = fc.oneof(
  fc.record({ upper: anyAim, fore: anyAim }),
  fc.record({ hand: anyPoint, of: fc.constantFrom("room" as const, "trunk" as const) }),
);
const anyLeg = fc.oneof(
  fc.record({ floor: fc.tuple(anyNumber, anyNumber), heel: fc.integer({ min: 0, max: 60 }) }),
  fc.record({ thigh: anyAim, shank: anyAim }),
  fc.record({ ankle: anyPoint }),
);
const anyPose: fc.Arbitrary<Pose> = fc.record({
  ...{ at: anyPoint, trunk: anyTurn, leftLeg: anyLeg, rightLeg: anyLeg, leftArm: anyArm, rightArm: anyArm },
});

test("limbs are as long as they are, wherever they are to reach", () => {
  fc.assert(
    fc.property(anyPose, (pose) => {
      const { joints: j } = skeletonOf(bodyOf(pose));
      for (const side of ["left", "right"] as const) {
        expect(apart(j[`${side}Hip`], j[`${side}Knee`])).toBeCloseTo(LENGTHS.thigh, 6);
        expect(apart(j[`${side}Knee`], j[`${side}Ankle`])).toBeCloseTo(LENGTHS.shank, 6);
        expect(apart(j[`${side}Shoulder`], j[`${side}Elbow`])).toBeCloseTo(LENGTHS.upper, 6);
        expect(apart(j[`${side}Elbow`], j[`${side}Hand`])).toBeCloseTo(LENGTHS.fore, 6);
      }
    }),
  );
});

test("a limb ends where it is to be, if that is in reach, and bends to the side it is told", () => {
  const near = fc.tuple(fc.double({ min: 0.15, max: 0.4, noNaN: true }), anyPoint, anyPoint);
  fc.assert(
    fc.property(near, ([distance, way, pole]) => {
      fc.pre(length(way) > 0.1);
      const to = way.map((n) => (n / length(way)) * distance) as unknown as Vector;
      const { middle, end } = reachFor([0, 0, 0], to, 0.245, 0.246, pole);
      expect(apart(end, to)).toBeLessThan(1e-9);
      const along = to.map((n) => n / distance) as unknown as Vector;
      const side = (v: Vector) =>
        v.map((n, i) => n - along[i]! * v.reduce((s, x, k) => s + x * along[k]!, 0));
      const dot = side(middle).reduce((s, n, i) => s + n * side(pole)[i]!, 0);
      expect(dot).toBeGreaterThanOrEqual(-1e-9);
    }),
  );
});

test("mirrored is the same on the other side", () => {
  fc.assert(
    fc.property(anyPose, (pose) => {
      const [one, other] = [skeletonOf(bodyOf(pose)), skeletonOf(bodyOf(mirrored(pose)))];
      for (const part of ["Knee", "Ankle", "Toe", "Elbow", "Hand"] as const) {
        const [x, y, z] = one.joints[`left${part}`];
        expect(apart(other.joints[`right${part}`], [x, y, -z])).toBeLessThan(1e-6);
      }
    }),
  );
});

test("a knee that kneels stays where it is, whatever the trunk does", () => {
  const kneeling = (lean: number, x: number): Pose => ({
    ...STAND,
    at: [x, 0.3, 0],
    trunk: [lean, 0, 0],
    leftLeg: { knee: [0, 0.04, -0.06] },
    rightLeg: { knee: [0, 0.04, 0.06] },
  });
  const { at } = cycleOf({ ...figure, poses: [kneeling(10, 0), kneeling(70, -0.15)] }, REPS);
  for (let i = 0; i < 20; i++) {
    const { joints } = at(i / 20);
    expect(joints.leftKnee).toEqual([0, 0.04, -0.06]);
    expect(apart(joints.leftHip, joints.leftKnee)).toBeCloseTo(LENGTHS.thigh, 3);
  }
});

describe("tempo", () => {
  const hips = (cycle: ReturnType<typeof cycleOf>, share: number) => cycle.at(share).joints.pelvis[1];

  test("three seconds down are three seconds down, a pause is still", () => {
    const cycle = cycleOf(figure, { ...REPS, tempo: [3, 2, 1] });
    expect(cycle.seconds).toBe(6);
    expect(hips(cycle, 0)).toBeCloseTo(0.535);
    expect(hips(cycle, 1.5 / 6)).toBeCloseTo((0.535 + 0.25) / 2);
    for (const second of [3, 4, 4.99]) expect(hips(cycle, second / 6)).toBeCloseTo(0.25, 2);
    expect(hips(cycle, 5.5 / 6)).toBeCloseTo((0.535 + 0.25) / 2);
  });

  test("without one a repetition takes what the dose says, and shares what the figure says", () => {
    expect(cycleOf(figure, REPS).seconds).toBe(3);
    const uneven = cycleOf({ ...figure, shares: [3, 1] }, REPS);
    expect(hips(uneven, 0.75)).toBeCloseTo(0.25);
    expect(cycleOf({ ...figure, seconds: 8 }, REPS).seconds).toBe(8);
  });

  test("a hold breathes and moves in nothing else", () => {
    const cycle = cycleOf({ ...figure, poses: [SQUAT] }, { kind: "hold", secondsPerUnit: 1, sides: 1 });
    const [out, inn] = [cycle.at(0).joints, cycle.at(0.5).joints];
    expect(inn.leftShoulder[1]).toBeGreaterThan(out.leftShoulder[1]);
    expect(inn.leftKnee).toEqual(out.leftKnee);
  });

  test("both sides come in turn, the second mirrored", () => {
    const { momentAt, seconds } = cycleOf(figure, { ...REPS, sides: 2 });
    expect([0.5, 1.5, 2.5, 3.5, 4.5].map((r) => momentAt(r * seconds).isMirrored)).toEqual([
      ...[false, false, true, true, false],
    ]);
    expect(momentAt(2 * seconds).opacity).toBeLessThan(0.2);
    expect(momentAt(seconds).opacity).toBe(1);
    expect(cycleOf(figure, REPS).momentAt(2.5 * seconds).isMirrored).toBe(false);
  });
});

describe("the picture", () => {
  const cycle = cycleOf(figure, REPS);

  test("what works is shown so, on the side that does", () => {
    const working = (isMirrored: boolean) =>
      pictureOf(cycle.pose(1), figure, isMirrored).filter((s) => s.of === "work");
    expect(working(false)).toHaveLength(1);
    expect(working(true)).toHaveLength(1);
    expect(working(true)[0]!.points).not.toEqual(working(false)[0]!.points);
  });

  test("from the front the face is seen, from behind it is not", () => {
    const faces = (view: number) =>
      pictureOf(cycle.pose(0), { ...figure, view }).filter((s) => s.of === "face");
    expect(faces(0)).toHaveLength(1);
    expect(faces(180)).toHaveLength(0);
  });

  test("everything is inside its frame at all times, and shades are there", () => {
    const { x, y, size } = frameOf(figure, cycle);
    for (let i = 0; i < 20; i++)
      for (const shape of pictureOf(cycle.at(i / 20), figure)) {
        expect(shadeOf(shape)).toBeLessThan(SHADES);
        for (const [px, py] of shape.points) {
          expect(px).toBeGreaterThan(x);
          expect(px).toBeLessThan(x + size);
          expect(py).toBeGreaterThan(y);
          expect(py).toBeLessThan(y + size);
        }
      }
  });

  test("at rest the telling pose, the other end of the way behind it", () => {
    const { shapes, ghost } = stillOf({ ...figure, still: 1 }, cycle);
    expect(shapes).toEqual(pictureOf(cycle.pose(1), figure));
    expect(ghost.length).toBeGreaterThan(0);
    expect(stillOf({ ...figure, ghost: null }, cycle).ghost).toEqual([]);
  });

  test("a shape as a polyline: to a thousandth, faces closed, points as dots", () => {
    const line = [
      [0, 0.12345],
      [1, 2],
    ] as const;
    expect(pointsOf({ closed: false, points: line })).toBe("0,0.123 1,2");
    expect(pointsOf({ closed: true, points: [...line, [1, 1]] })).toBe("0,0.123 1,2 1,1 0,0.123");
    expect(
      pointsOf({
        closed: false,
        points: [
          [1, 1],
          [1, 1],
        ],
      }),
    ).toBe("1,1 1.001,1");
  });
});

test("joints say how far they are bent", () => {
  const { pose } = cycleOf(figure, REPS);
  expect(jointAngles(pose(0), "left").knee).toBeLessThan(20);
  expect(jointAngles(pose(1), "left").knee).toBeGreaterThan(80);
  expect(jointAngles(pose(0), "left").elbow).toBeLessThan(1);
});
