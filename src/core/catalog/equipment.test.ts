import { shippedCatalog as catalog } from "@/catalog";
import { approachFor, countedKit, type EquipmentId, hasKit, kitInUse, turnsFor } from ".";

const stick = [["stick", "towel", "broom"]] as const;
const benchAndBell = [["bench"], ["dumbbell", "kettlebell"]] as const;
const stock = (counts: Partial<Record<EquipmentId, number>>, there: EquipmentId[] | null = null) => ({
  equipment: there && new Set(there),
  counts,
});

test("of alternatives the best that there is is used, else the usual one is named", () => {
  expect(kitInUse(stick, ["broom", "towel"])).toEqual(["towel"]);
  expect(kitInUse(stick, ["rower"])).toEqual(["stick"]);
  expect(kitInUse(benchAndBell, ["kettlebell", "bench"])).toEqual(["bench", "kettlebell"]);
  expect(kitInUse([], [])).toEqual([]);
});

test("one alternative of each need is enough; null is a gym with everything", () => {
  expect(hasKit(benchAndBell, new Set(["bench", "kettlebell"]))).toBe(true);
  expect(hasKit(benchAndBell, new Set(["kettlebell"]))).toBe(false);
  expect(hasKit(benchAndBell, null)).toBe(true);
  expect(hasKit([], new Set())).toBe(true);
});

test("only things with a count are counted, and only those that are used", () => {
  expect(countedKit(benchAndBell, stock({ bench: 2, rower: 1 }))).toEqual(["bench"]);
  expect(countedKit(stick, stock({ towel: 3 }, ["towel"]))).toEqual(["towel"]);
  expect(countedKit(stick, stock({ towel: 3 }))).toEqual([]);
});

test.each<[string, number, Partial<Record<EquipmentId, number>>, number]>([
  ["enough for all", 6, { bench: 6 }, 1],
  ["half of what is needed", 6, { bench: 3 }, 2],
  ["one too few", 6, { bench: 5 }, 2],
  ["the scarcest decides", 6, { bench: 3, dumbbell: 1 }, 6],
  ["nothing counted", 60, {}, 1],
  ["none of a thing", 2, { bench: 0 }, Number.POSITIVE_INFINITY],
])("turns with %s", (_, people, counts, turns) => {
  expect(turnsFor(benchAndBell, people, stock(counts))).toBe(turns);
});

describe("the approach of a session", () => {
  const lift = (id: string) => catalog.lifts.find((l) => l.id === id)!;

  test("is the one that is asked for", () => {
    expect(approachFor(catalog, lift("back-squat"), "every-joint").id).toBe("every-joint");
    expect(approachFor(catalog, lift("circuit-block"), "bar-first").id).toBe("bar-first");
  });

  test("comes with drills alone, whatever is asked for", () => {
    expect(approachFor(catalog, lift("cool-down-legs"), "bar-first").id).toBe("cool-down");
  });

  test("that there is not is a fault that names it", () => {
    expect(() => approachFor(catalog, lift("back-squat"), "gone")).toThrow(/no approach "gone"/);
  });
});
