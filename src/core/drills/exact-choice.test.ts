import { nameOnFailure, somePlanRequests } from "@/__tests__/fixtures";
import { drain } from "@/lib/drain";
import { objectiveOf, prove } from "../optimizer";
import { planWarmUp } from "../plan";
import type { ChoiceModel } from ".";

/** The best objective of a model, proven. */
const best = (model: ChoiceModel): number => drain(prove(model.problem)).objective;

const proven = somePlanRequests(14).map((request) => {
  const { model, chosen } = planWarmUp(request).blocks[0].choice;
  return { request, model, chosen, best: best(model) };
});

test("the exact choice is never behind the quick one", () => {
  for (const { request, model, chosen, best } of proven) {
    const quick = chosen.map((c) => model.candidates.indexOf(c));
    nameOnFailure(request, () =>
      expect(best).toBeGreaterThanOrEqual(objectiveOf(model.problem, quick) - 1e-6),
    );
  }
});

test("the exact choice with more time is never worse", () => {
  for (const { request, model, best: before } of proven) {
    const limits = model.problem.limits.with(0, { most: model.seconds + 45 });
    const longer = { ...model, problem: { ...model.problem, limits } };
    nameOnFailure(request, () => expect(best(longer)).toBeGreaterThanOrEqual(before - 1e-6));
  }
});

test("the exact choice is never raised by what may no longer be chosen", () => {
  for (const { request, model, chosen, best: before } of proven) {
    if (chosen.length === 0) continue;
    const gone = chosen[0]!.drill;
    const { problem, candidates } = model;
    const tooLong = [{ index: problem.budget, amount: 1e6 }];
    const options = problem.options.map((o, i) =>
      candidates[i]!.drill === gone ? { ...o, uses: tooLong } : o,
    );
    const without = { ...model, problem: { ...problem, options } };
    nameOnFailure(request, () => expect(best(without)).toBeLessThanOrEqual(before + 1e-6));
  }
});
