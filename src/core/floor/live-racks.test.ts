import { floorPlan, happens, START, started } from "@/__tests__/floor";
import { type FloorEvent, foldEvents, orderRack, rackQuestions } from ".";

const plan = floorPlan(3);
const [a, b, c] = plan.athletes;
const at = (seconds: number) => START + seconds * 1000;
const lifted = (who: typeof a, set: number, seconds: number): FloorEvent =>
  happens(seconds, who!.id, {
    ...{ kind: "set-done", lift: 0, set, isWork: false, felt: null },
    ...{ weight: who!.lifts[0]!.sets[set]!.weight, reps: 5 },
  });
const drilled = plan.athletes.flatMap((p) =>
  p.steps.filter((s) => s.block === 0).map((s) => happens(400, p.id, { kind: "step-done", step: s.key })),
);
const rackAt = (events: FloorEvent[], seconds: number) => {
  const state = foldEvents(plan, [started(), ...drilled, ...events]);
  const [question] = rackQuestions(plan, state, at(seconds));
  return orderRack(question!);
};

test("three share one bar; all their sets are still to come, each one's in order", () => {
  const rack = rackAt([], 420);
  expect(rack).toMatchObject({ isProven: true, onBar: [], later: [] });
  expect(rack.turns).toHaveLength(plan.athletes.reduce((sum, p) => sum + p.lifts[0]!.sets.length, 0));
  for (const p of plan.athletes) {
    const own = rack.turns.filter((t) => t.athlete === p.id).map((t) => t.rampSet);
    expect(own).toEqual(p.lifts[0]!.sets.map((_, i) => i));
  }
});

test("what was lifted last stands on the bar, and who lifted rests", () => {
  const rack = rackAt([lifted(a, 0, 430), lifted(c, 0, 460)], 465);
  expect(rack.onBar).toEqual(c!.lifts[0]!.sets[0]!.perSide);
  expect(rack.turns.filter((t) => t.athlete === a!.id)[0]!.rampSet).toBe(1);
  const mine = rack.turns.find((t) => t.athlete === c!.id)!;
  expect(mine.startsAt).toBeGreaterThanOrEqual(c!.lifts[0]!.sets[0]!.leastRestSeconds - 5);
});

test("who is not there, has gone or was stopped gives up the turn at the bar", () => {
  for (const kind of ["absent", "left"] as const)
    expect(rackAt([happens(425, b!.id, { kind })], 430).athletes.toSorted()).toEqual([a!.id, c!.id]);
  expect(rackAt([happens(425, b!.id, { kind: "lift-stopped", lift: 0 })], 430).athletes).not.toContain(b!.id);
});

test("a turn that was let pass comes later", () => {
  const first = rackAt([], 430).turns[0]!;
  const passed = rackAt([happens(430, first.athlete, { kind: "turn-passed", lift: 0, set: 0 })], 430);
  expect(passed.turns[0]!.athlete).not.toBe(first.athlete);
  expect(passed.turns.some((t) => t.athlete === first.athlete)).toBe(true);
});

test("when all is lifted there is no turn left, and the bar stays as it was", () => {
  const all = plan.athletes.flatMap((p, i) => p.lifts[0]!.sets.map((_, s) => lifted(p, s, 430 + 10 * s + i)));
  expect(rackAt(all, 600)).toMatchObject({ athletes: [], turns: [], isProven: true });
});
