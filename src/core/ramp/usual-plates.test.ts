import fc from "fast-check";
import { anyGym, kgGym, sideOf, stacksOf } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import { dumbbellKit, loadableWeights, loadTable } from "../plates";
import { weight } from "../units";
import { usualPlates } from ".";

test("the usual plates make the weight, heavier ones inside, and no stack that does has fewer", () => {
  fc.assert(
    fc.property(anyGym, fc.nat(), ({ kit }, pick) => {
      const all = loadableWeights(kit, weight(300));
      const wanted = all[pick % all.length]!;
      const plates = usualPlates(kit, wanted)!;
      expect(kit.empty + 2 * plates.reduce((sum, p) => sum + p, 0)).toBe(wanted);
      expect(plates).toEqual(plates.toSorted((a, b) => b - a));
      const side = (wanted - kit.empty) / 2;
      const table = loadTable(kit, wanted, false);
      const fewest = Math.min(...stacksOf(table, side, 99).map((s) => s.length));
      expect(plates).toHaveLength(fewest);
      expect(
        sideOf(
          kit,
          plates.map((p) => kit.plates.findIndex((k) => k.weight === p)),
        ),
      ).toBe(side);
    }),
    cases(60),
  );
});

test("what the kit does not make has none; what has no plates needs none", () => {
  expect(usualPlates(kgGym, weight(101))).toBeNull();
  expect(usualPlates(kgGym, weight(15))).toBeNull();
  const rack = dumbbellKit([10, 12.5].map(weight));
  expect(usualPlates(rack, weight(12.5))).toEqual([]);
  expect(usualPlates(rack, weight(11))).toBeNull();
});
