import { approach, planRequest } from "@/__tests__/fixtures";
import type { AreaLevel } from "../catalog";
import { weightValue } from "../units";
import { planWarmUp } from ".";

const SCHOOLS = ["temperature-first", "bar-first", "every-joint", "bar-complex", "slow-starter"];

function rampOf(lift: string, kg: number, minutes: number, by = "temperature-first", knee?: AreaLevel) {
  const request = planRequest(lift, kg, { minutes, approach: approach(by) });
  const areas = knee ? [{ area: "knee" as const, level: knee }] : [];
  const plan = planWarmUp({ ...request, athlete: { ...request.athlete, areas } });
  const ramp = plan.ramps[0]!;
  return { ramp, kilograms: ramp.sets.map((s) => weightValue(s.weight)), plan };
}

/** Jumps on the way, that to the working weight not among them. */
const jumps = (kilograms: readonly number[]) => kilograms.slice(1).map((kg, i) => kg - kilograms[i]!);

describe("a ramp in a hurry", () => {
  test.each(SCHOOLS)("makes no jump of more than 50 kg, by %s", (by) => {
    for (const minutes of [5, 6, 8, 10]) {
      const { ramp, kilograms } = rampOf("back-squat", 140, minutes, by);
      if (ramp.fewer > 0) expect(Math.max(...jumps(kilograms))).toBeLessThanOrEqual(50);
    }
  });

  test.each(["snatch", "clean"])(
    "keeps the steps of a %s that are learnt from: a quarter at most",
    (lift) => {
      for (const minutes of [6, 8, 10]) {
        const { ramp, kilograms } = rampOf(lift, 90, minutes);
        // With hardly any time for drills it makes do with a third.
        if (ramp.fewer > 0) expect(Math.max(...jumps(kilograms))).toBeLessThanOrEqual(0.25 * 90);
      }
    },
  );

  test("gives up light sets first, for a sore area all but one", () => {
    const long = rampOf("back-squat", 120, 30, "bar-first", "sore");
    const short = rampOf("back-squat", 120, 6, "bar-first", "sore");
    const usual = rampOf("back-squat", 120, 6, "bar-first");
    expect(long.ramp.fewer).toBe(0);
    expect(short.kilograms.length).toBeLessThan(long.kilograms.length);
    expect(short.kilograms.length).toBeGreaterThanOrEqual(usual.kilograms.length);
    expect(short.kilograms[1]).toBeLessThan(usual.kilograms[1]!);
    expect(Math.max(...jumps(short.kilograms))).toBeLessThanOrEqual(0.25 * 120);
  });

  test("says how many sets it gave up, and the plan with it", () => {
    const { ramp, plan } = rampOf("back-squat", 140, 7);
    const said = plan.findings.find((f) => f.code === "ramp-shortened");
    expect(said?.message).toContain(ramp.fewer === 1 ? "a set" : `${ramp.fewer} sets`);
  });

  test("the coach's own number of sets stays", () => {
    const request = planRequest("back-squat", 140, { minutes: 6 });
    const lifts = request.lifts.map((l) => ({ ...l, rampSets: 6 }));
    expect(planWarmUp({ ...request, lifts }).ramps[0]!.sets).toHaveLength(6);
  });
});
