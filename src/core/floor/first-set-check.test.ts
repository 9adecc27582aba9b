import { floorPlan, START } from "@/__tests__/floor";
import { weight } from "../units";
import { CHECK_ANSWERS, checkOffers, offerInWords, rampChanges, stopsLift } from ".";
import type { DoneFloorSet } from "./fold-events";

const plan = floorPlan(3);
const lift = plan.athletes[2]!.lifts[0]!;
/** The first sets as they were planned. */
const done = (count: number): DoneFloorSet[] =>
  lift.sets.slice(0, count).map(({ weight: w, reps }, i) => ({
    ...{ weight: w, reps, felt: null, before: [], at: START + i, device: "d", event: `e${i}` },
  }));
const mild = { level: 2, quality: "dull", signs: [] } as const;
const titles = (answer: (typeof CHECK_ANSWERS)[number], count = 2) =>
  checkOffers(lift, done(count), answer, null).map((o) => o.title);

test("all well: nothing to decide", () => {
  expect(titles("well")).toEqual([]);
});

test("flying: steps fewer, inside the jumps there may be", () => {
  const offers = checkOffers(lift, done(1), "flying", null);
  for (const { sets, working } of offers) {
    expect(sets.length).toBeLessThan(lift.sets.length);
    expect(working.weight).toBe(lift.working!.weight);
    const weights = [...sets.map((s) => s.weight), working.weight];
    const steps = weights.slice(1).map((w, i) => w - weights[i]!);
    expect(Math.max(...steps)).toBeLessThanOrEqual(0.4 * working.weight);
  }
});

test("tight and light: again or a smaller step, and the working weight stays", () => {
  const [first, second] = checkOffers(lift, done(2), "tight", null);
  expect(first).toMatchObject({ id: "repeat", working: { weight: lift.working!.weight } });
  expect(first!.sets[2]).toMatchObject({ weight: lift.sets[1]!.weight });
  expect(second!.sets.length).toBe(lift.sets.length + 1);
});

test("heavy from 70 % on: weight off, or the same effort lighter", () => {
  const heavy = lift.sets.findIndex((s) => s.fraction >= 0.7) + 1;
  const offers = checkOffers(lift, done(heavy), "tight", null);
  expect(offers.map((o) => o.id)).toEqual(["lighter-5", "reps-2", "lighter-10"]);
  for (const { working } of offers) expect(working.weight).toBeLessThan(lift.working!.weight);
  expect(offers[1]!.working.reps).toBe(lift.working!.reps + 2);
});

test("one side works harder: a drill for one side first", () => {
  expect(lift.oneSided).not.toBeNull();
  const [first] = checkOffers(lift, done(2), "one-sided", null);
  expect(first).toMatchObject({ addsDrill: true });
  expect(titles("one-sided")[0]).toContain(lift.oneSided!.name);
});

test("mild pain takes weight off; pain that is strong, sharp or comes with signs stops the lift and offers nothing", () => {
  expect(checkOffers(lift, done(2), "pain", mild)[0]!.working.weight).toBeLessThan(lift.working!.weight);
  const stopping = [
    { ...mild, level: 4 },
    { ...mild, quality: "sharp" },
    ...(["numb", "giving-way", "swelling"] as const).map((sign) => ({ ...mild, signs: [sign] })),
  ] as const;
  for (const pain of stopping) {
    expect(stopsLift(pain)).toBe(true);
    for (const answer of CHECK_ANSWERS) expect(checkOffers(lift, done(2), answer, pain)).toEqual([]);
  }
  expect(stopsLift(mild)).toBe(false);
});

test("at most three, no two alike, done sets as they were", () => {
  for (const answer of CHECK_ANSWERS) {
    for (let count = 1; count <= lift.sets.length; count++) {
      const offers = checkOffers(lift, done(count), answer, mild);
      expect(offers.length).toBeLessThanOrEqual(3);
      const ways = offers.map((o) => offerInWords(o, count, "kg"));
      expect(new Set(ways).size).toBe(ways.length);
      for (const { sets } of offers)
        expect(sets.slice(0, count).map((s) => s.weight)).toEqual(done(count).map((d) => d.weight));
    }
  }
});

test("at any time the rest can be lighter, at the same effort, or in other steps; none is what is planned anyway", () => {
  const offers = rampChanges(lift, done(1));
  const { weight: planned } = lift.working!;
  const byId = new Map(offers.map((o) => [o.id, o]));
  expect(byId.get("lighter-10")!.working.weight).toBeLessThan(byId.get("lighter-5")!.working.weight);
  expect(byId.get("lighter-5")!.working.weight).toBeLessThan(planned);
  expect(byId.get("reps-2")!.working.reps).toBe(lift.working!.reps + 2);
  expect(byId.get("more")!.sets.length).toBe(lift.sets.length + 1);
  const sets = (o: {
    sets: readonly { weight: number; reps: number }[];
    working: { weight: number; reps: number };
  }) => [...o.sets, o.working].map((s) => `${s.weight} ${s.reps}`).join();
  expect(offers.map(sets)).not.toContain(sets({ sets: lift.sets, working: lift.working! }));
  expect(rampChanges({ ...lift, request: null }, [])).toEqual([]);
});

test("what was taken off stays off when the steps are changed afterwards", () => {
  const lighter = rampChanges(lift, done(1)).find((o) => o.id === "lighter-10")!;
  const now = { ...lift, sets: lighter.sets, working: lighter.working };
  const after = rampChanges(now, done(1));
  for (const { working } of after) expect(working.weight).toBeLessThanOrEqual(lighter.working.weight);
  const more = after.find((o) => o.id === "more") ?? after.find((o) => o.id === "fewer");
  expect(more!.working.weight).toBe(lighter.working.weight);
});

test("a set lifted at another weight leads on with what is left of the plan", () => {
  const [first] = done(1);
  const heavier = { ...first!, weight: weight(60) };
  for (const offer of rampChanges(lift, [heavier]))
    expect(offer.sets[1]?.weight ?? offer.working.weight).toBeGreaterThanOrEqual(weight(60));
});

test("a lift without a ramp has nothing to offer", () => {
  expect(checkOffers({ ...lift, request: null }, [], "tight", null)).toEqual([]);
});

test("an offer is said with its weights", () => {
  const [offer] = checkOffers(lift, done(lift.sets.length), "pain", mild);
  expect(
    offerInWords(
      { ...offer!, sets: [], working: { ...offer!.working, weight: weight(90), reps: 5 } },
      0,
      "kg",
    ),
  ).toBe("straight to 90 kg × 5");
});
