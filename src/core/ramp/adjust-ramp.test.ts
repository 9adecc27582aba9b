import fc from "fast-check";
import { anyRampRequest, type kgGym, rampRequest } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import { dumbbellKit, nearestLoadable } from "../plates";
import { type Weight, weight, weightValue } from "../units";
import { adjustRamp, doneSets, planRamp, type RampRequest, type RampSet } from ".";

const kilograms = (sets: readonly RampSet[]) => sets.map((s) => weightValue(s.weight));
const codes = (ramp: ReturnType<typeof planRamp>) => ramp.findings.map((f) => f.code);

/** A ramp of which the first sets have been done. */
function begun(request: RampRequest, sets: number) {
  const plan = planRamp(request);
  return { plan, done: doneSets(plan, sets) };
}

function withWeight(request: RampRequest, kg: number): RampRequest {
  return { ...request, working: { ...request.working, weight: weight(kg) } };
}

/** Ramps of which some has been done, with a working weight that may be another by now. */
const anyAdjustment = fc
  .record({
    request: anyRampRequest,
    share: fc.double({ min: 0, max: 1, noNaN: true }),
    lighter: fc.constantFrom(1, 0.95, 0.9, 0.7, 1.05),
    secondsLeft: fc.option(fc.integer({ min: 0, max: 900 }), { nil: undefined }),
  })
  .map(({ request, share, lighter, secondsLeft }) => {
    const { plan, done } = begun(request, 99);
    const wanted = (request.working.weight * lighter) as Weight;
    const now = nearestLoadable(request.kit, wanted, false).lower ?? request.working.weight;
    return {
      plan,
      adjustment: {
        request: { ...request, working: { ...request.working, weight: now } },
        done: done.slice(0, Math.floor(share * (done.length + 1))),
        secondsLeft,
      },
    };
  });

test("done sets stay as they were, and what follows rises to the working weight with plates that are there", () => {
  fc.assert(
    fc.property(anyAdjustment, ({ adjustment }) => {
      const { request, done } = adjustment;
      const ramp = adjustRamp(adjustment);
      expect(doneSets(ramp, done.length)).toEqual(done);
      const rest = ramp.sets.slice(done.length);
      const path = [...done.slice(-1), ...rest].map((s) => s.weight);
      rest.forEach((s, i) => {
        expect(s.weight).toBeLessThan(request.working.weight);
        // The first set may be still to be done again.
        const isAgain = i === 0 && done.length === 1 && s.weight === path[0];
        if (path.length > rest.length && !isAgain) expect(s.weight).toBeGreaterThan(path[i]!);
      });
      const kit = request.kit as typeof kgGym;
      for (const s of [...rest, ramp.working]) {
        expect(kit.empty + 2 * s.perSide.reduce((a, b) => a + b, 0)).toBe(s.weight);
        expect(s.perSide).toEqual(s.perSide.toSorted((a, b) => b - a));
      }
      // What goes on and comes off leads from each load to the next.
      [...ramp.sets, ramp.working].reduce<readonly Weight[]>((on, s) => {
        const kept = on.slice(0, on.length - s.strip.length);
        expect([...kept, ...s.add]).toEqual(s.perSide);
        return s.perSide;
      }, []);
    }),
    cases(100),
  );
});

test("too little time is kept wherever leaving sets out can keep it, and is said where it cannot", () => {
  fc.assert(
    fc.property(anyAdjustment, ({ adjustment }) => {
      if (adjustment.secondsLeft === undefined) return;
      const hurried = adjustRamp(adjustment);
      const free = adjustRamp({ ...adjustment, secondsLeft: undefined });
      expect(hurried.sets.length).toBeLessThanOrEqual(free.sets.length);
      expect(codes(hurried).includes("hurried")).toBe(hurried.sets.length < free.sets.length);
      const left = hurried.sets.slice(adjustment.done.length);
      const takes = left.reduce((sum, s) => sum + s.seconds + s.restSeconds, 0);
      if (takes > adjustment.secondsLeft) {
        expect(codes(hurried)).toContain("over-time");
        expect(left).toEqual([]);
      }
    }),
    cases(100),
  );
});

test("a lighter day leads on from what is on the bar", () => {
  const request = rampRequest(140, 5);
  const { done } = begun(request, 3);
  const ramp = adjustRamp({ request: withWeight(request, 125), done });
  const reached = weightValue(done.at(-1)!.weight);
  for (const kg of kilograms(ramp.sets.slice(3))) expect(kg).toBeGreaterThan(reached);
  expect(weightValue(ramp.working.weight)).toBe(125);
  expect(125 - kilograms(ramp.sets).at(-1)!).toBeLessThanOrEqual(25);
});

test("a working weight that has been reached needs no more sets, one that was passed comes off the bar", () => {
  const request = rampRequest(140, 5);
  const done = begun(request, 9).done;
  const last = weightValue(done.at(-1)!.weight);
  const same = adjustRamp({ request: withWeight(request, last), done });
  expect(same.sets).toHaveLength(done.length);
  expect(codes(same)).toContain("working-weight-reached");
  expect([...same.working.add, ...same.working.strip]).toEqual([]);
  const passed = adjustRamp({ request: withWeight(request, 100), done });
  expect(passed.working.strip.length).toBeGreaterThan(0);
  expect(codes(passed)).toContain("working-weight-reached");
});

test("a step is added or skipped by the number of sets", () => {
  const request = rampRequest(140, 5);
  const { plan, done } = begun(request, 2);
  const with_ = (rampSets: number) => adjustRamp({ request: { ...request, rampSets }, done }).sets.length;
  expect(with_(plan.sets.length + 1)).toBe(plan.sets.length + 1);
  expect(with_(plan.sets.length - 1)).toBe(plan.sets.length - 1);
  const skipped = adjustRamp({ request: { ...request, rampSets: 2 }, done });
  expect(skipped.sets).toHaveLength(2);
  expect(codes(skipped)).toContain("last-jump");
});

test("in a hurry the light end goes first, but the first loaded set stays at 60 % or below", () => {
  const request = rampRequest(180, 1);
  const whole = planRamp(request);
  const hurried = adjustRamp({ request, done: [], secondsLeft: whole.totals.seconds - 60 });
  expect(hurried.sets.length).toBeLessThan(whole.sets.length);
  expect(hurried.sets[0]!.fraction).toBeLessThanOrEqual(0.6);
  expect(hurried.sets.at(-1)!.weight).toBe(whole.sets.at(-1)!.weight);
  expect(codes(hurried)).toContain("hurried");
});

test("a weight set by hand for a later set is kept", () => {
  const request = { ...rampRequest(140, 5), rampSets: 5, fixed: { 3: { weight: weight(115) } } };
  const { done } = begun(rampRequest(140, 5), 2);
  expect(kilograms(adjustRamp({ request, done }).sets)[3]).toBe(115);
});

test("dumbbells go on from the pair that was in hand", () => {
  const kit = dumbbellKit([5, 10, 12.5, 15, 17.5, 20, 22.5, 25, 27.5, 30].map(weight));
  const request: RampRequest = { ...rampRequest(30, 6), kit };
  const done = [{ weight: weight(12.5), reps: 8, perSide: [] }];
  const rest = kilograms(adjustRamp({ request, done }).sets.slice(1));
  expect(rest.length).toBeGreaterThan(0);
  for (const kg of rest) expect(kg).toBeGreaterThan(12.5);
});

test("plates that the kit does not have are refused", () => {
  const done = [{ weight: weight(60), reps: 5, perSide: [weight(17)] }];
  expect(() => adjustRamp({ request: rampRequest(100, 5), done })).toThrow("no plate of 17000");
});
