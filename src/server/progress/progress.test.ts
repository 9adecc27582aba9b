import { addDays } from "date-fns";
import { shippedCatalog as catalog } from "@/catalog";
import type { DemandId } from "@/core/demands";
import { weight } from "@/core/units";
import { putFollowUp } from "@/data/follow-ups";
import { type AthleteSessionRow, type DoneDrillRow, type DoneSetRow, putSessionRecord } from "@/data/records";
import { seedDemo } from "@/demo/seed";
import { isoDay } from "@/lib/iso-day";
import { withTemporaryDatabase } from "../__tests__/database";
import { noteWeightAction } from "../actions/athletes";
import { noteResultAction, noteTrialAction } from "../actions/trials";
import type { Compared } from "./compared";
import { openAthleteProgress, openGroupProgress, periodOf } from "./open-progress";
import { openReport } from "./open-report";

withTemporaryDatabase();

const ATHLETE = "ilse";
const ANKLE: DemandId = "ankle-dorsiflexion";
const drill = catalog.drills.find((d) => d.serves[ANKLE] === 3)!;
const day = (ago: number) => isoDay(addDays(new Date(), -ago));

/** Writes down a session so many days ago: one drill, one working set. */
async function trained(
  ago: number,
  over: {
    session?: Partial<AthleteSessionRow>;
    drill?: Partial<DoneDrillRow>;
    set?: Partial<DoneSetRow>;
  } = {},
) {
  const of = { sessionId: `s${ago}`, athleteId: ATHLETE, day: day(ago) };
  await putSessionRecord(of.sessionId, {
    sessions: [
      {
        ...{ ...of, name: "Evening", presence: "there", plannedSeconds: 900, readySeconds: 960 },
        ...{ pains: [], stopped: [], notes: [], endedAt: 1 },
        ...over.session,
      },
    ],
    drills: [
      {
        ...{ ...of, place: 0, drill: drill.id, name: drill.name, phase: "mobilise", isDone: true },
        ...{ insteadOf: null, plannedSeconds: 60, realSeconds: 90, pace: 1 },
        ...over.drill,
      },
    ],
    sets: [
      {
        ...{ ...of, place: 0, lift: "front-squat", isWork: true, weight: weight(50), unit: "kg" },
        ...{ reps: 5, felt: null, plannedSeconds: 150, realSeconds: null },
        ...over.set,
      },
    ],
  });
}
const progress = async (period = "year" as const) => (await openAthleteProgress(ATHLETE, period))!;

beforeAll(async () => {
  await seedDemo(new Date());
});

test("without anything there is nothing, and it is no error", async () => {
  const { sessions, phases, pains, responses, attended } = await progress();
  expect([sessions, phases, pains, responses, attended]).toEqual([[], [], [], [], 0]);
  // Limiters that nothing was done for are there all the same.
  expect((await progress()).demands).toContainEqual({ demand: ANKLE, recent: 0, all: 0 });
  expect(await openAthleteProgress("nobody", "year")).toBeNull();
  expect(await openGroupProgress("nobody", "year")).toBeNull();
});

describe("with sessions on record", () => {
  beforeAll(async () => {
    await trained(400, { set: { weight: weight(40) } });
    await trained(40);
    await trained(3, {
      session: { pains: [{ area: "knee", level: 2, quality: "dull", signs: [], lift: 0 }] },
      set: { weight: weight(52.5) },
    });
    await trained(2, {
      session: { presence: "absent", readySeconds: null },
      drill: { isDone: false },
      set: { isWork: false },
    });
  });

  test("minutes are told by session and phase, of the time that is looked at", async () => {
    const year = await progress();
    expect(year.sessions.map((s) => [s.planned, s.real])).toEqual([
      [900, 960],
      [900, 960],
    ]);
    expect(year.phases).toEqual([{ phase: "Mobilise", planned: 60, real: 90 }]);
    const ramp = { isWork: false, plannedSeconds: 100, realSeconds: 130 };
    await trained(5, { drill: { isDone: false }, set: ramp });
    expect((await progress()).phases.at(-1)).toEqual({ phase: "Ramp", planned: 100, real: 130 });
    await putSessionRecord("s5", { sessions: [], drills: [], sets: [] });
    expect(year.attended).toBe(2);
    expect((await openAthleteProgress(ATHLETE, "all"))!.sessions).toHaveLength(3);
    expect((await openAthleteProgress(ATHLETE, "quarter"))!.sessions).toHaveLength(2);
  });

  test("what was looked after is told of two and of eight weeks", async () => {
    const { demands } = await progress();
    expect(demands.find((d) => d.demand === ANKLE)).toEqual({ demand: ANKLE, recent: 90, all: 180 });
  });

  test("a lift has its weights on record and those that were done, the heaviest of each day", async () => {
    const lift = (await progress()).lifts.find((l) => l.lift === "front-squat")!;
    expect(lift.weights.find((w) => w.day === day(3))).toEqual({ day: day(3), weight: weight(52.5) });
    expect(lift.weights.map((w) => w.day)).toEqual(lift.weights.map((w) => w.day).sort());
    expect(lift.weights.some((w) => w.day === day(400))).toBe(false);
  });

  test("pain is told with how it was afterwards", async () => {
    const answer = {
      about: "knee",
      moment: "morning",
      feels: "usual",
      level: 0,
      by: "coach",
      at: 1,
    } as const;
    await putFollowUp({ sessionId: "s3", athleteId: ATHLETE, ...answer });
    expect((await progress()).pains).toMatchObject([
      { day: day(3), pain: { area: "knee", level: 2 }, answers: [{ moment: "morning", feels: "usual" }] },
    ]);
  });

  test("a group's is that of its people, each on average; everybody's has all", async () => {
    const group = (await openGroupProgress("pilots", "year"))!;
    expect(group.people).toBe(9);
    expect(group.demands.find((d) => d.demand === ANKLE)!.all).toBeCloseTo(180 / 9);
    expect((await openGroupProgress("masters", "year"))!.sessions).toEqual([]);
    expect((await openGroupProgress(null, "year"))!.sessions).toHaveLength(2);
  });

  test("outcomes of tests and what trials began with are one course", async () => {
    const result = { test: "knee-to-wall", moment: "cold" as const, value: [8, 9] };
    await noteResultAction({ athleteId: ATHLETE, result: { ...result, id: "outcome-1", day: day(10) } });
    const trial = { test: "knee-to-wall", drill: drill.id, seconds: 60, before: [9, 9], after: [11, 11] };
    for (const ago of [9, 8, 7]) {
      await noteTrialAction({ athleteId: ATHLETE, trial: { ...trial, id: `trial-${ago}-x`, day: day(ago) } });
    }
    expect((await progress()).results.map((r) => [r.day, r.value])).toEqual([
      [day(10), [8, 9]],
      ...[9, 8, 7].map((ago) => [day(ago), [9, 9]]),
    ]);
    expect((await progress()).responses).toMatchObject([{ drill: drill.id, name: drill.name, trials: 3 }]);
  });

  test("the report says it in words", async () => {
    const { parts } = (await openReport(ATHLETE, "year"))!;
    const lines = parts.flatMap((p) => p.lines).join("\n");
    expect(lines).toMatch(/^Front squat: 52\.5 kg/m);
    expect(lines).toMatch(/^Knee to wall: left 9 cm, right 9 cm/m);
    expect(lines).toContain("2 sessions written down.");
    expect(lines).toContain("Something hurt in 1 of them");
    expect(await openReport("nobody", "year")).toBeNull();
  });
});

test.each([
  ["quarter", "quarter"],
  ["all", "all"],
  ["year", "year"],
  ["century", "year"],
  [undefined, "year"],
  [["all", "year"], "all"],
])("an address that says %j means %s", (said, period) => {
  expect(periodOf(said)).toBe(period);
});

describe("a group beside each other", () => {
  const group = async (period: "year" | "quarter" = "year") => (await openGroupProgress(null, period))!;
  const rowOf = (all: readonly Compared[], id: string) =>
    all.find((c) => c.id === id)?.rows.find((r) => r.athlete === ATHLETE);

  test("at a lift: first and latest maximum of everybody who has any", async () => {
    const note = (ago: number, kilos: number) =>
      noteWeightAction({
        ...{ athleteId: ATHLETE, lift: "front-squat", day: day(ago) },
        record: { weight: weight(kilos), sets: 3, reps: 5, rir: 2 },
      });
    await note(300, 40);
    await note(0, 60);
    const { lifts, unit } = await group();
    expect(unit).toBe("kg");
    const row = rowOf(lifts, "front-squat")!;
    expect([row.first.day, row.latest.day]).toEqual([day(300), day(0)]);
    expect(row.latest.value / row.first.value).toBeCloseTo(1.5, 3);
    const counts = lifts.map((l) => l.rows.length);
    expect(counts).toEqual(counts.toSorted((a, b) => b - a));
    expect(rowOf((await group("quarter")).lifts, "front-squat")!.first.day).not.toBe(day(300));
  });

  test("at a test: the worse side, before warm-ups", async () => {
    const note = (ago: number, value: number[], moment: "cold" | "after") =>
      noteResultAction({
        athleteId: ATHLETE,
        result: {
          ...{ id: `compared-${ago}-${moment}`, test: "knee-to-wall", day: day(ago), value, moment },
          ...{ signs: [], sessionId: null },
        },
      });
    await note(20, [8, 6], "cold");
    await note(20, [8, 9], "after");
    await note(1, [7, 9], "cold");
    const row = rowOf((await group()).tests, "knee-to-wall")!;
    expect(row).toMatchObject({ latest: { day: day(1), value: 7 } });
  });
});
