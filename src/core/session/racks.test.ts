import { athleteWith, gymWith } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { type GroupPlan, planEach } from "../group";
import type { GymKit } from "../gym";
import { SECONDS_PER_MOVE } from "../rack";
import { weight } from "../units";
import { draftInSession, NOTHING_SAID, rackRequestFor, requestInSession, type Session, USUAL_RACKS } from ".";

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
