import fc from "fast-check";
import { approach, groupMember, groupRequest, planRequest } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { drillById } from "../catalog";
import { planWarmUp } from "../plan";
import { planEach, planGroup } from ".";

/** Drills that anybody may do without a thing. */
const plain = catalog.drills.filter((d) => d.equipment.length === 0 && d.effort <= 2 && !d.stretch);
const anyDrill = fc.constantFrom(...plain.map((d) => d.id));

const cases = fc.sample(
  fc.record({
    own: fc.uniqueArray(anyDrill, { maxLength: 2 }),
    dropped: fc.uniqueArray(anyDrill, { maxLength: 4 }),
    shared: fc.uniqueArray(anyDrill, { maxLength: 2 }),
    circuit: fc.boolean(),
    minutes: fc.integer({ min: 10, max: 25 }),
  }),
  14,
);

test("what the coach wants for one is in that one's plan and in no other's for that reason", () => {
  for (const { own, dropped, shared, circuit, minutes } of cases) {
    const wanted = own.filter((o) => !dropped.includes(o));
    const people = [
      groupMember("a", { own: wanted.map((drill) => ({ drill })), dropped }),
      groupMember("b"),
      groupMember("c"),
      groupMember("d"),
    ];
    const plan = planGroup(
      groupRequest(people, {
        minutes,
        own: shared.map((drill) => ({ drill })),
        approach: approach(circuit ? "basics-circuit" : "temperature-first"),
      }),
    );
    const [a, b] = plan.members;
    const drillsOf = (m: typeof a) => m!.steps.map((s) => s.drill);
    for (const drill of wanted) expect(drillsOf(a)).toContain(drill);
    for (const drill of dropped) expect(drillsOf(a)).not.toContain(drill);
    const all = new Set(plan.shared.map((s) => s.drill));
    for (const drill of shared) expect(all).toContain(drill);
    // Nobody else does anything by themselves: they have no limiter.
    expect(b!.steps.every((s) => s.kind !== "personal")).toBe(true);
    // Nobody does the same twice, but for the rounds of a circuit.
    for (const m of plan.members) {
      const firsts = m.steps.filter((s) => s.placed.round === 1).map((s) => s.drill);
      expect(new Set(firsts).size).toBe(firsts.length);
    }
  }
});

test("a drill dropped by one is done by the others, and something else or nothing meanwhile by that one", () => {
  const usual = planGroup(
    groupRequest([groupMember("a"), groupMember("b"), groupMember("c"), groupMember("d")]),
  );
  const { drill } = usual.shared.find((s) => drillById(catalog, s.drill)!.substitutes.length > 0)!;
  const people = [
    groupMember("a", { dropped: [drill] }),
    groupMember("b"),
    groupMember("c"),
    groupMember("d"),
  ];
  const plan = planGroup(groupRequest(people, { own: [{ drill }] }));
  const shared = plan.shared.find((s) => s.drill === drill)!;
  expect(shared.substitutes.map((s) => s.member)).toEqual(["a"]);
  expect(plan.members.filter((m) => m.steps.some((s) => s.drill === drill)).map((m) => m.id)).toEqual([
    "b",
    "c",
    "d",
  ]);
});

test("a dose of one's own is kept", () => {
  const { id, dose } = plain.find((d) => d.dose.kind === "reps" && d.dose.sets[2] > 1)!;
  const own = [{ drill: id, dose: { sets: 2, amount: dose.amount[0] } }];
  const plan = planGroup(groupRequest([groupMember("a", { own }), groupMember("b")]));
  const step = plan.members[0]!.steps.find((s) => s.drill === id)!;
  expect(step.dose).toMatchObject({ sets: 2, amount: dose.amount[0] });
  expect(step.kind).toBe("personal");
});

test("each alone has the plan that one would have without the others", () => {
  const requests = ["back-squat", "deadlift"].map((lift) => planRequest(lift, 100));
  const plan = planEach(requests.map((request, i) => ({ id: `m${i}`, name: `M${i}`, request })));
  expect(plan.shared).toEqual([]);
  for (const [i, request] of requests.entries()) {
    const alone = planWarmUp(request);
    const here = plan.members[i]!;
    expect(here.steps.map((s) => [s.drill, s.startsAt, s.seconds])).toEqual(
      alone.steps.filter((s) => s.block === 0).map((s) => [s.drill.id, s.startsAt, s.seconds]),
    );
    expect([here.drillSeconds, here.seconds]).toEqual([alone.drillSeconds, alone.seconds]);
    expect(here.ramps).toEqual(alone.ramps);
  }
  expect(plan.seconds).toBe(Math.max(...plan.members.map((m) => m.seconds)));
  expect(planEach([])).toMatchObject({ members: [], seconds: 0 });
});
