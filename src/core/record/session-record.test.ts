import fc from "fast-check";
import { floorPlan, happens, START, started } from "@/__tests__/floor";
import { cases } from "@/lib/__tests__/cases";
import { foldEvents, type Happening, sessionSummary } from "../floor";
import { weight } from "../units";
import { AFTERWARDS, eventsAsPlanned, sessionRecord } from ".";

const plan = floorPlan(2);
const [first, second] = plan.athletes[0]!.steps.filter((s) => !s.isTest);
const record = (...events: ReturnType<typeof happens>[]) =>
  sessionRecord(plan, foldEvents(plan, [started(), ...events]))[0]!;
const drillOf = (of: ReturnType<typeof record>, key: string) => of.drills.find((d) => d.key === key)!;

describe("the record of a session", () => {
  test("has every drill, those that were not done as left out", () => {
    const { drills, presence, sets } = record(happens(100, "p0", { kind: "step-done", step: first!.key }));
    expect(drills.map((d) => d.status)).toEqual([
      "done",
      ...plan.athletes[0]!.steps.filter((s) => !s.isTest)
        .slice(1)
        .map(() => "left-out"),
    ]);
    expect([presence, sets]).toEqual(["there", []]);
  });

  test("real times go from what was done before, or from when it was begun by hand; pauses do not count", () => {
    const done = record(
      happens(100, "p0", { kind: "step-done", step: first!.key }),
      happens(130, "p0", { kind: "paused" }),
      happens(150, "p0", { kind: "resumed" }),
      happens(170, "p0", { kind: "step-begun", step: second!.key }),
      happens(215, "p0", { kind: "step-done", step: second!.key }),
    );
    expect(drillOf(done, first!.key)).toMatchObject({
      realSeconds: 100,
      plannedSeconds: first!.seconds + first!.changeSeconds,
    });
    expect(drillOf(done, second!.key)).toMatchObject({ realSeconds: 45, plannedSeconds: second!.seconds });
  });

  test("who came late is timed from then", () => {
    const late = record(
      happens(300, "p0", { kind: "arrived" }),
      happens(360, "p0", { kind: "step-done", step: first!.key }),
    );
    expect(drillOf(late, first!.key).realSeconds).toBe(60);
  });

  test("a drill in another's place is itself, and says instead of what", () => {
    const swap = { drill: "front-plank", name: "Front plank", dose: first!.dose!, seconds: 40, cue: "" };
    const swapped = record(
      happens(10, "p0", { kind: "step-swapped", step: first!.key, ...swap }),
      happens(60, "p0", { kind: "step-done", step: first!.key }),
    );
    expect(drillOf(swapped, first!.key)).toMatchObject({ drill: "front-plank", insteadOf: first!.name });
  });

  test("sets are what was lifted; pain, notes and what was stopped are there", () => {
    const set = { lift: 0, set: 0, isWork: true, weight: weight(82.5), reps: 4, felt: "heavy" as const };
    const pain = { area: "knee", level: 5, quality: "sharp", signs: [], lift: 0 } as const;
    const done = record(
      happens(900, "p0", { kind: "set-done", ...set }),
      happens(910, "p0", { kind: "pain", ...pain }),
      happens(911, "p0", { kind: "lift-stopped", lift: 0 }),
      happens(920, "p0", { kind: "note", text: "left knee" }),
    );
    const { lift: at, ...said } = set;
    expect(done.sets).toMatchObject([{ ...said, at, lift: "back-squat" }]);
    expect(done).toMatchObject({ pains: [pain], notes: ["left knee"] });
    expect(done.lifts.map((l) => [l.name, l.isStopped])).toEqual([
      ["Back squat", true],
      ["Bench press", false],
    ]);
  });
});

describe("a session that went as planned", () => {
  let made = 0;
  const newId = (at: number) => {
    made += 1;
    return `${at} ${made}`;
  };
  const events = eventsAsPlanned(plan, START, ["p1"], newId);
  const state = foldEvents(plan, events);
  const [there, absent] = sessionRecord(plan, state);

  test("is all done in the planned time by who was there, and says how it came to be known", () => {
    const [summary] = sessionSummary(plan, state);
    for (const part of [summary!.drills, summary!.ramp, summary!.work]) expect(part.done).toBe(part.planned);
    // What was written down afterwards says nothing of how long it took.
    expect([...there!.drills, ...there!.sets].every((d) => d.realSeconds === null)).toBe(true);
    expect(there!.readySeconds).toBeNull();
    expect(new Set(events.map((e) => e.device))).toEqual(new Set([AFTERWARDS]));
    expect(state.finished).toMatchObject({ complete: true });
  });

  test("has nothing of who was absent", () => {
    expect(absent).toMatchObject({ presence: "absent", sets: [], readySeconds: null });
    expect(absent!.drills.some((d) => d.status === "done")).toBe(false);
  });

  test("lets what was different be said afterwards", () => {
    const set = { lift: 0, set: 2, isWork: true, weight: weight(75), reps: 5, felt: null };
    const changed = foldEvents(plan, [...events, happens(9999, "p0", { kind: "set-done", ...set })]);
    const sets = sessionRecord(plan, changed)[0]!.sets.filter((s) => s.isWork && s.at === 0);
    expect(sets.map((s) => s.weight)).toEqual([weight(80), weight(80), weight(75)]);
  });
});

test("does not depend on the order in which events came, nor on how often", () => {
  const keys = plan.athletes[0]!.steps.map((s) => s.key);
  const some = fc.record({
    seconds: fc.nat(2000),
    what: fc.oneof(
      fc.constantFrom(...keys).map((step) => ({ kind: "step-done", step }) as const),
      fc.constantFrom(...keys).map((step) => ({ kind: "step-begun", step }) as const),
      fc.constantFrom("paused", "resumed").map((kind) => ({ kind }) as Happening),
      fc.record({
        ...{ kind: fc.constant("set-done" as const), lift: fc.nat(1), set: fc.nat(2), isWork: fc.boolean() },
        ...{ weight: fc.constantFrom(weight(60), weight(62.5)), reps: fc.nat(5), felt: fc.constant(null) },
      }),
    ),
  });
  fc.assert(
    fc.property(fc.array(some, { maxLength: 25 }), fc.infiniteStream(fc.nat()), (happened, order) => {
      const events = [started(), ...happened.map((h) => happens(h.seconds, "p0", h.what))];
      const shuffled = [...events, ...events.slice(0, 3)]
        .map((e) => ({ e, at: order.next().value as number }))
        .sort((a, b) => a.at - b.at)
        .map(({ e }) => e);
      const of = (list: typeof events) => sessionRecord(plan, foldEvents(plan, list));
      expect(of(shuffled)).toEqual(of(events));
      for (const { drills, sets } of of(events)) {
        for (const { realSeconds } of [...drills, ...sets]) {
          if (realSeconds !== null) expect(realSeconds).toBeGreaterThanOrEqual(0);
        }
      }
    }),
    cases(60),
  );
});
