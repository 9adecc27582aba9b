import fc from "fast-check";
import { anyGym, everyStack, kgGym, plate, sideOf } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import { weight } from "../units";
import {
  barKit,
  describeChange,
  loadableTotals,
  loadTable,
  nearestLoadable,
  smallestStep,
  stackMoves,
} from ".";

const smallGym = anyGym.filter(({ kit }) => everyStack(kit).length <= 600).map(({ kit }) => kit);

describe("a bar kit", () => {
  test("puts equal plates together, heaviest first, and leaves out sizes without pairs", () => {
    const kit = barKit(weight(20), weight(2.5), [
      plate(5, 1, false),
      plate(10, 0),
      plate(20, 1),
      plate(5, 2, true),
    ]);
    expect(kit.empty).toBe(weight(25));
    expect(kit.plates).toEqual([plate(20, 1), { ...plate(5, 3), fullDiameter: true }]);
    expect(smallestStep(kit)).toBe(weight(10));
  });
});

describe("what can be loaded", () => {
  test("is what some stack makes, with and without the floor rule", () => {
    fc.assert(
      fc.property(smallGym, fc.boolean(), (kit, fromFloor) => {
        const heaviest = weight(1000);
        const wanted = new Set(
          everyStack(kit)
            .filter((s) => !fromFloor || s.some((k) => kit.plates[k]!.fullDiameter))
            .map((s) => kit.empty + 2 * sideOf(kit, s)),
        );
        const found = loadableTotals(loadTable(kit, heaviest, fromFloor));
        expect(found).toEqual([...wanted].sort((a, b) => a - b));
      }),
      cases(60),
    );
  });

  test("the nearest neighbours enclose a weight", () => {
    expect(nearestLoadable(kgGym, weight(101), false)).toEqual({ lower: weight(100), upper: weight(102.5) });
    expect(nearestLoadable(kgGym, weight(100), false)).toEqual({ lower: weight(100), upper: weight(100) });
    expect(nearestLoadable(kgGym, weight(12), false)).toEqual({ lower: null, upper: weight(20) });
    expect(nearestLoadable(kgGym, weight(900), false).upper).toBeNull();
    expect(nearestLoadable(kgGym, weight(30), true)).toEqual({ lower: null, upper: weight(40) });
  });
});

describe("stacks", () => {
  test("only the outside plates move", () => {
    expect(stackMoves([], [1, 2])).toBe(2);
    expect(stackMoves([1, 2], [1, 3])).toBe(2);
    expect(stackMoves([1, 2, 3], [1])).toBe(2);
    expect(stackMoves([0, 2], [1, 2])).toBe(4);
    expect(stackMoves([1, 2], [1, 2])).toBe(0);
  });
});

test("a change of plates is told in words", () => {
  expect(describeChange([], [])).toBe("Empty bar");
  expect(describeChange([weight(20), weight(5)], [])).toBe("Put on 20 + 5 each side");
  expect(describeChange([weight(10)], [weight(2.5)])).toBe("Take off 2.5, put on 10 each side");
  expect(describeChange([], [weight(1.25)])).toBe("Take off 1.25 each side");
});
