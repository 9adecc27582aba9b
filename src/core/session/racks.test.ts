import { athleteWith, gymWith } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { drain } from "@/lib/drain";
import { type GroupPlan, planEach } from "../group";
import type { GymKit } from "../gym";
import { rackOrders, SECONDS_PER_MOVE } from "../rack";
import { weight } from "../units";
import {
  draftInSession,
  laterStarts,
  NOTHING_SAID,
  rackRequestFor,
  requestInSession,
  type Session,
  sessionReady,
  USUAL_RACKS,
} from ".";

const gym = gymWith([25, 20, 10, 5, 2.5], ["stick"]);
const racks = (count: number): GymKit => ({ ...gym, counts: { rack: count } });

/** A plan of people who each do one lift; a weight of null has none yet. */
function planOf(...lifts: [lift: string, kg: number | null][]): GroupPlan {
  return planEach(
    lifts.map(([lift, kg], i) => {
      const athlete = athleteWith({
        ...{ id: `p${i}`, name: `Person ${i}` },
        workingWeights:
          kg === null ? [] : [{ lift, weight: weight(kg), reps: 5, sets: 3, rir: 2, day: "2026-01-05" }],
      });
      const session: Session = {
        ...{ id: "s", name: "Evening", day: "2026-02-02", time: null, gymId: gym.id, groupId: null },
        lifts: [{ lift, scheme: null, pairedWithNext: false }],
        ...{ minutes: 15, approach: "bar-first", room: "normal", together: false },
        ...{
          ...NOTHING_SAID,
          racks: USUAL_RACKS,
          participants: [],
        },
      };
      const draft = draftInSession(session, athlete, gym, catalog);
      const request = requestInSession(session, { athlete, draft }, gym, catalog, null);
      return { id: athlete.id, name: athlete.name, request };
    }),
  );
}

const squats = (people: number) =>
  planOf(...Array.from({ length: people }, (): [string, number] => ["back-squat", 100]));
const asked = (plan: GroupPlan, setup = USUAL_RACKS, at: GymKit = gym) =>
  rackRequestFor(plan, setup, at, catalog);

test("three share a bar until the coach says otherwise", () => {
  expect(asked(squats(3))).toMatchObject({ racks: 1, secondsPerMove: SECONDS_PER_MOVE[1] });
  expect(asked(squats(4))!.racks).toBe(2);
  expect(asked(squats(7))!.racks).toBe(3);
});

test("there are no more than the gym has, unless the coach wants more", () => {
  expect(asked(squats(7), USUAL_RACKS, racks(2))!.racks).toBe(2);
  expect(asked(squats(7), { ...USUAL_RACKS, count: 4 }, racks(2))!.racks).toBe(4);
  expect(asked(squats(7), { ...USUAL_RACKS, count: 1 })!.racks).toBe(1);
});

test("two who load a bar are quicker", () => {
  const two = asked(squats(3), { ...USUAL_RACKS, loaders: 2 })!;
  expect(two.secondsPerMove).toBe(SECONDS_PER_MOVE[2]);
  expect(two.secondsPerMove).toBeLessThan(asked(squats(3))!.secondsPerMove);
});

test("only those with a ramp on a bar share one, each in the place of the lift", () => {
  const plan = planOf(
    ["back-squat", 100],
    ["bench-press", 80],
    ["deadlift", 120],
    ["dumbbell-row", 30],
    ["front-squat", null],
  );
  const request = asked(plan)!;
  expect(request.lifters.map((l) => [l.name, l.place])).toEqual([
    ["Person 0", "rack"],
    ["Person 1", "bench"],
    ["Person 2", "floor"],
  ]);
  for (const { sets } of request.lifters) expect(sets.length).toBeGreaterThan(1);
});

test("one alone shares with nobody", () => {
  expect(asked(squats(1))).toBeNull();
  expect(asked(planOf(["back-squat", 100], ["front-squat", null]))).toBeNull();
});

describe("when all are ready", () => {
  const readyOf = (plan: GroupPlan, setup = USUAL_RACKS) => {
    const request = asked(plan, setup)!;
    return sessionReady(
      plan,
      request,
      drain(rackOrders(request.lifters, request.racks, request.secondsPerMove)),
    );
  };

  test("who shares a bar waits for it, after the drills, one set at a time", () => {
    const plan = squats(3);
    const { members, seconds, aloneSeconds } = readyOf(plan);
    expect(aloneSeconds).toBe(plan.seconds);
    expect(seconds).toBeGreaterThan(plan.seconds);
    expect(seconds).toBe(Math.max(...members.map((m) => m.readyAt)));
    const sets = members.flatMap((m) => m.sets!).toSorted((a, b) => a.startsAt - b.startsAt);
    expect(sets).toHaveLength(plan.members.reduce((sum, m) => sum + m.ramps[0]!.sets.length, 0));
    for (const [i, s] of sets.entries()) expect(s.startsAt).toBeGreaterThanOrEqual(sets[i - 1]?.endsAt ?? 0);
    for (const { id, sets: own } of members)
      expect(own![0]!.startsAt).toBeGreaterThanOrEqual(plan.members.find((m) => m.id === id)!.drillSeconds);
  });

  test("a bar each takes nobody longer; more racks never do", () => {
    const plan = squats(4);
    const after = [1, 2, 3, 4].map((count) => readyOf(plan, { ...USUAL_RACKS, count }).seconds);
    expect(after).toEqual(after.toSorted((a, b) => b - a));
    expect(
      readyOf(plan, { ...USUAL_RACKS, count: 4 }).members.every((m) => m.readyAt <= plan.seconds + 60),
    ).toBe(true);
  });

  test("a later shift begins when the one before it on that rack is ready", () => {
    const plan = squats(8);
    const { members } = readyOf(plan, { ...USUAL_RACKS, count: 1 });
    const begins = members.map((m) => m.sets![0]!.startsAt).toSorted((a, b) => a - b);
    const readyFirst = members.map((m) => m.readyAt).toSorted((a, b) => a - b);
    expect(begins.at(-1)).toBeGreaterThan(readyFirst[0]!);
    expect(new Set(members.map((m) => m.id)).size).toBe(8);
  });

  test("who lifts later may begin later, by what stands before the first set", () => {
    const plan = squats(6);
    const ready = readyOf(plan, { ...USUAL_RACKS, count: 2 });
    const starts = laterStarts(plan, ready);
    for (const { id, sets } of ready.members) {
      const { drillSeconds } = plan.members.find((m) => m.id === id)!;
      const later = starts.get(id)!;
      expect(later % 60).toBe(0);
      expect(drillSeconds + later).toBeLessThanOrEqual(sets![0]!.startsAt);
      expect(drillSeconds + later + 60).toBeGreaterThan(sets![0]!.startsAt);
    }
    expect(Math.max(...starts.values())).toBeGreaterThan(0);
    expect(Math.min(...starts.values())).toBe(0);
  });

  test("who is on no shared bar is ready as planned", () => {
    const plan = planOf(["back-squat", 100], ["bench-press", null]);
    expect(sessionReady(plan, null, null)).toEqual({
      ...{ seconds: plan.seconds, aloneSeconds: plan.seconds },
      members: plan.members.map(({ id, seconds }) => ({ id, readyAt: seconds, sets: null })),
      racks: [],
    });
  });
});
