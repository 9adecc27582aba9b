import { floorPlan, happens } from "@/__tests__/floor";
import type { Happening } from "@/core/floor";
import { type Audience, isFor, planFor } from "./audience";

const plan = floorPlan(3);
const WALL: Audience = { kind: "wall", hasWeights: true, hasNames: true };
const P0: Audience = { kind: "athlete", id: "p0" };

const said: [string | null, Happening, wall: boolean, own: boolean][] = [
  ["p0", { kind: "note", text: "x" }, false, true],
  ["p1", { kind: "note", text: "x" }, false, false],
  [null, { kind: "note", text: "x" }, false, false],
  ["p0", { kind: "pain", area: "knee", level: 2, quality: "dull", signs: [], lift: null }, false, true],
  ["p1", { kind: "checked", lift: 0, answer: "tight" }, false, false],
  ["p0", { kind: "asked", minutes: 8, noKit: false }, false, true],
  ["p0", { kind: "answered", ask: "a", taken: true }, false, true],
  [null, { kind: "step-done", step: "k" }, true, true],
  ["p1", { kind: "step-done", step: "k" }, true, false],
  [null, { kind: "paused" }, true, true],
  ["p1", { kind: "undone", event: "e" }, true, true],
  [null, { kind: "finished", complete: true }, true, true],
];

test.each(said)("%p, %p", (athlete, what, wall, own) => {
  const event = happens(1, athlete, what);
  expect(isFor(event, { kind: "coach" })).toBe(true);
  expect(isFor(event, WALL)).toBe(wall);
  expect(isFor(event, P0)).toBe(own);
});

test("the coach's plan is whole; a phone has its athlete alone, also on the racks", () => {
  expect(planFor(plan, { kind: "coach" })).toBe(plan);
  const own = planFor(plan, P0);
  expect(own.athletes.map((a) => a.id)).toEqual(["p0"]);
  expect(own.racks.flatMap((r) => r.athletes)).toEqual(["p0"]);
});

test("a wall has no full names, nothing to work out a maximum from, and initials where it should", () => {
  const shown = planFor(plan, WALL);
  expect(shown.athletes.map((a) => a.name)).toEqual(["Person 0.", "Person 1.", "Person 2."]);
  expect(JSON.stringify(shown)).not.toContain('"rir"');
  expect(shown.athletes.every((a) => a.steps.every((s) => s.swaps.length === 0))).toBe(true);
  const initials = planFor(plan, { ...WALL, hasNames: false }).athletes.map((a) => a.name);
  expect(initials).toEqual(["P0", "P1", "P2"]);
  expect(shown.athletes.map((a) => a.seconds)).toEqual(plan.athletes.map((a) => a.seconds));
});
