import fc from "fast-check";
import { shippedCatalog } from "@/catalog";
import { tests } from "@/catalog/tests";
import { type AthleteTest, nextToTry, responsesFrom, responseVerdict, serveFactor, type Trial } from ".";
import { gainPerMinute } from "./responses";

const { drills } = shippedCatalog;
const kneeToWall = tests.find((t) => t.id === "knee-to-wall")!;
const gap = tests.find((t) => t.id === "overhead-gap")!;
const TODAY = "2026-11-30";
const forAnkle = drills.filter((d) => d.serves["ankle-dorsiflexion"] === 3);
const [rock, other] = forAnkle;

const trial = (gain: number, over: Partial<Trial> = {}): Trial => ({
  athlete: "ana",
  test: "knee-to-wall",
  drill: rock!.id,
  seconds: 60,
  day: TODAY,
  before: [8, 6],
  after: [8, 6 + gain],
  ...over,
});
const responses = (trials: readonly Trial[], of: readonly AthleteTest[] = tests) =>
  responsesFrom(trials, of, drills, TODAY);
const ofAna = (trials: readonly Trial[]) =>
  responses(trials)
    .of("ana")
    .find((r) => r.drill === rock!.id)!;

describe("what helps whom", () => {
  test("without trials nothing is said, and no plan changes", () => {
    expect(responses([]).of("ana")).toEqual([]);
    const { expected } = ofAna([trial(1)]);
    expect(serveFactor({ effect: { mean: expected, variance: 1 }, expected })).toBe(1);
  });

  test("is the worse side's gain in measurement errors, without what measuring alone does", () => {
    const [first] = responses([trial(2)]).of("ana");
    expect(first).toMatchObject({
      demand: "ankle-dorsiflexion",
      test: "knee-to-wall",
      trials: 1,
      expected: 1.5,
    });
    // 1/1 + 1/2.64 of precision, and 2 against 1.5 expected: (1.5 + 2/2.64) / (1 + 1/2.64).
    expect(responses([trial(2)]).ofAll[0]!.effect.mean).toBeCloseTo((1.5 + 2 / 2.64) / (1 + 1 / 2.64), 9);
    // Ten retests that gain 1.5 each: 15 / (5 + 10) is what measuring does.
    const retests = Array.from({ length: 10 }, () => trial(1.5, { drill: null }));
    const [after] = responses([trial(2), ...retests]).ofAll;
    expect(after!.effect.mean).toBeCloseTo((1.5 + 1 / 2.64) / (1 + 1 / 2.64), 9);
  });

  test("does not depend on the unit of the test", () => {
    const scaled = tests.map(
      (t): AthleteTest => (t.id === "knee-to-wall" ? { ...t, measurementError: t.measurementError * 10 } : t),
    );
    fc.assert(
      fc.property(fc.array(fc.double({ min: -2, max: 5, noNaN: true }), { minLength: 1 }), (gains) => {
        const inMm = gains.map((g) => trial(0, { before: [80, 60], after: [80, 60 + 10 * g] }));
        const [mm] = responses(inMm, scaled).of("ana");
        const [cm] = responses(gains.map((g) => trial(g))).of("ana");
        expect(mm!.effect.mean).toBeCloseTo(cm!.effect.mean, 9);
        expect(mm!.effect.variance).toBeCloseTo(cm!.effect.variance, 9);
      }),
    );
  });

  test("a number that gets better by getting less helps by getting less", () => {
    const less = trial(0, { test: "overhead-gap", before: [12], after: [8] });
    expect(responses([less]).ofAll[0]!.effect.mean).toBeGreaterThan(
      responses([{ ...less, after: [12] }]).ofAll[0]!.effect.mean,
    );
    expect(responses([less]).ofAll[0]!.demand).toBe(gap.demand);
  });

  test("older trials count less, and neither their order nor those of others' drills matter", () => {
    const old = trial(4, { day: "2026-06-03" });
    const now = ofAna([trial(0), trial(0), { ...old, day: TODAY }]).effect.mean;
    const then = ofAna([trial(0), trial(0), old]).effect.mean;
    expect(then).toBeLessThan(now);
    expect(ofAna([old, trial(0), trial(0)]).effect.mean).toBeCloseTo(then, 12);
    const beside = trial(3, { drill: other!.id });
    expect(ofAna([trial(0), trial(0), old, beside]).effect).toEqual(ofAna([trial(0), trial(0), old]).effect);
  });

  test("somebody who has not tried it is expected to gain what others have", () => {
    const trials = Array.from({ length: 5 }, (_, i) => trial(4, { athlete: `other ${i}` }));
    const mean = ofAna(trials).effect.mean;
    expect(mean).toBeGreaterThan(2.5);
    expect(ofAna(trials)).toMatchObject({ trials: 0, trialsOfAll: 5, verdict: "unknown" });
  });

  test("it takes two clear trials to help, three to do little", () => {
    expect(responseVerdict({ mean: 2, variance: 0.5 }, 1)).toBe("unknown");
    expect(responseVerdict({ mean: 2, variance: 0.5 }, 2)).toBe("helps");
    expect(responseVerdict({ mean: 0.1, variance: 0.5 }, 2)).toBe("unknown");
    expect(responseVerdict({ mean: 0.1, variance: 0.5 }, 3)).toBe("little");
    expect(responseVerdict({ mean: 0.8, variance: 0.5 }, 9)).toBe("unknown");
  });

  test("counts in a plan by steps, at most half more or less", () => {
    const factor = (mean: number) => serveFactor({ effect: { mean, variance: 1 }, expected: 1.5 });
    expect([factor(-5), factor(1.5), factor(1.53), factor(2), factor(9)]).toEqual([0.5, 1, 1, 1.2, 1.5]);
  });

  test("is shown as what a minute gains, in the test's unit", () => {
    expect(gainPerMinute({ effect: { mean: 2, variance: 1 }, seconds: 90 }, kneeToWall)).toBeCloseTo(4 / 3);
  });
});

test("neither the order of trials nor tests and drills that are not known make a difference", () => {
  const some = fc.record({
    gain: fc.integer({ min: -3, max: 6 }),
    who: fc.constantFrom("ana", "ben", "cho"),
    ago: fc.nat(200),
    drill: fc.constantFrom(rock!.id, other!.id, null),
  });
  fc.assert(
    fc.property(fc.array(some, { minLength: 1, maxLength: 20 }), (all) => {
      const trials = all.map(({ gain, who, ago, drill }) =>
        trial(gain, {
          athlete: who,
          drill,
          day: new Date(Date.parse(TODAY) - ago * 86_400_000).toISOString().slice(0, 10),
        }),
      );
      const unknown = [trial(9, { test: "gone" }), trial(9, { drill: "gone" })];
      const [there, back] = [responses(trials), responses([...unknown, ...trials.toReversed()])];
      for (const who of ["ana", "ben", "nobody"]) {
        const [a, b] = [there.of(who), back.of(who)];
        expect(b.map((r) => [r.drill, r.trials, r.verdict])).toEqual(
          a.map((r) => [r.drill, r.trials, r.verdict]),
        );
        a.forEach((r, i) => {
          expect(b[i]!.effect.mean).toBeCloseTo(r.effect.mean, 9);
          expect(r.effect.variance).toBeGreaterThan(0);
          const factor = serveFactor(r);
          expect(factor).toBeGreaterThanOrEqual(0.5);
          expect(factor).toBeLessThanOrEqual(1.5);
        });
      }
    }),
  );
});

describe("what to try next", () => {
  test("what has helped comes first, what does nothing after what nobody has tried", () => {
    const helped = Array.from({ length: 3 }, () => trial(4));
    const useless = Array.from({ length: 4 }, () => trial(-1, { drill: other!.id }));
    const list = nextToTry(kneeToWall, drills, responses([...helped, ...useless]).of("ana"));
    expect(list[0]!.drill).toBe(rock);
    const untried = list.findIndex((t) => t.response === null && t.gain === 1.5);
    expect(list.findIndex((t) => t.drill === other)).toBeGreaterThan(untried);
  });

  test("what was seen brings the joints that it points to, after the test's own", () => {
    const squat = tests.find((t) => t.id === "overhead-squat")!;
    const demands = (signs: string[]) => new Set(nextToTry(squat, drills, [], signs).map((t) => t.demand));
    expect([...demands([])]).toEqual(["squat"]);
    expect(demands(["heels"])).toContain("ankle-dorsiflexion");
  });
});
