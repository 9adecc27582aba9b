import { approach, catalogLift, planRequest } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { families, isMeant } from "../catalog";
import type { DemandId } from "../demands";
import { type PlanRequest, planExactly, planWarmUp } from "../plan";
import { weight } from "../units";
import { askedDemands, buildChoiceModel, orderDrills } from ".";

const working = { weight: weight(100), reps: 5, sets: 3, rir: 1 };
const asked = (lifts: string[], limiters: DemandId[] = [], ramped = true) => {
  const found = askedDemands(
    lifts.map((id) => ({ lift: catalogLift(id), working, ramped })),
    limiters,
    approach("temperature-first"),
  );
  return (demand: DemandId) => found.find((d) => d.demand === demand)!;
};

describe("asked demands", () => {
  test("the first lift counts in full, later ones less, the greatest wins", () => {
    const demand = asked(["front-squat", "deadlift"], [], false);
    expect(demand("ankle-dorsiflexion").weight).toBe(3);
    expect(demand("lats").weight).toBeCloseTo(0.7 * 2);
    expect(demand("hip-flexion").askedBy?.id).toBe("front-squat");
  });

  test("hard work asks more, easy work less", () => {
    const at = (reps: number, rir: number) =>
      askedDemands(
        [{ lift: catalogLift("front-squat"), working: { ...working, reps, rir }, ramped: false }],
        [],
        approach("temperature-first"),
      ).find((d) => d.demand === "front-rack")!.weight;
    expect(at(3, 0)).toBeCloseTo(3.3);
    expect(at(8, 0)).toBeCloseTo(3);
    expect(at(12, 4)).toBeCloseTo(2.4);
  });

  test("the ramp serves the pattern and the prime movers", () => {
    expect(asked(["front-squat"])("squat").weight).toBe(1);
    expect(asked(["front-squat"])("quads").weight).toBe(0);
    expect(asked(["front-squat"], [], false)("quads").weight).toBe(2);
  });

  test("a limiter weighs more, two of them at most, the most asked first", () => {
    const demand = asked(["front-squat"], ["neck", "front-rack", "ankle-dorsiflexion"]);
    expect(demand("front-rack").weight).toBe(4);
    expect(demand("ankle-dorsiflexion").limiter).toBe(true);
    expect(demand("neck").limiter).toBe(false);
  });
});

/** The choice model behind a plan, and what was chosen from it. */
function choiceOf(request: PlanRequest) {
  return planWarmUp(request).blocks[0].choice;
}

describe("circuits", () => {
  const circuit = (id: string, minutes: number) =>
    choiceOf(planRequest("overhead-press", 40, { approach: approach(id), minutes }));

  test("go round more often when there is time, never more than the approach has it", () => {
    const short = circuit("one-per-job", 8).model.rounds;
    const long = circuit("one-per-job", 30).model.rounds;
    expect(short).toBeLessThan(long);
    expect(long).toBeLessThanOrEqual(3);
  });

  test("fill each slot of the approach where there is time", () => {
    const { chosen } = circuit("one-per-job", 22);
    for (const slot of approach("one-per-job").slots) {
      expect(chosen.some((c) => c.phase === slot.phase && isMeant(c.drill, slot.filledBy))).toBe(true);
    }
  });

  test("from top to bottom hardly ever go back up", () => {
    const { chosen } = circuit("every-joint", 12);
    const order = orderDrills(chosen, { bodyOrder: "top-down", onlySlots: false }).filter(
      (c) => c.phase === "mobilise",
    );
    const neck = order.findIndex((c) => c.drill.serves.neck);
    const ankle = order.findIndex((c) => (c.drill.serves["ankle-dorsiflexion"] ?? 0) >= 3);
    expect(neck).toBeLessThanOrEqual(1);
    if (ankle >= 0) expect(ankle).toBeGreaterThan(order.length / 2);
  });
});

test("a better choice taken over stands while it is allowed, and is forgotten when it no longer fits", () => {
  const request = planRequest("front-squat", 90, { minutes: 15 });
  const planning = planExactly(request);
  let exact = planning.next();
  while (!exact.done) exact = planning.next();
  const { chosen, objective } = exact.value.blocks[0].choice;
  const taken = chosen.map(({ drill, sets, amount, rounds }) => ({ drill: drill.id, sets, amount, rounds }));
  expect(choiceOf({ ...request, taken }).objective).toBeGreaterThanOrEqual(objective - 1e-9);
  expect(planWarmUp({ ...request, taken, minutes: 8 })).toEqual(planWarmUp({ ...request, minutes: 8 }));
});

test("why a drill cannot be chosen is kept", () => {
  const request = {
    drills: catalog.drills,
    demands: askedDemands(
      [{ lift: catalogLift("bench-press"), working, ramped: true }],
      [],
      approach("temperature-first"),
    ),
    athlete: {
      experience: "beginner" as const,
      limiters: [],
      areas: [{ area: "shoulder" as const, level: "avoid" as const }],
    },
    approach: approach("temperature-first"),
    seconds: 600,
    room: "normal" as const,
    equipment: new Set(["stick" as const]),
    own: [],
    dropped: ["prone-wtl"],
    lifts: [{ lift: catalogLift("bench-press") }],
  };
  const { refused } = buildChoiceModel(request);
  expect(refused.get("stick-pass-through")).toBe("area");
  expect(refused.get("face-pull")).toBe("equipment");
  expect(refused.get("upper-back-roller")).toBe("equipment");
  expect(refused.get("prone-wtl")).toBe("dropped");
  expect(refused.get("body-weight-squat")).toBe("not-asked");
  expect(refused.get("chest-doorway-stretch")).toBe("area");
});

test("drills joined by an easier or harder version are one family", () => {
  const family = families(catalog.drills);
  expect(family.get("assisted-squat")).toBe(family.get("tempo-goblet-squat"));
  expect(family.get("assisted-squat")).not.toBe(family.get("glute-bridge"));
});

test("drills that travel are out where there is too little clear floor, whatever they are for", () => {
  const travellers = catalog.drills.filter((d) => (d.space ?? 0) > 8).map((d) => d.id);
  expect(travellers).toEqual(expect.arrayContaining(["skips", "light-carry"]));
  for (const id of ["temperature-first", "every-joint", "slow-starter"]) {
    const request = planRequest("back-squat", 80, { approach: approach(id), minutes: 20 });
    const small = choiceOf({ ...request, clearFloor: 4 });
    for (const { drill } of small.model.candidates) expect(travellers).not.toContain(drill.id);
    expect(small.model.refused.get("skips")).toBe("space");
    expect(choiceOf(request).model.refused.get("skips")).not.toBe("space");
  }
});
