import fc from "fast-check";
import { rampRequest } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import { weight } from "../units";
import { candidateWeights } from "./candidate-weights";
import { countSets } from "./count-sets";
import { idealWeights } from "./ideal-weights";
import { planRamp } from "./plan-ramp";
import { restAfter, restBeforeWork, restByShare } from "./rest";

describe("ideal weights", () => {
  test("of closing steps: each jump 0.8 of the one before, from start to top", () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 8 }), fc.integer({ min: 60, max: 250 }), (sets, kg) => {
        const ideals = idealWeights(rampRequest(kg, 5), sets, weight(20), false);
        expect(ideals[0]).toBe(weight(20));
        expect(Math.abs(ideals.at(-1)! - 0.86 * weight(kg))).toBeLessThanOrEqual(1);
        const jumps = ideals.slice(1).map((w, i) => w - ideals[i]!);
        jumps.slice(1).forEach((jump, i) => {
          expect(jump / jumps[i]!).toBeCloseTo(0.8, 2);
        });
      }),
      cases(100),
    );
  });

  test("of even steps: all jumps the same", () => {
    const ideals = idealWeights(rampRequest(100, 5, { style: "even-steps" }), 4, weight(20), false);
    expect(ideals).toEqual([20, 42, 64, 86].map(weight));
  });

  test("of the short bridge: no step right under the top", () => {
    const sets = (reps: number) => planRamp(rampRequest(100, reps, { style: "short-bridge" })).sets.length;
    expect([5, 8].map(sets)).toEqual([3, 2]);
  });

  test.each([
    [1, 0.93],
    [3, 0.9],
    [6, 0.86],
    [9, 0.78],
    [10, 0.68],
  ])("for %d reps the top is %d of the working weight", (reps, share) => {
    expect(idealWeights(rampRequest(100, reps), 3, weight(20), false).at(-1)).toBe(weight(100 * share));
  });

  test("one set alone sits at half if little is left, else under the top", () => {
    expect(idealWeights(rampRequest(35, 5), 1, weight(20), false)).toEqual([weight(20)]);
    expect(idealWeights(rampRequest(40, 5), 1, weight(15), false)).toEqual([weight(20)]);
    expect(idealWeights(rampRequest(80, 5), 1, weight(20), false)).toEqual([weight(60.8)]);
    expect(idealWeights(rampRequest(40, 5), 1, weight(20), true)).toEqual([weight(30.4)]);
  });

  test("none for no sets", () => {
    expect(idealWeights(rampRequest(100, 5), 0, weight(20), false)).toEqual([]);
  });
});

describe("candidate weights", () => {
  const loadable = [20, 25, 30, 40, 60].map(weight);

  test("lie within the window, with the nearest on either side", () => {
    expect(candidateWeights(loadable, weight(27), weight(3))).toEqual([25, 30].map(weight));
    expect(candidateWeights(loadable, weight(50), weight(3))).toEqual([40, 60].map(weight));
    expect(candidateWeights(loadable, weight(30), weight(6))).toEqual([25, 30].map(weight));
  });

  test("at the ends have one neighbour only", () => {
    expect(candidateWeights(loadable, weight(70), weight(1))).toEqual([weight(60)]);
    expect(candidateWeights(loadable, weight(10), weight(1))).toEqual([weight(20)]);
  });
});

describe("the count of sets", () => {
  const count = (ratio: number, change: Parameters<typeof rampRequest>[2] = {}, reps = 5) =>
    countSets(rampRequest(100, reps, change), ratio).sets;

  test("changes at the edges of the table, the edge included", () => {
    const edges = [1.2, 1.75, 2.5, 3.5, 5, 6.5, 9];
    expect(edges.map((r) => count(r, {}, 3))).toEqual([0, 1, 2, 3, 4, 5, 6]);
    expect(edges.map((r) => count(r + 0.01, {}, 3))).toEqual([1, 2, 3, 4, 5, 6, 7]);
  });

  test("is capped by the reps before anything is added", () => {
    expect(count(12, {}, 5)).toBe(6);
    expect(count(12, {}, 8)).toBe(5);
    expect(count(12, {}, 12)).toBe(4);
    expect(count(12, { slowToWarm: 2 }, 12)).toBe(6);
  });

  test("never passes eight", () => {
    expect(count(12, { slowToWarm: "sore", room: "cold" }, 2)).toBe(8);
  });

  test("stays zero when light, unless sore", () => {
    expect(count(1.1, { slowToWarm: 2, room: "cold" })).toBe(0);
    expect(count(1.1, { slowToWarm: "sore" })).toBe(3);
  });

  test("falls with warmth, half a set rounded up", () => {
    expect(count(5, { similarDone: 0.625 })).toBe(3);
    expect(countSets(rampRequest(100, 5, { similarDone: 0.625 }), 5).cutByWarmth).toBe(true);
    expect(countSets(rampRequest(100, 5, { similarDone: 0.1 }), 5)).toEqual({
      sets: 4,
      extras: 0,
      cutByWarmth: false,
    });
  });
});

describe("rest", () => {
  test("grows with the share of the working weight, in whole 5 s", () => {
    const rests = [0.2, 0.59, 0.6, 0.7, 0.79, 0.8, 0.89, 0.9, 0.99].map(restByShare);
    expect(rests).toEqual(rests.toSorted((a, b) => a - b));
    expect(rests[0]).toBe(30);
    expect(restByShare(0.6)).toBe(60);
    expect(restByShare(0.8)).toBe(90);
    expect(restByShare(0.9)).toBe(120);
    for (const r of rests) expect(r % 5).toBe(0);
  });

  test("before the first working set is longest for few reps", () => {
    expect([1, 3, 5, 6, 7, 12].map(restBeforeWork)).toEqual([180, 180, 150, 150, 120, 120]);
  });

  test("is a minute at most after what is light for the athlete", () => {
    const rest = (kg: number, isLast: boolean, lightUnder?: number) =>
      restAfter(weight(kg), isLast, {
        working: { weight: weight(45), reps: 5, sets: 3, rir: 1 },
        lightUnder: lightUnder === undefined ? undefined : weight(lightUnder),
      });
    expect([rest(37.5, true), rest(37.5, true, 40), rest(37.5, true, 35)]).toEqual([150, 60, 150]);
    expect([rest(20, false), rest(20, false, 40)]).toEqual([30, 30]);
  });
});
