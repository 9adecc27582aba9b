import { approach, planRequest } from "@/__tests__/fixtures";
import { isDone, type ReferenceWarmUp, references, stepsOf } from "@/__tests__/reference-warm-ups";
import { shippedCatalog as catalog } from "@/catalog";
import { drillById, type Phase } from "../catalog";
import { type PlanRequest, planWarmUp } from "../plan";
import { reviewWarmUp } from "../remedies";
import { reviewContext, writtenOf } from "../review";
import { jobOf, saysWhatFor, slotOf } from ".";

const model = (lift: string, change: Partial<PlanRequest> = {}) =>
  planWarmUp(planRequest(lift, 80, change)).blocks[0].choice.model;
const job = (id: string, lift: string, phase?: Phase) => {
  const drill = drillById(catalog, id)!;
  return jobOf(drill, phase ?? drill.phases[0]!, model(lift).demands).id;
};

describe("the job of a drill", () => {
  test("is what it serves most of what today asks", () => {
    expect(job("leg-swing-front", "deadlift")).toBe("hips");
    expect(job("cossack-squat", "sumo-deadlift")).toBe("hip-rotation");
    expect(job("face-pull", "bench-press")).toBe("shoulder-blades");
    expect(job("easy-row", "deadlift")).toBe("heat");
  });

  test("is a pattern in the rehearsal, with the bar or without", () => {
    expect(job("body-weight-squat", "back-squat")).toBe("squat");
    expect(job("empty-bar-back-squat", "back-squat")).toBe("squat, bar");
  });

  test("is another where it is held", () => {
    expect(job("chest-doorway-stretch", "bench-press")).toBe("shoulders, held");
  });
});

describe("a limiter", () => {
  const withLimiter = (lift: string, by: string, limiter: "shoulder-flexion" | "ankle-dorsiflexion") =>
    planWarmUp(
      planRequest(lift, 60, {
        approach: approach(by),
        athlete: { experience: "intermediate", limiters: [limiter], areas: [] },
        minutes: 20,
      }),
    ).blocks[0].choice;

  test("has one drill for its job, like everything else", () => {
    const { chosen } = withLimiter("pull-up", "bar-first", "shoulder-flexion");
    expect(chosen.filter((c) => c.job === "shoulders")).toHaveLength(1);
  });

  test("has its own drill, and no other, beside the slots of an approach that is nothing else", () => {
    const { chosen, model } = withLimiter("snatch", "basics-circuit", "ankle-dorsiflexion");
    expect(chosen.map((c) => c.drill.id)).toContain("knee-to-wall");
    const beside = model.candidates.filter((c) => c.slot === null && c.phase !== "raise");
    expect(beside.map((c) => c.drill.serves["ankle-dorsiflexion"])).toEqual(beside.map(() => 3));
  });
});

describe("the slot of a drill", () => {
  const slot = (id: string, by: string, phase: Phase, lift = "back-squat") => {
    const at = slotOf(drillById(catalog, id)!, phase, approach(by), model(lift).demands);
    return at === null ? null : approach(by).slots[at]!.name;
  };

  test("is that of what it serves most", () => {
    expect(slot("side-plank", "one-per-job", "activate")).toBe("Trunk");
    expect(slot("band-walk", "one-per-job", "activate")).toBe("Glutes");
    expect(slot("band-curl", "one-per-job", "activate")).toBeNull();
  });

  test("is there only when the lift asks for it, where it says so", () => {
    expect(slot("wrist-circles", "every-joint", "mobilise", "front-squat")).toBe("Wrists");
    expect(slot("wrist-circles", "every-joint", "mobilise", "hip-thrust")).toBeNull();
  });

  test("says which drills fill it, or is for whatever is asked", () => {
    expect(approach("one-per-job").slots.every(saysWhatFor)).toBe(true);
    expect(approach("temperature-first").slots.some(saysWhatFor)).toBe(false);
  });
});

describe("warm-ups as coaches write them", () => {
  const plans = references.map((ref) => {
    const { lift, kg, reps, minutes, kit, experience, limiters, areas } = ref;
    const base = planRequest(lift, kg, {
      minutes,
      approach: approach(ref.approach),
      equipment: new Set(kit),
    });
    const [first] = base.lifts;
    const isBarbell = first!.lift.implement === "barbell";
    const working = { ...first!.working!, reps };
    const lifts = [isBarbell ? { ...first!, working } : { lift: first!.lift, kit: null, working: null }];
    const request = { ...base, lifts, athlete: { experience, limiters, areas } };
    const plan = planWarmUp(request);
    return {
      ...{ ref, request },
      plan,
      chosen: plan.blocks[0].choice.chosen,
      demands: plan.blocks[0].choice.model.demands,
    };
  });
  const share = (of: (p: (typeof plans)[number]) => boolean[]) => {
    const said = plans.flatMap(of);
    return said.filter(Boolean).length / said.length;
  };
  const within = (value: number, [least, most]: ReferenceWarmUp["count"], slack = 0) =>
    value >= least - slack && value <= most + slack;

  test("have at least three for each approach", () => {
    for (const { id } of catalog.approaches) {
      expect(references.filter((r) => r.approach === id).length).toBeGreaterThanOrEqual(3);
    }
  });

  test("and ours have as many drills, and as long a raise", () => {
    expect(share(({ ref, chosen }) => [within(chosen.length, ref.count)])).toBeGreaterThan(0.95);
    const raise = ({ ref, plan }: (typeof plans)[number]) => {
      const raising = plan.steps.filter((s) => s.phase === "raise");
      return [
        within(
          raising.reduce((sum, s) => sum + s.seconds, 0),
          ref.raise,
          20,
        ),
      ];
    };
    expect(share(raise)).toBe(1);
  });

  test("and ours have usual doses, and do the jobs that they hold essential", () => {
    const isUsual = (c: (typeof plans)[number]["chosen"][number]) =>
      c.phase === "raise" || c.rounds * c.sets * c.amount >= c.drill.dose.sets[1] * c.drill.dose.amount[1];
    expect(share(({ chosen }) => chosen.map(isUsual))).toBe(1);
    const done = ({ ref, chosen, demands }: (typeof plans)[number]) =>
      ref.drills.filter((d) => d.essential).map(({ id }) => isDone(id, chosen, demands));
    expect(share(done)).toBeGreaterThan(0.95);
  });

  test("and the review has at most one thing to say of any of them", () => {
    for (const { ref, plan, request } of plans) {
      const steps = stepsOf(ref);
      const found = reviewWarmUp({ ...writtenOf(plan, ref.minutes), steps }, reviewContext(request));
      expect([ref.approach, ref.lift, found.slice(1).map((f) => f.message)]).toEqual([
        ref.approach,
        ref.lift,
        [],
      ]);
    }
  });

  test("and ours say nothing that the athlete's areas or the kit forbid", () => {
    for (const { ref, chosen } of plans) {
      for (const { drill } of chosen) {
        const forbidden = ref.areas.some(({ area, level }) =>
          drill.unkindTo?.some((u) => u.area === area && (u.from === level || level === "sore")),
        );
        expect([drill.id, forbidden]).toEqual([drill.id, false]);
        const isThere = drill.equipment.every((need) => need.some((e) => ref.kit.includes(e)));
        expect([drill.id, isThere]).toEqual([drill.id, true]);
      }
    }
  });
});
