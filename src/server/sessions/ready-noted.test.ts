import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { listCalendar, openSession, saveSessionAction } from "../__tests__/now";
import { openCatalog } from "../library/catalog";
import { allCardsOf, readyOf, wholePlanOf } from "../plans/plan-session";
import { today } from "./day";
import { leadOf } from "./list-calendar";

withTemporaryDatabase();
beforeAll(() => seedDemo(new Date()));

const ID = "today-masters";
const opened = async () => {
  const session = await openSession(ID);
  if (!session.ok) throw new Error("not opened");
  return session.value;
};
const fromInCalendar = async () =>
  (await listCalendar(today(), "day")).sessions.find((s) => s.id === ID)!.from!;
const minutesOf = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

test("the time to arrive is that of the minutes, or of what it takes where that is more", () => {
  expect(leadOf({ readySeconds: null }, 18)).toBe(18);
  expect(leadOf({ readySeconds: 600 }, 18)).toBe(18);
  expect(leadOf({ readySeconds: 1141 }, 18)).toBe(20);
});

test("the calendar knows when all are ready once it is worked out, until the session is changed", async () => {
  const { session } = await opened();
  const lifting = minutesOf(session.time!);
  expect(lifting - minutesOf(await fromInCalendar())).toBe(session.minutes);
  const { seconds } = await readyOf(await opened(), await openCatalog());
  const lead = Math.ceil(seconds / 60);
  expect(lead).toBeGreaterThan(session.minutes);
  expect(lifting - minutesOf(await fromInCalendar())).toBe(lead);
  // Noting it is no change of the session.
  const { revision } = await opened();
  expect(await saveSessionAction({ revision, session: { ...session, name: "Changed" } })).toMatchObject({
    kind: "saved",
  });
  expect(lifting - minutesOf(await fromInCalendar())).toBe(session.minutes);
});

test("where arrivals are staggered nobody comes later than the drills allow, and somebody comes first", async () => {
  const catalog = await openCatalog();
  // One bar for twelve: most of them wait for those before them.
  const share = async (how: object) => {
    const { session, revision } = await opened();
    await saveSessionAction({
      revision,
      session: { ...session, racks: { ...session.racks, count: 1, ...how } },
    });
  };
  await share({ staggered: false });
  const together = await allCardsOf(await opened(), catalog);
  await share({ staggered: true });
  const staggered = await allCardsOf(await opened(), catalog);
  const ready = await readyOf(await opened(), catalog);
  const plan = await wholePlanOf(await opened(), catalog);
  const later = staggered.map((c, i) => minutesOf(c.arrive!) - minutesOf(together[i]!.arrive!));
  expect(Math.min(...later)).toBe(0);
  expect(Math.max(...later)).toBeGreaterThan(0);
  for (const [i, { id, drillSeconds, name }] of plan.members.entries()) {
    expect(staggered[i]!.athlete).toBe(name);
    const first = ready.members.find((m) => m.id === id)!.sets?.[0];
    if (first) expect(drillSeconds + 60 * later[i]!).toBeLessThanOrEqual(first.startsAt);
  }
});
