import { catalog } from "@/catalog";
import { planWarmUp } from "../plan";
import { type Weight, weight } from "../units";
import {
  type AthleteRecord,
  applyEdit,
  type GymKit,
  planRequestFor,
  startDraft,
  type WarmUpDraft,
  workingWeightIn,
} from ".";

const look = { colour: "#000000", diameterMm: 450, thicknessMm: 30 };
const gym: GymKit = {
  id: "g",
  name: "Gym",
  unit: "kg",
  bar: { name: "Bar", weight: weight(20), collar: 0 as Weight },
  plates: [25, 20, 10, 5, 2.5].map((w) => ({ weight: weight(w), pairs: 2, fullDiameter: w >= 20, ...look })),
  equipment: ["stick", "band-light"],
};
const athlete: AthleteRecord = {
  id: "a",
  name: "Athlete",
  group: "Group",
  unit: "kg",
  experience: "intermediate",
  birthYear: null,
  bodyWeight: null,
  note: "",
  limiters: [],
  areas: [],
  workingWeights: [{ lift: "deadlift", weight: weight(122.5), reps: 4, sets: 3, rir: 1, day: "2026-01-05" }],
};
const draft: WarmUpDraft = startDraft(athlete, gym);

describe("a first draft", () => {
  test("takes the lift that is known with its sets, reps and weight, rounded down to what can be loaded", () => {
    expect(draft).toMatchObject({ lift: "deadlift", reps: 4, sets: 3, rir: 1, weight: weight(120) });
  });

  test("of a lift that is not known has no weight", () => {
    expect(startDraft(athlete, gym, { lift: "bench-press" }).weight).toBeNull();
  });

  test("is like another one in lift, time, approach and room", () => {
    const like = { lift: "deadlift", minutes: 9, approach: "bar-first", room: "cold" as const };
    expect(startDraft(athlete, gym, like)).toMatchObject(like);
  });

  test("converts once for an athlete who thinks in the other unit", () => {
    const pounds = {
      ...athlete,
      unit: "lb" as const,
      workingWeights: [{ ...athlete.workingWeights[0]!, weight: weight(225) }],
    };
    // 225 lb are 102.06 kg; the plates make 100 and 105.
    expect(workingWeightIn(gym, pounds, "deadlift")).toBe(weight(100));
  });
});

describe("edits", () => {
  test("dropping takes a drill out of the coach's own, bringing back clears it", () => {
    const kept = applyEdit(draft, { kind: "pin", drill: "bird-dog", dose: { sets: 1, amount: 6 } });
    const dropped = applyEdit(kept, { kind: "drop", drill: "bird-dog" });
    expect(dropped.own).toEqual([]);
    expect(dropped.dropped).toEqual(["bird-dog"]);
    expect(applyEdit(dropped, { kind: "restore-drill", drill: "bird-dog" })).toEqual(draft);
  });

  test("a swap drops one and keeps the other", () => {
    const swapped = applyEdit(draft, { kind: "swap", drill: "bird-dog", with: "dead-bug" });
    expect(swapped.dropped).toEqual(["bird-dog"]);
    expect(swapped.own).toEqual([{ drill: "dead-bug" }]);
  });

  test("keeping twice changes the dose, letting go forgets it", () => {
    const once = applyEdit(draft, { kind: "pin", drill: "bird-dog", dose: { sets: 1, amount: 6 } });
    const twice = applyEdit(once, { kind: "pin", drill: "bird-dog", dose: { sets: 2, amount: 8 } });
    expect(twice.own).toEqual([{ drill: "bird-dog", dose: { sets: 2, amount: 8 } }]);
    expect(applyEdit(twice, { kind: "unpin", drill: "bird-dog" }).own).toEqual([]);
  });

  test("a weight and the reps of one set are kept together, with the number of sets", () => {
    const weighed = applyEdit(draft, { kind: "set-weight", set: 1, weight: weight(80), sets: 4 });
    const both = applyEdit(weighed, { kind: "set-reps", set: 1, reps: 4, sets: 4 });
    expect(both.fixed).toEqual({ 1: { weight: weight(80), reps: 4 } });
    expect(both.rampSets).toBe(4);
    expect(applyEdit(both, { kind: "reset-ramp" })).toEqual(draft);
  });

  test("another number of sets or another lift lets go of weights set by hand", () => {
    const weighed = applyEdit(draft, { kind: "set-weight", set: 1, weight: weight(80), sets: 4 });
    expect(applyEdit(weighed, { kind: "ramp-sets", sets: 5 })).toMatchObject({ rampSets: 5, fixed: {} });
    const lift = applyEdit(weighed, {
      kind: "lift",
      lift: "bench-press",
      weight: null,
      reps: 5,
      sets: 3,
      rir: 0,
    });
    expect(lift).toMatchObject({ lift: "bench-press", rampSets: null, fixed: {} });
    expect(lift).not.toHaveProperty("kind");
  });

  test("never change what they were given", () => {
    const frozen = Object.freeze({ ...draft, own: Object.freeze([]), dropped: Object.freeze([]) });
    applyEdit(frozen, { kind: "drop", drill: "bird-dog" });
    applyEdit(frozen, { kind: "working", change: { reps: 8 } });
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

test("a lift or approach that the catalog no longer has falls back instead of failing", () => {
  const request = planRequestFor({ ...draft, lift: "gone", approach: "gone" }, athlete, gym, catalog);
  expect(request.lifts[0]!.lift).toBe(catalog.lifts[0]);
  expect(request.approach).toBe(catalog.approaches[0]);
});
