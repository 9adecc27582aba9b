import fc from "fast-check";
import { catalogLift, rampRequest } from "@/__tests__/fixtures";
import { cases } from "@/lib/__tests__/cases";
import { planRamp } from "../ramp";
import { weight } from "../units";
import {
  type Lifter,
  layOutOrder,
  lifterOf,
  MOST_ON_A_BAR,
  mixedOf,
  placeOf,
  plainTurns,
  type RunningOrder,
  rackOrders,
  shareBar,
  shareBarSteps,
  shiftsOf,
  shortages,
  splitGroup,
} from ".";

const PLATES = [25, 20, 10, 5].map(weight);
const MOVE = 8;

const anySet = fc.record({
  weight: fc.constant(weight(60)),
  reps: fc.constant(3),
  perSide: fc.array(fc.constantFrom(...PLATES), { maxLength: 3 }).map((p) => p.sort((a, b) => b - a)),
  seconds: fc.integer({ min: 12, max: 40 }),
  restSeconds: fc.constantFrom(30, 60, 75, 120, 180),
});
const lifters = (count: number, sets: number): fc.Arbitrary<Lifter[]> =>
  fc
    .array(fc.array(anySet, { minLength: 0, maxLength: sets }), { minLength: count, maxLength: count })
    .chain((all) =>
      fc
        .array(fc.constantFrom(0, 0, 45, 200, 600), { minLength: count, maxLength: count })
        .map((from) =>
          all.map((list, i) => ({ name: String(i), place: "rack", sets: list, from: from[i]! })),
        ),
    );

/** Every order in which each lifter's sets come one after the other. */
function everyOrder(left: readonly number[]): number[][] {
  if (left.every((n) => n === 0)) return [[]];
  return left.flatMap((n, i) => (n === 0 ? [] : everyOrder(left.with(i, n - 1)).map((rest) => [i, ...rest])));
}
const value = ({ seconds, moves }: RunningOrder) => [seconds, moves];
const isLess = (a: readonly number[], b: readonly number[]) =>
  a[0]! < b[0]! || (a[0] === b[0] && a[1]! < b[1]!);

test.each([
  [2, 4, 120],
  [3, 3, 60],
  [4, 2, 40],
])("%p lifters with up to %p sets: no order is better", (count, sets, numRuns) => {
  fc.assert(
    fc.property(lifters(count, sets), anySet, (roster, { perSide: onBar }) => {
      const { best, isProven } = shareBar(roster, MOVE, onBar);
      expect(isProven).toBe(true);
      let least: readonly number[] = [Number.POSITIVE_INFINITY, 0];
      for (const order of everyOrder(roster.map((l) => l.sets.length))) {
        const found = value(layOutOrder(roster, order, MOVE, undefined, onBar));
        if (isLess(found, least)) least = found;
      }
      expect(value(best)).toEqual(least);
    }),
    cases(numRuns),
  );
});

describe("every running order", () => {
  const holds = (check: (roster: readonly Lifter[], order: RunningOrder) => void) =>
    fc.assert(
      fc.property(lifters(3, 5), (roster) => check(roster, shareBar(roster, MOVE).best)),
      cases(60),
    );

  test("has each set once, a lifter's own in their order", () =>
    holds((roster, { turns }) => {
      roster.forEach((lifter, i) => {
        const own = turns.filter((t) => t.lifter === i).map((t) => t.set);
        expect(own).toEqual(lifter.sets.map((_, s) => s));
      });
    }));

  test("has one on the bar at a time, with its plates changed and everybody rested", () =>
    holds((roster, { turns }) => {
      const restedAt = roster.map((l) => l.from ?? 0);
      let clock = 0;
      for (const t of turns) {
        const { seconds, restSeconds } = roster[t.lifter]!.sets[t.set]!;
        expect(t.startsAt).toBeGreaterThanOrEqual(clock + MOVE * (t.strip.length + t.add.length));
        expect(t.startsAt).toBeGreaterThanOrEqual(restedAt[t.lifter]!);
        expect(t.endsAt).toBe(t.startsAt + seconds);
        expect(t.waitedSeconds).toBe(t.startsAt - restedAt[t.lifter]!);
        clock = t.endsAt;
        restedAt[t.lifter] = t.endsAt + restSeconds;
      }
    }));

  test("turns each load into the next by what is taken off and put on", () =>
    holds((roster, { turns, moves }) => {
      const load: number[] = [];
      let moved = 0;
      for (const t of turns) {
        for (const plate of t.strip) expect(load.pop()).toBe(plate);
        load.push(...t.add);
        expect(load).toEqual(roster[t.lifter]!.sets[t.set]!.perSide);
        moved += t.strip.length + t.add.length;
      }
      expect(moves).toBe(moved);
    }));

  test("is no worse than taking turns", () =>
    fc.assert(
      fc.property(lifters(4, 4), (roster) => {
        const { best, turns } = shareBar(roster, MOVE);
        expect(isLess(value(turns), value(best))).toBe(false);
      }),
      cases(40),
    ));
});

test("the first answer is there before the proof, and no later one is worse", () => {
  fc.assert(
    fc.property(lifters(3, 4), (roster) => {
      const told = [...shareBarSteps(roster, MOVE)].map(({ best }) => value(best));
      expect(told.length).toBeGreaterThan(0);
      expect(isLess(told[0]!, value(shareBar(roster, MOVE).best))).toBe(false);
    }),
    cases(30),
  );
});

test("those who lift alike go one after the other while the others rest", () => {
  const light = { weight: weight(60), reps: 5, perSide: [weight(20)], seconds: 25, restSeconds: 60 };
  const heavy = { ...light, perSide: [weight(25), weight(25), weight(10)] };
  const roster = [
    { name: "Light", place: "rack" as const, sets: [light, light] },
    { name: "Heavy", place: "rack" as const, sets: [heavy, heavy] },
    { name: "Light too", place: "rack" as const, sets: [light, light] },
  ];
  const { best, turns } = shareBar(roster, MOVE);
  expect(best.moves).toBeLessThan(turns.moves);
  expect(best.seconds).toBeLessThan(turns.seconds);
});

test("plain turns go round in roster order and leave out who is done", () => {
  const set = { weight: weight(60), reps: 5, perSide: [], seconds: 25, restSeconds: 60 };
  const roster = [3, 1, 2].map((n, i) => ({
    name: String(i),
    place: "rack" as const,
    sets: new Array(n).fill(set),
  }));
  expect(plainTurns(roster)).toEqual([0, 1, 2, 0, 2, 0]);
});

test("nobody on the bar is nothing to order", () => {
  expect(shareBar([], MOVE).best).toMatchObject({ turns: [], seconds: 0, moves: 0 });
});

describe("a group over racks", () => {
  const group = fc.integer({ min: 1, max: 9 }).chain((n) => lifters(n, 3));

  test("everybody lifts on one rack, at most four on each", () => {
    fc.assert(
      fc.property(group, fc.integer({ min: 1, max: 4 }), (roster, racks) => {
        const split = splitGroup(roster, racks, MOVE);
        if (roster.length > racks * MOST_ON_A_BAR) return expect(split).toBeNull();
        expect(split!.flat().sort((a, b) => a - b)).toEqual(roster.map((_, i) => i));
        expect(split!.length).toBeLessThanOrEqual(racks);
        for (const rack of split!) expect(rack.length).toBeLessThanOrEqual(MOST_ON_A_BAR);
      }),
      cases(40),
    );
  });

  test("those who load alike share a bar", () => {
    const set = (perSide: number[], restSeconds: number) => ({
      weight: weight(60),
      reps: 3,
      perSide: perSide.map(weight),
      seconds: 25,
      restSeconds,
    });
    const of = (plates: number[], name: string): Lifter => ({
      name,
      place: "rack",
      sets: [set(plates.slice(0, 1), 60), set(plates, 120)],
    });
    const roster = [of([25, 25], "a"), of([5], "b"), of([25, 25], "c"), of([5], "d")];
    const split = splitGroup(roster, 2, MOVE)!;
    expect(split.map((r) => r.toSorted())).toEqual(
      expect.arrayContaining([
        [0, 2],
        [1, 3],
      ]),
    );
  });

  test("good orders of all racks come first, and at the end each is proven", () => {
    fc.assert(
      fc.property(lifters(6, 3), (roster) => {
        const told = [...rackOrders(roster, 2, MOVE)];
        const ordering = rackOrders(roster, 2, MOVE);
        let last = ordering.next();
        while (!last.done) last = ordering.next();
        const proven = last.value!;
        expect(told[0]!.map((o) => o.lifters)).toEqual(proven.map((o) => o.lifters));
        for (const [r, order] of proven.entries()) {
          expect(order.isProven).toBe(true);
          expect(isLess(value(told[0]![r]!.best), value(order.best))).toBe(false);
        }
      }),
      cases(20),
    );
  });

  test("more people than places come in shifts, everybody once", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 8 }), (people, racks) => {
        const shifts = shiftsOf(people, racks);
        expect(shifts.flat()).toEqual(Array.from({ length: people }, (_, i) => i));
        const sizes = shifts.map((s) => s.length);
        expect(Math.max(...sizes)).toBeLessThanOrEqual(racks * MOST_ON_A_BAR);
        expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
        expect(shifts).toHaveLength(Math.ceil(people / (racks * MOST_ON_A_BAR)));
      }),
      cases(100),
    );
    const roster = new Array<Lifter>(5).fill({ name: "", place: "rack", sets: [] });
    const orders = rackOrders(roster, 1, MOVE).next().value;
    expect(orders.map((o) => [o.shift, o.lifters])).toEqual([
      [0, [0, 1, 2]],
      [1, [3, 4]],
    ]);
  });

  test("one stock for the room runs short exactly when more plates are on bars than there are", () => {
    const stocked = fc.integer({ min: 2, max: 8 }).chain((n) => lifters(n, 3));
    fc.assert(
      fc.property(stocked, fc.integer({ min: 1, max: 3 }), (roster, pairs) => {
        const orders = rackOrders(roster, 2, MOVE)
          .next()
          .value.filter((o) => o.shift === 0);
        const sizes = [...new Set(roster.flatMap((l) => l.sets.flatMap((s) => s.perSide)))];
        const stock = sizes.map((w) => ({ weight: w, pairs, fullDiameter: false }));
        const found = shortages(orders, roster, stock);
        const end = Math.max(0, ...orders.map((o) => o.best.seconds));
        for (let second = 0; second < end; second += 7) {
          for (const size of sizes) {
            const onBars = orders.reduce((sum, { best, lifters: own }) => {
              const at = best.turns.findIndex((t) => second < t.endsAt);
              const turn = best.turns[at];
              const plates = turn ? roster[own[turn.lifter]!]!.sets[turn.set]!.perSide : [];
              return sum + plates.filter((p) => p === size).length;
            }, 0);
            const said = found.find((f) => f.plate === size && f.from <= second && second < f.to);
            if (onBars > pairs) expect(said!.needed).toBeGreaterThanOrEqual(onBars);
            else expect(said).toBeUndefined();
          }
        }
      }),
      cases(60),
    );
  });

  test("who lifts in different places shares a bar only where there are too few", () => {
    const places = ["rack", "bench", "floor"] as const;
    fc.assert(
      fc.property(group, fc.integer({ min: 2, max: 5 }), (roster, racks) => {
        const placed = roster.map((l, i) => ({ ...l, place: places[i % 3]! }));
        const split = splitGroup(placed, racks, MOVE);
        const needed = places.reduce(
          (sum, p) => sum + Math.ceil(placed.filter((l) => l.place === p).length / MOST_ON_A_BAR),
          0,
        );
        if (!split || needed > racks) return;
        for (const rack of split) expect(mixedOf(rack.map((i) => placed[i]!))).toBe(0);
      }),
      cases(40),
    );
  });

  test.each([
    ["back-squat", "rack"],
    ["bench-press", "bench"],
    ["deadlift", "floor"],
    ["leg-press", "machine"],
  ])("the bar of the %s is at the %s", (lift, place) => {
    expect(placeOf(catalogLift(lift))).toBe(place);
  });

  test("the same group gets the same split", () => {
    fc.assert(
      fc.property(group, (roster) => {
        expect(splitGroup(roster, 3, MOVE)).toEqual(splitGroup(roster, 3, MOVE));
      }),
      cases(15),
    );
  });
});

test("a ramp on a shared bar rests only as long as the lifter needs", () => {
  const ramp = planRamp(rampRequest(140, 3));
  const { name, place, sets } = lifterOf("A", placeOf(catalogLift("back-squat")), ramp);
  expect([name, place]).toEqual(["A", "rack"]);
  sets.forEach((set, i) => {
    expect(set.restSeconds).toBeLessThanOrEqual(ramp.sets[i]!.restSeconds);
    expect(set.perSide).toEqual(ramp.sets[i]!.perSide);
  });
});
