import fc from "fast-check";
import { floorPlan, happens, START, started } from "@/__tests__/floor";
import { cases } from "@/lib/__tests__/cases";
import {
  catchUps,
  type FloorEvent,
  type FloorStep,
  foldEvents,
  itemsOf,
  lateStart,
  paceOf,
  type StepChange,
  secondsOf,
  sessionBehind,
  standingOf,
} from ".";
import { fitSteps } from "./fit-steps";

const alone = floorPlan(2);
const group = floorPlan(4, { together: true });
const at = (seconds: number) => START + seconds * 1000;

/** What one athlete does up to a number of items, each when it was planned to end. */
function played(plan: typeof alone, id: string, items: number): { events: FloorEvent[]; seconds: number } {
  const athlete = plan.athletes.find((a) => a.id === id)!;
  const all = itemsOf(athlete, foldEvents(plan, []).people[id]!);
  let seconds = 0;
  const events = all.slice(0, items).map((item) => {
    seconds += secondsOf(item);
    if (item.kind === "step") return happens(seconds, id, { kind: "step-done", step: item.step.key });
    const { lift, set, load } = item;
    const isWork = item.kind === "work";
    return happens(seconds, id, {
      ...{ kind: "set-done", lift, set, isWork, weight: load.weight, reps: load.reps, felt: null },
    });
  });
  return { events, seconds };
}

test("a warm-up is its drills, its ramp and its working sets, lift after lift", () => {
  const athlete = alone.athletes[0]!;
  const kinds = itemsOf(athlete, foldEvents(alone, []).people.p0!).map((i) => i.kind);
  const drills = athlete.steps.filter((s) => s.block === 0).length;
  const [squat] = athlete.lifts;
  expect(kinds.slice(0, drills)).toEqual(Array(drills).fill("step"));
  expect(kinds.slice(drills, drills + squat!.sets.length)).toEqual(Array(squat!.sets.length).fill("set"));
  expect(kinds.filter((k) => k === "work")).toHaveLength(6);
});

test("done as planned, an athlete is on time all the way, and warm at the end of it", () => {
  const { athletes } = alone;
  const items = itemsOf(athletes[0]!, foldEvents(alone, []).people.p0!);
  const before = items.findIndex((i) => i.kind === "work");
  for (let n = 0; n <= before; n++) {
    const { events, seconds } = played(alone, "p0", n);
    const pace = paceOf(alone, athletes[0]!, foldEvents(alone, [started(), ...events]), at(seconds))!;
    expect(pace.standing.now).toMatchObject({ kind: items[n]!.kind });
    if (n < before) expect(Math.abs(pace.behind)).toBeLessThanOrEqual(1 + secondsOf(items[before - 1]!));
    expect(pace.standing.isWarm).toBe(n === before);
  }
});

test("who does nothing falls behind by the second; a pause moves the end unless a time is set", () => {
  const athlete = alone.athletes[0]!;
  const step = secondsOf(itemsOf(athlete, foldEvents(alone, []).people.p0!)[0]!);
  const behind = (events: FloorEvent[], seconds: number) =>
    paceOf(alone, athlete, foldEvents(alone, events), at(seconds))!.behind;
  const on = behind([started()], step);
  expect(behind([started()], step + 100) - on).toBeCloseTo(100);
  const pause = [happens(step, null, { kind: "paused" }), happens(step + 100, null, { kind: "resumed" })];
  expect(behind([started(), ...pause], step + 100) - on).toBeCloseTo(0);
  const due = at(alone.readySeconds);
  expect(behind([started(due), ...pause], step + 100)).toBeCloseTo(
    100 + (on > 0 ? on : behind([started(due)], step)),
  );
});

test("where the first lift has no weight the warm-up ends with its drills", () => {
  const athlete = alone.athletes[0]!;
  const bare = { ...athlete.lifts[0]!, request: null, sets: [], working: null };
  const without = { ...athlete, lifts: athlete.lifts.with(0, bare) };
  const plan = { ...alone, athletes: [without, alone.athletes[1]!] };
  const { before, items } = standingOf(without, foldEvents(plan, []).people.p0!, null);
  expect(before).toBe(athlete.steps.filter((s) => s.block === 0).length);
  expect(items.length).toBeGreaterThan(before);
});

test("begun by hand, the set-up is over", () => {
  const athlete = alone.athletes.find((a) => a.steps[0]!.setUpSeconds > 0) ?? alone.athletes[0]!;
  const begun = happens(30, athlete.id, { kind: "step-begun", step: athlete.steps[0]!.key });
  const state = foldEvents(alone, [started(), begun]);
  const standing = standingOf(athlete, state.people[athlete.id]!, state.startedAt);
  expect(standing).toMatchObject({ begunAt: at(30), isSetUp: true });
});

test("on time nothing is offered; behind, what is left out saves what is missing and is worth the least", () => {
  expect(catchUps(alone, foldEvents(alone, [started()]), at(5))).toEqual([]);
  const offers = catchUps(alone, foldEvents(alone, [started(at(alone.readySeconds - 150))]), at(5));
  expect(offers.map((o) => o.athlete)).toContain("p0");
  for (const { saves, changes } of offers) {
    expect(saves).toBeGreaterThanOrEqual(90);
    expect(changes.every((c) => c.step.block === 0)).toBe(true);
  }
});

test("of what all do it is left out for all", () => {
  const state = foldEvents(group, [started(at(group.readySeconds - 120))]);
  expect(sessionBehind(group, state, at(0))).toBeGreaterThanOrEqual(119);
  const [offer, ...more] = catchUps(group, state, at(0));
  expect(more).toEqual([]);
  expect(offer).toMatchObject({ athlete: null });
  expect(offer!.changes.every((c) => c.step.isShared)).toBe(true);
});

test("what is taken makes up for it", () => {
  const late = [started(at(group.readySeconds - 120))];
  const [offer] = catchUps(group, foldEvents(group, late), at(0));
  const taken = offer!.changes.map(({ step, ...change }) =>
    change.kind === "left-out"
      ? happens(1, null, { kind: "step-skipped", step: step.key, why: "time" })
      : happens(1, null, {
          kind: "step-shortened",
          step: step.key,
          dose: change.dose,
          seconds: change.seconds,
        }),
  );
  const state = foldEvents(group, [...late, ...taken]);
  expect(sessionBehind(group, state, at(0))!).toBeLessThan(60);
  expect(catchUps(group, state, at(0))).toEqual([]);
});

test("who comes late does the best that fits what is left", () => {
  const athlete = alone.athletes[0]!;
  const drills = athlete.steps.filter((s) => s.block === 0);
  const whole = drills.reduce((sum, s) => sum + s.seconds + s.changeSeconds, 0);
  const state = foldEvents(alone, [started(), happens(240, "p0", { kind: "arrived" })]);
  const changes = lateStart(alone, athlete, state.people.p0!, state, at(240));
  const saved = changes.reduce((sum, c) => sum + c.saves, 0);
  const ramp = athlete.lifts[0]!.sets.reduce((sum, s) => sum + s.seconds + s.restSeconds, 0);
  expect(whole - saved).toBeLessThanOrEqual(alone.readySeconds - 240 - ramp);
  expect(changes.length).toBeLessThan(drills.length);
});

const anyStep: fc.Arbitrary<FloorStep> = fc
  .record({
    seconds: fc.integer({ min: 2, max: 24 }),
    worth: fc.integer({ min: 1, max: 9 }),
    less: fc.boolean(),
  })
  .map(({ seconds: grains, worth, less }, i = 0) => {
    const seconds = grains * 5;
    const step = {
      ...alone.athletes[0]!.steps[0]!,
      key: `${i} ${seconds}`,
      seconds,
      changeSeconds: 0,
      worth,
    };
    const shorter = less
      ? [{ dose: step.dose!, seconds: Math.ceil(grains / 2) * 5, worth: worth * 0.6 }]
      : [];
    return { ...step, shorter };
  });

/** The most that steps can be worth within a time, by trying every combination. */
function mostWorth(steps: readonly FloorStep[], seconds: number): number {
  const [first, ...rest] = steps;
  if (!first) return 0;
  const ways = [{ seconds: first.seconds, worth: first.worth }, ...first.shorter, { seconds: 0, worth: 0 }];
  return Math.max(
    ...ways.flatMap((w) => (w.seconds <= seconds ? [w.worth + mostWorth(rest, seconds - w.seconds)] : [])),
  );
}

test("no other way of leaving out and shortening is worth more", () => {
  fc.assert(
    fc.property(
      fc.array(anyStep, { minLength: 1, maxLength: 6 }),
      fc.integer({ min: 0, max: 90 }),
      (steps, g) => {
        const seconds = g * 5;
        const changes = fitSteps(
          steps.map((step) => ({ step })),
          seconds,
        );
        const changeOf = (step: FloorStep): StepChange | undefined =>
          changes.find((c) => c.step === step || (c.step.key === step.key && c.step.worth === step.worth));
        const fresh = new Set(steps.map((s) => `${s.key} ${s.worth}`)).size === steps.length;
        if (!fresh) return;
        let left = 0;
        let worth = 0;
        for (const step of steps) {
          const change = changeOf(step);
          if (change?.kind === "left-out") continue;
          left += change ? change.seconds : step.seconds;
          worth += change ? step.shorter[0]!.worth : step.worth;
        }
        expect(left).toBeLessThanOrEqual(Math.max(seconds, 0));
        expect(worth).toBeCloseTo(mostWorth(steps, seconds), 6);
      },
    ),
    cases(200),
  );
});
