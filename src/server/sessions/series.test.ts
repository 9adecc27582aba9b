import { addDays, parseISO } from "date-fns";
import { seedDemo } from "@/demo/seed";
import { isoDay } from "@/lib/iso-day";
import { withTemporaryDatabase } from "../__tests__/database";
import {
  changeSeriesAction,
  giveLiftAction,
  openSession,
  removeSeriesAction,
  repeatSessionAction,
  restoreAction,
  saveDraftAction,
  saveSessionAction,
  setRampSetsAction,
} from "../__tests__/now";
import { today } from "./day";

withTemporaryDatabase();
beforeAll(() => seedDemo(new Date()));

const ID = "today-masters";
const opened = async (id: string) => {
  const session = await openSession(id);
  if (!session.ok) throw new Error(`${id}: ${session.error.kind}`);
  return session.value;
};
const weekdayOf = (day: string) => (parseISO(day).getDay() + 6) % 7;
const until = isoDay(addDays(parseISO(today()), 21));
const PERCENT = { sets: 3, reps: 5, load: { kind: "percent", percent: 70, of: "max" } } as const;

/** The session with a share of the maximum, come again three times. */
async function repeated(): Promise<string[]> {
  const { session, revision } = await opened(ID);
  const lifts = session.lifts.map((l, i) => (i === 0 ? { ...l, scheme: PERCENT } : l));
  await saveSessionAction({ revision, session: { ...session, lifts } });
  const made = await repeatSessionAction({
    ...{ id: ID, weekdays: [weekdayOf(session.day)], until },
    progression: { step: 2.5, backOffEvery: 3, backOff: 10 },
  });
  return (made as { ids: string[] }).ids;
}

test("a session comes again with its people and the share of each week, and all of them are changed or deleted together", async () => {
  const ids = await repeated();
  expect(ids).toHaveLength(3);
  const loads = await Promise.all(ids.map(async (id) => (await opened(id)).session.lifts[0]!.scheme!.load));
  expect(loads.map((l) => l.kind === "percent" && l.percent)).toEqual([72.5, 62.5, 75]);
  const { session, revision } = await opened(ids[0]!);
  const source = (await opened(ID)).session;
  expect(session.series).toEqual(source.series);
  expect(session.participants.map((p) => p.athleteId)).toEqual(source.participants.map((p) => p.athleteId));

  await saveSessionAction({ revision, session: { ...session, time: "07:15", minutes: 22 } });
  const changed = await changeSeriesAction({ id: ids[0], which: "following" });
  expect(changed).toMatchObject({ kind: "changed", what: "2 sessions made like this one" });
  const last = (await opened(ids[2]!)).session;
  expect([last.time, last.minutes, last.lifts[0]!.scheme!.load]).toEqual(["07:15", 22, loads[2]]);
  expect((await opened(ID)).session.time).toBe(source.time);
  await restoreAction((changed as { token: string }).token);
  expect((await opened(ids[2]!)).session.time).toBe(source.time);

  const removed = await removeSeriesAction({ id: ids[1], which: "following" });
  expect(await Promise.all(ids.map(async (id) => (await openSession(id)).ok))).toEqual([true, false, false]);
  await restoreAction((removed as { token: string }).token);
  expect((await opened(ids[2]!)).session.series).toEqual(source.series);
});

test.each([
  [{ weekdays: [] }, /weekdays: Choose a day/],
  [{ weekdays: [9] }, /weekdays\.0/],
  [{ until: "2020-01-01" }, /until: No such day/],
  [{ until: "2199-01-01" }, /until: These are over 120/],
  [{ progression: { step: 99, backOffEvery: null, backOff: 0 } }, /step: Give points/],
  [{ id: "none" }, /no longer there/],
])("%j is refused", async (bad, message) => {
  const request = { id: ID, weekdays: [0], until, progression: null, ...bad };
  expect(await repeatSessionAction(request)).toEqual({
    kind: "refused",
    message: expect.stringMatching(message),
  });
});

test("a lift reaches also who has lifts of their own, and is taken from them again by undo", async () => {
  const { session, members, revision } = await opened("today-pilots");
  const [member] = members;
  const { athlete, given, draft } = member!;
  const own = { ...draft, lifts: [{ ...draft.lifts[0]!, lift: "front-squat" }] };
  const of = { sessionId: session.id, athleteId: athlete.id };
  await saveDraftAction({ ...of, revision: member!.revision, given, draft: own });
  const added = { lift: "deadlift", scheme: null, pairedWithNext: false };
  await saveSessionAction({ revision, session: { ...session, lifts: [...session.lifts, added] } });
  const liftsOf = async () =>
    (await opened(session.id)).members
      .find((m) => m.athlete.id === athlete.id)!
      .draft.lifts.map((l) => l.lift);
  expect(await liftsOf()).toEqual(["front-squat"]);
  const request = { sessionId: session.id, lift: "deadlift", athleteIds: [athlete.id] };
  const outcome = await giveLiftAction(request);
  expect(await liftsOf()).toEqual(["front-squat", "deadlift"]);
  expect(await giveLiftAction(request)).toMatchObject({ kind: "refused" });
  await restoreAction((outcome as { token: string }).token);
  expect(await liftsOf()).toEqual(["front-squat"]);
});

test("a ramp set fewer is for this session only, and is taken back", async () => {
  const id = "today-throwers";
  const rampSetsOf = async (athleteId: string) =>
    (await opened(id)).members.find((m) => m.athlete.id === athleteId)!.draft.lifts[0]!.rampSets;
  const [first] = (await opened(id)).members;
  const athleteId = first!.athlete.id;
  const before = await rampSetsOf(athleteId);
  const outcome = await setRampSetsAction({ sessionId: id, sets: [{ athleteId, rampSets: 3 }] });
  expect(outcome).toMatchObject({ kind: "changed", what: "Another number of ramp sets for 1 athlete" });
  expect(await rampSetsOf(athleteId)).toBe(3);
  await restoreAction((outcome as { token: string }).token);
  expect(await rampSetsOf(athleteId)).toBe(before);
  expect(await setRampSetsAction({ sessionId: id, sets: [{ athleteId, rampSets: 99 }] })).toMatchObject({
    kind: "refused",
  });
});
