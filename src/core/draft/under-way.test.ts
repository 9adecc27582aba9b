import { athleteWith, catalogLift, gymWith } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { drillsTaken, planWarmUp } from "../plan";
import { doneSets } from "../ramp";
import { type Weight, weight, weightValue } from "../units";
import { applyEdit, oneRepMaxIn, planRequestFor, startDraft, type WarmUpDraft } from ".";

const gym = gymWith([25, 20, 15, 10, 5, 2.5], ["stick", "band-light", "kettlebell"]);
const athlete = athleteWith({
  limiters: ["ankle-dorsiflexion"],
  workingWeights: [
    { lift: "back-squat", weight: weight(140), reps: 5, sets: 3, rir: 1, day: "2026-01-05" },
    { lift: "power-clean", weight: weight(120), reps: 3, sets: 3, rir: 1, day: "2026-01-05" },
  ],
});
const plan = (draft: WarmUpDraft, who = athlete, where = gym) =>
  planWarmUp(planRequestFor(draft, who, where, catalog));
const draftOf = (lift: string) => startDraft(athlete, gym, catalog, { lifts: [lift], minutes: 16 });

/** A draft of which so many ramp sets have been done. */
function begun(draft: WarmUpDraft, sets: number): WarmUpDraft {
  const planned = plan(draft);
  const drills = drillsTaken(planned);
  return applyEdit(draft, { kind: "done", at: 0, done: doneSets(planned.ramps[0]!, sets), drills });
}
const drillsOf = (draft: WarmUpDraft) => plan(draft).steps.map((s) => `${s.drill.id} ${s.dose.amount}`);

test("once a ramp set has been done the drills stay, whatever changes after", () => {
  const before = draftOf("back-squat");
  const draft = begun(before, 2);
  for (const changed of [
    draft,
    applyEdit(draft, { kind: "change-lift", at: 0, change: { weight: weight(110) } }),
    applyEdit(draft, { kind: "frame", change: { minutes: 8, room: "cold" } }),
    applyEdit(draft, { kind: "change-lift", at: 0, change: { rampSets: 7 } }),
  ]) {
    expect(drillsOf(changed)).toEqual(drillsOf(before));
    const ramp = plan(changed).ramps[0]!;
    expect(ramp.done).toBe(2);
    expect(doneSets(ramp, 2)).toEqual(draft.lifts[0]!.done);
  }
});

test("nothing done after all: the drills are planned again", () => {
  const draft = begun(draftOf("back-squat"), 2);
  const back = applyEdit(draft, { kind: "done", at: 0, done: [], drills: [] });
  expect(back.begun).toBeNull();
  const shorter = applyEdit(back, { kind: "frame", change: { minutes: 9 } });
  expect(drillsOf(shorter)).not.toEqual(drillsOf(back));
});

test("a done set whose plates the gym has lost keeps its weight on the plates there are", () => {
  const draft = begun(draftOf("back-squat"), 3);
  const poorer = { ...gym, plates: gym.plates.filter((p) => p.weight !== weight(15)) };
  const done = plan(draft, athlete, poorer).ramps[0]!.sets.slice(0, 3);
  expect(done.map((s) => s.weight)).toEqual(draft.lifts[0]!.done.map((d) => d.weight));
  expect(done.flatMap((s) => s.perSide)).not.toContain(weight(15));
});

test("a working weight that the gym no longer makes gives way to the nearest lighter one, and it is said", () => {
  const draft = applyEdit(draftOf("back-squat"), {
    kind: "change-lift",
    at: 0,
    change: { weight: weight(145) },
  });
  const poorer = { ...gym, plates: gym.plates.filter((p) => p.weight > weight(5)) };
  const { ramps, findings } = plan(draft, athlete, poorer);
  expect(ramps[0]!.working.weight).toBe(weight(140));
  expect(findings.find((f) => f.code === "weight-not-here")?.message).toMatch(/145 kg .* 140 kg/);
  expect(plan(draft).findings.map((f) => f.code)).not.toContain("weight-not-here");
  const none = plan(draft, athlete, { ...gym, bar: { ...gym.bar, weight: weight(200) } });
  expect(none.ramps).toEqual([null]);
  expect(none.findings.map((f) => f.code)).toContain("no-working-weight");
});

test("a ramp that has given up sets for lack of time stays so when its first set is done", () => {
  const short = startDraft(athlete, gym, catalog, { lifts: ["back-squat"], minutes: 7 });
  const weights = (draft: WarmUpDraft) => plan(draft).ramps[0]!.sets.map((s) => weightValue(s.weight));
  const before = weights(short);
  expect(plan(short).ramps[0]!.fewer).toBeGreaterThan(0);
  for (const sets of [1, 2]) expect(weights(begun(short, sets))).toEqual(before);
});

test("too little time leaves out sets of the ramp that is under way", () => {
  const draft = begun(draftOf("back-squat"), 2);
  const hurried = applyEdit(draft, { kind: "change-lift", at: 0, change: { secondsLeft: 200 } });
  expect(plan(hurried).ramps[0]!.findings.map((f) => f.code)).toContain("hurried");
});

test("nobody stands barefoot on a flagged ankle, and who needs heels does the power version", () => {
  const heavy = applyEdit(draftOf("power-clean"), {
    kind: "change-lift",
    at: 0,
    change: { additions: ["barefoot"], rampStart: 0.65 },
  });
  expect(plan(heavy).ramps[0]!.findings.map((f) => f.code)).toContain("addition-left-out");
  const draft = applyEdit(heavy, { kind: "change-lift", at: 0, change: { onBlocks: true, rampStart: 0 } });
  const first = plan(draft).ramps[0]!.sets[0]!;
  expect(first.notes).toEqual(expect.arrayContaining(["Barefoot, socks off", "Power version"]));
  const flagged = { ...athlete, areas: [{ area: "ankle" as const, level: "slow" as const }] };
  const ramp = plan(draft, flagged).ramps[0]!;
  expect(ramp.sets[0]!.notes.join()).not.toMatch(/Barefoot/);
  expect(ramp.findings.map((f) => f.code)).toContain("no-barefoot");
});

test("on blocks a lift from the floor may start lighter", () => {
  const draft = draftOf("power-clean");
  expect(plan(draft).ramps[0]!.sets[0]!.weight).toBeGreaterThan(weight(20));
  const raised = applyEdit(draft, { kind: "change-lift", at: 0, change: { onBlocks: true } });
  expect(plan(raised).ramps[0]!.sets[0]!.weight).toBe(weight(20));
  expect(applyEdit(raised, { kind: "reset-ramp", at: 0 }).lifts[0]!.onBlocks).toBe(false);
});

test("the maximum is estimated from the last working sets, in the gym's unit", () => {
  const squat = catalogLift("back-squat");
  expect(oneRepMaxIn(gym, athlete, squat)).toBeCloseTo(140_000 * 1.2, 6);
  expect(weightValue(oneRepMaxIn({ ...gym, unit: "lb" }, athlete, squat) as Weight)).toBeCloseTo(370.4, 1);
  expect(oneRepMaxIn(gym, athlete, catalogLift("bench-press"))).toBeNull();
});
