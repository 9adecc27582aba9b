import fc from "fast-check";
import type { Problem } from "@/core/optimizer";

const amount = fc.integer({ min: 1, max: 5 });

/** Small problems with everything in them: goals worth less and less, limits, families, prerequisites, required lists. */
export const anyProblem: fc.Arbitrary<Problem> = fc
  .record({
    goals: fc.array(
      fc.record({
        first: fc.integer({ min: 1, max: 9 }),
        upTo: amount,
        rest: fc.double({ min: 0, max: 1, noNaN: true }),
      }),
      { minLength: 1, maxLength: 4 },
    ),
    options: fc.array(
      fc.record({
        cost: fc.integer({ min: -1, max: 3 }),
        gives: fc.uniqueArray(fc.record({ index: fc.nat(3), amount }), {
          maxLength: 3,
          selector: (t) => t.index,
        }),
        seconds: fc.integer({ min: 5, max: 60 }),
        family: fc.nat(6),
        prerequisites: fc.option(fc.uniqueArray(fc.nat(11), { minLength: 1, maxLength: 3 }), { freq: 4 }),
      }),
      { minLength: 2, maxLength: 12 },
    ),
    seconds: fc.integer({ min: 20, max: 200 }),
    requires: fc.boolean(),
  })
  .map(({ goals, options, seconds, requires }): Problem => {
    const list = options.flatMap((o, i) => (o.family === 0 && !o.prerequisites ? [i] : []));
    const required = requires && list.length > 0 ? [list] : [];
    const least = Math.min(...list.map((i) => options[i]!.seconds));
    return {
      options: options.map((o, i) => ({
        cost: o.cost,
        gives: o.gives.filter((g) => g.index < goals.length),
        uses: [
          { index: 0, amount: o.seconds },
          { index: 1 + o.family, amount: 1 },
        ],
        prerequisites: o.prerequisites?.filter((p) => p !== i && options[p]?.prerequisites === null) ?? null,
      })),
      goals: goals.map(({ first, upTo, rest }) => ({
        pieces: [
          { upTo, slope: first },
          { upTo: upTo + 4, slope: first * rest },
        ],
      })),
      limits: [
        { most: required.length > 0 ? Math.max(seconds, least) : seconds },
        ...Array.from({ length: 7 }, () => ({ most: 1 })),
      ],
      budget: 0,
      required: required.map((r) => r.toSorted((a, b) => options[a]!.seconds - options[b]!.seconds)),
      atNothing: -10,
    };
  });
