import { athleteWith, gymWith } from "@/__tests__/fixtures";
import { floorPlan } from "@/__tests__/floor";
import { shippedCatalog as catalog } from "@/catalog";
import { planEach } from "../group";
import { outlineOf, planWarmUp } from "../plan";
import {
  draftInSession,
  NOTHING_SAID,
  requestInSession,
  type Session,
  sessionReady,
  USUAL_RACKS,
} from "../session";
import { weight } from "../units";
import { type FloorAthlete, foldEvents, itemsOf, planFloor, secondsOf, stepParts } from ".";

const alone = floorPlan(3);
const group = floorPlan(5, { together: true });
const everybody: readonly FloorAthlete[] = [...alone.athletes, ...group.athletes];
const drillOf = (id: string) => catalog.drills.find((d) => d.id === id)!;

/** One athlete's part of a session that is as given but for what is changed. */
function floorOf(
  change: Partial<Session>,
  known: Parameters<typeof athleteWith>[0] = {},
  equipment: Parameters<typeof gymWith>[1] = ["rower", "band-light", "stick"],
): FloorAthlete {
  const gym = gymWith([25, 20, 10, 5, 2.5], equipment);
  const athlete = athleteWith({
    workingWeights: [
      { lift: "back-squat", weight: weight(100), reps: 5, sets: 3, rir: 2, day: "2026-01-05" },
      { lift: "bench-press", weight: weight(80), reps: 5, sets: 3, rir: 2, day: "2026-01-05" },
    ],
    ...known,
  });
  const session: Session = {
    ...{ id: "s", name: "Alone", day: "2026-02-02", time: null, gymId: gym.id, groupId: null },
    lifts: [{ lift: "back-squat", scheme: null, pairedWithNext: false }],
    ...{ minutes: 15, approach: "temperature-first", room: "normal", together: false },
    ...{ ...NOTHING_SAID, racks: USUAL_RACKS, participants: [] },
    ...change,
  };
  const draft = draftInSession(session, athlete, gym, catalog);
  const request = requestInSession(session, { athlete, draft }, gym, catalog, null);
  const whole = planEach([{ id: athlete.id, name: athlete.name, request }]);
  const member = { athlete, request, plan: outlineOf(planWarmUp(request)) };
  return planFloor(session, gym, [member], sessionReady(whole, null, null), catalog).athletes[0]!;
}

/** What comes before the first working set, in the order it is done. */
function itemsBefore(athlete: FloorAthlete) {
  const plan = { athletes: [athlete] };
  const items = itemsOf(athlete, foldEvents(plan, []).people[athlete.id]!);
  const work = items.findIndex((i) => i.kind === "work");
  return work < 0 ? items : items.slice(0, work);
}

test("all that is done before the first working set takes what the plan says", () => {
  for (const athlete of everybody) {
    const seconds = itemsBefore(athlete).reduce((sum, i) => sum + secondsOf(i), 0);
    expect(Math.abs(seconds - athlete.seconds)).toBeLessThanOrEqual(1);
    expect(athlete.readySeconds).toBeGreaterThanOrEqual(athlete.seconds);
  }
});

test("each step has a key of its own, its figure and parts that last as long as it does", () => {
  for (const { steps } of everybody) {
    expect(new Set(steps.map((s) => s.key)).size).toBe(steps.length);
    for (const step of steps) {
      expect(step.picture.id).toBe(step.drill);
      const parts = stepParts(step).reduce((sum, p) => sum + p.seconds, 0);
      expect(parts).toBeCloseTo(step.seconds, 6);
    }
  }
});

test("what all do has the same key for all", () => {
  const keysOf = (a: FloorAthlete) => new Set(a.steps.filter((s) => s.isShared).map((s) => s.key));
  const keys = group.athletes.map(keysOf);
  const inAll = [...keys[0]!].filter((k) => keys.every((other) => other.has(k)));
  expect(inAll.length).toBeGreaterThan(2);
  expect(alone.athletes.every((a) => a.steps.every((s) => !s.isShared))).toBe(true);
});

test("swaps are drills that may be done here, are not in the plan, and serve something of the same", () => {
  for (const athlete of alone.athletes) {
    const taken = new Set(athlete.steps.map((s) => s.drill));
    for (const { drill, swaps } of athlete.steps) {
      expect(new Set(swaps.map((s) => s.drill)).size).toBe(swaps.length);
      for (const swap of swaps) {
        const other = drillOf(swap.drill);
        expect(taken.has(swap.drill)).toBe(false);
        expect(swap.needsKit).toBe(other.equipment.length > 0);
        const one = drillOf(drill);
        const related = [one.easier, one.harder, ...one.substitutes].includes(swap.drill);
        const shared = Object.keys(one.serves).some((d) => d in other.serves);
        expect(related || shared).toBe(true);
      }
    }
  }
});

test("an area to avoid and what the athlete never does are in no swap", () => {
  const usual = floorOf({});
  const [first] = usual.steps.flatMap((s) => s.swaps.map((w) => w.drill));
  const never = floorOf({}, { wishes: { favourites: [], never: [first!] } });
  expect(never.steps.flatMap((s) => s.swaps.map((w) => w.drill))).not.toContain(first);
  const sore = floorOf({}, { areas: [{ area: "knee", level: "avoid" }] });
  for (const { swaps } of sore.steps)
    for (const { drill } of swaps) expect(drillOf(drill).avoid).not.toContain("knee");
});

test("what the coach has chosen is worth more than all else together", () => {
  const [wanted] = floorOf({}).steps.flatMap((s) => s.swaps.map((w) => w.drill));
  const chosen = floorOf({ own: [{ drill: wanted! }] });
  const pinned = chosen.steps.find((s) => s.drill === wanted)!;
  const others = chosen.steps.filter((s) => s !== pinned).reduce((sum, s) => sum + s.worth, 0);
  expect(pinned.worth).toBeGreaterThan(others);
  for (const { worth } of chosen.steps) expect(worth).toBeGreaterThanOrEqual(0);
});

test("smaller doses take less and are worth less, the longest first", () => {
  const shorter = everybody.flatMap((a) => a.steps.filter((s) => s.shorter.length > 0));
  expect(shorter.length).toBeGreaterThan(0);
  for (const step of shorter) {
    let seconds = step.seconds;
    let { worth } = step;
    for (const way of step.shorter) {
      expect(way.seconds).toBeLessThan(seconds);
      expect(way.worth).toBeLessThanOrEqual(worth);
      ({ seconds, worth } = way);
    }
  }
});

test("a lift without a weight has drills and no ramp; two lifts in turns come a set each", () => {
  const bare = floorOf({}, { workingWeights: [] });
  expect(bare.lifts[0]).toMatchObject({ request: null, sets: [], working: null });
  expect(bare.steps.length).toBeGreaterThan(0);
  const paired = floorOf({
    lifts: ["back-squat", "bench-press"].map((lift, i) => ({ lift, scheme: null, pairedWithNext: i === 0 })),
  });
  expect(paired.blocks).toEqual([[0, 1]]);
  const sets = itemsBefore(paired).flatMap((i) => (i.kind === "set" ? [i.lift] : []));
  expect(sets.slice(0, 4)).toEqual([0, 1, 0, 1]);
});

test("a cool-down comes after the last lift", () => {
  const cooled = floorOf({ coolDown: true });
  const after = cooled.steps.filter((s) => s.block === 1);
  expect(after.length).toBeGreaterThan(0);
  const items = itemsOf(cooled, foldEvents({ athletes: [cooled] }, []).people.a!);
  expect(items.at(-1)).toMatchObject({ kind: "step", step: { block: 1 } });
  expect(itemsBefore(cooled).every((i) => i.kind !== "step" || i.step.block === 0)).toBe(true);
});

test("with nothing in the gym nothing needs anything", () => {
  const bare = floorOf({}, {}, []);
  expect(bare.steps.every((s) => !s.needsKit && s.swaps.every((w) => !w.needsKit))).toBe(true);
});

test("it is plain JSON", () => {
  expect(JSON.parse(JSON.stringify(group))).toEqual(group);
});
