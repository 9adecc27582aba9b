import { shippedCatalog } from "@/catalog";
import { tests } from "@/catalog/tests";
import { factorFor, knownResponses, responsesFrom, type Trial } from ".";

const { drills } = shippedCatalog;
const TODAY = "2026-11-30";
const [rock, roll] = drills.filter((d) => d.serves["ankle-dorsiflexion"] === 3);
const trial = (gain: number, over: Partial<Trial> = {}): Trial => ({
  ...{ athlete: "ana", test: "knee-to-wall", drill: rock!.id, seconds: 60, day: TODAY },
  ...{ before: [8, 8], after: [8 + gain, 8 + gain] },
  ...over,
});
const times = (count: number, gain: number, over: Partial<Trial> = {}) =>
  Array.from({ length: count }, () => trial(gain, over));
const known = (trials: readonly Trial[], athlete = "ana") =>
  knownResponses(responsesFrom(trials, tests, drills, TODAY), athlete, tests);

describe("what counts in an athlete's plans", () => {
  test("is what helps, with how much a minute gains, and what does little counts less", () => {
    const found = known([...times(4, 4), ...times(4, -1, { drill: roll!.id })]);
    const [helps, little] = [rock!, roll!].map((d) => found.find((k) => k.drill === d.id)!);
    expect(helps).toMatchObject({
      ...{ demand: "ankle-dorsiflexion", helped: { trials: 4, test: "Knee to wall", unit: "cm" } },
    });
    expect(helps!.factor).toBeGreaterThan(1.2);
    expect(helps!.helped!.perMinute).toBeGreaterThan(2);
    expect(little!.factor).toBeLessThan(0.8);
    expect(little!.helped).toBeUndefined();
  });

  test("leaves out what does just what is expected of it", () => {
    expect(known(times(1, 1.5))).toEqual([]);
  });

  test("says that it has helped even where it does no more than expected", () => {
    const found = known(times(6, 1.5));
    expect(found).toMatchObject([{ factor: 1, helped: { trials: 6 } }]);
  });

  test("is for others what it is on average, and never that it has helped them", () => {
    const trials = times(3, 3);
    const [own, other] = [known(trials)[0]!, known(trials, "ben")[0]!];
    expect(other.factor).toBeGreaterThan(1);
    expect(other.factor).toBeLessThan(own.factor);
    expect(other.helped).toBeUndefined();
  });
});

test("the factor of a drill is that for the demand, and 1 where nothing is known", () => {
  const responses = [{ drill: "rock", demand: "neck", factor: 1.4 }] as const;
  expect(factorFor(responses, "rock", "neck")).toBe(1.4);
  expect(factorFor(responses, "rock", "lats")).toBe(1);
  expect(factorFor(responses, "roll", "neck")).toBe(1);
  expect(factorFor(undefined, "rock", "neck")).toBe(1);
});
