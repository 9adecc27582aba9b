import fc from "fast-check";
import { anyGym, plate, stacksOf } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import { barKit, type LoadTable, loadableTotals, loadTable, type Stack, stackMoves } from "../plates";
import { type Weight, weight } from "../units";
import { candidateWeights } from "./candidate-weights";
import { chooseLoads, type LoadProblem } from "./choose-loads";

interface Found {
  cost: number;
  plates: number;
  weights: number[];
}

/** The best ramp by trying every weight and every stack. */
function exhaustive(problem: LoadProblem, most: number): Found | null {
  const { table, working, candidates, ideals, gap, growth, lastJump, from } = problem;
  const side = (w: number) => (w - table.kit.empty) / 2;
  const ends = stacksOf(table, side(working), most);
  const fewest = Math.min(...ends.map((s) => s.length));
  const options = candidates.map((ws) => ws.map((w) => ({ w, stacks: stacksOf(table, side(w), most) })));
  let best: Found | null = null;
  const better = (a: Found) =>
    !best ||
    a.cost < best.cost - 1e-9 ||
    (Math.abs(a.cost - best.cost) <= 1e-9 &&
      (a.plates - best.plates || compare(a.weights, best.weights)) < 0);

  const go = (i: number, weights: number[], stack: Stack, cost: number): void => {
    const last = weights.at(-1);
    if (i === candidates.length) {
      if (last !== undefined && (working - last < gap || working - last > lastJump)) return;
      for (const end of ends) {
        const found = {
          cost: cost + stackMoves(stack, end) + 0.5 * (end.length - fewest),
          plates: end.length,
          weights: weights.slice(from ? 1 : 0),
        };
        if (better(found)) best = found;
      }
      return;
    }
    for (const { w, stacks } of options[i]!) {
      if (last !== undefined && w - last < gap) continue;
      const before = weights.at(-2);
      if (last !== undefined && before !== undefined && w - last > last - before + growth) continue;
      const off = (40 * Math.abs(w - ideals[i]!)) / working;
      for (const s of stacks) go(i + 1, [...weights, w], s, cost + off + stackMoves(stack, s));
    }
  };
  go(0, from ? [from.weight] : [], from?.stack ?? [], from?.stack.length ?? 0);
  return best;
}

function compare(a: readonly number[], b: readonly number[]): number {
  const i = a.findIndex((w, at) => w !== b[at]);
  return i < 0 ? 0 : a[i]! - b[i]!;
}

const MOST_PLATES = 7;

const smallProblem = fc
  .record({
    gym: anyGym.filter(({ kit }) => kit.plates.reduce((n, p) => n + p.pairs, 0) <= MOST_PLATES),
    pick: fc.double({ min: 0.4, max: 1, noNaN: true }),
    shares: fc.array(fc.double({ min: 0.2, max: 0.95, noNaN: true }), { minLength: 1, maxLength: 3 }),
    grows: fc.boolean(),
    limited: fc.boolean(),
    fromFloor: fc.boolean(),
  })
  .map(({ gym, pick, shares, grows, limited, fromFloor }): LoadProblem | null => {
    const all = loadableTotals(loadTable(gym.kit, weight(600), fromFloor));
    if (all.length < 3) return null;
    const working = all[Math.min(all.length - 1, Math.floor(pick * all.length))]!;
    const table: LoadTable = loadTable(gym.kit, working, fromFloor);
    const below = loadableTotals(table).filter((w) => w < working);
    if (below.length === 0) return null;
    const step = 2 * gym.kit.plates.at(-1)!.weight;
    const ideals = shares.toSorted((a, b) => a - b).map((s) => Math.round(s * working));
    return {
      table,
      working,
      ideals,
      candidates: ideals.map((ideal) => candidateWeights(below, ideal, Math.max(0.04 * working, step))),
      gap: Math.max(0.04 * working, step),
      lastJump: limited ? 0.3 * working : Number.POSITIVE_INFINITY,
      growth: grows ? Number.POSITIVE_INFINITY : step,
    };
  })
  .filter((p): p is LoadProblem => p !== null);

test("weights and stacks are the best there are, ties included", () => {
  fc.assert(
    fc.property(smallProblem, (problem) => {
      const wanted = exhaustive(problem, MOST_PLATES);
      const found = chooseLoads(problem);
      if (!wanted) {
        expect(found).toBeNull();
        return;
      }
      expect(found!.cost).toBeCloseTo(wanted.cost, 9);
      expect(found!.stacks.at(-1)).toHaveLength(wanted.plates);
      expect(found!.weights).toEqual(wanted.weights);
    }),
    cases(150),
  );
});

test("going on from what has been done, on the plates that are on the bar, is the best there is too", () => {
  const begun = fc
    .tuple(smallProblem, fc.nat())
    .filter(([{ candidates }]) => candidates.length > 1)
    .map(([problem, pick]): LoadProblem => {
      const { table, candidates, ideals } = problem;
      const done = candidates[0]![pick % candidates[0]!.length]!;
      const stacks = stacksOf(table, (done - table.kit.empty) / 2, MOST_PLATES);
      return {
        ...problem,
        ideals: ideals.slice(1),
        candidates: candidates.slice(1),
        from: { weight: done, before: Number.NEGATIVE_INFINITY, stack: stacks[pick % stacks.length]! },
      };
    });
  fc.assert(
    fc.property(begun, (problem) => {
      const wanted = exhaustive(problem, MOST_PLATES);
      const found = chooseLoads(problem);
      expect(found?.weights).toEqual(wanted?.weights);
      if (wanted) expect(found!.cost).toBeCloseTo(wanted.cost, 9);
    }),
    cases(100),
  );
});

test("the cost that is reported is the cost of what is given", () => {
  fc.assert(
    fc.property(smallProblem, (problem) => {
      const found = chooseLoads(problem);
      if (!found) return;
      const { table, working, ideals } = problem;
      const moves = found.stacks.reduce((sum, s, i) => sum + stackMoves(found.stacks[i - 1] ?? [], s), 0);
      const fewest = Math.min(
        ...stacksOf(table, (working - table.kit.empty) / 2, MOST_PLATES).map((s) => s.length),
      );
      const off = found.weights.reduce((sum, w, i) => sum + Math.abs(w - ideals[i]!), 0);
      const extra = found.stacks.at(-1)!.length - fewest;
      expect(found.cost).toBeCloseTo(moves + 0.5 * extra + (40 * off) / working, 6);
    }),
    cases(100),
  );
});

test("without ramp sets the working weight takes the fewest plates", () => {
  const kit = barKit(weight(20), 0 as Weight, [plate(10, 3)]);
  const table = loadTable(kit, weight(60) as Weight, false);
  const found = chooseLoads({
    table,
    working: weight(60),
    ideals: [],
    candidates: [],
    gap: 1,
    lastJump: Number.POSITIVE_INFINITY,
    growth: 0,
  });
  expect(found).toEqual({ weights: [], stacks: [[0, 0]], cost: 2, isExact: true });
});
