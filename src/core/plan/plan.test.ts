import { approach, catalogLift, kgGym, planRequest, somePlanRequests } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { drillById } from "../catalog";
import { weight } from "../units";
import { givenUp, type Plan, type PlanRequest, planOfLift, planWarmUp, substitutesFor, summaryOf } from ".";

const codes = (plan: Plan) => plan.findings.map((f) => f.code);
const ids = (plan: Plan) => plan.steps.map((s) => s.drill.id);

describe("what the coach has decided", () => {
  const base = planRequest("back-squat", 100);

  test("a drill that is kept stays, at its dose, with the rest planned around it", () => {
    const plan = planWarmUp({ ...base, own: [{ drill: "ninety-ninety", dose: { sets: 2, amount: 6 } }] });
    const kept = plan.steps.find((s) => s.drill.id === "ninety-ninety")!;
    expect(kept.dose).toMatchObject({ sets: 2, amount: 6 });
    expect(kept.pinned).toBe(true);
    expect(plan.seconds).toBeLessThanOrEqual(16 * 60);
  });

  test("a drill that is dropped stays out", () => {
    const first = ids(planWarmUp(base));
    for (const drill of first) {
      expect(ids(planWarmUp({ ...base, dropped: [drill] }))).not.toContain(drill);
    }
  });

  test("own drills over the time are kept", () => {
    const own = ["easy-row", "easy-bike", "deep-squat-hold", "toe-grab-squat"].map((drill) => ({ drill }));
    const plan = planWarmUp({ ...base, minutes: 9, own });
    expect(ids(plan)).toEqual(expect.arrayContaining(own.map((o) => o.drill)));
    expect(plan.seconds).toBeGreaterThan(9 * 60);
  });

  test("an own drill of a phase that the approach leaves out takes its usual place", () => {
    const plan = planWarmUp({ ...base, own: [{ drill: "hip-flexor-stretch" }] });
    const at = ids(plan).indexOf("hip-flexor-stretch");
    expect(plan.steps[at]!.phase).toBe("release");
    const phases = plan.steps.map((s) => s.phase);
    expect(phases.lastIndexOf("raise")).toBeLessThan(at);
    expect(phases.indexOf("mobilise")).toBeGreaterThan(at);
  });
});

describe("what was left out", () => {
  test("for time is named, with what it would cost", () => {
    const plan = planWarmUp(planRequest("front-squat", 80, { minutes: 8 }));
    const finding = plan.findings.find((f) => f.code === "unserved-time")!;
    expect(finding.message).toMatch(/^No time for .+ more would cover it\.$/);
  });

  test("by the approach is named", () => {
    const plan = planWarmUp(planRequest("front-squat", 80, { approach: approach("bar-first") }));
    expect(codes(plan)).toContain("unserved-ramp");
  });

  test("for lack of kit or by dropping is named", () => {
    const bare = planWarmUp(planRequest("bench-press", 60, { equipment: new Set() }));
    for (const step of bare.steps) expect(step.drill.equipment).toEqual([]);
    const rack = catalog.drills.filter((d) => (d.serves["front-rack"] ?? 0) > 0).map((d) => d.id);
    const plan = planWarmUp(planRequest("front-squat", 80, { dropped: rack }));
    expect(codes(plan)).toContain("unserved-dropped");
  });
});

test("without a working weight the drills are planned and the ramp is asked for", () => {
  const plan = planWarmUp({
    ...planRequest("back-squat", 100),
    lifts: [{ lift: catalogLift("back-squat"), kit: kgGym, working: null }],
  });
  expect(plan.ramps).toEqual([null]);
  expect(plan.steps.length).toBeGreaterThan(5);
  expect(codes(plan)).toContain("no-working-weight");
});

test("a later lift that asks for the same gets a shorter ramp", () => {
  const lifts = ["back-squat", "front-squat"].map((id) => ({
    lift: catalogLift(id),
    kit: kgGym,
    working: { weight: weight(100), reps: 5, sets: 3, rir: 1 },
  }));
  const alone = planWarmUp({ ...planRequest("front-squat", 100) });
  const plan = planWarmUp({ ...planRequest("back-squat", 100), lifts });
  expect(plan.ramps[1]!.sets.length).toBeLessThan(alone.ramps[0]!.sets.length);
});

describe("later lifts", () => {
  const session = (ids: string[], change: Partial<PlanRequest["lifts"][number]>[] = []) => {
    const lifts = ids.map((id, i) => ({
      lift: catalogLift(id),
      kit: kgGym,
      working: { weight: weight(60), reps: 5, sets: 3, rir: 1 },
      ...change[i],
    }));
    return planWarmUp({ ...planRequest(ids[0]!, 60), lifts });
  };

  test("get only what is new, none of the drills again, after the working sets before them", () => {
    const plan = session(["back-squat", "bench-press", "power-clean"]);
    expect(plan.blocks.map((b) => b.lifts)).toEqual([[0], [1], [2]]);
    const all = plan.steps.filter((s) => s.round === 1).map((s) => s.drill.id);
    expect(new Set(all).size).toBe(all.length);
    plan.blocks.forEach((b, i) => {
      expect(b.startsAt).toBe(plan.blocks[i - 1]?.endsAt ?? 0);
      expect(b.endsAt).toBeGreaterThan(b.workAt);
      const here = plan.steps.filter((s) => s.block === i);
      if (i > 0) expect(here.reduce((sum, s) => sum + s.seconds, 0)).toBeLessThanOrEqual(180);
      for (const s of here) expect(s.startsAt).toBeGreaterThanOrEqual(b.startsAt);
    });
    expect(plan.steps.some((s) => s.block > 0 && s.phase === "raise")).toBe(false);
  });

  test("in turns share a block, with both ramps before the work", () => {
    const plan = session(["bench-press", "barbell-row"], [{ pairedWithNext: true }]);
    expect(plan.blocks.map((b) => b.lifts)).toEqual([[0, 1]]);
    const ramps = plan.ramps.reduce((sum, r) => sum + (r?.totals.seconds ?? 0), 0);
    expect(plan.blocks[0].workAt - plan.blocks[0].rampsAt).toBe(ramps);
  });

  test("back-offs lengthen the work, not the ramp", () => {
    const plain = session(["back-squat", "bench-press"]);
    const backOffs = [{ weight: weight(50), reps: 8, sets: 2, rir: 2 }];
    const more = session(["back-squat", "bench-press"], [{ backOffs }]);
    expect(more.ramps[0]).toEqual(plain.ramps[0]);
    expect(more.blocks[0].endsAt).toBeGreaterThan(plain.blocks[0].endsAt);
  });

  test("seen alone start at nought and end at their own first working set", () => {
    const plan = session(["back-squat", "bench-press"]);
    const part = planOfLift(plan, 1);
    expect(part.ramps).toEqual([plan.ramps[1]]);
    expect(part.seconds).toBe(plan.blocks[1]!.workAt - plan.blocks[1]!.startsAt);
    if (part.steps[0]) expect(part.steps[0].startsAt).toBe(0);
  });
});

test("a hurried ramp never jumps over half of the working weight nor starts over 60 %", () => {
  for (const minutes of [4, 6, 8]) {
    for (const by of catalog.approaches) {
      const plan = planWarmUp(planRequest("back-squat", 120, { minutes, approach: by }));
      const weights = plan.ramps[0]!.sets.map((s) => s.weight / weight(120));
      expect(weights[0]).toBeLessThanOrEqual(0.6);
      weights.slice(1).forEach((w, i) => {
        expect(w - weights[i]!).toBeLessThanOrEqual(0.5);
      });
    }
  }
});

test("what little time gives up is said against the usual time, and nothing where there is enough", () => {
  const usual = planRequest("back-squat", 100, { minutes: 21 });
  const hurried = { ...usual, minutes: 8 };
  expect(givenUp(hurried, planWarmUp(hurried)).length).toBeGreaterThan(1);
  expect(givenUp(usual, planWarmUp(usual))).toEqual([]);
  expect(summaryOf(planWarmUp(usual)).servedShare).toBeGreaterThan(
    summaryOf(planWarmUp(hurried)).servedShare,
  );
});

test("bar first raises only in a cold room or for a stiff athlete", () => {
  const request = planRequest("back-squat", 100, { approach: approach("bar-first"), minutes: 20 });
  const phases = (plan: Plan) => plan.steps.map((s) => s.phase);
  const stiff = {
    experience: "intermediate" as const,
    limiters: [],
    areas: [{ area: "hip" as const, level: "slow" as const }],
  };
  expect(phases(planWarmUp(request))).not.toContain("raise");
  expect(phases(planWarmUp({ ...request, room: "cold" }))).toContain("raise");
  expect(phases(planWarmUp({ ...request, athlete: stiff }))).toContain("raise");
});

describe("substitutes", () => {
  test("serve the athlete, are not in the plan, and come best first", () => {
    for (const request of somePlanRequests(15)) {
      const plan = planWarmUp(request);
      for (const step of plan.steps) {
        const found = substitutesFor(plan, step.drill.id);
        for (const s of found) {
          expect(ids(plan)).not.toContain(s.drill.id);
          expect(plan.blocks[0].choice.model.refused.has(s.drill.id)).toBe(false);
        }
        const changes = found.map((s) => s.change);
        expect(changes).toEqual(changes.toSorted((a, b) => b - a));
      }
    }
  });

  test("name the easier and the harder version", () => {
    const plan = planWarmUp(planRequest("back-squat", 100, { own: [{ drill: "body-weight-squat" }] }));
    const relations = new Map(substitutesFor(plan, "body-weight-squat").map((s) => [s.drill.id, s.relation]));
    expect(relations.get("tempo-goblet-squat")).toBe("harder");
  });

  test("of a drill that is not in the plan are none", () => {
    expect(substitutesFor(planWarmUp(planRequest("bench-press", 60)), "no-such-drill")).toEqual([]);
  });
});

test("the reason names the limiter and the lift", () => {
  const plan = planWarmUp(
    planRequest("front-squat", 80, {
      athlete: { experience: "intermediate", limiters: ["front-rack"], areas: [] },
    }),
  );
  const reason = plan.steps.find((s) => (s.drill.serves["front-rack"] ?? 0) === 3)!.reason;
  expect(reason).toContain("front-rack position (limiter)");
  expect(reason).toContain("for the front squat");
  expect(drillById(catalog, plan.steps[0]!.drill.id)!.phases).toContain("raise");
});
