import { eq } from "drizzle-orm";
import { weight } from "@/core/units";
import { database, write } from "@/data/database";
import { athlete, gym, session, warmUp } from "@/data/schema";
import { groups } from "@/demo/people";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import {
  cardOf,
  listDay,
  openSession,
  openWarmUp,
  parseDraft,
  saveDraftAction,
  startAlone,
  startAloneAction,
} from "../__tests__/now";
import { cardMarkdown } from "../cards/card-markdown";
import { today } from "./day";
import { forgetWarmUp } from "./save-session";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

async function whole(athleteId: string) {
  const [group] = groups.filter((g) => g.athletes.some((a) => a.id === athleteId));
  const opened = await openWarmUp(`today-${group!.id}`, athleteId);
  if (!opened.ok) throw new Error(`not opened: ${JSON.stringify(opened.error)}`);
  return opened.value;
}

/** What it takes to change an athlete's warm-up of today. */
async function open(athleteId: string) {
  const { session, member } = await whole(athleteId);
  const { draft, given, revision } = member;
  return { draft, revision, at: { sessionId: session.id, athleteId, given } };
}

const linesOf = async (day: string) => (await listDay(day, 1)).sessions.flatMap((s) => s.lines);

describe("the demo gym", () => {
  test("has about thirty members in three groups, twelve of them masters, in the order of their times", async () => {
    const { sessions } = await listDay(today(), 1);
    expect(sessions.map((s) => [s.time, s.lines.length])).toEqual([
      ["07:00", 9],
      ["10:00", 12],
      ["16:30", 9],
    ]);
  });

  test("shows each warm-up with its stair, and what needs attention", async () => {
    const lines = await linesOf(today());
    for (const { stair } of lines) expect(stair.treads.length).toBeGreaterThan(2);
    const noa = lines.find((l) => l.athlete.id === "noa")!;
    expect(noa.attention.map((f) => f.code)).toEqual(["no-working-weight"]);
  });

  test("is filled once; what has been changed since stays", async () => {
    const { draft, revision, at } = await open("ilse");
    await saveDraftAction({ ...at, revision, draft: { ...draft, minutes: 33 } });
    await seedDemo(new Date());
    expect((await open("ilse")).draft.minutes).toBe(33);
    const db = await database();
    expect(await db.select().from(athlete)).toHaveLength(30);
  });

  test("on a later day gets that day's sessions and the next one's", async () => {
    await seedDemo(new Date(2031, 4, 6));
    expect((await listDay("2031-05-06", 1)).total).toBe(3);
    expect((await listDay("2031-05-07", 1)).sessions.every((s) => s.together)).toBe(true);
    expect(await linesOf("2031-05-06")).toHaveLength(30);
  });
});

describe("a warm-up as Markdown", () => {
  const lines = (markdown: string, from: string) => markdown.split("\n").filter((l) => l.startsWith(from));

  test("has every drill, every ramp set with its plates, and the cautions", async () => {
    const opened = await whole("rashid");
    const markdown = cardMarkdown(await cardOf(opened, opened.member));
    expect(lines(markdown, "# ")).toEqual(["# Rashid al-Amin"]);
    expect(lines(markdown, "## ")).toEqual(["## Back squat", "## Bench press", "## Cautions"]);
    expect(markdown).toMatch(/\| 20 kg \| × 8 \| empty \| Empty bar \| 30 s \|/);
    expect(markdown).toMatch(/\| 147.5 kg \| work \|/);
    expect(markdown).toMatch(/- Chest pain/);
    // Every row of a table has as many cells as its head.
    const rows = lines(markdown, "|");
    const cells = rows.map((r) => r.replaceAll("\\|", "").split("|").length);
    for (const [i, r] of rows.entries())
      if (/^\| (Drill|At|Ramp) /.test(r)) expect(cells[i + 1]).toBe(cells[i]);
  });

  test("lets a name say nothing but itself", async () => {
    const opened = await whole("ilse");
    const { member } = opened;
    const card = await cardOf(opened, member);
    const markdown = cardMarkdown({ ...card, athlete: "A | <b>B</b>\n# C" });
    expect(markdown.split("\n")[0]).toBe("# A \\| \\<b\\>B\\</b\\> \\# C");
  });

  test("of weights without plates has no column for them", async () => {
    const opened = await whole("margit");
    const markdown = cardMarkdown(await cardOf(opened, opened.member));
    expect(markdown).toMatch(/\| [\d.]+ kg a hand \| × \d+ \| Take the [\d.]+ kg pair \|/);
  });
});

describe("saving", () => {
  test("stores the draft and counts the revision up", async () => {
    const { draft, revision, at } = await open("joao");
    const lift = { ...draft.lifts[0]!, reps: 6, fixed: { 1: { weight: weight(50) } }, rampSets: 4 };
    const changed = { ...draft, lifts: [lift] };
    expect(await saveDraftAction({ ...at, revision, draft: changed })).toEqual({
      kind: "saved",
      revision: revision + 1,
    });
    expect((await open("joao")).draft).toEqual(changed);
  });

  test("from an older revision writes nothing and gives what is there", async () => {
    const { draft, revision, at } = await open("mei");
    await saveDraftAction({ ...at, revision, draft: { ...draft, minutes: 20 } });
    const late = await saveDraftAction({ ...at, revision, draft: { ...draft, minutes: 40 } });
    expect(late).toMatchObject({ kind: "changed-elsewhere", revision: revision + 1, draft: { minutes: 20 } });
    expect((await open("mei")).draft.minutes).toBe(20);
  });

  test("twenty at once all get through, one after the other", async () => {
    const members = (await linesOf(today())).map((l) => l.athlete.id);
    const outcomes = await Promise.all(
      members.slice(0, 20).map(async (id) => {
        const { draft, revision, at } = await open(id);
        return saveDraftAction({ ...at, revision, draft: { ...draft, minutes: 21 } });
      }),
    );
    expect(outcomes.map((o) => o.kind)).toEqual(new Array(20).fill("saved"));
  });

  test("twenty from the same revision: one is stored, the others are told", async () => {
    const { draft, revision, at } = await open("hedwig");
    const outcomes = await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        saveDraftAction({ ...at, revision, draft: { ...draft, minutes: 10 + i } }),
      ),
    );
    expect(outcomes.filter((o) => o.kind === "saved")).toHaveLength(1);
    expect(outcomes.filter((o) => o.kind === "changed-elsewhere")).toHaveLength(19);
  });

  test.each([
    ["no lifts", { lifts: [] }, /lifts: A warm-up has at least one lift/],
    ["an unknown drill", { dropped: ["nope"] }, /dropped\.0: There is no such drill/],
    ["a field that there is not", { colour: "red" }, /colour/],
    ["1 minute", { minutes: 1 }, /minutes: Must be at least 2/],
  ])("%s is refused by name and nothing is stored", async (_, change, message) => {
    const { draft, revision, at } = await open("dmitri");
    const outcome = await saveDraftAction({ ...at, revision, draft: { ...draft, ...change } });
    expect(outcome).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
    expect(await open("dmitri")).toMatchObject({ revision, draft });
  });

  test.each([
    ["a negative weight", { weight: -5 }, /weight/],
    ["a weight that is no number", { weight: "heavy" }, /weight/],
    ["21 reps", { reps: 21 }, /reps: Must be at most 20/],
    ["no such lift", { lift: "wall-climb" }, /lift: There is no lift "wall-climb"/],
  ])("%s in a lift is refused by name", async (_, change, message) => {
    const { draft, revision, at } = await open("dmitri");
    const lifts = [{ ...draft.lifts[0]!, ...change }];
    const outcome = await saveDraftAction({ ...at, revision, draft: { ...draft, lifts } });
    expect(outcome).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
  });

  test("of the time when a warm-up had one lift is read as one with a single lift", async () => {
    const old = {
      lift: "deadlift",
      weight: 120_000,
      reps: 4,
      sets: 3,
      rir: 1,
      minutes: 15,
      approach: "bar-first",
      room: "normal",
      own: [],
      dropped: [],
      rampSets: null,
      fixed: {},
    };
    const read = await parseDraft(JSON.stringify(old));
    expect(read).toMatchObject({ ok: true, value: { minutes: 15, lifts: [{ lift: "deadlift", reps: 4 }] } });
  });

  test("of a warm-up that is gone is refused", async () => {
    const { draft, at } = await open("dmitri");
    const gone = { ...at, sessionId: "gone" };
    expect(await saveDraftAction({ ...gone, revision: 0, draft })).toMatchObject({ kind: "refused" });
  });
});

describe("starting alone", () => {
  test("opens the session that the athlete is in", async () => {
    expect(await startAlone({ athleteId: "linnea" })).toEqual({
      sessionId: "today-throwers",
      athleteId: "linnea",
    });
  });

  test("makes one with the lift of last time where there is none, and opens it the next time", async () => {
    const ask = { athleteId: "soraya", day: "2030-01-02" };
    const started = (await startAlone(ask))!;
    const opened = await openSession(started.sessionId);
    expect(opened).toMatchObject({
      ok: true,
      value: { session: { name: "Soraya Haddadi", together: false, lifts: [{ lift: "romanian-deadlift" }] } },
    });
    expect(await startAlone(ask)).toEqual(started);
  });

  test("of nobody opens nothing", async () => {
    expect(await startAlone({ athleteId: "nobody" })).toBeNull();
  });

  test.each([{ athleteId: 7 }, { athleteId: "ilse", day: "soon" }])("%j is refused", async (request) => {
    expect(await startAloneAction(request)).toMatchObject({ kind: "refused" });
  });
});

describe("a save", () => {
  test("that is sent again, since its answer was lost, is one save", async () => {
    const { draft, revision, at } = await open("noa");
    const save = { ...at, revision, draft: { ...draft, minutes: 21 }, saveId: "save-of-noa-1" };
    const first = await saveDraftAction(save);
    expect(first).toEqual({ kind: "saved", revision: revision + 1 });
    expect(await saveDraftAction(save)).toEqual(first);
    const next = {
      ...save,
      revision: revision + 1,
      draft: { ...draft, minutes: 22 },
      saveId: "save-of-noa-2",
    };
    expect(await saveDraftAction(next)).toEqual({ kind: "saved", revision: revision + 2 });
    // Late, and long overtaken: it changes nothing any more.
    expect(await saveDraftAction(save)).toEqual(first);
    expect((await open("noa")).draft.minutes).toBe(22);
  });

  test("from what has been forgotten since writes over nothing, whatever came in its place", async () => {
    const stale = await open("noa");
    await forgetWarmUp({ sessionId: stale.at.sessionId, athleteId: "noa" });
    for (let i = 0; i < stale.revision; i++) {
      const { draft, revision, at } = await open("noa");
      const saved = await saveDraftAction({ ...at, revision, draft: { ...draft, minutes: 25 + i } });
      expect(saved).toMatchObject({ kind: "saved" });
    }
    const { draft, at, revision } = stale;
    const late = await saveDraftAction({ ...at, revision, draft: { ...draft, minutes: 10 } });
    expect(late).toMatchObject({ kind: "changed-elsewhere" });
  });
});

describe("stored data that cannot be read", () => {
  const spoil = (draft: string) =>
    write((db) => db.update(warmUp).set({ draft }).where(eq(warmUp.athleteId, "kenji")));

  test("is named by its field and left as it is", async () => {
    const { draft, revision, at } = await open("kenji");
    await saveDraftAction({ ...at, revision, draft });
    await spoil(JSON.stringify({ ...draft, minutes: "many" }));
    expect(await openWarmUp("today-pilots", "kenji")).toMatchObject({
      ok: false,
      error: { kind: "unreadable", athleteId: "kenji", message: expect.stringContaining("minutes") },
    });
    await spoil("{ not json");
    expect(await openWarmUp("today-pilots", "kenji")).toMatchObject({
      ok: false,
      error: { kind: "unreadable" },
    });
  });

  test("does not take the day's page with it", async () => {
    expect((await linesOf(today())).map((l) => l.athlete.id)).toContain("kenji");
  });

  test("can be started anew", async () => {
    await forgetWarmUp({ sessionId: "today-pilots", athleteId: "kenji" });
    expect(await open("kenji")).toMatchObject({ revision: 0, draft: { lifts: [{ lift: "back-squat" }] } });
  });

  test("of a session is named too", async () => {
    await write((db) => db.update(session).set({ content: "{}" }).where(eq(session.id, "tomorrow-masters")));
    expect(await openSession("tomorrow-masters")).toMatchObject({
      ok: false,
      error: { kind: "unreadable", message: expect.stringContaining("lifts") },
    });
  });
});

test("a missing warm-up is missing", async () => {
  expect(await openWarmUp("no-such-id", "ilse")).toEqual({ ok: false, error: { kind: "missing" } });
  expect(await openWarmUp("today-masters", "ilse")).toEqual({ ok: false, error: { kind: "missing" } });
});

test("foreign keys hold", async () => {
  const orphan = { sessionId: "x", athleteId: "nobody", draft: "{}", revision: 0, updatedAt: 0 };
  await expect(write((db) => db.insert(warmUp).values(orphan))).rejects.toThrow();
  const db = await database();
  expect(await db.select().from(gym)).toHaveLength(1);
});
