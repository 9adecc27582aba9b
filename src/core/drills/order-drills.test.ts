import fc from "fast-check";
import { candidate } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { cases } from "@/lib/__tests__/cases";
import { type Drill, drillById } from "../catalog";
import { DEMANDS, type DemandId } from "../demands";
import { type Candidate, orderCost, orderDrills, timetable } from ".";

const anyDrills = fc.uniqueArray(fc.constantFrom(...catalog.drills), {
  minLength: 1,
  maxLength: 8,
  selector: (d) => d.id,
});
const candidateOf = (drill: Drill): Candidate =>
  candidate(drill.id, { phase: "mobilise", block: 0, amount: 5, workSeconds: 20, seconds: 26 });
const shares = (a: Drill, b: Drill, kind: string, least: number) =>
  Object.entries(a.serves).some(
    ([d, w]) => DEMANDS[d as DemandId].kind === kind && w >= least && (b.serves[d as DemandId] ?? 0) >= least,
  );
const stage = (d: Drill) => (d.assisted ? 0 : d.load.kind === "none" ? 1 : 2);
/** What has to come first, written down anew. */
const wrong = (first: Drill, later: Drill, onlySlots = false) => {
  if (later.before === first.id) return true;
  const areParts = first.part !== undefined && later.part !== undefined;
  if (areParts && !onlySlots) return later.part! < first.part!;
  const rolls = (d: Drill) => d.equipment.flat().includes("roller");
  if (first.stretch && later.stretch) return rolls(later) && !rolls(first);
  if (later.stretch && first.mode === "dynamic") return shares(later, first, "range", 1);
  if (first.stretch && later.mode === "dynamic") return false;
  const rehearsed = [first, later].every((d) => d.phases[0] === "rehearse");
  return stage(later) < stage(first) && (rehearsed || shares(later, first, "pattern", 2));
};
const isAllowed = (order: readonly Drill[], onlySlots = false) =>
  order.every((b, j) => order.slice(0, j).every((a) => !wrong(a, b, onlySlots)));

function permutations<T>(items: readonly T[]): T[][] {
  if (items.length < 2) return [items.slice()];
  return items.flatMap((item, i) => permutations(items.toSpliced(i, 1)).map((rest) => [item, ...rest]));
}

test("equals the best of all orders", () => {
  fc.assert(
    fc.property(
      anyDrills,
      fc.constantFrom("raise" as const, "mobilise" as const),
      fc.record({
        bodyOrder: fc.constantFrom("top-down" as const, "ground-up" as const, null),
        onlySlots: fc.boolean(),
      }),
      (drills, phase, wanted) => {
        const orders = permutations(drills).filter((order) => isAllowed(order, wanted.onlySlots));
        fc.pre(orders.length > 0);
        const slotOf = new Map(drills.map((drill, i) => [drill, i % 3 === 2 ? null : drills.length - i]));
        const costOf = (order: readonly Drill[]) =>
          orderCost(
            order.map((drill) => ({ drill, phase, slot: slotOf.get(drill) })),
            wanted,
          );
        const best = Math.min(...orders.map(costOf));
        const placed = drills.map((drill) => ({ ...candidateOf(drill), phase, slot: slotOf.get(drill)! }));
        const found = orderDrills(placed, wanted).map((c) => c.drill);
        expect(isAllowed(found, wanted.onlySlots)).toBe(true);
        expect(costOf(found)).toBe(best);
      },
    ),
    cases(40),
  );
});

const named = (id: string, more: Partial<Candidate> = {}): Candidate => ({
  ...candidateOf(drillById(catalog, id)!),
  ...more,
});
const idsOf = (order: readonly Candidate[]) => order.map((c) => c.drill.id);

test("a raise climbs, even where going down to the floor first would be shorter", () => {
  const raise = ["slow-mountain-climber", "brisk-steps"].map((id) => named(id, { phase: "raise" }));
  const then = named("leg-swing-front", { block: 1 });
  expect(idsOf(orderDrills([...raise, then]))[0]).toBe("brisk-steps");
});

test("lifts are rehearsed without weight before with it, whatever their patterns", () => {
  const steps = ["tall-clean", "hinge-drill", "body-weight-squat"].map((id) =>
    named(id, { phase: "rehearse" }),
  );
  expect(idsOf(orderDrills(steps)).at(-1)).toBe("tall-clean");
});

test("top to bottom begins at the top, also after a raise that moves the hips", () => {
  const order = orderDrills(
    [
      named("quad-pull-walk", { phase: "raise" }),
      ...["side-lunge", "neck-nods", "stick-pass-through"].map((id) => named(id, { block: 1 })),
    ],
    { bodyOrder: "top-down", onlySlots: false },
  );
  expect(idsOf(order)).toEqual(["quad-pull-walk", "neck-nods", "stick-pass-through", "side-lunge"]);
});

test("a drill without a range has the level of its muscles, and no way back through it", () => {
  const order = orderDrills(
    ["side-lunge", "shoulder-girdle-rolls", "stick-pass-through", "neck-nods"].map((id) => named(id)),
    { bodyOrder: "top-down", onlySlots: false },
  );
  expect(idsOf(order).at(-1)).toBe("side-lunge");
});

test("a drill of the waist stands below the shoulders, though it stretches the lats a little", () => {
  const order = orderDrills(
    ["side-tilt", "stick-pass-through", "neck-nods"].map((id) => named(id)),
    { bodyOrder: "top-down", onlySlots: false },
  );
  expect(idsOf(order)).toEqual(["neck-nods", "stick-pass-through", "side-tilt"]);
});

test("after the raise comes what is gentle, and what is deep comes last", () => {
  const order = orderDrills([
    named("easy-row", { phase: "raise", block: 0 }),
    ...["stick-overhead-squat", "wall-slide", "toe-grab-squat"].map((id) => named(id, { block: 1 })),
  ]);
  expect(idsOf(order).at(-1)).toBe("stick-overhead-squat");
});

test("keeps phases in theirs and never opens with something explosive if it can help it", () => {
  const jump = { ...candidateOf(drillById(catalog, "vertical-jump")!), block: 0 };
  const walk = { ...candidateOf(drillById(catalog, "walk-to-jog")!), block: 0 };
  const squat = { ...candidateOf(drillById(catalog, "body-weight-squat")!), block: 1 };
  expect(orderDrills([squat, jump, walk]).map((c) => c.drill.id)).toEqual([
    "walk-to-jog",
    "vertical-jump",
    "body-weight-squat",
  ]);
});

test("of a phase too long for the exact order still keeps what has to come first", () => {
  const many = catalog.drills
    .filter((d) => d.phases[0] === "mobilise")
    .slice(0, 20)
    .map(candidateOf);
  const order = orderDrills(many).map((c) => c.drill);
  expect(order).toHaveLength(many.length);
  expect(isAllowed(order)).toBe(true);
});

test("the timetable follows it without gaps but the changes", () => {
  fc.assert(
    fc.property(anyDrills, (drills) => {
      const { placed, seconds } = timetable(orderDrills(drills.map(candidateOf)));
      placed.forEach((p, i) => {
        const before = placed[i - 1];
        const gap = p.startsAt - (before ? before.startsAt + before.seconds : 0);
        expect([0, 5, 12]).toContain(gap);
      });
      const last = placed.at(-1)!;
      expect(seconds).toBe(last.startsAt + last.seconds);
    }),
    cases(100),
  );
});
