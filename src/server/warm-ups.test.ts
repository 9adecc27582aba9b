import { eq } from "drizzle-orm";
import { weight } from "@/core/units";
import { database, write } from "@/data/database";
import { athlete, gym, warmUp } from "@/data/schema";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "./__tests__/database";
import { today } from "./day";
import { listToday } from "./list-today";
import { openGroup } from "./open-group";
import { openWarmUp, parseDraft } from "./open-workbench";
import { planMarkdown } from "./plan-markdown";
import { saveDraft } from "./save-draft";
import { restartWarmUp, startWarmUp } from "./start-warm-up";

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

async function open(id: string) {
  const opened = await openWarmUp(id);
  if (!opened.ok) throw new Error(`not opened: ${JSON.stringify(opened.error)}`);
  return opened.value;
}

describe("the demo hall", () => {
  test("has about thirty members in three groups, twelve of them masters", async () => {
    const { groups } = await listToday();
    expect(groups.map((g) => g.lines.length)).toEqual([9, 12, 9]);
  });

  test("shows each planned warm-up with its stair, and what needs attention", async () => {
    const { groups } = await listToday();
    const lines = groups.flatMap((g) => g.lines);
    const planned = lines.flatMap((l) => (l.warmUp ? [l.warmUp] : []));
    expect(planned.length).toBe(29);
    for (const { stair } of planned) expect(stair.treads.length).toBeGreaterThan(2);
    const noa = planned.find((w) => w.id === "today-noa")!;
    expect(noa.attention.map((f) => f.code)).toEqual(["no-working-weight"]);
  });

  test("is filled once; what has been changed since stays", async () => {
    const { draft, revision } = await open("today-ilse");
    await saveDraft({ id: "today-ilse", revision, draft: { ...draft, minutes: 33 } });
    await seedDemo(new Date());
    expect((await open("today-ilse")).draft.minutes).toBe(33);
    const db = await database();
    expect(await db.select().from(athlete)).toHaveLength(30);
  });

  test("on a later day gets that day's warm-ups", async () => {
    await seedDemo(new Date(2031, 4, 6));
    const db = await database();
    const rows = await db.select().from(warmUp).where(eq(warmUp.day, "2031-05-06"));
    expect(rows).toHaveLength(29);
  });
});

describe("a warm-up as Markdown", () => {
  const lines = (markdown: string, from: string) => markdown.split("\n").filter((l) => l.startsWith(from));

  test("has every drill, every ramp set with its plates, and the cautions", async () => {
    const opened = await open("today-rashid");
    const markdown = planMarkdown(opened);
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
    const opened = await open("today-ilse");
    const markdown = planMarkdown({ ...opened, athlete: { ...opened.athlete, name: "A | <b>B</b>\n# C" } });
    expect(markdown.split("\n")[0]).toBe("# A \\| \\<b\\>B\\</b\\> \\# C");
  });

  test("of weights without plates has no column for them", async () => {
    const markdown = planMarkdown(await open("today-margit"));
    expect(markdown).toMatch(/\| [\d.]+ kg a hand \| × \d+ \| Take the [\d.]+ kg pair \|/);
  });
});

describe("saving", () => {
  test("stores the draft and counts the revision up", async () => {
    const { draft, revision } = await open("today-joao");
    const lift = { ...draft.lifts[0]!, reps: 6, fixed: { 1: { weight: weight(50) } }, rampSets: 4 };
    const changed = { ...draft, lifts: [lift] };
    expect(await saveDraft({ id: "today-joao", revision, draft: changed })).toEqual({
      kind: "saved",
      revision: revision + 1,
    });
    expect((await open("today-joao")).draft).toEqual(changed);
  });

  test("from an older revision writes nothing and gives what is there", async () => {
    const { draft, revision } = await open("today-mei");
    await saveDraft({ id: "today-mei", revision, draft: { ...draft, minutes: 20 } });
    const late = await saveDraft({ id: "today-mei", revision, draft: { ...draft, minutes: 40 } });
    expect(late).toMatchObject({ kind: "changed-elsewhere", revision: revision + 1, draft: { minutes: 20 } });
    expect((await open("today-mei")).draft.minutes).toBe(20);
  });

  test("twenty at once all get through, one after the other", async () => {
    const members = (await listToday()).groups
      .flatMap((g) => g.lines)
      .flatMap((l) => (l.warmUp ? [l.warmUp.id] : []));
    const outcomes = await Promise.all(
      members.slice(0, 20).map(async (id) => {
        const { draft, revision } = await open(id);
        return saveDraft({ id, revision, draft: { ...draft, minutes: 21 } });
      }),
    );
    expect(outcomes.map((o) => o.kind)).toEqual(new Array(20).fill("saved"));
  });

  test("twenty from the same revision: one is stored, the others are told", async () => {
    const { draft, revision } = await open("today-hedwig");
    const outcomes = await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        saveDraft({ id: "today-hedwig", revision, draft: { ...draft, minutes: 10 + i } }),
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
    const { draft, revision } = await open("today-dmitri");
    const outcome = await saveDraft({ id: "today-dmitri", revision, draft: { ...draft, ...change } });
    expect(outcome).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
    expect(await open("today-dmitri")).toMatchObject({ revision, draft });
  });

  test.each([
    ["a negative weight", { weight: -5 }, /weight/],
    ["a weight that is no number", { weight: "heavy" }, /weight/],
    ["21 reps", { reps: 21 }, /reps: Must be at most 20/],
    ["no such lift", { lift: "wall-climb" }, /lift: There is no lift "wall-climb"/],
  ])("%s in a lift is refused by name", async (_, change, message) => {
    const { draft, revision } = await open("today-dmitri");
    const lifts = [{ ...draft.lifts[0]!, ...change }];
    const outcome = await saveDraft({ id: "today-dmitri", revision, draft: { ...draft, lifts } });
    expect(outcome).toMatchObject({ kind: "refused", message: expect.stringMatching(message) });
  });

  test("of the time when a warm-up had one lift is read as one with a single lift", () => {
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
    const read = parseDraft(JSON.stringify(old));
    expect(read).toMatchObject({ ok: true, value: { minutes: 15, lifts: [{ lift: "deadlift", reps: 4 }] } });
  });

  test("of a warm-up that is gone is refused", async () => {
    const { draft } = await open("today-dmitri");
    expect(await saveDraft({ id: "gone", revision: 0, draft })).toMatchObject({ kind: "refused" });
  });
});

describe("starting", () => {
  test("makes a first warm-up, and opens it the next time", async () => {
    const like = { minutes: 12, approach: "bar-first", room: "normal" };
    const id = await startWarmUp({ athleteId: "linnea", like: { ...like, lifts: ["front-squat"] } });
    const only = [{ lift: "front-squat", weight: null }];
    expect((await open(id!)).draft).toMatchObject({ ...like, lifts: only });
    expect(await startWarmUp({ athleteId: "linnea" })).toBe(id);
  });

  test("two at once give the same one", async () => {
    const ask = { athleteId: "soraya", day: "2030-01-02" };
    const [a, b] = await Promise.all([startWarmUp(ask), startWarmUp(ask)]);
    expect(a).toBe(b);
  });

  test.each([{ athleteId: "nobody" }, { athleteId: 7 }, { athleteId: "ilse", day: "soon" }])(
    "%j opens nothing",
    async (request) => {
      expect(await startWarmUp(request)).toBeNull();
    },
  );
});

describe("stored data that cannot be read", () => {
  const spoil = (id: string, draft: string) =>
    write((db) => db.update(warmUp).set({ draft }).where(eq(warmUp.id, id)));

  test("is named by its field and left as it is", async () => {
    const { draft } = await open("today-kenji");
    await spoil("today-kenji", JSON.stringify({ ...draft, minutes: "many" }));
    expect(await openWarmUp("today-kenji")).toMatchObject({
      ok: false,
      error: { kind: "unreadable", athleteId: "kenji", message: expect.stringContaining("minutes") },
    });
    await spoil("today-kenji", "{ not json");
    expect(await openWarmUp("today-kenji")).toMatchObject({ ok: false, error: { kind: "unreadable" } });
  });

  test("does not take the day's page with it", async () => {
    const { groups } = await listToday();
    const kenji = groups[0]!.lines.find((l) => l.athlete.id === "kenji")!;
    expect(kenji.warmUp).toBeNull();
  });

  test("can be started anew", async () => {
    expect(await restartWarmUp({ athleteId: "kenji", day: today() })).toBe("today-kenji");
    expect((await open("today-kenji")).draft.lifts[0]!.lift).toBe("overhead-press");
  });
});

describe("a group", () => {
  test("opens with its members, what each lifts today, and how much kit there is", async () => {
    const group = (await openGroup("pilots"))!;
    expect(group.name).toBe("Harbour pilots");
    expect(group.members.map((m) => m.athlete.name)).toEqual(
      group.members.map((m) => m.athlete.name).toSorted((a, b) => a.localeCompare(b)),
    );
    const ilse = group.members.find((m) => m.athlete.id === "ilse")!;
    expect(ilse.warmUpId).toBe("today-ilse");
    expect(ilse.draft.lifts[0]!.lift).toBe("front-squat");
    expect(group.gym.counts).toMatchObject({ rower: 3, bike: 2 });
    // What there is enough of for everybody has no count.
    expect(group.gym.counts).not.toHaveProperty("dumbbell");
    expect(group.gym.equipment).toContain("dumbbell");
  });

  test("that is not there is none", async () => {
    expect(await openGroup("nobody")).toBeNull();
  });
});

test("a missing warm-up is missing", async () => {
  expect(await openWarmUp("no-such-id")).toEqual({ ok: false, error: { kind: "missing" } });
});

test("foreign keys hold", async () => {
  const orphan = {
    id: "x",
    athleteId: "nobody",
    gymId: "nowhere",
    day: "2030-01-01",
    draft: "{}",
    revision: 0,
    updatedAt: 0,
  };
  await expect(write((db) => db.insert(warmUp).values(orphan))).rejects.toThrow();
  const db = await database();
  expect(await db.select().from(gym)).toHaveLength(1);
});
