import { approach, planRequest } from "@/__tests__/fixtures";
import { planOfLift, planWarmUp, stairOf } from "@/core/plan";
import { choicesOf, chosenOf, drillNumber, sameChoice, treadOf } from "./selection";
import { shiftStep } from "./shift-step";
import { cornerClearance, STAIR, stairScale } from "./stair-scale";

const plan = planWarmUp(planRequest("back-squat", 100));
const stair = stairOf(plan, 16);

test("every tread stands for a choice that leads back to it", () => {
  for (const tread of stair.treads) {
    expect(treadOf(chosenOf(tread, plan), stair, plan)).toBe(tread);
  }
});

test("what is no longer in the plan falls back to the first step", () => {
  expect(treadOf({ kind: "drill", drill: "gone" }, stair, plan)).toBe(stair.treads[0]);
  expect(treadOf({ kind: "set", set: 99 }, stair, plan)).toBe(stair.treads[0]);
});

test("choices are the same only if they are of a kind", () => {
  expect(sameChoice({ kind: "work" }, { kind: "work" })).toBe(true);
  expect(sameChoice({ kind: "set", set: 0 }, { kind: "work" })).toBe(false);
  expect(sameChoice({ kind: "set", set: 1 }, { kind: "set", set: 2 })).toBe(false);
});

test("drills of a circuit are one choice and one number for all their rounds", () => {
  const circuit = planWarmUp(
    planRequest("bench-press", 60, { approach: approach("one-per-job"), minutes: 20 }),
  );
  const drawn = stairOf(circuit, 20);
  const drills = new Set(circuit.steps.map((s) => s.drill.id));
  const choices = choicesOf(drawn, circuit).filter((c) => c.chosen.kind === "drill");
  expect(choices).toHaveLength(drills.size);
  expect(circuit.steps.length).toBeGreaterThan(drills.size);
  circuit.steps.forEach((step, i) => {
    const first = circuit.steps.findIndex((s) => s.drill === step.drill);
    expect(drillNumber(circuit, i)).toBe(drillNumber(circuit, first));
  });
  expect(circuit.steps.map((_, i) => drillNumber(circuit, i)).slice(0, drills.size)).toEqual(
    [...drills].map((_, i) => i + 1),
  );
});

test("a drill is shifted one place, and not past the ends of its block", () => {
  const part = planOfLift(plan, 0);
  const [first, second] = part.steps;
  expect(shiftStep(part, first!, -1)).toBeNull();
  expect(shiftStep(part, part.steps.at(-1)!, 1)).toBeNull();
  expect(shiftStep(part, second!, -1)).toMatchObject({
    kind: "pin",
    drill: second!.drill.id,
    place: 0,
    block: 0,
  });
});

test("the scale is true to time and effort", () => {
  const scale = stairScale(1280, 1200);
  expect(scale.x(0)).toBe(STAIR.side);
  expect(scale.x(1200)).toBeCloseTo(1280 - STAIR.side);
  expect(scale.x(600) - scale.x(540)).toBeCloseTo(60 * scale.perSecond);
  expect(scale.y(0)).toBe(STAIR.ground);
  expect(scale.y(1)).toBe(STAIR.top);
});

test("an early climb sinks until it clears the corner where lift and time stand, a late one does not", () => {
  const late = stairScale(1280, 1000);
  expect(cornerClearance(stair, late, 1280)).toBe(0);
  const early = { ...stair, treads: stair.treads.map((t) => ({ ...t, startsAt: t.startsAt * 0.2 })) };
  const sunk = cornerClearance(early, late, 1280);
  expect(sunk).toBeGreaterThan(0);
  for (const t of early.treads.filter((o) => late.x(o.startsAt) < 650)) {
    expect(late.y(t.height) + sunk).toBeGreaterThan(190);
  }
  expect(cornerClearance(early, late, 800)).toBe(0);
});
