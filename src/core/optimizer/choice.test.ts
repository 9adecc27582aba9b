import fc from "fast-check";
import { anyProblem } from "@/__tests__/problems";
import { cases } from "@/lib/__tests__/cases";
import { drain } from "@/lib/drain";
import { isAllowed, objectiveOf, type Problem, type Progress, Prover, prove, search } from ".";

/** The best objective by trying every choice. */
function bestOfAll(problem: Problem): number {
  let best = Number.NEGATIVE_INFINITY;
  for (let bits = 0; bits < 1 << problem.options.length; bits++) {
    const chosen = problem.options.flatMap((_, i) => (bits & (1 << i) ? [i] : []));
    if (isAllowed(problem, chosen)) best = Math.max(best, objectiveOf(problem, chosen));
  }
  return best;
}

function proven(problem: Problem): { told: Progress[]; last: Progress } {
  const told: Progress[] = [];
  const proof = prove(problem);
  for (;;) {
    const { value, done } = proof.next();
    if (done) return { told, last: value };
    told.push(value);
  }
}

test("the proven choice is the best of all there are", () => {
  fc.assert(
    fc.property(anyProblem, (problem) => {
      const { last } = proven(problem);
      expect(isAllowed(problem, last.chosen)).toBe(true);
      expect(last.objective).toBeCloseTo(objectiveOf(problem, last.chosen), 9);
      expect(last.objective).toBeCloseTo(bestOfAll(problem), 5);
      expect(last.bound).toBe(last.objective);
    }),
    cases(150),
  );
});

test("a quick choice is allowed, and no choice goes over its bound", () => {
  fc.assert(
    fc.property(anyProblem, (problem) => {
      for (const chosen of [search(problem), search(problem, [], undefined, "full")]) {
        expect(isAllowed(problem, chosen)).toBe(true);
      }
      const { chosen, bound } = drain(new Prover(problem).prove([], Number.NEGATIVE_INFINITY, 1e5));
      expect(isAllowed(problem, chosen)).toBe(true);
      expect(bound).toBeGreaterThanOrEqual(bestOfAll(problem) - 1e-6);
    }),
    cases(100),
  );
});

test("a choice that is started from another is no worse", () => {
  fc.assert(
    fc.property(anyProblem, fc.uniqueArray(fc.nat(11), { maxLength: 4 }), (problem, some) => {
      const start = some.filter((i) => i < problem.options.length);
      fc.pre(isAllowed(problem, start));
      expect(objectiveOf(problem, search(problem, start))).toBeGreaterThanOrEqual(
        objectiveOf(problem, start) - 1e-9,
      );
    }),
    cases(100),
  );
});

test("more room never gives a worse best choice, and an option less never a better one", () => {
  fc.assert(
    fc.property(anyProblem, fc.integer({ min: 1, max: 60 }), fc.nat(11), (problem, more, gone) => {
      const now = proven(problem).last.objective;
      const limits = problem.limits.with(0, { most: problem.limits[0]!.most + more });
      expect(proven({ ...problem, limits }).last.objective).toBeGreaterThanOrEqual(now - 1e-5);
      fc.pre(problem.required.length === 0 && gone < problem.options.length);
      const options = problem.options.map((o, i) => (i === gone ? { ...o, gives: [], cost: 100 } : o));
      fc.pre(!problem.options.some((o) => o.prerequisites?.includes(gone)));
      expect(proven({ ...problem, options }).last.objective).toBeLessThanOrEqual(now + 1e-5);
    }),
    cases(100),
  );
});

test("asked again with another budget it proves what it proves anew", () => {
  fc.assert(
    fc.property(
      anyProblem,
      fc.array(fc.integer({ min: 0, max: 120 }), { maxLength: 5 }),
      (problem, times) => {
        fc.pre(problem.required.length === 0);
        const prover = new Prover(problem);
        let start: readonly number[] = [];
        for (const most of times) {
          prover.setBudget(most);
          const limits = problem.limits.with(problem.budget, { most });
          const anew = drain(prove({ ...problem, limits }));
          const again = drain(prover.prove(start));
          expect(isAllowed({ ...problem, limits }, again.chosen)).toBe(true);
          expect(again.objective).toBeCloseTo(anew.objective, 5);
          expect(prover.bound()).toBeGreaterThanOrEqual(again.objective - 1e-6);
          start = again.chosen;
        }
      },
    ),
    cases(100),
  );
});

test("nothing is looked for where the bound cannot beat what is known", () => {
  fc.assert(
    fc.property(anyProblem, (problem) => {
      const { objective } = drain(prove(problem));
      const { bound, objective: found } = drain(new Prover(problem).prove([], objective + 1));
      // Either it saw at once that there is none, or it went on and found the best there is.
      expect(bound <= objective + 1 + 1e-6 || Math.abs(found - objective) < 1e-5).toBe(true);
    }),
    cases(100),
  );
});
