import { approach, nameOnFailure, planRequest } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { planWarmUp } from ".";
import { givenUp } from "./given-up";
import { summaryOf } from "./summary";

const said = (minutes: number, by = "temperature-first", lift = "back-squat") => {
  const request = planRequest(lift, 100, { minutes, approach: approach(by) });
  return givenUp(request, planWarmUp(request));
};

test("rounds are named with how many there usually are", () => {
  expect(said(9, "one-per-job")).toContainEqual(expect.stringMatching(/^One round of \d\.$/));
});

test("phases that are gone and phases with fewer drills are named apart", () => {
  expect(said(5)).toContainEqual(expect.stringMatching(/^No [a-z]+\.$/));
  for (const sentence of said(12)) expect(sentence).not.toMatch(/: 0 of/);
});

test("ramp sets that are gone are counted", () => {
  expect(said(6, "deep-mobility").at(-1)).toMatch(/^(One ramp set|\d ramp sets) fewer\.$/);
});

test("the less time, the more is given up, and nothing at the usual time", () => {
  for (const by of catalog.approaches) {
    const request = planRequest("front-squat", 100, { approach: by, minutes: 40 });
    nameOnFailure(request, () => {
      expect(givenUp(request, planWarmUp(request))).toEqual([]);
      const usual = { ...request, minutes: by.typicalMinutes.from + 6 };
      expect(givenUp(usual, planWarmUp(usual))).toEqual([]);
    });
  }
  expect(said(6).length).toBeGreaterThanOrEqual(said(14).length);
});

test("a summary counts what the plan has", () => {
  const plan = planWarmUp(planRequest("bench-press", 80, { minutes: 18 }));
  const { phases, rampSets, rounds } = summaryOf(plan);
  expect(rampSets).toBe(plan.ramps[0]!.sets.length);
  expect(rounds).toBe(1);
  expect(phases.reduce((sum, p) => sum + p.drills, 0)).toBe(plan.steps.length);
  expect(phases.reduce((sum, p) => sum + p.seconds, 0)).toBe(
    plan.steps.reduce((sum, s) => sum + s.seconds, 0),
  );
});
