import { addDays } from "date-fns";
import { shippedCatalog as catalog } from "@/catalog";
import type { Pain } from "@/core/floor";
import { together, write } from "@/data/database";
import { type DoneDrillRow, putSessionRecord } from "@/data/records";
import { followUp } from "@/data/schema";
import { seedDemo } from "@/demo/seed";
import { isoDay } from "@/lib/iso-day";
import { withTemporaryDatabase } from "../__tests__/database";
import { noteWeightAction } from "../actions/athletes";
import { answerFollowUpAction, markAreaAction, smallestDoseAction } from "../actions/follow-ups";
import { writeAsPlannedAction } from "../actions/record";
import { answerByCard } from "../api/follow-up";
import { openAthlete } from "../athletes/athletes";
import { cardAddressesOf, shareCards } from "../cards/card-addresses";
import { openFloor } from "../floor/open-floor";
import { followUpsOfCard, openFollowUps } from "./follow-ups";

withTemporaryDatabase();

const SESSION = "today-masters";
const ATHLETE = "fatoumata";
const dayBefore = (days: number) => isoDay(addDays(new Date(), -days));
const pain: Pain = { area: "knee", level: 3, quality: "dull", signs: [], lift: 0 };

/** Writes down that somebody hurt in a session so many days ago, at noon. */
async function hurt(
  days: number,
  what: { pains?: readonly Pain[]; stopped?: readonly string[] } = { pains: [pain] },
  drills: readonly DoneDrillRow[] = [],
) {
  const day = dayBefore(days);
  const row = {
    ...{ sessionId: SESSION, athleteId: ATHLETE, day, name: "Masters", presence: "there" as const },
    ...{ plannedSeconds: 900, readySeconds: 900, notes: [], pains: [], stopped: [], ...what },
    endedAt: new Date(`${day}T12:00:00`).getTime(),
  };
  await putSessionRecord(SESSION, { sessions: [row], drills, sets: [] });
}
const open = async () =>
  (await openFollowUps(ATHLETE)).find((f) => f.sessionId === SESSION && f.about === "knee");
const answer = (over = {}) =>
  answerFollowUpAction({
    ...{ sessionId: SESSION, athleteId: ATHLETE, about: "knee", moment: "morning", feels: "sore", level: 2 },
    ...over,
  } as Parameters<typeof answerFollowUpAction>[0]);

beforeAll(() => seedDemo(new Date()));
beforeEach(() => write((db) => together(db, [db.delete(followUp)])));

test("what hurt is asked about, by what it was; once answered it is not asked again that day", async () => {
  await hurt(2);
  expect(await open()).toMatchObject({
    name: "Knee, 3 of 10",
    area: "knee",
    moment: "morning",
    verdict: "open",
  });
  expect(await answer({ feels: "usual", level: 0 })).toEqual({ kind: "answered" });
  expect(await open()).toBeUndefined();
});

test("a lift that was stopped is asked about too, and somebody who did not hurt is not", async () => {
  await hurt(2, { stopped: ["Back squat"] });
  const all = await openFollowUps(ATHLETE);
  expect(all.map((f) => f.about)).toEqual(["Back squat"]);
  await hurt(2, {});
  expect(await openFollowUps(ATHLETE)).toEqual([]);
});

test("of one area the strongest counts, and what is long past is let go of", async () => {
  await hurt(2, { pains: [pain, { ...pain, level: 5 }, { ...pain, level: 1 }] });
  expect(await open()).toMatchObject({ name: "Knee, 5 of 10" });
  await hurt(9);
  expect(await open()).toBeUndefined();
});

test("worse than before is for the coach, until the area is marked", async () => {
  await hurt(1);
  await answer({ moment: "hours", feels: "worse", level: 4 });
  await answer({ moment: "morning", feels: "worse", level: 4 });
  expect(await open()).toMatchObject({ verdict: "too-much" });
  expect(await markAreaAction({ athleteId: ATHLETE, area: "knee", level: "sore" })).toEqual({
    kind: "marked",
  });
  expect((await openAthlete(ATHLETE))!.draft.areas).toContainEqual({ area: "knee", level: "sore" });
  expect(await open()).toBeUndefined();
  expect(await markAreaAction({ athleteId: "nobody", area: "knee", level: "sore" })).toMatchObject({
    kind: "refused",
  });
});

test("the athlete answers on the phone, for that session only", async () => {
  await hurt(1);
  await shareCards({ sessionId: SESSION, athleteIds: [ATHLETE] }, catalog);
  const { path } = (await cardAddressesOf(SESSION)).get(ATHLETE)!;
  const token = path.split("/").at(-1)!;
  const [asked] = await followUpsOfCard(SESSION, ATHLETE);
  const send = (body: object) =>
    answerByCard(
      token,
      new Request("http://localhost/", {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify(body),
      }),
    );
  const said = { about: asked!.about, moment: asked!.moment, feels: "usual", level: 0 };
  expect((await send({ ...said, level: 11 })).status).toBe(400);
  expect((await send({ ...said, about: "neck" })).status).toBe(409);
  expect((await send(said)).status).toBe(200);
  expect(await followUpsOfCard(SESSION, ATHLETE)).toEqual([]);
  expect((await answerByCard("nowhere", new Request("http://localhost/", { method: "POST" }))).status).toBe(
    404,
  );
});

test.each([
  [{ level: 11 }, /level: Must be at most 10/],
  [{ feels: "odd" }, /feels/],
  [{ about: "neck" }, /about: Nothing is asked/],
  [{ sessionId: "gone" }, /Nothing is asked/],
])("an answer with %j is refused by its field", async (over, message) => {
  await hurt(2);
  expect(await answer(over)).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
});

describe("when it was too much", () => {
  const floor = async () => {
    await markSessionDone();
    return (await openFloor(SESSION))!.plan.athletes.find((a) => a.id === ATHLETE)!;
  };
  const markSessionDone = async () => {
    if (!(await openFloor(SESSION))) await writeAsPlannedAction({ sessionId: SESSION, absent: [] });
  };
  const wasWorse = (about: string) => answer({ about, moment: "morning", feels: "worse", level: 4 });
  const about = async (name: string) => (await openFollowUps(ATHLETE)).find((f) => f.about === name);
  const doneDrill = (drill: string, place: number) => ({
    ...{ sessionId: SESSION, athleteId: ATHLETE, place, day: dayBefore(1), drill, name: drill },
    ...{ phase: "activate", isDone: true, insteadOf: null, plannedSeconds: 60, realSeconds: null, pace: 1 },
  });

  test("drills that load the area can be done less, one tap each, and back", async () => {
    const loading = catalog.drills.filter((d) => d.avoid.includes("shoulder"))[0]!;
    const other = catalog.drills.find((d) => d.avoid.length === 0 && !d.unkindTo)!;
    await hurt(1, { pains: [{ ...pain, area: "shoulder" }] }, [
      doneDrill(loading.id, 0),
      doneDrill(other.id, 1),
    ]);
    await wasWorse("shoulder");
    const offered = async () => (await about("shoulder"))!.less!.drills.map((d) => d.id);
    expect(await offered()).toEqual([loading.id]);
    const less = (isSmallest: boolean, drill = loading.id) =>
      smallestDoseAction({ athleteId: ATHLETE, drill, isSmallest });
    expect(await less(true)).toEqual({ kind: "set" });
    expect((await openAthlete(ATHLETE))!.draft.wishes?.smallest).toEqual([loading.id]);
    expect(await offered()).toEqual([]);
    await less(false);
    expect(await offered()).toEqual([loading.id]);
    expect(await less(true, "no-such-drill")).toMatchObject({
      kind: "refused",
      message: expect.stringMatching(/drill/),
    });
  });

  test("a lift that was stopped can be lighter the next time, until it is", async () => {
    const lift = (await floor()).lifts.find((l) => l.working)!;
    await hurt(1, { stopped: [lift.name] });
    await wasWorse(lift.name);
    const { less } = (await about(lift.name))!;
    expect(less!.weight!.lift).toBe(lift.lift);
    expect(less!.weight!.weight).toBeLessThan(lift.working!.weight);
    expect(less!.weight!.weight).toBeGreaterThan(0.88 * lift.working!.weight);
    const { name: _, unit: __, lift: id, ...record } = less!.weight!;
    await noteWeightAction({ athleteId: ATHLETE, lift: id, day: dayBefore(0), record });
    expect(await about(lift.name)).toBeUndefined();
  });
});
