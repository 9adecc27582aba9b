import fc from "fast-check";
import { anyGym, everyStack, sideOf, stacksOf } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import { type BarKit, loadTable, stackMoves } from "../plates";
import type { Weight } from "../units";
import { StackTree } from "./stack-tree";

const smallGym = anyGym.map(({ kit }) => kit).filter((kit) => everyStack(kit).length <= 400);

/** A tree for a working weight that the kit makes, and another side weight that it makes. */
function treeOf(kit: BarKit, pick: number, other: number, fromFloor: boolean) {
  const all = everyStack(kit);
  const working = sideOf(kit, all[pick % all.length]!);
  const table = loadTable(kit, (kit.empty + 2 * working) as Weight, fromFloor);
  const ends = stacksOf(table, working, 99);
  const fewest = Math.min(...ends.map((s) => s.length));
  const side = Math.min(working, sideOf(kit, all[other % all.length]!));
  const tree = new StackTree(table, (kit.empty + 2 * working) as Weight, fewest);
  return { table, ends, fewest, side, tree };
}

test("with room enough every stack of a weight is found once", () => {
  fc.assert(
    fc.property(smallGym, fc.nat(), fc.nat(), fc.boolean(), (kit, pick, other, fromFloor) => {
      const { table, ends, side, tree } = treeOf(kit, pick, other, fromFloor);
      fc.pre(ends.length > 0);
      const found = tree.nodesOf(side, 999).map((node) => tree.stackAt(node).join());
      expect(found.sort()).toEqual(
        stacksOf(table, side, 99)
          .map((s) => s.join())
          .sort(),
      );
    }),
    cases(100),
  );
});

test("no stack is left out that a ramp so cheap could have", () => {
  fc.assert(
    fc.property(smallGym, fc.nat(), fc.nat(), fc.integer({ min: 1, max: 9 }), (kit, pick, other, most) => {
      const { table, ends, fewest, side, tree } = treeOf(kit, pick, other, false);
      const found = new Set(tree.nodesOf(side, most).map((node) => tree.stackAt(node).join()));
      for (const stack of stacksOf(table, side, 99)) {
        const onward = ends.map((end) => stackMoves(stack, end) + 0.5 * (end.length - fewest));
        if (stack.length + Math.min(...onward) <= most) expect(found).toContain(stack.join());
      }
    }),
    cases(100),
  );
});

test("the way to the working weight is never said to be longer than it is", () => {
  fc.assert(
    fc.property(smallGym, fc.nat(), fc.nat(), (kit, pick, other) => {
      const { ends, fewest, side, tree } = treeOf(kit, pick, other, false);
      for (const node of tree.nodesOf(side, 999)) {
        const stack = tree.stackAt(node);
        const least = Math.min(...ends.map((e) => stackMoves(stack, e) + 0.5 * (e.length - fewest)));
        expect(tree.toWork[node]!).toBeLessThanOrEqual(least);
      }
    }),
    cases(100),
  );
});
