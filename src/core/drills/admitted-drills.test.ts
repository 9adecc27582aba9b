import { approach, planRequest } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { drillById, families } from "../catalog";
import { type PlanRequest, planWarmUp } from "../plan";

const idsOf = (request: PlanRequest) => planWarmUp(request).steps.map((s) => s.drill.id);

/** A request by every approach, for so many minutes. */
const byEveryApproach = (lift: string, kg: number, change: Partial<PlanRequest>): PlanRequest[] =>
  catalog.approaches.flatMap(({ id }) =>
    [12, 20, 30].map((minutes) => planRequest(lift, kg, { ...change, approach: approach(id), minutes })),
  );
const limitedBy = (...limiters: PlanRequest["athlete"]["limiters"]) => ({
  athlete: { experience: "intermediate" as const, limiters, areas: [] },
});

describe("what is done at the rack", () => {
  test.each(["bench-press", "overhead-press", "front-squat", "pull-up"])(
    "nobody stands under a bar on the back before a %s, limited by turning out or not",
    (lift) => {
      for (const limiters of [[], ["shoulder-external-rotation" as const]]) {
        for (const request of byEveryApproach(lift, 60, limitedBy(...limiters))) {
          expect([request.approach.id, request.minutes, idsOf(request)]).not.toEqual([
            request.approach.id,
            request.minutes,
            expect.arrayContaining(["trap-elbow-lifts"]),
          ]);
        }
      }
    },
  );

  test("before a squat with the bar there it opens what limits it", () => {
    const plans = byEveryApproach("low-bar-squat", 120, limitedBy("shoulder-external-rotation"));
    expect(plans.filter((r) => idsOf(r).includes("trap-elbow-lifts")).length).toBeGreaterThan(0);
  });

  test("a limited front rack is opened before a front squat, not before a bench press", () => {
    const opens = (lift: string) =>
      byEveryApproach(lift, 80, limitedBy("front-rack")).filter((r) => idsOf(r).includes("rack-elbow-lifts"));
    expect(opens("front-squat").length).toBeGreaterThan(0);
    expect(opens("bench-press")).toEqual([]);
  });
});

test("drills of one family are never twice in a plan: a stick and a band do the same pass-over", () => {
  const family = families(catalog.drills);
  const [stick, band] = ["stick-pass-through", "band-pass-over"].map((id) => drillById(catalog, id)!);
  expect(family.get(stick!.id)).toBe(family.get(band!.id));
  for (const lift of ["bench-press", "back-squat", "snatch"]) {
    for (const request of byEveryApproach(lift, 80, limitedBy("shoulder-flexion"))) {
      const both = idsOf(request).filter((id) => id === stick!.id || id === band!.id);
      expect(new Set(both).size).toBeLessThanOrEqual(1);
    }
  }
});

test("what a limiter has gained is there before anything jumps or is thrown", () => {
  let both = 0;
  for (const lift of ["snatch", "power-clean", "jerk"]) {
    for (const limiter of ["hip-internal-rotation", "ankle-dorsiflexion", "thoracic-rotation"] as const) {
      for (const minutes of [16, 20, 25]) {
        const { steps } = planWarmUp(planRequest(lift, 60, { ...limitedBy(limiter), minutes }));
        const power = steps.findIndex((s) => s.phase === "power");
        const opened = steps.findLastIndex(
          (s) => s.phase === "mobilise" && (s.drill.serves[limiter] ?? 0) === 3,
        );
        if (power < 0 || opened < 0) continue;
        both += 1;
        expect(opened).toBeLessThan(power);
      }
    }
  }
  expect(both).toBeGreaterThan(3);
});

describe("what an approach gives to limiters", () => {
  test("a drill for limiters alone is nobody's who is not limited there", () => {
    const wrapped = (change: Partial<PlanRequest>) =>
      ["power-clean", "snatch", "back-squat"].flatMap((lift) =>
        byEveryApproach(lift, 60, change).filter((r) => idsOf(r).includes("three-way-calf-rock")),
      );
    expect(wrapped({})).toEqual([]);
    expect(wrapped(limitedBy("hip-extension"))).toEqual([]);
    const ankles = planWarmUp(planRequest("back-squat", 60, limitedBy("ankle-dorsiflexion")));
    expect(ankles.blocks[0].choice.model.candidates.some((c) => c.drill.remedial)).toBe(true);
  });

  test("its drill comes beside the one that the phase has for everybody", () => {
    const request = { ...limitedBy("lower-traps"), approach: approach("bar-complex"), minutes: 18 };
    const woken = planWarmUp(planRequest("bench-press", 45, request)).steps.filter(
      (s) => s.phase === "activate",
    );
    expect(woken.length).toBeGreaterThan(1);
    const unlimited = planRequest("bench-press", 45, { ...request, ...limitedBy() });
    expect(planWarmUp(unlimited).steps.filter((s) => s.phase === "activate")).toHaveLength(1);
  });

  test("in a short round of slots something that moves does for what a long hold would open", () => {
    const short = planRequest("barbell-row", 35, {
      ...limitedBy("thoracic-extension"),
      approach: approach("basics-circuit"),
      minutes: 10,
    });
    const worked = planWarmUp(short).steps.filter((s) => (s.drill.serves["thoracic-extension"] ?? 0) >= 2);
    expect(worked.length).toBeGreaterThan(0);
  });
});

describe("a raise", () => {
  const raised = (minutes: number, by: string) =>
    planWarmUp(planRequest("clean-and-jerk", 90, { minutes, approach: approach(by) })).steps.some(
      (s) => s.phase === "raise",
    );

  test("is not what goes first where it is the first rule", () => {
    for (const minutes of [12, 14, 16]) {
      for (const by of ["temperature-first", "slow-starter"])
        expect([by, minutes, raised(minutes, by)]).toContain(true);
    }
  });

  test("for a cold room takes no drill's place in an approach that has few", () => {
    const usual = planRequest("clean-and-jerk", 50, { approach: approach("bar-first"), minutes: 25 });
    const [warm, cold] = [usual, { ...usual, room: "cold" as const }].map((r) => planWarmUp(r).steps);
    expect(cold!.map((s) => s.phase)).toContain("raise");
    expect(cold!.filter((s) => s.phase !== "raise")).toHaveLength(warm!.length);
  });
});

test("before a clean and jerk the drive is rehearsed too", () => {
  for (const by of ["bar-first", "bar-complex"]) {
    const request = planRequest("clean-and-jerk", 60, { approach: approach(by), minutes: 14 });
    expect([by, ...idsOf(request)]).toContain("dip-and-drive");
  }
});

test("a beginner is taught nothing new at full speed", () => {
  for (const lift of ["snatch", "clean-and-jerk", "power-clean"]) {
    for (const minutes of [15, 20, 25]) {
      const request = planRequest(lift, 45, { approach: approach("temperature-first"), minutes });
      const beginner = { ...request, athlete: { ...request.athlete, experience: "beginner" as const } };
      const power = planWarmUp(beginner).steps.filter((s) => s.phase === "power");
      expect(power.map((s) => s.drill.skill)).not.toContain("advanced");
    }
  }
});
