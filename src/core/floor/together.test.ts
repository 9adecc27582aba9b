import { floorPlan, happens, START, started } from "@/__tests__/floor";
import { type FloorEvent, faceOf, foldEvents, goOn, secondsIntoShared, sessionSummary, sharedNow } from ".";

const plan = floorPlan(4, { together: true });
const shared = [
  ...new Map(plan.athletes.flatMap((a) => a.steps.filter((s) => s.isShared)).map((s) => [s.key, s])).values(),
];
const stateOf = (...events: FloorEvent[]) => foldEvents(plan, [started(), ...events]);
const at = (seconds: number) => START + seconds * 1000;

test("before the start nobody does anything", () => {
  expect(sharedNow(plan, foldEvents(plan, []))).toBeNull();
});

test("all go through the drills that all do, one after the other, and then there is none", () => {
  let seconds = 0;
  const events: FloorEvent[] = [];
  const keys: string[] = [];
  for (;;) {
    const state = stateOf(...events);
    const now = sharedNow(plan, state);
    if (!now) break;
    expect(now.begunAt).toBe(at(seconds));
    keys.push(now.step.key);
    seconds += 60;
    events.push(...goOn(plan, state, now).map(({ athlete, what }) => happens(seconds, athlete, what)));
  }
  expect(keys).toEqual(shared.toSorted((a, b) => a.startsAt - b.startsAt).map((s) => s.key));
  const end = stateOf(...events);
  for (const a of plan.athletes) {
    expect(faceOf(plan, a, end, null)).toBe("lifting");
    // What single ones did meanwhile is done too.
    const drills = a.steps.filter((s) => s.block === 0);
    expect(drills.every((s) => end.people[a.id]!.steps[s.key]?.done)).toBe(true);
  }
});

test("a face says where somebody is against the others", () => {
  const [first, second] = shared.toSorted((a, b) => a.startsAt - b.startsAt);
  const done = (id: string | null, key: string, seconds: number) =>
    happens(seconds, id, { kind: "step-done", step: key });
  const state = stateOf(
    done("p0", first!.key, 10),
    done("p0", second!.key, 12),
    happens(5, "p3", { kind: "absent" }),
  );
  const now = sharedNow(plan, state)!;
  const face = (i: number) => faceOf(plan, plan.athletes[i]!, state, now);
  expect([face(0), face(1), face(3)]).toEqual(["ahead", "with-all", "away"]);
  const later = stateOf(...["p0", "p1"].map((id) => done(id, first!.key, 10)));
  expect(sharedNow(plan, later)!.step.key).toBe(first!.key);
  const alone = floorPlan(2);
  const solo = foldEvents(alone, [started()]);
  expect(faceOf(alone, alone.athletes[0]!, solo, null)).toBe("drills");
});

test("who is not there is not waited for", () => {
  const [first] = shared;
  const here = plan.athletes
    .slice(0, 3)
    .map((a) => happens(10, a.id, { kind: "step-done", step: first!.key }));
  const absent = happens(5, "p3", { kind: "absent" });
  expect(sharedNow(plan, stateOf(...here, absent))!.step.key).not.toBe(first!.key);
});

test("who comes late has what was missed still to do, and is not waited for", () => {
  const state0 = stateOf(happens(5, "p3", { kind: "absent" }));
  const now = sharedNow(plan, state0)!;
  const on = goOn(plan, state0, now).map(({ athlete, what }) => happens(200, athlete, what));
  const state = stateOf(happens(5, "p3", { kind: "absent" }), ...on, happens(240, "p3", { kind: "arrived" }));
  expect(sharedNow(plan, state)!.step.key).not.toBe(now.step.key);
  expect(state.people.p3!.steps[now.step.key]?.done).toBeUndefined();
  expect(faceOf(plan, plan.athletes[3]!, state, sharedNow(plan, state))).toBe("behind");
  const [mine, , , late] = sessionSummary(plan, state);
  expect(mine!.drills.done).toBeGreaterThan(0);
  expect(late!.drills.done).toBe(0);
});

test("seconds into what all do count from its start, without pauses, with the set-up where it was begun by hand", () => {
  const state = stateOf(happens(20, null, { kind: "paused" }), happens(50, null, { kind: "resumed" }));
  const now = sharedNow(plan, state)!;
  expect(secondsIntoShared(now, state, at(80))).toBe(50);
  const begun = stateOf(happens(30, null, { kind: "step-begun", step: now.step.key }));
  const shownNow = sharedNow(plan, begun)!;
  expect(secondsIntoShared(shownNow, begun, at(40))).toBe(10 + shownNow.step.setUpSeconds);
});

test("what is shortened for all is shown shorter; what one has swapped is not shown to all", () => {
  const now = sharedNow(plan, stateOf())!;
  const { dose, key } = now.step;
  const shorter = happens(1, null, { kind: "step-shortened", step: key, dose: dose!, seconds: 20 });
  expect(sharedNow(plan, stateOf(shorter))!.step.seconds).toBe(20);
  const swap = happens(1, "p0", {
    ...{ kind: "step-swapped", step: key, drill: "other", name: "Other", cue: "" },
    ...{ dose: dose!, seconds: 5 },
  });
  expect(sharedNow(plan, stateOf(swap))!.step.name).toBe(now.step.name);
});

test("the summary counts what was done of what was planned, and names what was left out", () => {
  const [first] = plan.athletes[0]!.steps;
  const { sets } = plan.athletes[0]!.lifts[0]!;
  const lifted = sets.map((s, set) =>
    happens(600 + set, "p0", {
      ...{ kind: "set-done", lift: 0, set, isWork: false, weight: s.weight, reps: s.reps, felt: null },
    }),
  );
  const state = stateOf(happens(60, "p0", { kind: "step-done", step: first!.key }), ...lifted);
  const [mine] = sessionSummary(plan, state);
  const drills = plan.athletes[0]!.steps.length;
  expect(mine).toMatchObject({ drills: { done: 1, planned: drills }, readySeconds: 600 + sets.length - 1 });
  expect(mine!.ramp.done).toBe(sets.length);
  expect(mine!.leftOut).not.toContain(first!.name);
  expect(sessionSummary(plan, stateOf())[1]).toMatchObject({ drills: { done: 0 }, readySeconds: null });
});
