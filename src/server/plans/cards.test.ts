import type { CardView } from "@/core/card";
import { doseOfFormat } from "@/core/dose";
import { seedDemo } from "@/demo/seed";
import { withTemporaryDatabase } from "../__tests__/database";
import { openSession, openWarmUp, saveDraftAction } from "../__tests__/now";
import { cardMarkdown } from "../cards/card-markdown";
import { openCatalog } from "../library/catalog";
import { allCardsOf } from "./plan-session";

const surges = { kind: "surges", seconds: 300, surges: 3, on: 15, off: 45 } as const;
const variants = {
  kind: "variants",
  by: "line",
  ways: ["level", "diagonal up", "diagonal down"],
  amount: 8,
} as const;

withTemporaryDatabase();

const cards = new Map<string, CardView[]>();

beforeAll(async () => {
  await seedDemo(new Date());
  for (const id of ["today-pilots", "tomorrow-pilots"]) {
    const opened = await openSession(id);
    if (opened.ok) cards.set(id, await allCardsOf(opened.value, await openCatalog()));
  }
});

const every = () => [...cards.values()].flat();

test("everybody who is there has a card, with the drills in the order of their clock", () => {
  expect(every().length).toBeGreaterThan(15);
  const seconds = (clock: string) => clock.split(":").reduce((sum, part) => sum * 60 + Number(part), 0);
  for (const { athlete, lifts } of every()) {
    for (const { drills } of lifts) {
      const starts = drills.map((d) => seconds(d.at));
      expect([athlete, starts]).toEqual([athlete, starts.toSorted((a, b) => a - b)]);
      expect(drills.map((d) => d.number)).toEqual(drills.map((_, i) => i + 1));
    }
  }
});

test("a ramp ends with the working set, and plates are said where there are any", () => {
  let ramps = 0;
  for (const { lifts } of every()) {
    for (const { ramp, working } of lifts) {
      if (!ramp) continue;
      ramps += 1;
      const [last, ...before] = ramp.rows.toReversed();
      expect(last).toMatchObject({ isWork: true, reps: "work", rest: "", fraction: 1 });
      expect(working!.load).toContain(last!.weight);
      expect(before.every((row) => !row.isWork && row.rest !== "" && row.fraction < 1)).toBe(true);
      for (const row of ramp.rows) expect(row.plates !== null).toBe(ramp.hasPlates);
    }
  }
  expect(ramps).toBeGreaterThan(15);
});

test("who has no working weight is told so in place of a ramp", () => {
  const noa = cards.get("today-pilots")!.find((c) => c.athlete === "Noa Ben-Ami")!;
  expect(noa.lifts[0]).toMatchObject({ ramp: null, missing: expect.stringMatching(/ask the coach/) });
  expect(noa.lifts[0]!.working!.load).toBeNull();
});

test("rows are what has to fit on the page", () => {
  for (const { rows, lifts } of every()) {
    const drills = lifts.flatMap((l) => l.drills);
    const sets = lifts.flatMap((l) => l.ramp?.rows ?? []);
    // A dose with much to say takes more lines, the head of a circuit one.
    const lines = drills.map((d) => Math.ceil(d.dose.length / 26) + Number(d.opensCircuit !== null));
    expect(rows).toBe(lines.reduce((a, b) => a + b, sets.length));
  }
});

test("a phase is named where it begins", () => {
  for (const { lifts } of every())
    for (const { drills } of lifts)
      drills.forEach((drill, i) => {
        expect(drill.opensPhase).toBe(drill.phase !== drills[i - 1]?.phase);
      });
});

test("the text has every drill and every weight of the card", () => {
  for (const card of every()) {
    const text = cardMarkdown(card);
    expect(text).toContain(card.athlete);
    for (const { drills, ramp } of card.lifts) {
      for (const { name, dose } of drills) {
        expect(text).toContain(name);
        expect(text).toContain(dose);
      }
      for (const { weight } of ramp?.rows ?? []) expect(text).toContain(weight);
    }
    for (const { message } of card.cautions) expect(text).toContain(message);
  }
});

describe("a warm-up in the coach's own terms", () => {
  let card: CardView;
  beforeAll(async () => {
    const opened = await openWarmUp("today-throwers", "bogdan");
    if (!opened.ok) throw new Error("not opened");
    const { draft, given, revision } = opened.value.member;
    const mine = {
      ...{ minutes: 40, dropped: [] },
      own: [
        { drill: "easy-bike", dose: { ...doseOfFormat(surges), until: "short-sentences" as const } },
        { drill: "band-pull-apart", dose: doseOfFormat(variants), anyOf: ["face-pull"] },
        { drill: "front-plank", condition: { reached: "60 s clean", next: "plank-slides" } },
        { drill: "dead-bug" },
      ],
      circuits: [{ drills: ["front-plank", "dead-bug"], rounds: 3, restInside: 0, restBetween: 30 }],
      tests: [
        { drill: "wall-slide", seconds: 20, looksFor: "ribs stay down", at: [{ kind: "first" as const }] },
      ],
    };
    await saveDraftAction({
      ...{ sessionId: "today-throwers", athleteId: "bogdan", revision, given },
      draft: { ...draft, ...mine },
    });
    const session = await openSession("today-throwers");
    if (!session.ok) throw new Error("not opened");
    const all = await allCardsOf(session.value, await openCatalog());
    card = all.find((c) => c.athlete.startsWith("Bogdan"))!;
  });
  const row = (name: string) => card.lifts[0]!.drills.find((d) => d.name.includes(name))!;

  test("is on the card as it was said", () => {
    const [test, ...drills] = card.lifts[0]!.drills;
    expect(test).toMatchObject({
      isTest: true,
      number: null,
      at: "0:00",
      dose: "20 s",
      cue: "ribs stay down",
    });
    expect(drills.map((d) => d.number)).toEqual(drills.map((_, i) => i + 1));
    expect(row("bike").dose).toBe(
      "5 min with 3 surges of 15 s, 45 s easy after each, or until talk comes in short sentences",
    );
    expect(row("pull-apart")).toMatchObject({
      dose: "3 × 8: level; diagonal up; diagonal down",
      offers: ["Or Face pull with outward turn, as you like."],
    });
    expect(row("plank")).toMatchObject({
      ...{ opensCircuit: "Superset, 3 rounds, 30 s rest after each round", isInCircuit: true },
      offers: ["60 s clean: then Plank slides."],
    });
    expect(row("Dead bug")).toMatchObject({ opensCircuit: null, isInCircuit: true });
  });

  test("and in the text", () => {
    const text = cardMarkdown(card);
    expect(text).toContain("**Superset, 3 rounds, 30 s rest after each round**");
    expect(text).toContain("3 surges of 15 s, 45 s easy after each, or until talk comes in short sentences");
    expect(text).toMatch(/Test: Wall slide.*ribs stay down/);
    expect(text).toMatch(/60 s clean: then Plank slides/);
  });
});

test("the text has the cool-down, and long work on a limiter apart with its test", () => {
  const [card] = every();
  const coolDown = {
    drills: ["Wall triceps stretch 2 × 30 s"],
    longWork: ["Deep-squat ankle grinds 2 × 8, then test: knee to wall"],
    takes: "7:40",
  };
  const text = cardMarkdown({ ...card!, coolDown });
  expect(text).toMatch(/## Cool-down \(7:40\)\n\n- Wall triceps.*\n\n### Long-term work\n\n- Deep-squat/);
  expect(cardMarkdown({ ...card!, coolDown: null })).not.toContain("Cool-down");
});
