import fc from "fast-check";
import { floorPlan, happens, START, started } from "@/__tests__/floor";
import { cases } from "@/lib/__tests__/cases";
import { weight } from "../units";
import { type FloorEvent, foldEvents, forgottenSince, type Happening, isPaused, runningSeconds } from ".";

const plan = floorPlan(3);
const [first, second] = plan.athletes[0]!.steps;
const ids = plan.athletes.map((a) => a.id);

const anyHappening: fc.Arbitrary<Happening> = fc.oneof(
  fc.constantFrom<Happening>(
    { kind: "arrived" },
    { kind: "absent" },
    { kind: "left" },
    { kind: "paused" },
    { kind: "resumed" },
    { kind: "finished", complete: true },
    { kind: "lift-stopped", lift: 0 },
    { kind: "started", due: null },
  ),
  fc
    .tuple(fc.constantFrom("step-begun", "step-done"), fc.constantFrom(first!.key, second!.key))
    .map(([kind, step]) => ({ kind, step }) as Happening),
  fc
    .constantFrom(first!.key, second!.key)
    .map((step): Happening => ({ kind: "step-skipped", step, why: "time" })),
  fc.record({
    kind: fc.constant("set-done" as const),
    lift: fc.constant(0),
    set: fc.nat(2),
    isWork: fc.boolean(),
    weight: fc.constantFrom(weight(40), weight(50)),
    reps: fc.constantFrom(3, 5),
    felt: fc.constantFrom(null, "easy" as const, "heavy" as const),
  }),
  fc.string({ maxLength: 5 }).map((text): Happening => ({ kind: "note", text })),
);

/** Events of a session, some of which take others back. */
const anyEvents: fc.Arbitrary<FloorEvent[]> = fc
  .array(
    fc.record({
      what: anyHappening,
      who: fc.constantFrom(null, ...ids),
      at: fc.nat(20),
      undoes: fc.option(fc.nat(30), { freq: 4 }),
    }),
    { maxLength: 30 },
  )
  .map((all) =>
    all.map(({ what, who, at, undoes }, i): FloorEvent => {
      const id = `e${String(i).padStart(3, "0")}`;
      const happened: Happening =
        undoes === null ? what : { kind: "undone", event: `e${String(undoes).padStart(3, "0")}` };
      return { id, athlete: who, device: `d${i % 3}`, at: START + at * 1000, ...happened };
    }),
  );

test("any order, any repetition and any split over devices come to the same", () => {
  fc.assert(
    fc.property(
      anyEvents.chain((events) =>
        fc.tuple(
          fc.constant(events),
          fc.shuffledSubarray(events, { minLength: events.length }),
          fc.array(fc.nat(Math.max(0, events.length - 1)), { maxLength: 10 }),
        ),
      ),
      ([events, shuffled, again]) => {
        const twice = [...shuffled, ...again.flatMap((i) => events[i] ?? [])];
        expect(foldEvents(plan, twice)).toEqual(foldEvents(plan, events));
      },
    ),
    cases(300),
  );
});

test("what is taken back is as if it had never been said, and taken back again it is there", () => {
  fc.assert(
    fc.property(anyEvents, fc.nat(29), (events, at) => {
      const target = events[at];
      if (!target || target.kind === "undone" || events.some((e) => e.kind === "undone")) return;
      const undo = happens(100, null, { kind: "undone", event: target.id });
      const without = foldEvents(
        plan,
        events.filter((e) => e !== target),
      );
      expect(foldEvents(plan, [...events, undo])).toEqual(without);
      const redo = happens(101, null, { kind: "undone", event: undo.id });
      expect(foldEvents(plan, [...events, undo, redo])).toEqual(foldEvents(plan, events));
    }),
    cases(200),
  );
});

test("two that take each other back come to one outcome", () => {
  const a = { ...started(), id: "a" };
  const one: FloorEvent = { ...happens(1, null, { kind: "undone", event: "c" }), id: "b" };
  const other: FloorEvent = { ...happens(2, null, { kind: "undone", event: "b" }), id: "c" };
  expect(foldEvents(plan, [a, one, other])).toEqual(foldEvents(plan, [other, a, one]));
});

const setOf = (kg: number, at: number, device: string) =>
  happens(
    at,
    "p0",
    { kind: "set-done", lift: 0, set: 1, isWork: false, weight: weight(kg), reps: 5, felt: null },
    device,
  );

test("a set ticked on two tablets is one set; of two weights the later counts and both are kept", () => {
  const same = foldEvents(plan, [started(), setOf(50, 60, "a"), setOf(50, 61, "b")]);
  expect(same.people.p0!.lifts[0]!.sets[1]).toMatchObject({ weight: weight(50), device: "a", before: [] });
  const other = foldEvents(plan, [started(), setOf(55, 61, "b"), setOf(50, 60, "a")]);
  expect(other.people.p0!.lifts[0]!.sets[1]).toMatchObject({
    weight: weight(55),
    at: START + 60_000,
    before: [{ weight: weight(50), reps: 5 }],
  });
});

test("what all do is done by all; who did it before did it then", () => {
  const state = foldEvents(plan, [
    started(),
    happens(50, "p1", { kind: "step-done", step: first!.key }),
    happens(60, null, { kind: "step-done", step: first!.key }),
    happens(70, null, { kind: "step-skipped", step: first!.key, why: "coach" }),
  ]);
  const doneAt = ids.map((id) => (state.people[id]!.steps[first!.key]!.done!.at - START) / 1000);
  expect(doneAt).toEqual([60, 50, 60]);
});

test("what all do is not done by who is not there, nor by who has gone; what is left out is for everybody", () => {
  const state = foldEvents(plan, [
    started(),
    happens(5, "p1", { kind: "absent" }),
    happens(20, "p2", { kind: "left" }),
    happens(60, null, { kind: "step-done", step: first!.key }),
    happens(61, null, { kind: "step-skipped", step: second!.key, why: "coach" }),
    happens(90, "p1", { kind: "arrived" }),
  ]);
  const stepOf = (id: string, key: string) => state.people[id]!.steps[key];
  expect(ids.map((id) => stepOf(id, first!.key)?.done !== undefined)).toEqual([true, false, false]);
  expect(ids.map((id) => stepOf(id, second!.key)?.skipped !== undefined)).toEqual([true, true, true]);
  expect(state.past).toEqual({ [first!.key]: true, [second!.key]: true });
});

test("what was done by all is taken back for one, and that is taken back too", () => {
  const all = happens(60, null, { kind: "step-done", step: first!.key });
  const forOne = happens(70, "p1", { kind: "undone", event: all.id });
  const done = (events: FloorEvent[]) =>
    ids.map((id) => foldEvents(plan, events).people[id]!.steps[first!.key]?.done !== undefined);
  expect(done([started(), all, forOne])).toEqual([true, false, true]);
  expect(done([forOne, all, started()])).toEqual([true, false, true]);
  const again = happens(80, "p1", { kind: "undone", event: forOne.id });
  expect(done([started(), all, forOne, again])).toEqual([true, true, true]);
  const forAll = happens(90, null, { kind: "undone", event: all.id });
  expect(done([started(), all, forOne, forAll])).toEqual([false, false, false]);
});

test("events of somebody who is not in the session change nothing", () => {
  const events = [started(), happens(5, "stranger", { kind: "absent" })];
  expect(Object.keys(foldEvents(plan, events).people)).toEqual(ids);
});

test("a pause does not count, nor does what comes after the end", () => {
  const events = [
    started(),
    happens(60, null, { kind: "paused" }),
    happens(70, null, { kind: "paused" }),
    happens(100, null, { kind: "resumed" }),
  ];
  const paused = foldEvents(plan, events.slice(0, 2));
  expect(isPaused(paused)).toBe(true);
  expect(runningSeconds(paused, START + 90_000)).toBe(60);
  const resumed = foldEvents(plan, events);
  expect(isPaused(resumed)).toBe(false);
  expect(runningSeconds(resumed, START + 130_000)).toBe(90);
  const ended = foldEvents(plan, [...events, happens(140, null, { kind: "finished", complete: true })]);
  expect(runningSeconds(ended, START + 999_000)).toBe(100);
  expect(runningSeconds(foldEvents(plan, []), START)).toBe(0);
});

test("a session nobody touches for three hours was over with what happened last", () => {
  const state = foldEvents(plan, [started(), happens(600, "p0", { kind: "left" })]);
  const threeHours = 3 * 3600_000;
  expect(forgottenSince(state, START + 600_000 + threeHours - 1)).toBeNull();
  expect(forgottenSince(state, START + 600_000 + threeHours)).toBe(START + 600_000);
  const ended = foldEvents(plan, [started(), happens(5, null, { kind: "finished", complete: true })]);
  expect(forgottenSince(ended, START + 10 * threeHours)).toBeNull();
});
