import { athleteWith, catalogLift } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { gymSets } from "@/catalog/gym-sets";
import { applyEdit, planRequestFor, startDraft } from "../draft";
import { planWarmUp } from "../plan";
import { UNIT_SYSTEMS, type UnitSystem, weight } from "../units";
import { gymFromSet, liftKit } from ".";

const cases = gymSets.flatMap((set) => UNIT_SYSTEMS.map((unit) => [set.id, unit, set] as const));
const made = (id: string, unit: UnitSystem) =>
  gymFromSet(gymSets.find((s) => s.id === id)!, { id: "g", name: "Gym", unit });

describe.each(cases)("the kind of gym %s in %s", (_, unit, set) => {
  const gym = gymFromSet(set, { id: "g", name: "Gym", unit });

  test("has each plate once, heaviest first, and no bar or weight of nothing", () => {
    const sizes = gym.plates.map((p) => p.weight);
    expect(sizes).toEqual([...new Set(sizes)].sort((a, b) => b - a));
    for (const p of gym.plates) expect(p.pairs).toBeGreaterThan(0);
    for (const bar of [gym.bar, ...gym.otherBars]) expect(bar.weight).toBeGreaterThan(0);
    for (const w of [...gym.dumbbells, ...gym.help]) expect(w).toBeGreaterThan(0);
  });

  test("has a warm-up for a squat, with what there is", () => {
    const heavy = weight(unit === "kg" ? 70 : 155);
    const athlete = athleteWith({
      unit,
      workingWeights: [{ lift: "back-squat", weight: heavy, reps: 5, sets: 3, rir: 2, day: "2026-01-05" }],
    });
    const draft = startDraft(athlete, gym, catalog, { lifts: ["back-squat"] });
    const plan = planWarmUp(planRequestFor(draft, athlete, gym, catalog));
    expect(plan.ramps[0]!.sets.length).toBeGreaterThan(1);
    expect(plan.ramps[0]!.working.weight).toBe(heavy);
    expect(plan.steps.length).toBeGreaterThan(3);
    for (const { drill } of plan.steps)
      for (const need of drill.equipment)
        expect(need.some((thing) => gym.equipment.includes(thing))).toBe(true);
  });
});

test("things that there is enough of have no count", () => {
  const { counts, equipment } = made("hall", "kg");
  expect(counts).toMatchObject({ rower: 3, rack: 6 });
  expect(counts).not.toHaveProperty("dumbbell");
  expect(equipment).toContain("dumbbell");
});

test("steps of dumbbells end where they should", () => {
  expect(made("room", "kg").dumbbells.map((w) => w / 1000)).toEqual([
    5, 7.5, 10, 12.5, 15, 17.5, 20, 22.5, 25,
  ]);
  expect(made("garage", "lb").dumbbells).toEqual([]);
});

describe("which bar a lift is loaded on", () => {
  const gym = made("hall", "kg");
  const squat = catalogLift("back-squat");
  const emptyOf = (athlete: Parameters<typeof liftKit>[2], bar: string | null = null) => {
    const kit = liftKit(gym, squat, athlete, bar)!;
    return "empty" in kit ? kit.empty / 1000 : null;
  };
  const owner = athleteWith({ unit: "lb", ownBar: { name: "Own", weight: weight(35) } });

  test("is the gym's, the athlete's own, or another one by its name", () => {
    expect(emptyOf(athleteWith({}))).toBe(20);
    // 35 lb are 15.876 kg.
    expect(emptyOf(owner)).toBeCloseTo(15.876, 3);
    expect(emptyOf(owner, "Light bar")).toBe(15);
    expect(emptyOf(owner, "Gone bar")).toBeCloseTo(15.876, 3);
  });

  test("can be changed for one lift, and lets go of weights set by hand", () => {
    const athlete = athleteWith({});
    const draft = startDraft(athlete, gym, catalog, { lifts: ["back-squat"] });
    const set = applyEdit(draft, {
      kind: "change-set",
      at: 0,
      set: 1,
      sets: 3,
      change: { weight: weight(40) },
    });
    const other = applyEdit(set, {
      kind: "change-lift",
      at: 0,
      change: { bar: "Light bar", weight: weight(60) },
    });
    expect(other.lifts[0]).toMatchObject({ bar: "Light bar", weight: weight(60), fixed: {} });
    const request = planRequestFor(other, athlete, gym, catalog);
    expect(request.lifts[0]!.kit).toMatchObject({ empty: weight(15) });
  });
});
