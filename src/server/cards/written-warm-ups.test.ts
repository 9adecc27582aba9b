import { athleteWith, gymWith } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import type { AthleteRecord } from "@/core/athlete";
import { cardView } from "@/core/card";
import { ownDoseOf, planRequestFor, startDraft, type WarmUpDraft } from "@/core/draft";
import type { Circuit } from "@/core/drills";
import { circuitsOf, outlineOf, type Plan, planWarmUp } from "@/core/plan";
import { weight } from "@/core/units";
import { planOfSquat, plates, post } from "../__tests__/requests";
import { planResponse } from "../api/plan";
import { draftSchema } from "../schemas/draft";
import { planResponseSchema } from "../schemas/responses";
import { cardMarkdown } from "./card-markdown";

interface Written {
  approach: string;
  lift: string;
  kg: number;
  minutes: number;
  athlete: Partial<AthleteRecord>;
  /** What goes round, then each drill with how much of it. */
  lines: readonly string[];
}

/** Warm-ups as coaches write them down. */
const WRITTEN: readonly Written[] = [
  {
    ...{ approach: "deep-mobility", lift: "back-squat", kg: 70, minutes: 30 },
    athlete: { limiters: ["ankle-dorsiflexion"] },
    lines: [
      "Easy row – 2 min",
      "Superset, 2 rounds:",
      "Upper-back roller – 1 min",
      "Lying cross-leg pull – 20 s each side",
      "Knee to wall – 3 × 30 s each side",
      "Cat and cow – 2 × 8",
      "Band pass-over – 2 × 10",
      "Side lunge – 2 × 6 each side",
      "Knee hug walk – 2 × 30 s",
      "Band walk, sideways – 2 × 12 each side",
      "Rack-assisted squat – 2 × 6",
      "Body-weight squat – 2 × 10",
      "Tempo goblet squat – 2 × 8",
      "Slow empty-bar squat – 2 × 5",
    ],
  },
  {
    ...{ approach: "slow-starter", lift: "back-squat", kg: 62.5, minutes: 22 },
    athlete: { areas: [{ area: "knee", level: "slow" }] },
    lines: [
      "Easy row – 5 min with 3 surges of 15 s, 30 s easy after each, or until a light sweat shows",
      "Upper-back roller – 1 min",
      "Lying cross-leg pull – 20 s each side",
      "Cat and cow – 1 × 8",
      "Band-assisted deep squat – 30 s",
      "Band pass-over – 1 × 10",
      "Side-to-side leg swing – 1 × 10 each side",
      "Glute bridge – 1 × 10",
      "Rack-assisted squat – 2 × 6: to where it is easy; deeper",
      "Body-weight squat – 2 × 10",
    ],
  },
  {
    ...{ approach: "one-per-job", lift: "sumo-deadlift", kg: 120, minutes: 18 },
    athlete: {},
    lines: [
      "Circuit, 3 rounds:",
      "Seated 90/90 switch – 1 × 10",
      "Face pull with outward turn – 1 × 12",
      "Bench-supported Y raise with pause – 1 × 10",
      "Band walk, sideways – 1 × 12 each side",
      "Plank slides – 1 × 10",
    ],
  },
  {
    ...{ approach: "temperature-first", lift: "deadlift", kg: 80, minutes: 8 },
    athlete: {},
    lines: [
      "Easy row – 2 min, or until talk comes in short sentences",
      "Front-to-back leg swing – 2 × 5 each side: gentle; fast",
      "Light Romanian deadlift – 1 × 8",
    ],
  },
];

const gym = {
  ...gymWith(
    [25, 20, 15, 10, 5, 2.5, 1.25],
    [
      ...(["stick", "band-light", "band-heavy", "mini-band", "roller", "box"] as const),
      ...(["bench", "kettlebell", "rower", "slider", "rack", "bar"] as const),
    ],
  ),
};

function started({ approach, lift, kg, minutes, athlete: known }: Written) {
  const athlete = athleteWith(known);
  const { lifts, ...draft } = startDraft(athlete, gym, catalog, { lifts: [lift] });
  const working = { weight: weight(kg), reps: 5, sets: 3 };
  return { athlete, draft: { ...draft, approach, minutes, lifts: lifts.map((l) => ({ ...l, ...working })) } };
}

const planOf = (draft: WarmUpDraft, athlete: AthleteRecord) =>
  planWarmUp(planRequestFor(draft, athlete, gym, catalog));

function cardOf(plan: Plan, draft: WarmUpDraft, athlete: AthleteRecord) {
  const request = planRequestFor(draft, athlete, gym, catalog);
  const session = { day: "2026-02-02", time: null };
  return cardView({ session, gym, athlete, draft, request, plan: outlineOf(plan) });
}
type Card = ReturnType<typeof cardOf>;

const linesOf = ({ lifts }: Card) =>
  lifts[0]!.drills.flatMap((d) => [
    ...(d.opensCircuit ? [`${d.opensCircuit}:`] : []),
    `${d.name} – ${d.dose}`,
  ]);

/** A plan put in drill by drill, as a coach does who writes it down. */
function putIn(plan: Plan, draft: WarmUpDraft): WarmUpDraft {
  const once = plan.steps.filter((s) => s.round === 1);
  const circuits = circuitsOf(once).map(({ steps, rounds, restInside, restBetween }): Circuit => {
    return { drills: steps.map((s) => s.drill.id), rounds, restInside, restBetween };
  });
  const own = once.map(({ drill, dose, rounds, circuit, anyOf }, place) => {
    const all = ownDoseOf({ dose, rounds, circuit });
    const dosed = circuit ? { ...all, sets: dose.sets } : all;
    return { drill: drill.id, dose: dosed, place, anyOf: anyOf.map((d) => d.id) };
  });
  return { ...draft, own, circuits };
}

describe.each(WRITTEN)("$approach for the $lift", (written) => {
  const { draft, athlete } = started(written);
  const alone = planOf(draft, athlete);

  test("is made so by the planner alone, in its time", () => {
    expect(linesOf(cardOf(alone, draft, athlete))).toEqual(written.lines);
    expect(alone.seconds).toBeLessThanOrEqual(60 * written.minutes);
  });

  test("put in by a coach comes out of card and Markdown as it went in, to the second", () => {
    const stored = JSON.parse(JSON.stringify(putIn(alone, draft)));
    const read = draftSchema(catalog).parse(stored);
    const plan = planOf(read, athlete);
    const card = cardOf(plan, read, athlete);
    expect(linesOf(card)).toEqual(written.lines);
    expect(plan.steps.map((s) => [s.startsAt, s.seconds])).toEqual(
      alone.steps.map((s) => [s.startsAt, s.seconds]),
    );
    const markdown = cardMarkdown(card);
    for (const line of written.lines)
      for (const part of line.split(" – ")) expect(markdown).toContain(part.replace(/:$/, ""));
  });

  test("put in through the API comes back as it went in", async () => {
    const { own, circuits } = putIn(alone, draft);
    const body = {
      ...{ ...planOfSquat, athlete: { experience: "intermediate" }, minutes: 40, approach: "bar-first" },
      lifts: [{ ...planOfSquat.lifts[0]!, lift: written.lift, plates }],
      ...{ pins: own, circuits },
    };
    const { steps } = planResponseSchema.parse(await (await post(planResponse, body)).json());
    for (const { drill, dose = { sets: 0, amount: 0 } } of own) {
      const step = steps.find((s) => s.drill === drill)!;
      expect(step).toMatchObject({ pinned: true, dose: { sets: dose.sets, amount: dose.amount } });
      expect(step.dose.format).toEqual(dose.format);
      expect(step.dose.until).toEqual(dose.until);
    }
    for (const { drills, rounds } of circuits) {
      for (const drill of drills) expect(steps.filter((s) => s.drill === drill)).toHaveLength(rounds);
    }
  });
});
