import { athleteWith, catalogLift, gymWith } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import type { AthleteRecord } from "../athlete";
import { type GymKit, liftKit } from "../gym";
import { planWarmUp } from "../plan";
import { planAlone, triedRemedies } from "../remedies";
import { findingsOf, reviewContext, writtenOf } from "../review";
import { weight } from "../units";
import {
  applyEdit,
  isOwnRamp,
  planRequestFor,
  startDraft,
  startLift,
  type WarmUpDraft,
  workingWeightIn,
} from ".";

const gym = gymWith([25, 20, 10, 5, 2.5], ["stick", "band-light"]);
const athlete = athleteWith({
  workingWeights: [{ lift: "deadlift", weight: weight(122.5), reps: 4, sets: 3, rir: 1, day: "2026-01-05" }],
});
const draft: WarmUpDraft = startDraft(athlete, gym, catalog);

describe("a first draft", () => {
  test("takes the lift that is known with its sets, reps and weight, rounded down to what can be loaded", () => {
    expect(draft.lifts).toMatchObject([{ lift: "deadlift", reps: 4, sets: 3, rir: 1, weight: weight(120) }]);
  });

  test("of a lift that is not known has no weight", () => {
    expect(startDraft(athlete, gym, catalog, { lifts: ["bench-press"] }).lifts[0]!.weight).toBeNull();
  });

  test("is like another one in lift, time, approach and room", () => {
    const like = { minutes: 9, approach: "bar-first", room: "cold" as const };
    const made = startDraft(athlete, gym, catalog, { ...like, lifts: ["deadlift", "bench-press"] });
    expect(made).toMatchObject(like);
    expect(made.lifts.map((l) => l.lift)).toEqual(["deadlift", "bench-press"]);
  });

  test("converts once for an athlete who thinks in the other unit", () => {
    const pounds = {
      ...athlete,
      unit: "lb" as const,
      workingWeights: [{ ...athlete.workingWeights[0]!, weight: weight(225) }],
    };
    // 225 lb are 102.06 kg; the plates make 100 and 105.
    expect(workingWeightIn(gym, pounds, catalogLift("deadlift"))).toBe(weight(100));
  });
});

describe("what a lift is loaded from", () => {
  const full: GymKit = {
    ...gym,
    dumbbells: [weight(10), weight(12.5)],
    sledge: weight(45),
    stack: { start: weight(5), step: weight(5), top: weight(50), addOns: [] },
    help: [weight(20)],
  };
  const heavy: AthleteRecord = { ...athlete, bodyWeight: weight(80) };
  const kindOf = (lift: string, at = full, who = heavy) => liftKit(at, catalogLift(lift), who)?.kind ?? null;

  test.each([
    ["back-squat", "barbell"],
    ["dumbbell-row", "dumbbells"],
    ["leg-press", "machine"],
    ["lat-pulldown", "stack"],
    ["pull-up", "bodyweight"],
    ["cool-down-legs", null],
  ])("of the %s is its implement: %s", (lift, kind) => {
    expect(kindOf(lift)).toBe(kind);
  });

  test("is nothing where the gym does not have it or the body weight is not known", () => {
    for (const lift of ["dumbbell-row", "leg-press", "lat-pulldown"]) expect(kindOf(lift, gym)).toBeNull();
    expect(kindOf("pull-up", full, athlete)).toBeNull();
  });

  test("of a body counts in the gym's unit", () => {
    const pounds = { ...athlete, bodyWeight: weight(180), unit: "lb" as const };
    expect(liftKit(full, catalogLift("pull-up"), pounds)).toMatchObject({ bodyWeight: 81_647 });
  });

  test("makes a ramp in the plan editor", () => {
    const lift = { ...startLift(heavy, full, catalogLift("pull-up")), weight: weight(100) };
    const plan = planWarmUp(planRequestFor({ ...draft, lifts: [lift] }, heavy, full, catalog));
    expect(plan.ramps[0]!.sets.length).toBeGreaterThan(0);
    expect(plan.ramps[0]!.kit.kind).toBe("bodyweight");
  });

  test("that is not there is asked for by name", () => {
    const lift = startLift(athlete, gym, catalogLift("dumbbell-row"));
    const plan = planWarmUp(planRequestFor({ ...draft, lifts: [lift] }, athlete, gym, catalog));
    expect(plan.findings).toContainEqual({
      code: "drills-only",
      message: expect.stringContaining("give this gym dumbbells"),
    });
  });
});

describe("edits", () => {
  test("dropping takes a drill out of the coach's own, bringing back clears it", () => {
    const kept = applyEdit(draft, { kind: "pin", drill: "bird-dog", block: 0, dose: { sets: 1, amount: 6 } });
    const dropped = applyEdit(kept, { kind: "drop", drill: "bird-dog" });
    expect(dropped.own).toEqual([]);
    expect(dropped.dropped).toEqual(["bird-dog"]);
    expect(applyEdit(dropped, { kind: "reset-drill", drill: "bird-dog" })).toEqual(draft);
  });

  test("a swap drops one and keeps the other", () => {
    const swapped = applyEdit(draft, { kind: "swap", drill: "bird-dog", block: 0, with: "dead-bug" });
    expect(swapped.dropped).toEqual(["bird-dog"]);
    expect(swapped.own).toEqual([{ drill: "dead-bug" }]);
  });

  test("keeping twice changes the dose, letting go forgets it", () => {
    const once = applyEdit(draft, { kind: "pin", drill: "bird-dog", block: 0, dose: { sets: 1, amount: 6 } });
    const twice = applyEdit(once, { kind: "pin", drill: "bird-dog", block: 0, dose: { sets: 2, amount: 8 } });
    expect(twice.own).toEqual([{ drill: "bird-dog", dose: { sets: 2, amount: 8 } }]);
    expect(applyEdit(twice, { kind: "reset-drill", drill: "bird-dog" }).own).toEqual([]);
  });

  test("a weight and the reps of one set are kept together, with the number of sets", () => {
    const weighed = applyEdit(draft, {
      kind: "change-set",
      at: 0,
      set: 1,
      sets: 4,
      change: { weight: weight(80) },
    });
    const both = applyEdit(weighed, { kind: "change-set", at: 0, set: 1, sets: 4, change: { reps: 4 } });
    expect(both.lifts[0]!.fixed).toEqual({ 1: { weight: weight(80), reps: 4 } });
    expect(both.lifts[0]!.rampSets).toBe(4);
    expect(applyEdit(both, { kind: "reset-ramp", at: 0 })).toEqual(draft);
  });

  test("another number of sets or another lift lets go of weights set by hand", () => {
    const weighed = applyEdit(draft, {
      kind: "change-set",
      at: 0,
      set: 1,
      sets: 4,
      change: { weight: weight(80) },
    });
    const fewer = applyEdit(weighed, { kind: "change-lift", at: 0, change: { rampSets: 5 } });
    expect(fewer.lifts[0]).toMatchObject({ rampSets: 5, fixed: {} });
    const other = startLift(athlete, gym, catalogLift("bench-press"));
    expect(applyEdit(weighed, { kind: "choose-lift", at: 0, lift: other }).lifts).toEqual([other]);
  });

  test("the ramp takes the coach's style and start, and lets go of them together", () => {
    const ramp = (d: WarmUpDraft) => planWarmUp(planRequestFor(d, athlete, gym, catalog)).ramps[0]!;
    const usual = ramp(draft);
    const even = applyEdit(draft, { kind: "change-lift", at: 0, change: { rampStyle: "even-steps" } });
    const jumps = [...ramp(even).sets.map((s) => s.weight), weight(120)];
    expect(isOwnRamp(even.lifts[0]!)).toBe(true);
    expect(jumps).not.toEqual([...usual.sets.map((s) => s.weight), weight(120)]);
    const half = applyEdit(even, { kind: "change-lift", at: 0, change: { rampStart: 0.5 } });
    expect(ramp(half).sets[0]!.weight).toBeGreaterThanOrEqual(weight(55));
    const free = applyEdit(half, { kind: "reset-ramp", at: 0 });
    expect(isOwnRamp(free.lifts[0]!)).toBe(false);
    expect(ramp(free)).toEqual(usual);
  });

  test("another style lets go of weights set by hand", () => {
    const byHand = applyEdit(draft, {
      kind: "change-set",
      at: 0,
      set: 1,
      sets: 3,
      change: { weight: weight(60) },
    });
    expect(
      applyEdit(byHand, { kind: "change-lift", at: 0, change: { rampStyle: "gentle-build" } }).lifts[0]!
        .fixed,
    ).toEqual({});
  });

  test("lifts are added up to six, moved, paired and taken out, and one always stays", () => {
    const add = (d: WarmUpDraft, lift: string) =>
      applyEdit(d, { kind: "add-lift", lift: startLift(athlete, gym, catalogLift(lift)) });
    const names = (d: WarmUpDraft) => d.lifts.map((l) => l.lift);
    const three = add(add(draft, "bench-press"), "pull-up");
    expect(names(applyEdit(three, { kind: "move-lift", at: 2, to: 0 }))).toEqual([
      "pull-up",
      "deadlift",
      "bench-press",
    ]);
    const paired = applyEdit(three, { kind: "change-lift", at: 1, change: { pairedWithNext: true } });
    expect(paired.lifts.map((l) => l.pairedWithNext)).toEqual([false, true, false]);
    // The last lift has nothing after it to be paired with.
    expect(applyEdit(paired, { kind: "remove-lift", at: 2 }).lifts[1]!.pairedWithNext).toBe(false);
    expect(applyEdit(three, { kind: "change-lift", at: 2, change: { pairedWithNext: true } })).toEqual(three);
    expect(applyEdit(draft, { kind: "remove-lift", at: 0 })).toBe(draft);
    const many = new Array<string>(7).fill("lunge").reduce(add, draft);
    expect(many.lifts).toHaveLength(6);
  });

  test("a drill is fixed in dose and place together, for its block", () => {
    const dosed = applyEdit(draft, {
      kind: "pin",
      drill: "bird-dog",
      block: 1,
      dose: { sets: 1, amount: 6 },
    });
    const placed = applyEdit(dosed, { kind: "pin", drill: "bird-dog", block: 1, place: 0 });
    expect(placed.own).toEqual([{ drill: "bird-dog", block: 1, place: 0, dose: { sets: 1, amount: 6 } }]);
  });

  test("never change what they were given", () => {
    const frozen = Object.freeze({ ...draft, own: Object.freeze([]), dropped: Object.freeze([]) });
    applyEdit(frozen, { kind: "drop", drill: "bird-dog" });
    applyEdit(frozen, { kind: "change-lift", at: 0, change: { reps: 8 } });
    expect(frozen).toEqual(draft);
  });
});

test("a plan is worked out from draft, athlete and gym", () => {
  const plan = planWarmUp(planRequestFor(draft, athlete, gym, catalog));
  expect(plan.ramps[0]!.working.weight).toBe(weight(120));
  for (const { drill } of plan.steps) {
    for (const need of drill.equipment) expect(need.some((e) => gym.equipment.includes(e))).toBe(true);
  }
});

test("a lift or approach that the catalog does not have is a fault that names it", () => {
  const without = (change: Partial<WarmUpDraft>) => () =>
    planRequestFor({ ...draft, ...change }, athlete, gym, catalog);
  expect(without({ lifts: [{ ...draft.lifts[0]!, lift: "gone" }] })).toThrow(/no lift "gone"/);
  expect(without({ approach: "gone" })).toThrow(/no approach "gone"/);
});

test("a draft starts from what the catalog still has of an athlete's record", () => {
  const gone = { lift: "gone", weight: weight(50), reps: 5, sets: 3, rir: 2, day: "2026-02-01" };
  const known = { ...gone, lift: "deadlift", day: "2026-01-01" };
  const started = startDraft({ ...athlete, approach: "gone", workingWeights: [gone, known] }, gym, catalog);
  expect(started.lifts.map((l) => l.lift)).toEqual(["deadlift"]);
  expect(started.approach).toBe("temperature-first");
});

test("drills alone bring their own approach with them, and no ramp", () => {
  const alone = { ...draft, lifts: [startLift(athlete, gym, catalogLift("cool-down-legs"))], minutes: 10 };
  const request = planRequestFor(alone, athlete, gym, catalog);
  expect(request.approach.id).toBe("cool-down");
  const plan = planWarmUp(request);
  expect(plan.ramps).toEqual([null]);
  expect(plan.steps.filter((s) => s.phase === "cool-down").length).toBeGreaterThan(1);
  expect(plan.findings.map((f) => f.code)).not.toContain("no-working-weight");
});

test("every finding of a plan has an edit that removes it, whatever is planned around it", () => {
  const kept: WarmUpDraft = {
    ...draft,
    minutes: 14,
    own: [{ drill: "hip-flexor-stretch" }, { drill: "wrist-rocks" }, { drill: "cossack-squat" }],
  };
  const sore = { ...athlete, areas: [{ area: "knee" as const, level: "avoid" as const }] };
  const cases: [WarmUpDraft, AthleteRecord][] = [
    [kept, sore],
    [
      { ...draft, minutes: 7 },
      { ...athlete, limiters: ["hamstring-length", "lats"] },
    ],
    [{ ...draft, lifts: [startLift(athlete, gym, catalogLift("front-squat"))], minutes: 9 }, athlete],
    [{ ...kept, minutes: 6 }, athlete],
  ];
  let tried = 0;
  for (const [d, who] of cases) {
    for (const { finding, options } of triedRemedies(d, planAlone(who, gym, catalog))) {
      expect([finding.message, options.length]).not.toEqual([finding.message, 0]);
      const request = planRequestFor(applyEdit(d, options[0]!.edit), who, gym, catalog);
      const again = findingsOf(writtenOf(planWarmUp(request), request.minutes), reviewContext(request));
      expect(again.map((f) => `${f.code} ${f.subject}`)).not.toContain(`${finding.code} ${finding.subject}`);
      tried += 1;
    }
  }
  expect(tried).toBeGreaterThan(4);
});
