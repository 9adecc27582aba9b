import fc from "fast-check";
import { kgGym, rampRequest, squat, stepsOf } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import {
  barKit,
  bodyKit,
  dumbbellKit,
  hungOn,
  kettlebellKit,
  type LoadKit,
  lightestOf,
  loadableWeights,
  smallestStep,
  stackKit,
  type WeightList,
} from "../plates";
import { type Weight, weight, weightValue } from "../units";
import { checkWorkingWeight, describeLoad, planRamp, RAMP_STYLE_IDS, type RampRequest, rampWeights } from ".";
import { chooseWeights } from "./choose-weights";
import type { WeightProblem } from "./weight-problem";

const none = 0 as Weight;
const rack = dumbbellKit([2.5, 5, 7.5, 10, 12.5, 15, 17.5, 20, 22.5, 25, 27.5, 30, 35, 40].map(weight));
const bells = kettlebellKit([8, 12, 16, 20, 24, 28, 32].map(weight));
const stack = stackKit({ start: weight(5), step: weight(5), top: weight(100), addOns: [weight(2.5)] });
const body = bodyKit(weight(80), [10, 20, 30].map(weight), hungOn(kgGym.plates));
const press = barKit(weight(47.5), none, kgGym.plates, "machine");

const ramp = (kit: LoadKit, kg: number, reps: number, change: Partial<RampRequest> = {}) =>
  planRamp({
    ...rampRequest(100, reps),
    kit,
    working: { weight: weight(kg), reps, sets: 3, rir: 1 },
    ...change,
  });
const kilograms = (r: ReturnType<typeof planRamp>) => r.sets.map((s) => weightValue(s.weight));

const anyList: fc.Arbitrary<WeightList> = fc.oneof(
  fc
    .uniqueArray(fc.integer({ min: 2, max: 120 }), { minLength: 1, maxLength: 25 })
    .map((pairs) => dumbbellKit(pairs.map((p) => weight(p / 2)))),
  fc
    .uniqueArray(fc.constantFrom(4, 6, 8, 10, 12, 16, 20, 24, 28, 32, 40, 48), {
      minLength: 1,
      maxLength: 12,
    })
    .map((list) => kettlebellKit(list.map(weight))),
  fc
    .record({
      start: fc.integer({ min: 1, max: 20 }),
      step: fc.constantFrom(2.5, 5, 7.5, 10),
      pins: fc.integer({ min: 0, max: 25 }),
      addOns: fc.uniqueArray(fc.constantFrom(1, 1.25, 2.5), { maxLength: 2 }),
    })
    .map(({ start, step, pins, addOns }) =>
      stackKit({
        start: weight(start),
        step: weight(step),
        top: weight(start + pins * step),
        addOns: addOns.map(weight),
      }),
    ),
  fc
    .record({
      kg: fc.integer({ min: 40, max: 140 }),
      help: fc.uniqueArray(fc.integer({ min: 5, max: 60 }), { maxLength: 6 }),
    })
    .map(({ kg, help }) => bodyKit(weight(kg), help.map(weight), hungOn(kgGym.plates))),
);
const anyRequest: fc.Arbitrary<RampRequest & { kit: WeightList }> = fc
  .record({
    kit: anyList,
    pick: fc.double({ min: 0, max: 1, noNaN: true }),
    reps: fc.integer({ min: 1, max: 20 }),
    unit: fc.constantFrom("kg" as const, "lb" as const),
    style: fc.constantFrom(...RAMP_STYLE_IDS),
    compound: fc.boolean(),
    slowToWarm: fc.constantFrom(0 as const, 1 as const, 2 as const, "sore" as const),
    similarDone: fc.constantFrom(0, 0.4, 1),
    start: fc.option(fc.constantFrom(0, 0.2, 0.4, 0.5), { nil: undefined }),
  })
  .map(({ kit, pick, reps, compound, ...rest }) => {
    const at = Math.min(kit.weights.length - 1, Math.floor(pick * kit.weights.length));
    const working = { weight: kit.weights[at]!, reps, sets: 3, rir: 0 };
    return { ...rampRequest(100, reps), ...rest, kit, working, lift: { ...squat, compound } };
  });

describe("what there is to load", () => {
  test("a stack makes each pin with and without what is laid on it", () => {
    const small = stackKit({
      start: weight(5),
      step: weight(10),
      top: weight(25),
      addOns: [weight(2), weight(3)],
    });
    expect(small.weights.map(weightValue)).toEqual([5, 7, 8, 10, 15, 17, 18, 20, 25, 27, 28, 30]);
  });

  test("a body is lighter by what helps it and heavier by what hangs on it", () => {
    const kit = bodyKit(
      weight(70),
      [weight(20), weight(90)],
      hungOn([{ weight: weight(5), pairs: 1, fullDiameter: false }]),
    );
    expect(kit.weights.map(weightValue)).toEqual([50, 70, 75, 80]);
  });

  test("lists are sorted, without doubles, and step by their least difference", () => {
    const kit = dumbbellKit([weight(12), weight(5), weight(12), weight(8)]);
    expect(kit.weights.map(weightValue)).toEqual([5, 8, 12]);
    expect(smallestStep(kit)).toBe(weight(3));
    expect(smallestStep(dumbbellKit([weight(10)]))).toBe(0);
    expect([lightestOf(kit), lightestOf(press)]).toEqual([weight(5), weight(47.5)]);
  });

  test("a weight between two dumbbells is refused with both", () => {
    expect(checkWorkingWeight(rack, weight(32.5))).toEqual({
      ok: false,
      error: { lower: weight(30), upper: weight(35) },
    });
  });

  test("every ramp weight is one of the list under the working weight", () => {
    expect(rampWeights(squat, rack, weight(10)).map(weightValue)).toEqual([2.5, 5, 7.5]);
    expect(loadableWeights(press, weight(40))).toEqual([]);
  });
});

describe("every ramp without plates", () => {
  const holds = (
    check: (request: RampRequest & { kit: WeightList }, r: ReturnType<typeof planRamp>) => void,
  ) =>
    fc.assert(
      fc.property(anyRequest, (request) => check(request, planRamp(request))),
      cases(150),
    );

  test("rises strictly, below the working weight, in weights that there are", () =>
    holds(({ kit, working }, r) => {
      const all = [...stepsOf(r), working.weight];
      expect(all).toEqual([...new Set(all)].sort((a, b) => a - b));
      for (const w of all) expect(kit.weights).toContain(w);
      for (const s of r.sets) expect([s.perSide, s.add, s.strip]).toEqual([[], [], []]);
    }));

  test("keeps neighbours apart", () =>
    holds(({ kit, working }, r) => {
      const all = [...stepsOf(r), working.weight];
      const gap = Math.max(0.04 * working.weight, smallestStep(kit));
      all.slice(1).forEach((w, i) => {
        expect(w - all[i]!).toBeGreaterThanOrEqual(gap - 1e-6);
      });
    }));

  test("never raises the repetitions, moves no plates and says nothing of any", () =>
    holds((_, r) => {
      const reps = r.sets.map((s) => s.reps);
      expect(reps).toEqual(reps.toSorted((a, b) => b - a));
      expect(r.totals.moves).toBe(0);
      for (const f of r.findings) expect(f.message).not.toMatch(/plate|bar\b/);
    }));

  test("keeps the last jump's limit, or there is nothing closer, and that is said", () =>
    holds(({ kit, working }, r) => {
      const last = r.sets.at(-1);
      if (!last || !r.findings.some((f) => f.code === "last-jump")) return;
      const gap = Math.max(0.04 * working.weight, smallestStep(kit));
      const closer = kit.weights.filter((w) => w > last.weight && working.weight - w >= gap);
      expect(closer).toEqual([]);
    }));
});

describe("the choice of weights", () => {
  test("is the best of all that keep the rules", () => {
    const anyProblem = fc
      .record({
        working: fc.integer({ min: 60, max: 100 }),
        sets: fc.integer({ min: 1, max: 4 }),
        ideals: fc.array(fc.integer({ min: 5, max: 95 }), { minLength: 4, maxLength: 4 }),
        weights: fc.uniqueArray(fc.integer({ min: 5, max: 99 }), { minLength: 3, maxLength: 9 }),
        gap: fc.integer({ min: 1, max: 8 }),
        lastJump: fc.integer({ min: 10, max: 60 }),
        growth: fc.constantFrom(0, 5, Number.POSITIVE_INFINITY),
      })
      .map(({ working, sets, ideals, weights, ...rest }): WeightProblem => {
        const below = weights.filter((w) => w < working).sort((a, b) => a - b) as Weight[];
        return {
          ...rest,
          working: working as Weight,
          ideals: ideals.slice(0, sets).sort((a, b) => a - b),
          candidates: Array.from({ length: sets }, () => below),
        };
      });
    const every = (p: WeightProblem, chosen: Weight[] = []): Weight[][] =>
      chosen.length === p.candidates.length
        ? [chosen]
        : p.candidates[chosen.length]!.flatMap((w) => every(p, [...chosen, w]));
    const keeps = (p: WeightProblem, weights: readonly number[]) => {
      const jumps = [...weights.slice(1), p.working].map((w, i) => w - weights[i]!);
      return (
        jumps.every((j) => j >= p.gap) &&
        jumps.at(-1)! <= p.lastJump &&
        jumps.slice(1, -1).every((j, i) => j <= jumps[i]! + p.growth)
      );
    };
    const off = (p: WeightProblem, weights: readonly number[]) =>
      weights.reduce((sum, w, i) => sum + Math.abs(w - p.ideals[i]!), 0);
    fc.assert(
      fc.property(anyProblem, (problem) => {
        const all = every(problem).filter((weights) => keeps(problem, weights));
        const found = chooseWeights(problem);
        if (all.length === 0) return expect(found).toBeNull();
        expect(keeps(problem, found!.weights)).toBe(true);
        expect(off(problem, found!.weights)).toBe(Math.min(...all.map((weights) => off(problem, weights))));
      }),
      cases(150),
    );
  });
});

describe("counts and starts", () => {
  test("dumbbells count from 10 kg a hand and start at about 40 %", () => {
    const r = ramp(rack, 30, 8);
    expect(r.sets).toHaveLength(3);
    expect(kilograms(r)[0]).toBe(12.5);
  });

  test("light dumbbells need no ramp, and that is said", () => {
    const r = ramp(rack, 10, 8);
    expect(r.sets).toEqual([]);
    expect(r.findings[0]).toMatchObject({ code: "no-ramp-needed" });
  });

  test("machines count at most three times their base", () => {
    for (const kg of [100, 200, 267.5]) expect(ramp(press, kg, 5).sets.length).toBeLessThanOrEqual(3);
    expect(kilograms(ramp(stack, 90, 5))[0]).toBeCloseTo(27.5);
  });

  test("a body with help starts with help, one without starts as it is", () => {
    const [first] = kilograms(ramp(body, 100, 5));
    expect(first).toBeLessThan(80);
    expect(kilograms(ramp(bodyKit(weight(80), [], hungOn(kgGym.plates)), 100, 5))[0]).toBe(80);
  });

  test("who is slow to warm starts at the lightest there is, about a fifth", () => {
    const slow = kilograms(ramp(rack, 30, 8, { slowToWarm: 1 }));
    expect(slow[0]).toBeLessThan(kilograms(ramp(rack, 30, 8))[0]!);
  });

  test.each([
    [0, 20],
    [0.2, 20],
    [0.4, 40],
    [0.5, 50],
  ])("the coach's own start of %p of 100 kg is %p kg", (start, kg) => {
    expect(kilograms(planRamp(rampRequest(100, 5, { start })))[0]).toBe(kg);
  });
});

test.each<[string, LoadKit, number, string]>([
  ["a pair of dumbbells", rack, 12.5, "Take the 12.5 kg pair"],
  ["a kettlebell", bells, 16, "Take the 16 kg bell"],
  ["a stack", stack, 27.5, "Set the stack to 27.5 kg"],
  ["a body alone", body, 80, "Body weight alone"],
  ["a body with more", body, 90, "Hang on 10 kg"],
  ["a body with help", body, 60, "20 kg of help"],
  ["a machine with nothing on it", press, 47.5, "Nothing on it"],
])("what to do is told for %s", (_, kit, kg, words) => {
  expect(describeLoad(kit, { weight: weight(kg), add: [], strip: [] }, "kg")).toBe(words);
});
