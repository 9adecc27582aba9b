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
  expect(both).toBeGreaterThan(5);
});
