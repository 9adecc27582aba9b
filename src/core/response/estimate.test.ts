import fc from "fast-check";
import {
  averageEffect,
  type Evidence,
  effectFor,
  likeliestSpread,
  probabilityAbove,
  RESPONSE,
} from "./estimate";

const { trialVariance, betweenAthletes, betweenDrills } = RESPONSE;
const normal = (x: number, mean: number, variance: number) =>
  Math.exp(-((x - mean) ** 2) / (2 * variance)) / Math.sqrt(2 * Math.PI * variance);

/** Points and their distance, wide enough for everything that these tests use. */
const STEP = 0.05;
const GRID = Array.from({ length: 321 }, (_, i) => -8 + i * STEP);

/** Posterior mean and variance of the average and of the first athlete's effect by summing over grids, without a formula of the model. */
function byIntegration(all: readonly Evidence[], expected: number) {
  const likelihood = ({ weight, mean }: Evidence, effect: number) =>
    weight === 0 ? 1 : normal(mean, effect, trialVariance / weight);
  const given = (e: Evidence, average: number) =>
    GRID.reduce((sum, x) => sum + normal(x, average, betweenAthletes ** 2) * likelihood(e, x), 0) * STEP;
  const sums = { mass: 0, average: [0, 0], effect: [0, 0] };
  const [first, ...others] = all;
  for (const average of GRID) {
    const others_ = others.reduce(
      (p, e) => p * given(e, average),
      normal(average, expected, betweenDrills ** 2),
    );
    for (const x of GRID) {
      const p = others_ * normal(x, average, betweenAthletes ** 2) * likelihood(first!, x);
      sums.mass += p;
      [average, x].forEach((value, i) => {
        const moments = i === 0 ? sums.average : sums.effect;
        moments[0]! += p * value;
        moments[1]! += p * value * value;
      });
    }
  }
  const of = ([first, second]: number[]) => {
    const mean = first! / sums.mass;
    return { mean, variance: second! / sums.mass - mean * mean };
  };
  return { average: of(sums.average), effect: of(sums.effect) };
}

const anyEvidence = fc.record({
  weight: fc.double({ min: 0.05, max: 12, noNaN: true }),
  mean: fc.double({ min: -3, max: 4, noNaN: true }),
});

describe("an effect", () => {
  const cases: [string, Evidence[], number][] = [
    ["one trial of one athlete", [{ weight: 1, mean: 2 }], 1.5],
    [
      "many of one, few of others",
      [
        { weight: 6.5, mean: 0.4 },
        { weight: 0.7, mean: 3 },
      ],
      1,
    ],
    [
      "none of this athlete",
      [
        { weight: 0, mean: 0 },
        { weight: 3, mean: 2 },
        { weight: 1, mean: -1 },
      ],
      0.5,
    ],
    ["five athletes", [4, 2, 1, 0.5, 3].map((weight, i) => ({ weight, mean: i - 1 })), 1.5],
  ];
  test.each(cases)("is what integrating over all that may be gives: %s", (_, all, expected) => {
    const average = averageEffect(all, expected);
    const effect = effectFor(all[0]!, average);
    const truth = byIntegration(all, expected);
    expect(average.mean).toBeCloseTo(truth.average.mean, 4);
    expect(average.variance).toBeCloseTo(truth.average.variance, 4);
    expect(effect.mean).toBeCloseTo(truth.effect.mean, 4);
    expect(effect.variance).toBeCloseTo(truth.effect.variance, 4);
  });

  test("is what is expected without evidence", () => {
    const average = averageEffect([], 1.5);
    expect(average).toEqual({ mean: 1.5, variance: 1 });
    const { mean, variance } = effectFor({ weight: 0, mean: 0 }, average);
    expect([mean, variance]).toEqual([1.5, expect.closeTo(1.64, 10)]);
  });

  test("lies between the athlete's own trials and the average", () => {
    fc.assert(
      fc.property(fc.array(anyEvidence, { minLength: 1, maxLength: 6 }), (all) => {
        const average = averageEffect(all, 1);
        const { mean } = effectFor(all[0]!, average);
        const [least, most] = [all[0]!.mean, average.mean].sort((a, b) => a - b);
        expect(mean).toBeGreaterThanOrEqual(least! - 1e-9);
        expect(mean).toBeLessThanOrEqual(most! + 1e-9);
      }),
    );
  });

  test("does not move away from evidence of which there is more, and gets surer", () => {
    fc.assert(
      fc.property(
        fc.array(anyEvidence, { maxLength: 5 }),
        anyEvidence,
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        (others, own, more) => {
          const at = (weight: number) => {
            const evidence = { weight, mean: own.mean };
            return effectFor(evidence, averageEffect([evidence, ...others], 1));
          };
          const [before, after] = [at(own.weight), at(own.weight + more)];
          expect(Math.abs(after.mean - own.mean)).toBeLessThanOrEqual(
            Math.abs(before.mean - own.mean) + 1e-9,
          );
          expect(after.variance).toBeLessThan(before.variance + 1e-12);
        },
      ),
    );
  });
});

describe("the spread between athletes", () => {
  const drills = (spread: number) =>
    Array.from({ length: 12 }, (_, d) => ({
      expected: 1,
      all: Array.from({ length: 10 }, (_, a) => ({
        weight: 40,
        mean: 1 + (((a * 7 + d) % 10) - 4.5) * spread * 0.35,
      })),
    }));

  test("is found from the evidence, whichever way it is said", () => {
    const found = [0.4, 0.8, 1.2].map((spread) => likeliestSpread(drills(spread)));
    expect(found[0]).toBeLessThan(0.6);
    expect(found[1]).toBeGreaterThan(0.6);
    expect(found[1]).toBeLessThan(1);
    expect(found[2]).toBeGreaterThan(1);
  });

  test("is the usual one where there is nothing", () => {
    expect(likeliestSpread([])).toBe(betweenAthletes);
  });
});

test("the probability of more is that of the normal distribution", () => {
  const at = (mean: number, value: number) => probabilityAbove({ mean, variance: 4 }, value);
  expect(at(1, 1)).toBeCloseTo(0.5, 7);
  expect(at(1, -1)).toBeCloseTo(0.8413447, 6);
  expect(at(1, 4.92)).toBeCloseTo(0.0249979, 6);
  expect(at(0, 9) + at(0, -9)).toBeCloseTo(1, 7);
});
