import { floorPlan, happens, START, started } from "@/__tests__/floor";
import { askedVersion, foldEvents, itemsOf, secondsOf, standingOf } from ".";

const plan = floorPlan(2);
const athlete = plan.athletes[0]!;
const fresh = foldEvents(plan, [started()]);
const ramp = athlete.lifts[0]!.sets.reduce((sum, s) => sum + s.seconds + s.restSeconds, 0);

test("asked for nothing it is as planned", () => {
  const version = askedVersion(athlete, fresh, { minutes: null, noKit: false }, START);
  expect(version).toMatchObject({ changes: [], swaps: [], happenings: [] });
  expect(version.seconds).toBeCloseTo(athlete.seconds, 0);
});

test("less time keeps the ramp and the best of the drills that fits", () => {
  const minutes = Math.ceil(ramp / 60) + 2;
  const version = askedVersion(athlete, fresh, { minutes, noKit: false }, START);
  expect(version.seconds).toBeLessThanOrEqual(minutes * 60);
  expect(version.changes.length).toBeGreaterThan(0);
  const taken = version.happenings.map((what) => happens(1, "p0", what));
  const after = foldEvents(plan, [started(), ...taken]);
  const { items, before } = standingOf(athlete, after.people.p0!, START);
  const seconds = items.slice(0, before).reduce((sum, i) => sum + secondsOf(i), 0);
  expect(seconds).toBeLessThanOrEqual(minutes * 60 + 1);
});

test("without kit no drill that is left needs any", () => {
  const version = askedVersion(athlete, fresh, { minutes: null, noKit: true }, START);
  const kit = athlete.steps.filter((s) => s.block === 0 && s.needsKit);
  expect(kit.length).toBeGreaterThan(0);
  expect(version.swaps.length + version.changes.length).toBe(kit.length);
  expect(version.swaps.every((s) => !s.swap.needsKit)).toBe(true);
  expect(new Set(version.swaps.map((s) => s.swap.drill)).size).toBe(version.swaps.length);
  const after = foldEvents(plan, [started(), ...version.happenings.map((what) => happens(1, "p0", what))]);
  const names = itemsOf(athlete, after.people.p0!).flatMap((i) => (i.kind === "step" ? [i.step.name] : []));
  for (const step of kit) expect(names).not.toContain(step.name);
});

test("what was asked stands until it is answered", () => {
  const ask = happens(1, "p0", { kind: "asked", minutes: 8, noKit: false });
  expect(foldEvents(plan, [started(), ask]).people.p0!.asked).toMatchObject({ minutes: 8 });
  const answer = happens(2, "p0", { kind: "answered", ask: ask.id, taken: false });
  expect(foldEvents(plan, [answer, started(), ask]).people.p0!.asked).toBeNull();
  // Also by a clock that is a little behind.
  const early = { ...answer, at: ask.at - 500 };
  expect(foldEvents(plan, [started(), ask, early]).people.p0!.asked).toBeNull();
  const other = happens(3, "p0", { kind: "asked", minutes: 5, noKit: true });
  expect(foldEvents(plan, [started(), ask, answer, other]).people.p0!.asked).toMatchObject({ minutes: 5 });
});
