import { planRequest } from "@/__tests__/fixtures";
import { planWarmUp } from "../plan";
import { type FindingCode, reviewContext, type WrittenWarmUp, writtenOf } from "../review";
import { weight } from "../units";
import { applyRemedy } from "./apply-remedy";
import { reviewWarmUp } from "./review-warm-up";
import type { Remedy } from "./types";

const request = planRequest("back-squat", 100);
const context = reviewContext(request);
const ours = writtenOf(planWarmUp(request), request.minutes);

type Set = [kg: number, reps: number, rest: number];
const GOOD: Set[] = [
  [20, 8, 30],
  [50, 5, 30],
  [70, 3, 75],
  [85, 1, 150],
];
const withRamp = (sets: readonly Set[]): WrittenWarmUp => ({
  ...ours,
  ramps: [sets.map(([kg, reps, restSeconds]) => ({ weight: weight(kg), reps, restSeconds }))],
});
const find = (written: WrittenWarmUp, code: FindingCode) =>
  reviewWarmUp(written, context).find((f) => f.code === code)!;
const kilograms = (written: WrittenWarmUp) => written.ramps[0]!.map((s) => s.weight / 1000);
/** The ramps that the remedies of a finding lead to. */
const leadTo = (written: WrittenWarmUp, remedies: readonly Remedy[]) =>
  remedies.map((r) => [r.label, kilograms(applyRemedy(written, r))] as const);

test("a weight that the plates do not make becomes the nearest below or above, or is left out", () => {
  const written = withRamp(GOOD.with(1, [51, 5, 30]));
  const found = leadTo(written, find(written, "weight-not-loadable").remedies);
  expect(found).toContainEqual(["Load 50 kg", [20, 50, 70, 85]]);
  expect(found).toContainEqual(["Load 52.5 kg", [20, 52.5, 70, 85]]);
  expect(found).toContainEqual(["Leave 51 kg out", [20, 70, 85]]);
});

test("the nearest weights stay between their neighbours", () => {
  const written = withRamp([...GOOD.slice(0, 2), [51, 5, 30], [52.5, 3, 75], [85, 1, 150]]);
  const labels = find(written, "weight-not-loadable").remedies.map((r) => r.label);
  expect(labels).not.toContain("Load 50 kg");
  expect(labels).not.toContain("Load 52.5 kg");
});

test("weights that do not rise lose the one that is out of order", () => {
  const written = withRamp(GOOD.with(1, [75, 5, 60]));
  const found = leadTo(written, find(written, "weights-not-rising").remedies);
  expect(found).toContainEqual(["Leave 75 kg out", [20, 70, 85]]);
});

test("a jump too large gets a set in its middle, or begins higher", () => {
  const written = withRamp([...GOOD.slice(0, 3)]);
  const finding = find(written, "jump-too-large");
  const found = leadTo(written, finding.remedies);
  expect(found).toContainEqual(["Add a set at 85 kg", [20, 50, 70, 85]]);
  const added = finding.remedies.find((r) => r.label === "Add a set at 85 kg")!;
  expect(applyRemedy(written, added).ramps[0]![3]!.reps).toBeLessThanOrEqual(2);
});

test("a ramp that tires loses just as many repetitions as are too many", () => {
  const written = withRamp(GOOD.with(1, [50, 25, 30]));
  const { remedies } = find(written, "ramp-tiring");
  const fewer = remedies.find((r) => r.label.includes("repetitions at 50 kg"))!;
  const reps = applyRemedy(written, fewer).ramps[0]!.map((s) => s.reps);
  expect(reps.reduce((a, b) => a + b)).toBe(30);
});

test("a heavy set without rest gets the rest that its weight asks for", () => {
  const written = withRamp(GOOD.with(3, [85, 1, 30]));
  const { remedies } = find(written, "heavy-without-rest");
  const rested = applyRemedy(written, remedies[0]!).ramps[0]!;
  expect(rested[3]!.restSeconds).toBe(150);
  expect(rested.slice(0, 3)).toEqual(written.ramps[0]!.slice(0, 3));
});

test("whatever is wrong with a ramp, working it out anew puts it right", () => {
  for (const [at, set] of [
    [1, [51, 5, 30]],
    [1, [75, 5, 60]],
    [3, [85, 1, 30]],
    [1, [50, 25, 30]],
  ] as [number, Set][]) {
    const written = withRamp(GOOD.with(at, set));
    const findings = reviewWarmUp(written, context).filter((f) => f.place.kind === "set");
    expect(findings.length).toBeGreaterThan(0);
    for (const { remedies } of findings) {
      const anew = remedies.find((r) => r.label === "Recalculate this ramp")!;
      expect(applyRemedy(written, anew).ramps).toEqual(ours.ramps);
    }
  }
});
