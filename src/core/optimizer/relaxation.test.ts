import fc from "fast-check";
import { anyProblem } from "@/__tests__/problems";
import { cases } from "@/lib/__tests__/cases";
import { isAllowed, objectiveOf, type Problem } from ".";
import { Relaxation } from "./relaxation";

const all = (problem: Problem) => problem.options.map((_, i) => i);

/** Every allowed choice that keeps what is fixed. */
function choicesWith(problem: Problem, fixed: ReadonlyMap<number, 0 | 1>): number[][] {
  const found: number[][] = [];
  for (let bits = 0; bits < 1 << problem.options.length; bits++) {
    const chosen = all(problem).filter((i) => bits & (1 << i));
    const keeps = [...fixed].every(([option, to]) => chosen.includes(option) === (to === 1));
    if (keeps && isAllowed(problem, chosen)) found.push(chosen);
  }
  return found;
}

const problemAndFixed = anyProblem.chain((problem) =>
  fc.record({
    problem: fc.constant(problem),
    fixed: fc.uniqueArray(
      fc.record({
        option: fc.nat(problem.options.length - 1),
        to: fc.constantFrom(0 as const, 1 as const),
      }),
      { maxLength: 3, selector: (f) => f.option },
    ),
  }),
);

test("no choice reaches more than the relaxation, and nothing is possible where it finds nothing", () => {
  fc.assert(
    fc.property(problemAndFixed, ({ problem, fixed }) => {
      const relaxation = new Relaxation(problem, all(problem));
      for (const { option, to } of fixed) {
        const binary = relaxation.binaries.find((b) => b.option === option)!;
        relaxation.setBounds(binary.variable, to, to);
      }
      const bound = relaxation.solve();
      const choices = choicesWith(problem, new Map(fixed.map((f) => [f.option, f.to])));
      if (bound === Number.NEGATIVE_INFINITY) expect(choices).toEqual([]);
      for (const chosen of choices) {
        expect(objectiveOf(problem, chosen)).toBeLessThanOrEqual(bound + 1e-6);
      }
    }),
    cases(80),
  );
});

test("taken up again after its bounds have changed it finds what it finds anew", () => {
  fc.assert(
    fc.property(problemAndFixed, ({ problem, fixed }) => {
      const solved = (relaxation: Relaxation, to: (f: (typeof fixed)[number]) => [number, number]) => {
        for (const f of fixed) {
          const { variable } = relaxation.binaries.find((b) => b.option === f.option)!;
          relaxation.setBounds(variable, ...to(f));
        }
        return relaxation.solve();
      };
      const lived = new Relaxation(problem, all(problem));
      const first = lived.solve();
      const narrowed = solved(lived, (f) => [f.to, f.to]);
      const anew = solved(new Relaxation(problem, all(problem)), (f) => [f.to, f.to]);
      const freed = solved(lived, () => [0, 1]);
      const same = (a: number, b: number) =>
        Number.isFinite(a) ? expect(a).toBeCloseTo(b, 5) : expect(a).toBe(b);
      same(narrowed, anew);
      same(freed, first);
    }),
    cases(80),
  );
});

test("options that are left out count as not chosen", () => {
  fc.assert(
    fc.property(anyProblem, (problem) => {
      fc.pre(problem.required.length === 0);
      const half = all(problem).filter((i) => i % 2 === 0);
      const partial = new Relaxation(problem, half).solve();
      expect(partial).toBeLessThanOrEqual(new Relaxation(problem, all(problem)).solve() + 1e-6);
      const without = new Map(
        all(problem)
          .filter((i) => i % 2 === 1)
          .map((i) => [i, 0 as const]),
      );
      for (const chosen of choicesWith(problem, without)) {
        expect(objectiveOf(problem, chosen)).toBeLessThanOrEqual(partial + 1e-6);
      }
    }),
    cases(100),
  );
});
