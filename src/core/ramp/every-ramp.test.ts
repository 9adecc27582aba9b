import fc from "fast-check";
import { anyRampRequest, type BarRampRequest, stepsOf } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import { smallestStep } from "../plates";
import { type Weight, weight } from "../units";
import { planRamp, type Ramp, type RampRequest } from ".";

const codes = (ramp: Ramp) => ramp.findings.map((f) => f.code);
const sum = (plates: readonly Weight[]) => plates.reduce((total, p) => total + p, 0);

/** The largest last jump of the rules, written down anew. */
function lastJumpLimit({ working, unit }: RampRequest, sets: number, step: number): number {
  const share = working.reps <= 3 ? 0.12 : working.reps <= 6 ? 0.2 : working.reps <= 9 ? 0.3 : 0.4;
  const least = unit === "kg" ? weight(5) : weight(10);
  if (sets > 1) return Math.max(share * working.weight, step, least);
  const reach = unit === "kg" ? weight(20) : weight(45);
  return Math.max(reach, Math.min(0.45, 2 * share) * working.weight, step);
}

describe("every ramp", () => {
  const holds = (check: (request: BarRampRequest, ramp: Ramp) => void, numRuns = 100) =>
    fc.assert(
      fc.property(anyRampRequest, (request) => check(request, planRamp(request))),
      cases(numRuns),
    );

  test("rises strictly and stays below the working weight; the first alone may be done again, for an area or a cold room", () =>
    holds((request, ramp) => {
      const all = [...stepsOf(ramp), request.working.weight];
      expect(all).toEqual([...new Set(all)].sort((a, b) => a - b));
      if (all.length > ramp.sets.length) return;
      expect(request.slowToWarm !== 0 || request.room === "cold").toBe(true);
      expect(ramp.sets[0]!.fraction).toBeLessThan(0.6);
      expect(ramp.sets[1]).toMatchObject({ add: [], strip: [] });
    }));

  test("is made of plates that the gym has, heavier inside, and weighs what it says", () =>
    holds(({ kit }, ramp) => {
      for (const load of [...ramp.sets, ramp.working]) {
        expect(kit.empty + 2 * sum(load.perSide)).toBe(load.weight);
        expect(load.perSide).toEqual(load.perSide.toSorted((a, b) => b - a));
        for (const p of kit.plates) {
          expect(load.perSide.filter((w) => w === p.weight).length).toBeLessThanOrEqual(p.pairs);
        }
      }
    }));

  test("says what to put on and take off, at the outside only", () =>
    holds((_, ramp) => {
      let before: Weight[] = [];
      let moves = 0;
      for (const load of [...ramp.sets, ramp.working]) {
        const kept = before.slice(0, before.length - load.strip.length);
        expect([...kept, ...load.add]).toEqual(load.perSide);
        expect(before.slice(kept.length).toReversed()).toEqual(load.strip);
        moves += load.add.length + load.strip.length;
        before = load.perSide;
      }
      expect(ramp.totals.moves).toBe(moves);
    }));

  test("keeps neighbours apart, the last jump in its limit and jumps from growing, or says so", () =>
    holds((request, ramp) => {
      const W = request.working.weight;
      const step = smallestStep(request.kit);
      const all = [...stepsOf(ramp), W];
      const jumps = all.slice(1).map((w, i) => w - all[i]!);
      const least = request.unit === "kg" ? weight(5) : weight(10);
      for (const jump of jumps) expect(jump).toBeGreaterThanOrEqual(Math.max(0.04 * W, step, least));
      const last = jumps.at(-1);
      if (last !== undefined && last > lastJumpLimit(request, all.length - 1, step)) {
        expect(codes(ramp)).toContain("last-jump");
      }
      // After light sets more for an area or a cold room the steps of the usual ramp follow.
      const hasLightSets = request.slowToWarm !== 0 || request.room === "cold";
      const [usual, heavy, from] = request.unit === "kg" ? [2.5, 5, 100] : [5, 10, 225];
      const growth = Math.max(step, weight(W < weight(from) ? usual : heavy));
      if (!hasLightSets && jumps.slice(1, -1).some((jump, i) => jump > jumps[i]! + growth)) {
        expect(codes(ramp)).toContain("jump-grows");
      }
    }));

  test("has light sets more for an area or a cold room, never more heavy ones", () =>
    holds((asked) => {
      // Warmth from earlier lifts shortens other ramps than a sore area's.
      const request = { ...asked, similarDone: 0 };
      const ramp = planRamp(request);
      const usual = planRamp({ ...request, slowToWarm: 0, room: "normal" });
      const heavy = (r: Ramp) => r.sets.filter((s) => s.fraction >= 0.85).length;
      if (ramp.findings.length === 0) expect(heavy(ramp)).toBeLessThanOrEqual(Math.max(1, heavy(usual)));
    }));

  test("has repetitions that never rise, are trimmed, and few of them heavy", () =>
    holds(({ working, lift }, { sets, totals }) => {
      const reps = sets.map((s) => s.reps);
      expect(reps).toEqual(reps.toSorted((a, b) => b - a));
      expect(totals.reps).toBeLessThanOrEqual(working.reps >= 10 ? 35 : 30);
      expect(totals.repsAt85).toBeLessThanOrEqual(Math.max(3, working.reps));
      sets.slice(1).forEach((s) => {
        if (s.fraction >= 0.7) expect(s.reps).toBeLessThanOrEqual(working.reps);
        if (lift.olympic) expect(s.reps).toBeLessThanOrEqual(3);
      });
    }));

  test("adds its time up and gives the change of plates its time", () =>
    holds((_, { sets, working, totals }) => {
      expect(totals.seconds).toBe(sets.reduce((t, s) => t + s.seconds + s.restSeconds, 0));
      sets.forEach((s, i) => {
        const next = sets[i + 1] ?? working;
        expect(s.restSeconds).toBeGreaterThanOrEqual(8 * (next.add.length + next.strip.length));
        expect(s.restSeconds).toBeGreaterThanOrEqual(i === sets.length - 1 ? 120 : 30);
      });
    }));

  test("stands at full height from the floor, or says that it does not", () =>
    holds(({ lift, kit }, ramp) => {
      if (!lift.fromFloor || codes(ramp).includes("from-blocks")) return;
      const full = kit.plates.filter((p) => p.fullDiameter).map((p) => p.weight);
      for (const load of [...ramp.sets, ramp.working]) {
        expect(load.perSide.some((w) => full.includes(w))).toBe(true);
      }
    }));

  test("has at most eight sets", () => holds((_, { sets }) => expect(sets.length).toBeLessThanOrEqual(8)));
});
