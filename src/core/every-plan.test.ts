import { approach, nameOnFailure, somePlanRequests } from "@/__tests__/fixtures";
import { formatDose } from "./dose";
import { type Candidate, type ChoiceModel, orderDrills, timetable } from "./drills";
import { objectiveOf } from "./optimizer";
import { type Plan, type PlanRequest, planWarmUp, stairOf } from "./plan";
import { reviewWarmUp } from "./remedies";
import { type FindingCode, reviewContext, writtenOf } from "./review";

/** What holds for every plan there can be, held against a sample of them that is planned once. */
const sampled = somePlanRequests(60).map((request) => ({ request, plan: planWarmUp(request) }));

function holdsForAll(check: (plan: Plan, request: PlanRequest) => void): void {
  for (const { request, plan } of sampled) nameOnFailure(request, () => check(plan, request));
}

const choiceOf = (plan: Plan) => plan.blocks[0].choice;
const codes = (plan: Plan) => plan.findings.map((f) => f.code);

describe("the choice of drills", () => {
  const holds = (check: (request: PlanRequest, model: ChoiceModel, chosen: readonly Candidate[]) => void) =>
    holdsForAll((plan, request) => check(request, choiceOf(plan).model, choiceOf(plan).chosen));

  test("fits the time when it is laid out", () =>
    holds(({ approach: by }, model, chosen) => {
      expect(timetable(orderDrills(chosen, by)).seconds).toBeLessThanOrEqual(model.seconds);
    }));

  test("has one drill of a family and keeps each phase in its bounds", () =>
    holds((_, model, chosen) => {
      expect(new Set(chosen.map((c) => c.family)).size).toBe(chosen.length);
      model.phases.forEach((rule) => {
        const here = chosen.filter((c) => c.phase === rule.phase);
        // A limiter's own drill comes beside those that a phase has for everybody.
        const forAll = here.filter((c) => c.limiterOf.length === 0);
        expect(forAll.length).toBeLessThanOrEqual(rule.mostDrills);
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
    for (const { request } of sampled.slice(0, 30)) {
      const { chosen } = choiceOf(
        planWarmUp({ ...request, minutes: request.minutes + 15, approach: releasing }),
      );
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
      // What fills a slot is a job of the approach's own.
      for (const c of chosen.filter((o) => o.phase !== "raise" && o.slot === null)) {
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

  test("does not depend on the order of the catalog, and is the same each time", () => {
    const names = (cs: readonly Candidate[]) => cs.map((c) => `${c.drill.id} ${c.sets} ${c.amount}`);
    for (const { request, plan } of sampled.slice(0, 20)) {
      nameOnFailure(request, () => {
        const { chosen } = choiceOf(planWarmUp({ ...request, drills: request.drills.toReversed() }));
        expect(names(chosen)).toEqual(names(choiceOf(plan).chosen));
      });
    }
  });

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

describe("the plan", () => {
  test("fits the time, or the ramp alone does not and that is said", () =>
    holdsForAll((plan, { minutes }) => {
      if (plan.seconds > minutes * 60) expect(codes(plan)).toContain("ramp-over-time");
    }));

  test("adds up: steps one after the other, then the ramp", () =>
    holdsForAll((plan) => {
      let clock = 0;
      for (const step of plan.steps) {
        expect(step.startsAt).toBeGreaterThanOrEqual(clock);
        clock = step.startsAt + step.seconds;
      }
      expect(plan.drillSeconds).toBe(clock);
      expect(plan.seconds).toBe(clock + (plan.ramps[0]?.totals.seconds ?? 0));
    }));

  test("gives a dose inside the drill's range and a reason in words", () =>
    holdsForAll((plan) => {
      for (const { drill, dose, reason } of plan.steps) {
        // A set that is shared out in rounds is whole with all of them.
        const rounds = dose.format?.kind === "variants" ? dose.sets : 1;
        expect(rounds * dose.amount).toBeGreaterThanOrEqual(drill.dose.amount[0]);
        expect(dose.amount).toBeLessThanOrEqual(drill.dose.amount[2]);
        expect(formatDose(dose)).not.toBe("");
        expect(reason).toMatch(/^[A-Z].+\.$/);
      }
    }));

  test("has the phases in the approach's order; circuits and drills for limiters in a place of their own", () =>
    holdsForAll((plan, { approach: by }) => {
      const { chosen } = plan.blocks[0].choice;
      const usual = plan.steps.filter((s) => {
        const { block } = chosen.find((c) => c.drill === s.drill)!;
        const isOfPhase = by.phases[block]?.phase === s.phase;
        return (isOfPhase || by.limiters.place !== "last") && !by.circuit?.phases.includes(s.phase);
      });
      const places = usual.map((s) => by.phases.findIndex((p) => p.phase === s.phase));
      expect(places).toEqual(places.toSorted((a, b) => a - b));
    }));

  test("goes round its circuit drill by drill, as often for each", () =>
    holdsForAll((plan) => {
      const inRounds = plan.steps.filter((s) => s.rounds > 1);
      const once = inRounds.filter((s) => s.round === 1).map((s) => s.drill.id);
      const order = inRounds.map((s) => s.drill.id);
      expect(order).toEqual(Array.from({ length: inRounds[0]?.rounds ?? 0 }, () => once).flat());
    }));

  test("says which demands it serves as it serves them", () =>
    holdsForAll((plan) => {
      for (const { demand, served } of plan.coverage) {
        const byDrills = plan.steps.reduce(
          (sum, s) => sum + (s.serves.find((d) => d.demand === demand)?.weight ?? 0),
          0,
        );
        expect([byDrills, byDrills + 2].some((v) => Math.abs(v - served) < 1e-9)).toBe(true);
      }
    }));

  test("warns of a lift against an area to avoid", () =>
    holdsForAll((plan, { athlete, lifts }) => {
      const against = athlete.areas.some((a) => a.level === "avoid" && lifts[0]!.lift.loads.includes(a.area));
      expect(codes(plan).includes("lift-against-area")).toBe(against);
    }));
});

describe("the stair", () => {
  test("is true to time and load", () =>
    holdsForAll((plan, { minutes }) => {
      const { treads, seconds, available } = stairOf(plan, minutes);
      expect(seconds).toBe(plan.seconds);
      expect(available).toBe(minutes * 60);
      treads.forEach((t, i) => {
        expect(t.endsAt).toBeGreaterThan(t.startsAt);
        expect(t.nextAt).toBeGreaterThanOrEqual(t.endsAt);
        const next = treads[i + 1];
        if (next) expect(next.startsAt).toBe(t.nextAt);
        expect(t.height).toBeGreaterThan(0);
        expect(t.height).toBeLessThanOrEqual(1);
      });
      const [ramp] = plan.ramps;
      const sets = treads.filter((t) => t.kind === "set");
      expect(sets.map((t) => t.height)).toEqual(ramp?.sets.map((s) => s.fraction) ?? []);
      if (ramp) {
        expect(treads.at(-1)).toMatchObject({ kind: "work", height: 1, heat: 1, startsAt: plan.seconds });
      }
    }));
});

describe("the review", () => {
  test("finds in our own plans nothing but what there is no time or kit for", () => {
    const mayBe: FindingCode[] = ["unserved", "missing-plane", "over-time"];
    for (const { request, plan } of sampled.slice(0, 30)) {
      nameOnFailure(request, () => {
        const found = reviewWarmUp(writtenOf(plan, request.minutes), reviewContext(request));
        expect(found.map((f) => f.code).filter((c) => !mayBe.includes(c))).toEqual([]);
      });
    }
  });
});
