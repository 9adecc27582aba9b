import { type Cycle, cycleOf, type Figure, jointAngles, type Leg, type Skeleton } from "@/core/figure";
import { shippedCatalog as catalog } from "..";
import { DRILL_FIGURES, LIFT_FIGURES } from ".";

const SIDES = ["left", "right"] as const;
const TIMES = Array.from({ length: 20 }, (_, i) => i / 20);
const LIFT_DOSE = { kind: "reps", secondsPerUnit: 3, sides: 1 } as const;

/** Every figure with how it moves. */
const all = (): [string, Figure, Cycle][] => [
  ...catalog.drills.map((d): [string, Figure, Cycle] => {
    const figure = DRILL_FIGURES[d.id]!;
    return [d.id, figure, cycleOf(figure, d.dose)];
  }),
  ...catalog.lifts.map((l): [string, Figure, Cycle] => {
    const figure = LIFT_FIGURES[l.id]!;
    return [`lift ${l.id}`, figure, cycleOf(figure, LIFT_DOSE)];
  }),
];

const distance = (a: readonly number[], b: readonly number[]) => Math.hypot(...a.map((n, i) => n - b[i]!));

/** The first thing that is wrong with each figure. */
function faults(check: (figure: Figure, cycle: Cycle) => string[]): string[] {
  return all().flatMap(([id, figure, cycle]) =>
    check(figure, cycle)
      .slice(0, 1)
      .map((f) => `${id}: ${f}`),
  );
}

/** The same at each of the twenty moments. */
const faultsInMotion = (check: (skeleton: Skeleton, figure: Figure) => string[]) =>
  faults((figure, cycle) => TIMES.flatMap((t) => check(cycle.at(t), figure).map((f) => `${f} at ${t}`)));

test("every drill and every lift has one, and none is of nothing", () => {
  const ids = (list: readonly { id: string }[]) => list.map((x) => x.id).toSorted();
  expect(Object.keys(DRILL_FIGURES).toSorted()).toEqual(ids(catalog.drills));
  expect(Object.keys(LIFT_FIGURES).toSorted()).toEqual(ids(catalog.lifts));
});

test("nothing is below the floor", () => {
  const low = ({ joints }: Skeleton) =>
    Object.entries(joints).flatMap(([name, [, y]]) => (y < 0.008 ? [`${name} ${y.toFixed(3)}`] : []));
  expect(faultsInMotion(low)).toEqual([]);
});

// The foot has no toes of its own: where they bend, the ankle does.
test("joints are within their limits", () => {
  const bent = (skeleton: Skeleton) =>
    SIDES.flatMap((side) => {
      const { knee, elbow, ankle, hip, spine, neck } = jointAngles(skeleton, side);
      return [
        ...(knee > 162 ? [`${side} knee ${knee.toFixed(0)}`] : []),
        ...(elbow > 168 ? [`${side} elbow ${elbow.toFixed(0)}`] : []),
        ...(ankle > 85 || ankle < -62 ? [`${side} ankle ${ankle.toFixed(0)}`] : []),
        ...(hip > 155 ? [`${side} hip ${hip.toFixed(0)}`] : []),
        ...(spine > 76 ? [`spine ${spine.toFixed(0)}`] : []),
        ...(neck > 75 ? [`neck ${neck.toFixed(0)}`] : []),
      ];
    });
  expect(faultsInMotion(bent)).toEqual([]);
});

test("feet and hands that bear are where they are put", () => {
  const misplaced = faults(({ poses }, cycle) =>
    poses.flatMap((pose, i) => {
      const { joints } = cycle.pose(i);
      return SIDES.flatMap((side) => {
        const [leg, arm, hand] = [pose[`${side}Leg`], pose[`${side}Arm`], joints[`${side}Hand`]];
        const lowest = Math.min(joints[`${side}Heel`][1], joints[`${side}Toe`][1]);
        const off = "floor" in leg ? lowest - (leg.level ?? 0) - 0.021 : 0;
        const isBearing = "hand" in arm && (arm.of ?? "room") === "room";
        const away = isBearing ? distance(hand, arm.hand) : 0;
        return [
          ...(Math.abs(off) > 0.012 ? [`${side} foot of pose ${i} ${off.toFixed(3)} off the floor`] : []),
          ...(away > 0.03 ? [`${side} hand of pose ${i} ${away.toFixed(3)} away`] : []),
        ];
      });
    }),
  );
  expect(misplaced).toEqual([]);
});

test("what stands on the same spot in every pose does not slide between them", () => {
  const pivot = (leg: Leg) => ("floor" in leg && (leg.heel ?? 0) > 0 ? "Toe" : "Heel");
  const sliding = faults(({ poses, slides = [] }, cycle) =>
    SIDES.flatMap((side) => {
      const [first, ...others] = poses.map((p) => p[`${side}Leg`]);
      const end = pivot(first!);
      const stays = others.every(
        (l) => "floor" in l && "floor" in first! && distance(l.floor, first.floor) < 1e-9 && pivot(l) === end,
      );
      if (!stays || slides.includes(`${side}${end}`)) return [];
      const at = cycle.pose(0).joints[`${side}${end}`];
      const most = Math.max(...TIMES.map((t) => distance(cycle.at(t).joints[`${side}${end}`], at)));
      return most > 0.03 ? [`${side}${end} by ${most.toFixed(3)}`] : [];
    }),
  );
  expect(sliding).toEqual([]);
});

test("what is held by both hands is held: they are no farther apart than it is long, nor one before the other", () => {
  const dropped = faultsInMotion(({ joints: { leftHand, rightHand } }, { props = [] }) => {
    const held = props.find((p) => (p.kind === "bar" || p.kind === "stick") && p.at === "hands");
    const apart = distance(leftHand, rightHand);
    return held && (apart > 0.85 || Math.abs(leftHand[0] - rightHand[0]) > 0.3)
      ? [`hands ${apart.toFixed(2)} apart`]
      : [];
  });
  expect(dropped).toEqual([]);
});

test("rounds close, and go on without a jump", () => {
  const jumps = faults((_, cycle) => {
    const steps = Math.max(60, Math.ceil(cycle.seconds * 30));
    const seen = Array.from({ length: steps }, (__, i) => Object.values(cycle.at(i / steps).joints));
    const largest = Math.max(
      ...seen.map((now, i) => Math.max(...now.map((at, n) => distance(at, seen[(i + 1) % steps]![n]!)))),
    );
    return largest > 0.3 ? [`a step of ${largest.toFixed(3)}`] : [];
  });
  expect(jumps).toEqual([]);
});

test("data takes less than 2 kB each, and what is shown at rest is there", () => {
  const wrong = faults(({ poses, still = 0, ghost, shares, ...rest }) => {
    const bytes = new Set(poses.map((p) => JSON.stringify(p)));
    const size = [...bytes].join("").length + JSON.stringify(rest).length;
    return [
      ...(size > 2048 ? [`${size} bytes`] : []),
      ...(poses[still] && (typeof ghost !== "number" || poses[ghost]) ? [] : ["no such pose"]),
      ...(shares && shares.length !== poses.length ? ["shares"] : []),
    ];
  });
  expect(wrong).toEqual([]);
});
