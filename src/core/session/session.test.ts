import fc from "fast-check";
import { athleteWith, catalogLift, gymWith } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { cases } from "@/lib/__tests__/cases";
import { type DraftLift, startLift, type WarmUpDraft } from "../draft";
import { planGroup } from "../group";
import { planOfLift, planWarmUp } from "../plan";
import { weight } from "../units";
import {
  applySessionEdit,
  arriveBy,
  clockMinutes,
  clockTime,
  draftInSession,
  followSession,
  formatLoad,
  groupRequestFor,
  mergeDraft,
  NOTHING_SAID,
  ownParts,
  parseLoad,
  repeatDays,
  requestInSession,
  type Session,
  type SessionEdit,
  type SessionLift,
  type SessionLoad,
  stepLoad,
  USUAL_RACKS,
} from ".";

const gym = gymWith([25, 20, 10, 5, 2.5], ["stick", "band-light"]);
const athlete = athleteWith({
  workingWeights: [
    { lift: "back-squat", weight: weight(100), reps: 5, sets: 3, rir: 2, day: "2026-01-05" },
    { lift: "deadlift", weight: weight(122.5), reps: 4, sets: 3, rir: 1, day: "2026-01-05" },
  ],
});
const asLast = (lift: string): SessionLift => ({ lift, scheme: null, pairedWithNext: false });
const session: Session = {
  id: "s",
  name: "Evening",
  day: "2026-02-02",
  time: "18:30",
  gymId: gym.id,
  groupId: null,
  lifts: [asLast("back-squat")],
  minutes: 18,
  approach: "temperature-first",
  room: "normal",
  together: true,
  ...NOTHING_SAID,
  racks: USUAL_RACKS,
  participants: ["a", "b", "c"].map((athleteId) => ({ athleteId, absent: false })),
};
const given = (change: Partial<Session> = {}, who = athlete) =>
  draftInSession({ ...session, ...change }, who, gym, catalog);
const scheme = (load: SessionLoad, sets = 3, reps = 5) =>
  given({ lifts: [{ ...asLast("back-squat"), scheme: { sets, reps, load } }] }).lifts[0]!;

describe("what a session gives an athlete", () => {
  test("is the lifts as that one did last, and the session's time, approach and room", () => {
    expect(given()).toMatchObject({
      lifts: [{ lift: "back-squat", weight: weight(100), reps: 5, sets: 3, rir: 2 }],
      ...{ minutes: 18, approach: "temperature-first", room: "normal", own: [], circuits: [], dropped: [] },
    });
  });

  test("with the same sets for all is by that one's own maximum, rounded down to what can be loaded", () => {
    // 100 for 5 with 2 in reserve is a maximum of 123.3 by Epley.
    expect(scheme({ kind: "percent", percent: 75, of: "max" })).toMatchObject({
      weight: weight(90),
      reps: 5,
    });
    expect(scheme({ kind: "percent", percent: 75, of: "training-max" }).weight).toBe(weight(80));
    expect(scheme({ kind: "reserve", rir: 2 })).toMatchObject({ weight: weight(100), rir: 2 });
    expect(scheme({ kind: "reserve", rir: 2 }, 5, 3)).toMatchObject({
      weight: weight(105),
      sets: 5,
      reps: 3,
    });
    expect(scheme({ kind: "weight", weight: weight(81) })).toMatchObject({ weight: weight(80), rir: 10 });
  });

  test("says how many are left in reserve of a share, and the usual where no maximum is known", () => {
    // 90 of 123.3 is 11.1 repetitions to failure by Epley.
    expect(scheme({ kind: "percent", percent: 75, of: "max" }).rir).toBe(6);
    const stranger = athleteWith({});
    const load = { kind: "percent", percent: 75, of: "max" } as const;
    const lifts = [{ ...asLast("back-squat"), scheme: { sets: 3, reps: 5, load } }];
    expect(given({ lifts }, stranger).lifts[0]).toMatchObject({ weight: null, rir: 2 });
    const heavy = { kind: "weight", weight: weight(60) } as const;
    const told = [{ ...asLast("back-squat"), scheme: { sets: 3, reps: 5, load: heavy } }];
    expect(given({ lifts: told }, stranger).lifts[0]).toMatchObject({ weight: weight(60), rir: 2 });
  });

  test("follows a maximum that was tested later than the last working weight", () => {
    const tested = { ...athlete, maxima: [{ lift: "back-squat", weight: weight(140), day: "2026-01-20" }] };
    const load = { kind: "percent", percent: 75, of: "max" } as const;
    const lifts = [{ ...asLast("back-squat"), scheme: { sets: 3, reps: 5, load } }];
    expect(given({ lifts }, tested).lifts[0]!.weight).toBe(weight(105));
    const before = { ...tested, maxima: [{ ...tested.maxima[0]!, day: "2025-12-01" }] };
    expect(given({ lifts }, before).lifts[0]!.weight).toBe(weight(90));
  });

  test("has everybody's drills and the athlete's own approach only where each warms up alone", () => {
    const own = [{ drill: "rope-turns" }];
    const slow = { ...athlete, approach: "slow-starter" };
    expect(given({ own }, slow)).toMatchObject({ own: [], approach: "temperature-first" });
    expect(given({ own, together: false }, slow)).toMatchObject({ own, approach: "slow-starter" });
  });
});

describe("a warm-up whose session changes", () => {
  const mine: WarmUpDraft = { ...given(), minutes: 25 };

  test("keeps what was changed for the athlete and takes the rest over", () => {
    const now = given({ minutes: 12, approach: "bar-first", room: "cold" });
    expect(mergeDraft(given(), mine, now)).toEqual({ ...now, minutes: 25 });
  });

  test("that was not changed is as the session gives it, whatever that is", () => {
    const lists = fc.subarray(["back-squat", "deadlift", "bench-press"], { minLength: 1 });
    fc.assert(
      fc.property(lists, lists, fc.integer({ min: 2, max: 60 }), (before, after, minutes) => {
        const was = given({ lifts: before.map(asLast) });
        const now = given({ lifts: after.map(asLast), minutes });
        expect(mergeDraft(was, was, now)).toEqual(now);
        expect(ownParts(now, mergeDraft(was, was, now))).toEqual([]);
      }),
      cases(100),
    );
  });

  test("follows the session whatever the order in which what was set by hand was put in", () => {
    const [lift] = given().lifts;
    const set = (fixed: DraftLift["fixed"]) => ({ ...given(), lifts: [{ ...lift!, fixed }] });
    const one = set({ 0: { weight: weight(40), reps: 5 }, 1: { reps: 3 } });
    const other = set({ 0: { reps: 5, weight: weight(40) }, 1: { reps: 3 } });
    expect(mergeDraft(one, other, given()).lifts[0]!.fixed).toEqual({});
    expect(ownParts(one, other)).toEqual([]);
  });

  test("keeps a weight of one's own when lifts are added, and lifts of one's own always", () => {
    const lighter = { ...given(), lifts: [{ ...given().lifts[0]!, weight: weight(90) }] };
    const two = given({ lifts: [asLast("deadlift"), asLast("back-squat")] });
    const merged = mergeDraft(given(), lighter, two);
    expect(merged.lifts.map((l) => [l.lift, l.weight])).toEqual([
      ["deadlift", weight(120)],
      ["back-squat", weight(90)],
    ]);
    const other = { ...given(), lifts: [startLift(athlete, gym, catalogLift("bench-press"))] };
    expect(mergeDraft(given(), other, two).lifts.map((l) => l.lift)).toEqual(["bench-press"]);
  });

  test("says what is one's own", () => {
    expect(ownParts(given(), mine)).toEqual(["minutes"]);
    const [lift] = given().lifts;
    const other = { ...mine, lifts: [{ ...lift!, reps: 3, rampSets: 4 }], dropped: ["rope-turns"] };
    expect(ownParts(given(), other)).toEqual(["weights", "minutes", "drills", "ramp"]);
  });

  test("follows it as a member does", () => {
    const member = { athlete, given: given(), draft: mine };
    const next = followSession({ ...session, minutes: 30, room: "cold" }, member, gym, catalog);
    expect(next).toMatchObject({ given: { minutes: 30 }, draft: { minutes: 25, room: "cold" } });
    expect(followSession(session, member, gym, catalog)).toBe(member);
  });
});

describe("everybody together", () => {
  const members = ["a", "b", "c"].map((id) => {
    const who = { ...athlete, id, name: id.toUpperCase() };
    return { athlete: who, draft: given({}, who) };
  });
  const planFor = (drafts = members, change: Partial<Session> = {}) => {
    const planned = { ...session, ...change };
    const group = planGroup(groupRequestFor(planned, drafts, gym, catalog)!);
    const plans = drafts.map((m) => {
      const part = group.members.find((o) => o.id === m.athlete.id)!;
      return { part, plan: planWarmUp(requestInSession(planned, m, gym, catalog, part)) };
    });
    return { group, plans };
  };

  test("is nobody alone", () => {
    expect(groupRequestFor(session, members.slice(1, 2), gym, catalog)).toBeNull();
  });

  test("one's own plan has the group's drills at the group's times, then the ramp", () => {
    const { group, plans } = planFor();
    expect(group.shared.length).toBeGreaterThan(3);
    for (const { part, plan } of plans) {
      const of = (s: { startsAt: number }) => s.startsAt;
      expect(plan.steps.map((s) => s.drill.id)).toEqual(part.steps.map((s) => s.drill));
      expect(plan.steps.map(of)).toEqual(part.steps.map(of));
      expect(plan.steps.map((s) => s.part)).toEqual(part.steps.map((s) => s.kind));
      expect(plan.seconds).toBe(part.seconds);
      expect(planOfLift(plan, 0).ramps[0]).toEqual(part.ramps[0]);
    }
  });

  test("what one drops or keeps is that one's alone", () => {
    const { group } = planFor();
    const dropped = group.shared[1]!.drill;
    const kept = catalog.drills.find(
      (d) => d.equipment.length === 0 && d.effort < 3 && !group.shared.some((s) => s.drill === d.id),
    )!.id;
    const [first, ...rest] = members;
    const own = { ...first!, draft: { ...first!.draft, dropped: [dropped], own: [{ drill: kept }] } };
    const changed = planFor([own, ...rest]).group;
    const stepsOf = (id: string) => changed.members.find((m) => m.id === id)!.steps;
    expect(stepsOf("a").map((s) => s.drill)).not.toContain(dropped);
    expect(stepsOf("a").find((s) => s.drill === kept)?.kind).toBe("personal");
    expect(stepsOf("b").map((s) => s.drill)).not.toContain(kept);
  });

  test("who cannot use a thing does something else meanwhile", () => {
    const all = gymWith([25, 20, 10, 5, 2.5], ["stick"]);
    const drafts = members.map((m) => ({ ...m, athlete: { ...m.athlete, cannotUse: ["stick" as const] } }));
    const own = catalog.drills.find((d) => d.equipment.length === 1 && d.equipment[0]!.includes("stick"))!;
    const wanted = { ...session, own: [{ drill: own.id }] };
    const [first] = members;
    const group = planGroup(groupRequestFor(wanted, [first!, ...drafts.slice(1)], all, catalog)!);
    const doing = group.members.filter((m) => m.steps.some((s) => s.drill === own.id)).map((m) => m.id);
    expect(doing).toEqual(["a"]);
  });
});

describe("the coach's changes", () => {
  const edit = (...edits: SessionEdit[]) => edits.reduce(applySessionEdit, session);

  test("to lifts: added, changed, moved, taken out, but never the last", () => {
    const two = edit({ kind: "add-lift", lift: { ...asLast("deadlift"), pairedWithNext: false } });
    expect(two.lifts.map((l) => l.lift)).toEqual(["back-squat", "deadlift"]);
    const paired = applySessionEdit(two, { kind: "change-lift", at: 0, change: { pairedWithNext: true } });
    const moved = applySessionEdit(paired, { kind: "move-lift", at: 0, to: 1 });
    expect(moved.lifts).toMatchObject([{ lift: "deadlift" }, { lift: "back-squat", pairedWithNext: false }]);
    expect(edit({ kind: "remove-lift", at: 0 })).toBe(session);
    expect(applySessionEdit(two, { kind: "move-lift", at: 0, to: 5 })).toBe(two);
  });

  test("to people: each once, absent and back, out", () => {
    const more = edit({ kind: "add-participants", athleteIds: ["c", "d"] });
    expect(more.participants.map((p) => p.athleteId)).toEqual(["a", "b", "c", "d"]);
    expect(edit({ kind: "absent", athleteId: "b", absent: true }).participants[1]).toEqual({
      athleteId: "b",
      absent: true,
    });
    expect(edit({ kind: "remove-participant", athleteId: "a" }).participants).toHaveLength(2);
  });

  test("to drills: a kept one is no longer dropped, a dropped one no longer kept", () => {
    const kept = edit({ kind: "drop", drill: "x" }, { kind: "pin", drill: "x", place: 2 });
    expect(kept).toMatchObject({ circuits: [], dropped: [], own: [{ drill: "x", place: 2 }] });
    const dosed = applySessionEdit(kept, { kind: "pin", drill: "x", dose: { sets: 1, amount: 8 } });
    expect(dosed.own).toEqual([{ drill: "x", place: 2, dose: { sets: 1, amount: 8 } }]);
    expect(applySessionEdit(kept, { kind: "swap", drill: "x", with: "y" })).toMatchObject({
      dropped: ["x"],
      own: [{ drill: "y" }],
    });
    expect(applySessionEdit(kept, { kind: "reset-drill", drill: "x" }).own).toEqual([]);
  });
});

test("when to arrive: by the minutes there are, or by the plan where it takes more", () => {
  expect(arriveBy("18:30", 20, 15 * 60)).toBe("18:10");
  expect(arriveBy("18:30", 20, 23 * 60 + 5)).toBe("18:06");
  expect(arriveBy("00:10", 20, null)).toBe("23:50");
});

test("clock times there and back", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 24 * 60 - 1 }), (m) => {
      expect(clockMinutes(clockTime(m))).toBe(m);
    }),
    cases(100),
  );
});

test("a session comes again on the same weekday, over a change of clocks too", () => {
  expect(repeatDays("2026-10-19", 3)).toEqual(["2026-10-26", "2026-11-02", "2026-11-09"]);
  expect(repeatDays("2026-12-28", 1)).toEqual(["2027-01-04"]);
});

test.each([
  ["80 %", { kind: "percent", percent: 80, of: "max" }, "80 %", "82.5 %"],
  ["85% tm", { kind: "percent", percent: 85, of: "training-max" }, "85 % TM", "87.5 % TM"],
  ["rir 2", { kind: "reserve", rir: 2 }, "RIR 2", "RIR 1"],
  ["@8.5", { kind: "reserve", rir: 1.5 }, "RPE 8.5", "RPE 9.5"],
  ["100", { kind: "weight", weight: weight(100) }, "100 kg", "102.5 kg"],
])("%s is read, said again and stepped", (text, load, said, heavier) => {
  const parsed = parseLoad(text);
  expect(parsed).toEqual({ ok: true, value: load });
  if (!parsed.ok) return;
  expect(formatLoad(parsed.value, "kg")).toBe(said);
  expect(formatLoad(stepLoad(parsed.value, 1, "kg")!, "kg")).toBe(heavier);
});

test.each(["heavy", "", "150 %"])("%j is no load, and it is said what is", (text) => {
  expect(parseLoad(text)).toMatchObject({ ok: false, error: expect.stringMatching(/^Give /) });
});

test("a load ends where it makes no sense", () => {
  expect(stepLoad({ kind: "reserve", rir: 0 }, 1, "kg")).toBeNull();
  expect(stepLoad({ kind: "percent", percent: 120, of: "max" }, 1, "kg")).toBeNull();
  expect(stepLoad({ kind: "weight", weight: weight(2.5) }, -1, "kg")).toBeNull();
});
