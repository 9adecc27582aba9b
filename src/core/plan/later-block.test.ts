import { approach, catalogLift, planRequest } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { DEMAND_IDS } from "../demands";
import { askedDemands } from "../drills";
import { weight } from "../units";
import { blockChoice, blocksOf } from ".";
import { approachBetweenLifts, onlyNew } from "./later-block";

const working = { weight: weight(60), reps: 5, sets: 3, rir: 1 };
const asked = (id: string, limiters: Parameters<typeof askedDemands>[1] = []) =>
  askedDemands([{ lift: catalogLift(id), working, ramped: true }], limiters, approach("temperature-first"));
const weightOf = (demands: ReturnType<typeof asked>, id: string) =>
  demands.find((d) => d.demand === id)!.weight;
const done = (amounts: Record<string, number>) => DEMAND_IDS.map((id) => amounts[id] ?? 0);

test("between lifts nothing is raised, held, gone round or done for its own sake", () => {
  for (const by of catalog.approaches) {
    const later = approachBetweenLifts(by);
    expect(later.phases.map((p) => p.phase)).not.toContain("raise");
    expect(later.phases.map((p) => p.phase)).not.toContain("release");
    expect(later.phases.every((p) => p.least === 0 && p.shortPrice === 0)).toBe(true);
    expect([later.slots, later.circuit, later.floors, later.planes]).toEqual([[], null, {}, []]);
    // What it holds to be true stays.
    expect(later.rampStyle).toBe(by.rampStyle);
  }
});

describe("what is new for a later lift", () => {
  test("what has not been asked before is asked in full", () => {
    const fresh = onlyNew(asked("overhead-press"), done({}));
    expect(fresh).toEqual(asked("overhead-press"));
  });

  test("what has been asked or served as much is done with, and less of it leaves the rest", () => {
    const before = asked("overhead-press");
    const flexion = weightOf(before, "shoulder-flexion");
    expect(flexion).toBeGreaterThan(1);
    expect(weightOf(onlyNew(before, done({ "shoulder-flexion": 3 })), "shoulder-flexion")).toBe(0);
    expect(weightOf(onlyNew(before, done({ "shoulder-flexion": 1 })), "shoulder-flexion")).toBeCloseTo(
      flexion - 1,
    );
  });

  test("a limiter that has been worked on is no new one", () => {
    const limited = asked("overhead-press", ["shoulder-flexion"]);
    expect(weightOf(limited, "shoulder-flexion")).toBeGreaterThan(3);
    expect(weightOf(onlyNew(limited, done({ "shoulder-flexion": 4 })), "shoulder-flexion")).toBe(0);
  });
});

describe("blocks", () => {
  const base = planRequest("back-squat", 60);
  const lifts = ["back-squat", "bench-press", "barbell-row", "deadlift"].map((id, i) => ({
    ...base.lifts[0]!,
    lift: catalogLift(id),
    pairedWithNext: i === 1,
  }));

  test("lifts in turns share one", () => {
    expect(blocksOf(lifts)).toEqual([[0], [1, 2], [3]]);
    expect(blocksOf(lifts.slice(0, 1))).toEqual([[0]]);
  });

  test("the first has all the time that its ramp leaves, later ones three minutes", () => {
    const request = { ...base, lifts };
    const ramps = [{ totals: { seconds: 300 }, sets: [] }, null, null, null] as never;
    const before = { served: [], drills: ["leg-swing-front"] };
    expect(blockChoice(request, ramps, 0, before).seconds).toBe(16 * 60 - 300);
    const later = blockChoice(request, ramps, 1, before);
    expect(later.seconds).toBe(180);
    expect(later.dropped).toContain("leg-swing-front");
  });

  test("the coach's own drills belong to their block, and may repeat one of an earlier", () => {
    const own = [{ drill: "bird-dog" }, { drill: "leg-swing-front", block: 1 }];
    const request = { ...base, lifts, own };
    const before = { served: [], drills: ["leg-swing-front"] };
    const ramps = [null, null, null, null];
    expect(blockChoice(request, ramps, 0, before).own.map((o) => o.drill)).toEqual(["bird-dog"]);
    const later = blockChoice(request, ramps, 1, before);
    expect(later.own.map((o) => o.drill)).toEqual(["leg-swing-front"]);
    expect(later.dropped).not.toContain("leg-swing-front");
  });

  test("less time than the ramp takes is none, not a debt", () => {
    const ramps = [{ totals: { seconds: 3000 }, sets: [] }, null, null, null] as never;
    expect(blockChoice({ ...base, lifts }, ramps, 0, { served: [], drills: [] }).seconds).toBe(0);
  });
});
