import fc from "fast-check";
import { anyProblem } from "@/__tests__/problems";
import { cases } from "@/lib/__tests__/cases";
import { isAllowed, objectiveOf, Selection } from ".";

const holding = (problem: ConstructorParameters<typeof Selection>[0], chosen: readonly number[]) => {
  const selection = new Selection(problem);
  for (const option of chosen) selection.add(option);
  return selection;
};

const problemAndChoice = anyProblem.chain((problem) =>
  fc.record({
    problem: fc.constant(problem),
    chosen: fc.uniqueArray(fc.nat(problem.options.length - 1), { maxLength: 5 }),
    other: fc.nat(problem.options.length - 1),
  }),
);

test("the gain of an option is what the objective gains, and its loss what it loses", () => {
  fc.assert(
    fc.property(problemAndChoice, ({ problem, chosen, other }) => {
      fc.pre(!chosen.includes(other));
      const gain = holding(problem, chosen).gain(other);
      const difference = objectiveOf(problem, [...chosen, other]) - objectiveOf(problem, chosen);
      expect(gain).toBeCloseTo(difference, 9);
      expect(holding(problem, [...chosen, other]).loss(other)).toBeCloseTo(difference, 9);
    }),
    cases(100),
  );
});

test("taking out what was put in leaves nothing behind, in whatever order", () => {
  fc.assert(
    fc.property(problemAndChoice, ({ problem, chosen, other }) => {
      fc.pre(!chosen.includes(other));
      const selection = holding(problem, [other, ...chosen.toReversed()]);
      selection.remove(other);
      expect(selection.objective()).toBeCloseTo(objectiveOf(problem, chosen), 9);
      problem.limits.forEach((_, i) => {
        expect(selection.usedOf(i)).toBeCloseTo(holding(problem, chosen).usedOf(i), 9);
      });
    }),
    cases(100),
  );
});

test("more of the same brings less", () => {
  fc.assert(
    fc.property(problemAndChoice, ({ problem, chosen, other }) => {
      fc.pre(!chosen.includes(other));
      expect(holding(problem, chosen).gain(other)).toBeLessThanOrEqual(
        holding(problem, []).gain(other) + 1e-9,
      );
    }),
    cases(100),
  );
});

test("what is admitted keeps an allowed choice allowed", () => {
  fc.assert(
    fc.property(problemAndChoice, ({ problem, chosen, other }) => {
      const free = { ...problem, required: [] };
      fc.pre(!chosen.includes(other) && isAllowed(free, chosen));
      expect(holding(free, chosen).admits(other)).toBe(isAllowed(free, [...chosen, other]));
    }),
    cases(100),
  );
});

test("an option may leave unless another one would stand without a prerequisite", () => {
  fc.assert(
    fc.property(problemAndChoice, ({ problem, chosen }) => {
      const free = { ...problem, required: [] };
      fc.pre(isAllowed(free, chosen));
      for (const option of chosen) {
        const rest = chosen.filter((o) => o !== option);
        expect(holding(free, chosen).canLose(option)).toBe(isAllowed(free, rest));
        expect(holding(free, chosen).widowedBy(option).length > 0).toBe(!isAllowed(free, rest));
      }
    }),
    cases(100),
  );
});
