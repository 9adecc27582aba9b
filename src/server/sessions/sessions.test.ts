import { mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { createClient } from "@libsql/client";
import { addDays } from "date-fns";
import { weight } from "@/core/units";
import { seedDemo } from "@/demo/seed";
import { isoDay } from "@/lib/iso-day";
import { withTemporaryDatabase } from "../__tests__/database";
import {
  copySessionAction,
  done,
  keepTemplateAction,
  listCalendar,
  listDay,
  moveSessionAction,
  newSessionChoices,
  openSession,
  removeSessionAction,
  removeTemplateAction,
  restoreAction,
  saveDraftAction,
  saveSessionAction,
  startSessionAction,
  warmUpsOf,
} from "../__tests__/now";
import { today } from "./day";
import { dayOf, pageOf } from "./list-day";
import type { NewSessionForm } from "./start-session";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

const later = (days: number) => isoDay(addDays(new Date(), days));

async function opened(id: string) {
  const found = await openSession(id);
  if (!found.ok) throw new Error(`not opened: ${JSON.stringify(found.error)}`);
  return found.value;
}

const form: NewSessionForm = {
  day: "2031-03-03",
  time: "18:00",
  minutes: 20,
  approach: "bar-first",
  lifts: ["back-squat", "deadlift"],
  groupId: "masters",
  athleteIds: [],
  gymId: null,
  from: null,
};

async function started(change: Partial<NewSessionForm> = {}) {
  const outcome = await startSessionAction({ ...form, ...change });
  if (outcome.kind !== "started") throw new Error(outcome.message);
  return outcome.id;
}

describe("a new session", () => {
  test("is for everybody of the group, together, with what the form says", async () => {
    const { session, members } = await opened(await started());
    expect(session).toMatchObject({
      ...{ name: "Masters, 45 and over", day: "2031-03-03", time: "18:00", minutes: 20 },
      ...{ approach: "bar-first", together: true, groupId: "masters", gymId: "rope-works" },
    });
    expect(members).toHaveLength(12);
    expect(members.every((m) => m.own.length === 0)).toBe(true);
    expect(session.lifts.map((l) => l.lift)).toEqual(["back-squat", "deadlift"]);
  });

  test("like an earlier one has its sets, pairs and drills where the lifts are the same", async () => {
    const id = await started();
    const { session, revision } = await opened(id);
    const scheme = { sets: 5, reps: 2, load: { kind: "percent", percent: 80, of: "max" } };
    const lifts = [{ lift: "back-squat", scheme, pairedWithNext: true }, session.lifts[1]];
    const changed = { ...session, lifts, room: "cold", dropped: ["rope-turns"] };
    expect(await saveSessionAction({ revision, session: changed })).toMatchObject({ kind: "saved" });
    const next = await opened(
      await started({ lifts: ["back-squat", "bench-press"], from: { kind: "session", id } }),
    );
    expect(next.session).toMatchObject({
      ...{ room: "cold", dropped: ["rope-turns"], minutes: 20 },
      lifts: [
        { scheme, pairedWithNext: true },
        { lift: "bench-press", scheme: null },
      ],
    });
  });

  test("of single athletes is named after the one, or counts them; alone it is not together", async () => {
    const one = { groupId: null, athleteIds: ["ilse"] };
    expect((await opened(await started(one))).session).toMatchObject({
      name: "Ilse Maartens",
      together: false,
    });
    const two = { groupId: null, athleteIds: ["ilse", "mei", "ilse", "nobody"] };
    const both = await opened(await started(two));
    expect(both.session).toMatchObject({ name: "2 athletes", together: true });
  });

  test.each<[string, Partial<NewSessionForm>, RegExp]>([
    ["nobody", { groupId: null }, /Choose an athlete, or a group/],
    ["a group that is not there", { groupId: "nowhere" }, /no such group/],
    ["no lift", { lifts: [] }, /lifts: Choose a lift/],
    ["a lift that is not there", { lifts: ["wall-climb"] }, /lifts\.0: There is no lift/],
    ["a day that is none", { day: "soon" }, /day: Give a day/],
    ["a time that is none", { time: "25:00" }, /time: Give a time/],
    ["a gym that is not there", { gymId: "nowhere" }, /no such gym/],
    ["a minute", { minutes: 1 }, /minutes: Must be at least 2/],
  ])("with %s is refused with what to do", async (_, change, message) => {
    expect(await startSessionAction({ ...form, ...change })).toMatchObject({
      kind: "refused",
      message: expect.stringMatching(message),
    });
  });

  test("is offered as the group did last, or from a template", async () => {
    const id = await started({ groupId: "throwers", day: "2032-01-01", minutes: 27 });
    expect(await keepTemplateAction({ sessionId: id, name: "Heavy day" })).toEqual({ kind: "kept" });
    expect(await keepTemplateAction({ sessionId: id, name: " " })).toMatchObject({ kind: "refused" });
    const choices = await newSessionChoices();
    expect(choices.groups.find((g) => g.id === "throwers")).toMatchObject({
      people: 9,
      last: { id, minutes: 27, time: "18:00", lifts: ["back-squat", "deadlift"] },
    });
    const [template] = choices.templates;
    expect(template).toMatchObject({ name: "Heavy day", minutes: 27 });
    const from = { kind: "template" as const, id: template!.id };
    expect((await opened(await started({ from }))).session.approach).toBe("bar-first");
    await removeTemplateAction(template!.id);
    expect((await newSessionChoices()).templates).toEqual([]);
  });
});

describe("a session", () => {
  test("is stored as changed, people and who is absent with it", async () => {
    const id = await started();
    const { session, revision } = await opened(id);
    const participants = session.participants.slice(2).map((p) => ({ ...p, absent: p.athleteId === "mei" }));
    const changed = { ...session, name: "Late", time: null, participants, own: [{ drill: "rope-turns" }] };
    expect(await saveSessionAction({ revision, session: changed })).toEqual({ kind: "saved", revision: 1 });
    const now = await opened(id);
    expect(now.session).toEqual(changed);
    expect((await warmUpsOf(now)).map((w) => w.member.athlete.id)).not.toContain("mei");
  });

  test("changed in another window is not written over", async () => {
    const id = await started();
    const { session, revision } = await opened(id);
    await saveSessionAction({ revision, session: { ...session, minutes: 11 } });
    const late = await saveSessionAction({ revision, session: { ...session, minutes: 44 } });
    expect(late).toMatchObject({ kind: "changed-elsewhere", revision: revision + 1, draft: { minutes: 11 } });
    expect(await moveSessionAction({ id, revision, day: "2031-03-04", time: null })).toMatchObject({
      kind: "refused",
      message: expect.stringMatching(/somewhere else/),
    });
  });

  test.each([
    ["without a name", { name: " " }, /session\.name: Type the session's name/],
    ["without a lift", { lifts: [] }, /session\.lifts: A session has at least one lift/],
    ["with somebody twice", { participants: twice("ilse") }, /twice/],
    ["in a gym that is not there", { gymId: "nowhere" }, /no such gym/],
  ])("%s is refused and nothing is stored", async (_, change, message) => {
    const { session, revision } = await opened("tomorrow-pilots");
    const outcome = await saveSessionAction({ revision, session: { ...session, ...change } });
    expect(outcome).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
    expect((await opened("tomorrow-pilots")).session).toEqual(session);
  });

  test("that changes takes along everybody's warm-up but what was changed for one", async () => {
    const id = await started();
    const { draft, given, revision } = (await opened(id)).members.find((m) => m.athlete.id === "rashid")!;
    const lifts = draft.lifts.map((l, i) => (i === 0 ? { ...l, weight: weight(130) } : l));
    const at = { sessionId: id, athleteId: "rashid", given };
    expect(await saveDraftAction({ ...at, revision, draft: { ...draft, lifts } })).toMatchObject({
      kind: "saved",
    });
    const { session, revision: of } = await opened(id);
    await saveSessionAction({ revision: of, session: { ...session, minutes: 31 } });
    const rashid = (await opened(id)).members.find((m) => m.athlete.id === "rashid")!;
    expect(rashid.draft).toMatchObject({ minutes: 31, lifts: [{ weight: weight(130) }, {}] });
    expect(rashid.own).toEqual(["weights"]);
  });

  test("copied to other days goes with what is changed for single ones, but not with what was done", async () => {
    const { session } = await opened("tomorrow-masters");
    const before = (await opened("tomorrow-masters")).members.map((m) => m.own);
    const outcome = await copySessionAction({
      id: session.id,
      days: ["2033-02-01", "2033-02-08", "2033-02-01"],
    });
    if (outcome.kind !== "copied") throw new Error(outcome.message);
    expect(outcome.ids).toHaveLength(2);
    const copy = await opened(outcome.ids[1]!);
    expect(copy.session).toMatchObject({ day: "2033-02-08", time: session.time, name: session.name });
    expect(copy.members.map((m) => m.own)).toEqual(before);
    expect(await copySessionAction({ id: session.id, days: [] })).toMatchObject({ kind: "refused" });
    expect(await copySessionAction({ id: "gone", days: ["2033-02-01"] })).toMatchObject({ kind: "refused" });
  });

  test("taken out can be brought back once, as it was", async () => {
    const before = await opened("today-throwers");
    const { token } = await done(removeSessionAction("today-throwers"));
    expect(await openSession("today-throwers")).toMatchObject({ ok: false, error: { kind: "missing" } });
    expect(await restoreAction(token)).toMatchObject({ kind: "restored" });
    expect(await opened("today-throwers")).toEqual(before);
    expect(await restoreAction(token)).toMatchObject({ kind: "refused" });
    expect(await removeSessionAction("gone")).toMatchObject({ kind: "refused" });
  });

  test("of the past knows only the weights of then", async () => {
    const past = later(-3);
    const { sessions } = await listDay(past, 1);
    const id = sessions[0]!.id;
    const all = (await opened(id)).members.flatMap((m) => m.athlete.workingWeights);
    expect(all.length).toBeGreaterThan(0);
    expect(all.every((w) => w.day <= past)).toBe(true);
  });
});

function twice(athleteId: string) {
  return [
    { athleteId, absent: false },
    { athleteId, absent: true },
  ];
}

describe("the calendar", () => {
  test("has the sessions of a week or a day, from when to arrive to the first working set", async () => {
    await started({ day: "2034-05-10", time: "07:15", minutes: 20 });
    await started({ day: "2034-05-14", time: null });
    const week = await listCalendar("2034-05-12", "week");
    expect(week.first).toBe("2034-05-08");
    expect(week.sessions).toMatchObject([
      { day: "2034-05-10", from: "06:55", time: "07:15", people: 12, lifts: ["Back squat", "Deadlift"] },
      { day: "2034-05-14", from: null, time: null },
    ]);
    expect((await listCalendar("2034-05-12", "day")).sessions).toEqual([]);
  });

  test("moves a session to another day and time", async () => {
    const id = await started({ day: "2034-06-01" });
    const moved = await moveSessionAction({ id, revision: 0, day: "2034-06-02", time: "09:00" });
    expect(moved).toEqual({ kind: "saved", revision: 1 });
    expect((await opened(id)).session).toMatchObject({ day: "2034-06-02", time: "09:00" });
  });
});

describe("a day", () => {
  test("comes in pages, in time order, those without a time last", async () => {
    const times = Array.from({ length: 22 }, (_, i) => (i === 5 ? null : `${String(i).padStart(2, "0")}:30`));
    for (const time of times.toReversed())
      await started({ day: "2035-01-01", time, groupId: null, athleteIds: ["mei"] });
    const first = await listDay("2035-01-01", 1);
    expect([first.sessions.length, first.total, first.pages]).toEqual([12, 22, 2]);
    expect(first.sessions[0]).toMatchObject({ time: "00:30", arriveBy: expect.stringMatching(/^00:1/) });
    const second = (await listDay("2035-01-01", 2)).sessions.map((s) => s.time);
    expect([second.length, ...second.slice(-2)]).toEqual([10, "21:30", null]);
  });

  test("is today where the address names none, and the first page where it names nonsense", () => {
    expect(dayOf(undefined)).toBe(today());
    expect(dayOf(["2031-01-02", "x"])).toBe("2031-01-02");
    expect(dayOf("yesterday")).toBe(today());
    expect([pageOf("3"), pageOf("-1"), pageOf("x")]).toEqual([3, 1, 1]);
  });
});

test("a database of the time before sessions keeps its warm-ups, each as a session of its own", async () => {
  const folder = mkdtempSync(path.join(tmpdir(), "iron-step-old-"));
  const client = createClient({ url: `file:${folder}/old.db` });
  const migrations = path.join(process.cwd(), "src/data/migrations");
  const files = readdirSync(migrations)
    .filter((f) => f.endsWith(".sql"))
    .sort();
  const run = async (file: string) => {
    for (const sql of readFileSync(path.join(migrations, file), "utf8").split("--> statement-breakpoint"))
      await client.execute(sql);
  };
  for (const file of files.filter((f) => f < "0004")) await run(file);
  await client.batch([
    "insert into training_group values ('g', 'Group', 0)",
    "insert into athlete (id, group_id, name, unit, experience) values ('a', 'g', 'Ada', 'kg', 'beginner')",
    "insert into gym (id, name, unit, bar_name, bar_weight, collar_weight) values ('h', 'Hall', 'kg', 'Bar', 20000, 0)",
    "insert into working_weight values ('a', 'deadlift', '2026-01-05', 100000, 5, 3, 2)",
    `insert into warm_up values ('w', 'a', 'h', '2026-01-06', '{"lifts":[{"lift":"deadlift"}],"minutes":22,"approach":"bar-first","room":"cold"}', 3, 0)`,
    `insert into warm_up values ('old', 'a', 'h', '2026-01-07', '{"lift":"bench-press","minutes":9}', 0, 0)`,
    "insert into warm_up values ('bad', 'a', 'h', '2026-01-08', '{ not json', 0, 0)",
  ]);
  for (const file of files.filter((f) => f >= "0004")) await run(file);
  const rows = (await client.execute("select id, name, day, content from session order by day")).rows;
  const contents = rows.map((r) => JSON.parse(String(r.content)));
  expect(rows.map((r) => [r.id, r.name, r.day])).toEqual([
    ["w", "Ada", "2026-01-06"],
    ["old", "Ada", "2026-01-07"],
    ["bad", "Ada", "2026-01-08"],
  ]);
  expect(contents[0]).toEqual({
    ...{ lifts: [{ lift: "deadlift", scheme: null, pairedWithNext: false }], minutes: 22 },
    ...{ approach: "bar-first", room: "cold", together: false, own: [], dropped: [] },
  });
  expect(contents[1]).toMatchObject({ lifts: [{ lift: "bench-press" }], minutes: 9 });
  expect(contents[2]).toMatchObject({ lifts: [{ lift: "back-squat" }], minutes: 15 });
  const drafts = (await client.execute("select session_id, athlete_id, revision from warm_up")).rows;
  expect(drafts.map((d) => [d.session_id, d.athlete_id, d.revision])).toContainEqual(["w", "a", 3]);
  const [known] = (await client.execute("select * from working_weight")).rows;
  expect(known).toMatchObject({ kind: "working", source: "coach", weight: 100000 });
  client.close();
  rmSync(folder, { recursive: true });
});
