import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { openSession, saveGymAction, saveSessionAction } from "../__tests__/now";
import { addresses, isCalendarAddress, shareCalendar, stopSharingCalendar } from "../access/addresses";
import { openGymKit } from "../gyms/gym-kit";
import { openCatalog } from "../library/catalog";
import { sessionsCalendar } from "./sessions-feed";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

test("who subscribes has an address of their own, until it is revoked", async () => {
  const first = await shareCalendar({ name: "Front desk" });
  const second = await shareCalendar({ name: "Maja" });
  const token = first.path.split("/").at(-1)!;
  expect(second.path).not.toBe(first.path);
  expect(await isCalendarAddress(token)).toBe(true);
  expect((await addresses()).calendars.map((c) => c.name)).toEqual(["Front desk", "Maja"]);
  await stopSharingCalendar(token);
  expect(await isCalendarAddress(token)).toBe(false);
  expect((await addresses()).calendars.map((c) => c.name)).toEqual(["Maja"]);
  for (const none of ["", "x".repeat(500), "nothing-like-it"])
    expect(await isCalendarAddress(none)).toBe(false);
});

test("the calendar feed has the sessions with when to arrive, and nobody's name", async () => {
  const feed = await sessionsCalendar(await openCatalog());
  expect(feed).toMatch(/^BEGIN:VCALENDAR/);
  expect(feed.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(20);
  expect(feed).toMatch(/SUMMARY:Masters\\, 45 and over/);
  expect(feed).toMatch(/DTSTART:\d{8}T181200\r/);
  expect(feed).not.toMatch(/Rashid|Consuelo/);
});

test.each([
  // Summer time begins and ends on these days.
  ["Europe/Berlin", "2026-03-29", "18:30", "20260329T181200"],
  ["America/Santiago", "2026-09-06", "07:00", "20260906T064200"],
  ["Pacific/Auckland", "2026-04-05", "18:30", "20260405T181200"],
  ["Pacific/Auckland", "2026-04-05", "02:30", "20260405T021200"],
  ["UTC", "2026-07-01", "00:10", "20260630T235200"],
  [null, "2026-07-01", "18:30", "20260701T181200"],
])("the feed has a session by its gym's clock: %s on %s at %s", async (timeZone, day, time, start) => {
  const [opened, { gym, revision }] = [await openSession("tomorrow-masters"), (await openGymKit())!];
  if (!opened.ok) throw new Error("not opened");
  await saveGymAction({ revision, gym: { ...gym, timeZone } });
  const { session: masters, revision: of } = opened.value;
  await saveSessionAction({ revision: of, session: { ...masters, gymId: gym.id, day, time, minutes: 18 } });
  const feed = await sessionsCalendar(await openCatalog(), new Date(`${day}T12:00:00Z`));
  const event = feed.split("BEGIN:VEVENT").find((e) => e.includes("UID:tomorrow-masters@"))!;
  const clock = timeZone && timeZone !== "UTC" ? `;TZID=${timeZone}` : "";
  expect(event).toContain(`DTSTART${clock}:${start}${timeZone === "UTC" ? "Z" : ""}\r`);
  if (clock) expect(feed).toContain(`BEGIN:VTIMEZONE\r\nTZID:${timeZone}`);
  expect(event).toContain(`LOCATION:${gym.name}`);
  expect(feed).toContain("REFRESH-INTERVAL;VALUE=DURATION:PT1H");
});

test("a session without a time is a whole day of the feed", async () => {
  const opened = await openSession("tomorrow-throwers");
  if (!opened.ok) throw new Error("not opened");
  const { session, revision } = opened.value;
  expect(await saveSessionAction({ revision, session: { ...session, time: null } })).toMatchObject({
    kind: "saved",
  });
  const feed = await sessionsCalendar(await openCatalog());
  const event = feed.split("BEGIN:VEVENT").find((e) => e.includes("UID:tomorrow-throwers@"))!;
  expect(event).toContain(`DTSTART;VALUE=DATE:${session.day.replaceAll("-", "")}\r`);
  expect(event).not.toContain("First working set");
});
