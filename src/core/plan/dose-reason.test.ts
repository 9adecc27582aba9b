import { approach, candidate, planRequest } from "@/__tests__/fixtures";
import { doseOf } from "../dose";
import type { Candidate } from "../drills";
import { planWarmUp } from ".";
import { doseReason, leftOutSentence, usualMinutes } from "./dose-reason";

const by = approach("one-per-job");
const said = (id: string, change: Partial<Candidate> = {}, isShort = false) => {
  const { drill } = candidate(id);
  const usual = { sets: drill.dose.sets[1], amount: drill.dose.amount[1] };
  const c = candidate(id, { ...usual, ...change });
  return doseReason(c, doseOf(drill.dose, { sets: c.sets, amount: c.amount }), by, isShort);
};

describe("how much of a drill is done", () => {
  test("is the usual, or why it is not", () => {
    expect(said("band-walk")).toBe("1 × 12 each side: the usual.");
    expect(said("knee-to-wall", { sets: 2, limiterOf: [3] })).toMatch(/: more than usual, for a limiter\.$/);
    expect(said("face-pull", { sets: 2 })).toMatch(/: more than usual, since there is time\.$/);
    expect(said("face-pull", { amount: 8 })).toMatch(/: less than usual, for lack of time\.$/);
    expect(said("face-pull", { pinned: true, amount: 8 })).toMatch(/: your choice\.$/);
    expect(said("easy-row", { amount: 180 })).toBe("3 min: what the time allows.");
    expect(said("face-pull", { rounds: 3 })).toMatch(/: a usual set in each of 3 rounds\.$/);
  });

  test("and for what part of the approach; what it is known by is kept when time is short", () => {
    const slot = by.slots.findIndex((s) => s.name === "Lower traps");
    expect(said("prone-y-raise", { slot })).toMatch(/usual\. One per job has it for “Lower traps”\.$/);
    expect(said("prone-y-raise", { slot }, true)).toMatch(/“Lower traps”, kept although time is short\.$/);
  });

  test("is said of every step of a plan", () => {
    const request = planRequest("back-squat", 100, { minutes: 10, approach: by });
    expect(request.minutes).toBeLessThan(usualMinutes(request));
    const { steps } = planWarmUp(request);
    for (const { doseReason: reason } of steps) expect(reason).toMatch(/^\d.*: [a-z].*\.$/);
    expect(steps.some((s) => s.doseReason.includes("kept although time is short"))).toBe(true);
  });
});

test("what is left out is named by what it was for, and which of several it was", () => {
  expect(leftOutSentence(["hips"], ["hips", "hips", "cuff"])).toBe(
    "Left out: the second for the hips and the rotator cuff.",
  );
  expect(leftOutSentence([], ["shoulders, held"])).toBe("Left out: a hold for the shoulders.");
  expect(leftOutSentence(["squat, bar", "neck"], ["neck"])).toBeNull();
});
