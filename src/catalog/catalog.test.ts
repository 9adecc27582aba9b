import { type Drill, EQUIPMENT, isMeant, PHASES } from "@/core/catalog";
import { DEMAND_IDS, DEMANDS, isDemandId } from "@/core/demands";
import { doseSeconds } from "@/core/dose";
import { shippedCatalog as catalog } from ".";

const { drills, lifts, approaches, drillsAlone } = catalog;
const ids = new Set(drills.map((d) => d.id));

test("ids are unique", () => {
  for (const list of [drills, lifts, approaches]) {
    expect(new Set(list.map((x) => x.id)).size).toBe(list.length);
  }
});

test("nothing is missing", () => {
  expect(drills.length).toBeGreaterThanOrEqual(150);
  expect(lifts.filter((l) => !l.kind)).toHaveLength(33);
  expect(approaches).toHaveLength(8);
});

describe.each(drills.map((d): [string, Drill] => [d.id, d]))("%s", (_, drill) => {
  test("refers only to what there is", () => {
    for (const other of [drill.easier, drill.harder, drill.before, ...drill.substitutes]) {
      if (other === undefined) continue;
      expect(ids).toContain(other);
      expect(other).not.toBe(drill.id);
    }
    for (const need of drill.equipment) {
      expect(need.length).toBeGreaterThan(0);
      for (const e of need) expect(EQUIPMENT).toHaveProperty(e);
    }
    for (const phase of drill.phases) expect(PHASES).toContain(phase);
  });

  test("serves something, mainly what it is named for", () => {
    const served = Object.entries(drill.serves);
    expect(served.length).toBeGreaterThan(0);
    for (const [demand, w] of served) {
      expect(isDemandId(demand)).toBe(true);
      expect([1, 2, 3]).toContain(w);
    }
  });

  test("has a dose whose range is in order and lasts no longer than ten minutes", () => {
    for (const [low, usual, high] of [drill.dose.sets, drill.dose.amount]) {
      expect(low).toBeLessThanOrEqual(usual);
      expect(usual).toBeLessThanOrEqual(high);
      expect(low).toBeGreaterThan(0);
    }
    const usual = doseSeconds(drill.dose, { sets: drill.dose.sets[1], amount: drill.dose.amount[1] });
    expect(usual).toBeGreaterThanOrEqual(5);
    expect(usual).toBeLessThanOrEqual(600);
    for (const amount of drill.dose.amount) {
      expect(Math.abs(amount - drill.dose.amount[1]) % drill.dose.step).toBe(0);
    }
  });

  test("tells how in a sentence, with cues and faults", () => {
    expect(drill.how).toMatch(/^[A-Z].+\.$/);
    expect(drill.cues.length).toBeGreaterThan(0);
    expect(drill.faults.length).toBeGreaterThan(0);
  });

  test("is consistent: stretches are held, bands are loads, jumps avoid impact", () => {
    if (drill.stretch) expect(drill.mode).toBe("static");
    const usesBand = drill.equipment.some((need) => need[0]!.startsWith("band") || need[0] === "mini-band");
    if (usesBand) expect(drill.load.kind).toBe("band");
    if (drill.impact === "high") expect(drill.avoid).toContain("impact");
    if (drill.effort === 5) expect(drill.phases[0]).toBe("power");
  });
});

test("each demand is served by three drills or more, so that a swap is always there", () => {
  const short = DEMAND_IDS.filter((demand) => drills.filter((d) => (d.serves[demand] ?? 0) >= 1).length < 3);
  expect(short).toEqual([]);
});

describe("lifts", () => {
  test.each(lifts.map((l) => [l.id, l] as const))(
    "%s asks for its own pattern and prime movers",
    (_, lift) => {
      if (lift.pattern) {
        expect(DEMANDS[lift.pattern].kind).toBe("pattern");
        expect(lift.asks[lift.pattern]).toBe(3);
      } else expect(lift.compound).toBe(lift.kind !== undefined);
      for (const mover of lift.primeMovers) expect(lift.asks[mover]).toBeGreaterThanOrEqual(1);
      if (lift.kind !== "drills-alone") expect(lift.loads.length).toBeGreaterThan(0);
      else expect(drillsAlone.map((a) => a.id)).toContain(lift.approach);
    },
  );
});

test("approaches have each phase once, with room for what they want", () => {
  for (const approach of [...approaches, ...drillsAlone]) {
    const phases = approach.phases.map((p) => p.phase);
    expect(new Set(phases).size).toBe(phases.length);
    for (const rule of approach.phases) {
      expect(rule.least).toBeLessThanOrEqual(rule.most);
      expect(rule.mostDrills).toBeGreaterThan(0);
      expect(drills.some((d) => d.phases.includes(rule.phase) && isMeant(d, rule.only ?? {}))).toBe(true);
    }
    for (const slot of approach.slots) {
      const rule = approach.phases.find((p) => p.phase === slot.phase)!;
      const fillers = drills.filter(
        (d) => d.phases.includes(slot.phase) && isMeant(d, slot.filledBy) && isMeant(d, rule.only ?? {}),
      );
      expect(fillers.length).toBeGreaterThanOrEqual(slot.drills.most);
      expect(slot.drills.least).toBeLessThanOrEqual(slot.drills.most);
    }
    for (const phase of approach.circuit?.phases ?? []) expect(phases).toContain(phase);
  }
});
