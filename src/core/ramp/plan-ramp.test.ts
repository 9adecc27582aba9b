import {
  type BarRampRequest,
  clean,
  kgGym,
  lbGym,
  plate,
  pull,
  rampRequest,
  squat,
} from "@/__tests__/fixtures";
import { barKit, stackMoves } from "../plates";
import { formatWeight, type Weight, weight } from "../units";
import { checkWorkingWeight, planRamp, type Ramp, rampWeights } from ".";

const weightsOf = (ramp: Ramp) => ramp.sets.map((s) => Number(formatWeight(s.weight)));
const codes = (ramp: Ramp) => ramp.findings.map((f) => f.code);

/** Moves + 0.5 × extra plates + 40 × deviation of a ramp given by hand, as [weight, plates on one side]. */
function costOf(
  loads: [kg: number, plates: number[]][],
  fewest: number,
  ideals: number[],
  working: number,
): number {
  const stacks = loads.map(([, plates]) => plates);
  const moves = stacks.reduce((total, s, i) => total + stackMoves(stacks[i - 1] ?? [], s), 0);
  const off = ideals.reduce((total, ideal, i) => total + Math.abs(loads[i]![0] - ideal), 0);
  return moves + 0.5 * (stacks.at(-1)!.length - fewest) + (40 * off) / working;
}

describe("worked examples", () => {
  const kit = barKit(weight(20), 0 as Weight, [
    ...[25, 20].map((s) => plate(s, 2)),
    plate(15, 1),
    ...[10, 5, 2.5, 1.25].map((s) => plate(s, 2)),
  ]);
  const closing = (start: number, top: number, sets: number) => {
    const parts = Array.from({ length: sets - 1 }, (_, i) => 0.8 ** i);
    const whole = parts.reduce((a, b) => a + b, 0);
    let at = start;
    return [start, ...parts.map((p) => (at += ((top - start) * p) / whole))];
  };

  test.each([
    {
      kg: 100,
      reps: 5,
      sets: 4,
      top: 86,
      byHand: [
        [20, []],
        [50, [15]],
        [70, [15, 10]],
        [85, [15, 10, 5, 2.5]],
        [100, [15, 10, 5, 5, 2.5, 2.5]],
      ],
      fewest: 3,
    },
    {
      kg: 72.5,
      reps: 5,
      sets: 4,
      top: 62.35,
      byHand: [
        [20, []],
        [40, [10]],
        [50, [10, 5]],
        [60, [10, 5, 5]],
        [72.5, [10, 10, 5, 1.25]],
      ],
      fewest: 3,
    },
    {
      kg: 180,
      reps: 1,
      sets: 7,
      top: 167.4,
      byHand: [
        [20, []],
        [60, [20]],
        [90, [20, 15]],
        [120, [25, 25]],
        [140, [25, 25, 10]],
        [160, [25, 25, 10, 10]],
        [170, [25, 25, 10, 10, 5]],
        [180, [25, 25, 10, 10, 5, 5]],
      ],
      fewest: 4,
    },
  ] as {
    kg: number;
    reps: number;
    sets: number;
    top: number;
    byHand: [number, number[]][];
    fewest: number;
  }[])(
    "$kg × $reps is valid and no dearer than a good ramp by hand",
    ({ kg, reps, sets, top, byHand, fewest }) => {
      const ramp = planRamp(rampRequest(kg, reps, { kit }));
      expect(ramp.sets).toHaveLength(sets);
      expect(codes(ramp)).toEqual([]);
      const ideals = closing(20, top, sets);
      const found: [number, number[]][] = [...ramp.sets, ramp.working].map((s) => [
        s.weight / 1000,
        s.perSide.map((p) => p / 1000),
      ]);
      expect(costOf(found, fewest, ideals, kg)).toBeLessThanOrEqual(
        costOf(byHand, fewest, ideals, kg) + 1e-6,
      );
    },
  );

  test("the same in a pound gym starts from the 45 lb bar", () => {
    const ramp = planRamp(rampRequest(225, 5, { unit: "lb", kit: lbGym }));
    expect(weightsOf(ramp)[0]).toBe(45);
    expect(ramp.sets.length).toBe(4);
    expect(codes(ramp)).toEqual([]);
  });
});

test("small plates in the gym do not make odd weights of the ramp", () => {
  const everyday = [25, 20, 15, 10, 5, 2.5, 1.25].map((size) => plate(size, 2));
  const ramps = (plates: typeof everyday) => {
    const kit = barKit(weight(20), 0 as Weight, plates);
    return [80, 60].map((kg) => weightsOf(planRamp(rampRequest(kg, 2, { kit, lift: clean }))));
  };
  expect(ramps([...everyday, plate(0.5, 1)])).toEqual(ramps(everyday));
});

describe("a heavy single", () => {
  test("climbs to 92 % with singles from 80 %, whatever the working repetitions", () => {
    for (const reps of [3, 5, 8]) {
      const { sets } = planRamp(rampRequest(180, reps, { style: "heavy-single" }));
      expect(sets.at(-1)!.fraction).toBeCloseTo(0.92, 1);
      for (const set of sets) if (set.fraction >= 0.8) expect(set.reps).toBe(1);
    }
  });
});

describe("the number of sets", () => {
  const count = (kg: number, reps: number, change: Partial<BarRampRequest> = {}) =>
    planRamp(rampRequest(kg, reps, change)).sets.length;

  test("grows with the ratio to the bar", () => {
    expect([22.5, 32.5, 42.5, 70, 100, 130, 175].map((kg) => count(kg, 5))).toEqual([0, 1, 2, 3, 4, 5, 6]);
  });

  test("is less for many repetitions, more for few", () => {
    expect(count(100, 12)).toBe(3);
    expect(count(100, 2)).toBe(5);
  });

  test("is less for beginners at light weights, not for others", () => {
    expect(count(40, 5, { experience: "beginner" })).toBe(1);
    expect(count(40, 5)).toBe(2);
    expect(count(100, 5, { experience: "beginner" })).toBe(4);
  });

  test("never costs a beginner the empty bar", () => {
    for (const kg of [30, 37.5, 45, 60]) {
      const ramp = planRamp(rampRequest(kg, 8, { experience: "beginner" }));
      expect([kg, weightsOf(ramp)[0]]).toEqual([kg, 20]);
    }
  });

  test("grows for areas, a cold room and Olympic lifts, by two at most, by four when sore", () => {
    expect(count(100, 5, { slowToWarm: 1 })).toBe(5);
    expect(count(100, 5, { slowToWarm: 2, room: "cold" })).toBe(6);
    expect(count(180, 5, { slowToWarm: "sore", room: "cold" })).toBe(8);
  });

  test("falls with what has been done before, but not for a sore area", () => {
    expect(count(100, 5, { similarDone: 1 })).toBe(2);
    expect(count(100, 5, { similarDone: 0.5 })).toBe(3);
    expect(count(100, 5, { similarDone: 1, slowToWarm: "sore" })).toBe(6);
    const curl = { id: "curl", fromFloor: false, olympic: false, compound: false };
    expect(count(40, 8, { similarDone: 0.6, lift: curl })).toBeLessThanOrEqual(1);
  });

  test("cut by warmth starts higher", () => {
    expect(weightsOf(planRamp(rampRequest(100, 5, { similarDone: 1 })))[0]).toBeGreaterThanOrEqual(50);
  });

  test("is the coach's own where given, with a finding where it breaks a rule", () => {
    expect(count(100, 5, { rampSets: 2 })).toBe(2);
    expect(count(100, 5, { rampSets: 0 })).toBe(0);
    const crowded = planRamp(rampRequest(40, 5, { rampSets: 10 }));
    expect(codes(crowded)).toContain("fewer-sets");
  });

  test("zero comes with advice", () => {
    expect(codes(planRamp(rampRequest(22.5, 5)))).toContain("no-ramp-needed");
  });
});

describe("from the floor", () => {
  const iron = barKit(weight(20), 0 as Weight, [
    plate(20, 3, true),
    plate(10, 2, false),
    plate(2.5, 2, false),
  ]);

  test("starts at the lightest load at full height", () => {
    const ramp = planRamp(rampRequest(140, 5, { lift: pull, kit: iron }));
    expect(weightsOf(ramp)[0]).toBe(60);
    expect(ramp.sets[0]!.perSide).toEqual([weight(20)]);
  });

  test("a load that cannot stand is lifted from blocks, and which load could is said", () => {
    const ramp = planRamp(rampRequest(45, 5, { lift: pull, kit: iron }));
    const finding = ramp.findings.find((f) => f.code === "from-blocks");
    expect(finding?.message).toContain("60 kg");
  });

  test("where it stands only close to the working weight the ramp begins with the bar, from the hang, and says so", () => {
    const ramp = planRamp(rampRequest(70, 3, { lift: clean, kit: iron }));
    expect(weightsOf(ramp)[0]).toBe(20);
    const finding = ramp.findings.find((f) => f.code === "from-blocks");
    expect(finding?.message).toMatch(/from 60 kg, 86 % of the working weight.*from the hang/);
  });
});

describe("poor gyms", () => {
  const twentiesAndTens = barKit(weight(20), 0 as Weight, [plate(20, 2), plate(10, 1)]);

  test("get the best there is, and are told what it costs", () => {
    const ramp = planRamp(rampRequest(80, 2, { kit: twentiesAndTens }));
    const all = [...weightsOf(ramp), 80];
    for (const w of all) expect([20, 40, 60, 80]).toContain(w);
    expect(codes(ramp)).toContain("coarse-plates");
  });

  test("light sets make no set heavy where the plates leave holes", () => {
    const holes = barKit(weight(20), 0 as Weight, [plate(10, 3), plate(2, 1, false), plate(1, 3, false)]);
    const asked = rampRequest(88, 1, { lift: pull, kit: holes, experience: "beginner" });
    const heavy = (ramp: Ramp) => ramp.sets.filter((s) => s.fraction >= 0.85).map((s) => s.weight);
    const sore = planRamp({ ...asked, slowToWarm: "sore" });
    expect(heavy(sore)).toEqual(heavy(planRamp(asked)));
    expect(heavy(sore)).toEqual([weight(80)]);
  });

  test("plates of which millions of loads can be made get a good ramp, and that is said", () => {
    const sizes = [25003, 20007, 15011, 12013, 10017, 7019, 5021, 2503, 1251, 757, 503, 251];
    const kinds = sizes.map((grams) => ({ weight: grams as Weight, pairs: 20, fullDiameter: grams > 10000 }));
    const odd = barKit(weight(20), 0 as Weight, kinds);
    for (const lift of [squat, pull]) {
      const ramp = planRamp(rampRequest(999.122, 5, { lift, kit: odd }));
      const all = [...ramp.sets.map((s) => s.weight), weight(999.122)];
      expect(codes(ramp)).toEqual(["too-many-loads"]);
      expect(all.length).toBeGreaterThan(5);
      expect(all).toEqual(all.toSorted((a, b) => a - b));
    }
  });

  test("one plate size still ramps", () => {
    const ramp = planRamp(rampRequest(120, 5, { kit: barKit(weight(20), 0 as Weight, [plate(25, 2)]) }));
    expect(weightsOf(ramp)).toEqual([20, 70]);
    expect(codes(ramp)).toContain("coarse-plates");
  });
});

describe("the coach's own numbers", () => {
  test("stay while the rest is worked out around them", () => {
    const ramp = planRamp(
      rampRequest(100, 5, { rampSets: 4, fixed: { 1: { weight: weight(45) }, 2: { reps: 4 } } }),
    );
    expect(weightsOf(ramp)[1]).toBe(45);
    expect(ramp.sets[2]!.reps).toBe(4);
    expect(ramp.sets).toHaveLength(4);
  });

  test("that no longer fit are let go, and that is said", () => {
    const ramp = planRamp(rampRequest(60, 5, { rampSets: 3, fixed: { 2: { weight: weight(80) } } }));
    expect(codes(ramp)).toContain("own-weight-released");
    expect(weightsOf(ramp).every((w) => w < 60)).toBe(true);
  });

  test("may lie closer than the rules have it, and a finding says so", () => {
    const ramp = planRamp(
      rampRequest(100, 5, { rampSets: 4, fixed: { 2: { weight: weight(82.5) }, 3: { weight: weight(85) } } }),
    );
    expect(weightsOf(ramp).slice(2)).toEqual([82.5, 85]);
    expect(codes(ramp)).toContain("sets-close");
  });
});

describe("working weights", () => {
  test("that can be loaded pass, others come back with their neighbours", () => {
    expect(checkWorkingWeight(kgGym, weight(102.5))).toEqual({ ok: true, value: weight(102.5) });
    expect(checkWorkingWeight(kgGym, weight(101))).toEqual({
      ok: false,
      error: { lower: weight(100), upper: weight(102.5) },
    });
    expect(checkWorkingWeight(kgGym, weight(15))).toMatchObject({ ok: false, error: { lower: null } });
  });

  test("bound the weights a set can have", () => {
    const free = rampWeights(pull, kgGym, weight(60));
    expect(free[0]).toBe(weight(40));
    expect(free.at(-1)).toBe(weight(57.5));
  });

  test("past twelve reps come with a poor estimate", () => {
    expect(codes(planRamp(rampRequest(60, 15)))).toContain("poor-estimate");
  });
});

test("a rest that the coach has set counts, unless the plates take longer to change", () => {
  const usual = planRamp(rampRequest(140, 5));
  const longer = planRamp(rampRequest(140, 5, { fixed: { 1: { restSeconds: 200 } } }));
  expect(longer.sets[1]!.restSeconds).toBe(200);
  expect(longer.totals.seconds - usual.totals.seconds).toBe(200 - usual.sets[1]!.restSeconds);
  const hurried = planRamp(rampRequest(140, 5, { fixed: { 1: { restSeconds: 0 } } })).sets;
  const plates = hurried[2]!.add.length + hurried[2]!.strip.length;
  expect(hurried[1]!.restSeconds).toBe(8 * plates);
});
