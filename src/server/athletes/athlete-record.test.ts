import { addDays } from "date-fns";
import { weight } from "@/core/units";
import { readAthletes } from "@/data/athletes";
import { seedDemo } from "@/demo/seed";
import { isoDay } from "@/lib/iso-day";
import { withTemporaryDatabase } from "../__tests__/database";
import { openWarmUp, saveAthleteAction, warmUpOf } from "../__tests__/now";
import { athleteRecords } from "../athletes/athlete-record";
import { openAthlete } from "../athletes/athletes";
import { placesToGo } from "../palette/places-to-go";
import { today } from "../sessions/day";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

const iso = (days: number) => isoDay(addDays(new Date(), days));

test("the palette knows everybody, and the sessions of these days, those to come first", async () => {
  const { athletes, sessions } = await placesToGo();
  expect(athletes).toHaveLength(30);
  const days = sessions.map((s) => s.day);
  expect(days[0]).toBe(today());
  const past = days.findIndex((d) => d < today());
  expect(days.slice(0, past)).toEqual(days.slice(0, past).toSorted());
  expect(days.slice(past)).toEqual(days.slice(past).toSorted().toReversed());
});

describe("what is on record of an athlete's weights", () => {
  const sets = { reps: 5, sets: 3, rir: 2, source: "coach" as const };

  test("is the newest of each lift and kind up to a day", async () => {
    const { draft, revision } = (await openAthlete("gwydion"))!;
    const rows = [
      { ...sets, lift: "bench-press", day: iso(-1), weight: weight(100), kind: "working" as const },
      { ...sets, lift: "bench-press", day: iso(-30), weight: weight(120), kind: "max" as const },
      { ...sets, lift: "bench-press", day: iso(-3), weight: weight(125), kind: "max" as const },
    ];
    await saveAthleteAction({ revision, athlete: { ...draft, weights: [...rows, ...draft.weights] } });
    const known = async (day: string) => (await athleteRecords(["gwydion"], day))("gwydion")!.athlete;
    const now = await known("9999-12-31");
    expect(now.workingWeights).toMatchObject([{ lift: "bench-press", weight: weight(100), day: iso(-1) }]);
    expect(now.maxima).toEqual([{ lift: "bench-press", weight: weight(125), day: iso(-3) }]);
    const then = await known(iso(-4));
    expect(then.workingWeights[0]!.weight).toBe(weight(95));
    expect(then.maxima[0]!.weight).toBe(weight(120));
    expect((await known(iso(-400))).workingWeights).toEqual([]);
  });

  test("of nobody is nothing", async () => {
    expect(await readAthletes([], today())).toEqual([]);
    expect((await athleteRecords(["nobody"], today()))("nobody")).toBeNull();
  });
});

test("a bar, a thing that cannot be used and an approach of one's own are in the plan", async () => {
  const before = await openWarmUp("today-throwers", "linnea");
  if (!before.ok) throw new Error("not opened");
  const usual = (await warmUpOf(before.value, before.value.member)).plan;
  const { draft, revision } = (await openAthlete("linnea"))!;
  const kit = [...new Set(usual.steps.flatMap((s) => s.drill.equipment.flat()))];
  await saveAthleteAction({
    revision,
    athlete: {
      ...draft,
      ...{ ownBar: { name: "Thin bar", weight: weight(15) }, cannotUse: kit },
      ...{ approach: "every-joint", rampStyle: "even-steps" as const },
    },
  });
  const after = await openWarmUp("today-throwers", "linnea");
  if (!after.ok) throw new Error("not opened");
  const { plan, request } = await warmUpOf(after.value, after.value.member);
  expect(plan.ramps[0]!.sets[0]!.weight).toBe(weight(15));
  expect(request.approach.id).toBe("every-joint");
  expect(request.lifts[0]!.style).toBe("even-steps");
  for (const { drill } of plan.steps)
    for (const need of drill.equipment) expect(need.every((e) => kit.includes(e))).toBe(false);
});

test("stored things of an athlete that no longer exist are left out, not fatal", async () => {
  const { bodyOf } = await import("../athletes/athlete-record");
  const row = {
    limiters: [
      { athleteId: "a", demand: "squat", place: 0 },
      { athleteId: "a", demand: "levitation", place: 1 },
    ],
    areas: [{ athleteId: "a", area: "tail", level: "sore" as const }],
    ownBar: { name: "Bar" },
    cannotUse: ["rower", "sauna"],
    reached: [{ drill: "front-plank" }],
    wishes: { favourites: "all" },
    approach: null,
    rampStyle: "sideways",
    usesResponses: true,
  };
  expect(bodyOf(row)).toEqual({
    ...{ limiters: ["squat"], areas: [], ownBar: null, cannotUse: ["rower"], reached: [] },
    ...{ approach: null, rampStyle: null, usesResponses: true },
  });
});
