import { approach, catalogLift, nameOnFailure, planRequest, somePlanRequests } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { families, isMeant } from "../catalog";
import type { DemandId } from "../demands";
import { objectiveOf } from "../optimizer";
import { type PlanRequest, planExactly, planWarmUp } from "../plan";
import { weight } from "../units";
import { askedDemands, buildChoiceModel, type Candidate, type ChoiceModel, orderDrills, timetable } from ".";

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
  return planWarmUp(request).blocks[0]!.choice;
}

const choices = somePlanRequests(60).map((request) => ({ request, ...choiceOf(request) }));
const holds = (check: (request: PlanRequest, model: ChoiceModel, chosen: readonly Candidate[]) => void) => {
  for (const { request, model, chosen } of choices) {
    nameOnFailure(request, () => check(request, model, chosen));
  }
};

describe("every choice", () => {
  test("fits the time when it is laid out", () =>
    holds((_, model, chosen) => {
      expect(timetable(orderDrills(chosen)).seconds).toBeLessThanOrEqual(model.seconds);
    }));

  test("has one drill of a family and keeps each phase in its bounds", () =>
    holds((_, model, chosen) => {
      expect(new Set(chosen.map((c) => c.family)).size).toBe(chosen.length);
      model.phases.forEach((rule) => {
        const here = chosen.filter((c) => c.phase === rule.phase);
        expect(here.length).toBeLessThanOrEqual(rule.mostDrills);
        expect(here.reduce((sum, c) => sum + c.seconds, 0)).toBeLessThanOrEqual(rule.most);
      });
    }));

  test("never takes a drill that an area of the athlete rules out", () =>
    holds(({ athlete }, _, chosen) => {
      for (const { area, level } of athlete.areas) {
        if (level !== "avoid") continue;
        for (const c of chosen) expect(c.drill.avoid).not.toContain(area);
      }
    }));

  test("follows a stretch with dynamic work on a shared range, where the approach releases", () => {
    const usual = approach("temperature-first");
    const release = { phase: "release", mostDrills: 3, least: 120, most: 240, shortPrice: 20 } as const;
    const releasing = { ...usual, phases: usual.phases.toSpliced(1, 0, release) };
    let stretches = 0;
    for (const request of somePlanRequests(30)) {
      const { chosen } = choiceOf({ ...request, minutes: request.minutes + 15, approach: releasing });
      for (const held of chosen.filter((c) => c.drill.stretch)) {
        stretches += 1;
        const moved = chosen.some(
          (c) =>
            c.drill.mode === "dynamic" &&
            c.block >= held.block &&
            c.serves.some((s) => held.serves.some((h) => h.demand === s.demand)),
        );
        expect(moved).toBe(true);
      }
    }
    expect(stretches).toBeGreaterThan(10);
  });

  test("is specific: each drill serves something asked, raising apart", () =>
    holds((_, model, chosen) => {
      for (const c of chosen.filter((o) => o.phase !== "raise")) {
        const serves = (least: number, weighs: number) =>
          model.demands.some((d) => (c.drill.serves[d.demand] ?? 0) >= least && d.weight >= weighs);
        expect(serves(1, 2) || serves(2, 1)).toBe(true);
      }
    }));

  test("spends little on hard drills, and power only once something is awake", () =>
    holds((_, __, chosen) => {
      const hard = chosen.filter((c) => c.drill.effort >= 4);
      expect(hard.reduce((sum, c) => sum + c.workSeconds, 0)).toBeLessThanOrEqual(90);
      if (chosen.some((c) => c.phase === "power")) {
        expect(chosen.some((c) => c.phase === "activate")).toBe(true);
      }
    }));

  test("does not depend on the order of the catalog, and is the same each time", () =>
    holds((request, _, chosen) => {
      const shuffled = choiceOf({ ...request, drills: request.drills.toReversed() }).chosen;
      const names = (cs: readonly Candidate[]) => cs.map((c) => `${c.drill.id} ${c.sets} ${c.amount}`);
      expect(names(shuffled)).toEqual(names(chosen));
    }));

  test("cannot be bettered by leaving a drill out", () =>
    holds((_, model, chosen) => {
      const indices = chosen.map((c) => model.candidates.indexOf(c));
      const now = objectiveOf(model.problem, indices);
      for (const [i, c] of chosen.entries()) {
        const alone = c.phase === "activate" || chosen.some((o) => o !== c && o.drill.stretch);
        if (!alone)
          expect(objectiveOf(model.problem, indices.toSpliced(i, 1))).toBeLessThanOrEqual(now + 1e-6);
      }
    }));
});

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
    const order = orderDrills(chosen, "top-down").filter((c) => c.phase === "mobilise");
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
  const { chosen, objective } = exact.value.blocks[0]!.choice;
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
