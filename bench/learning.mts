import { catalogWith, shippedCatalog } from "@/catalog";
import { tests } from "@/catalog/tests";
import { type Drill, NO_CUSTOM_CONTENT } from "@/core/catalog";
import { planWarmUp } from "@/core/plan";
import { drillPaces } from "@/core/record";
import {
  type AthleteTest,
  knownResponses,
  nextToTry,
  RESPONSE,
  responsesFrom,
  type Trial,
} from "@/core/response";
import { normalsFrom, numbersFrom } from "@/demo/random";
import { planCases } from "./cases";
import { spread } from "./measure";

/** Athletes, weeks and trials a week of the simulation, and how often it is run. */
const ATHLETES = 40;
const WEEKS = 6;
const TRIALS_A_WEEK = 3;
const RUNS = 10;
/** Each trial is of one of so many best guesses. */
const GUESSES = 4;
const START = Date.parse("2026-01-05T00:00:00Z");
const dayOf = (day: number) => new Date(START + day * 86_400_000).toISOString().slice(0, 10);

const { drills } = shippedCatalog;
const limiting = ["knee-to-wall", "straight-leg-raise", "trunk-rotation", "overhead-gap"].map(
  (id) => tests.find((t) => t.id === id)!,
);
const cases = planCases().filter((c) => c.minutes === 12);

/** One simulation: people respond as nobody knows, try drills for some weeks, and are planned for. */
function simulate(seed: number) {
  const random = numbersFrom(seed);
  const normal = normalsFrom(random);
  const averages = new Map<string, number>();
  const truths = new Map<string, number>();
  const truth = (athlete: string, drill: Drill, test: AthleteTest) => {
    const key = `${drill.id} ${test.demand}`;
    const expected = RESPONSE.perServe * (drill.serves[test.demand] ?? 0);
    if (!averages.has(key)) averages.set(key, normal(expected, RESPONSE.betweenDrills));
    const own = `${athlete} ${key}`;
    if (!truths.has(own)) truths.set(own, normal(averages.get(key)!, RESPONSE.betweenAthletes));
    return truths.get(own)!;
  };
  const people = Array.from({ length: ATHLETES }, (_, i) => ({
    id: `a${i}`,
    test: limiting[i % limiting.length]!,
  }));
  const trials: Trial[] = [];
  for (let week = 0; week < WEEKS; week++) {
    const responses = responsesFrom(trials, tests, drills, dayOf(week * 7));
    for (const { id, test } of people) {
      const guesses = nextToTry(test, drills, responses.of(id)).slice(0, GUESSES);
      const sign = test.better === "more" ? 1 : -1;
      const measured = (value: number) =>
        Math.round(normal(value, test.measurementError) / test.step) * test.step;
      for (let i = 0; i < TRIALS_A_WEEK; i++) {
        const { drill } = guesses[Math.floor(random() * guesses.length)]!;
        const base = (test.range[0] + test.range[1]) / 3;
        const gained = base + sign * truth(id, drill, test) * test.measurementError;
        const sides = (value: number) => Array.from({ length: test.sides }, () => measured(value));
        trials.push({
          ...{ athlete: id, test: test.id, drill: drill.id, seconds: 90, day: dayOf(week * 7 + i * 2) },
          ...{ before: sides(base), after: sides(gained) },
        });
      }
    }
  }
  const responses = responsesFrom(trials, tests, drills, dayOf(WEEKS * 7));
  let [helps, right] = [0, 0];
  const gains = { without: 0, with: 0 };
  const minutes = { without: 0, with: 0 };
  people.forEach(({ id, test }, i) => {
    for (const r of responses.of(id)) {
      if (r.verdict !== "helps") continue;
      helps += 1;
      if (truth(id, drills.find((d) => d.id === r.drill)!, test) > 0.5) right += 1;
    }
    const request = cases[(i * 37) % cases.length]!;
    const athlete = { ...request.athlete, areas: [], limiters: [test.demand] };
    for (const kind of ["without", "with"] as const) {
      const known = kind === "with" ? knownResponses(responses, id, tests) : undefined;
      for (const block of planWarmUp({ ...request, athlete: { ...athlete, responses: known } }).blocks) {
        for (const { drill, workSeconds, rounds } of block.choice.chosen) {
          if (!drill.serves[test.demand]) continue;
          gains[kind] += truth(id, drill, test);
          minutes[kind] += (rounds * workSeconds) / 60;
        }
      }
    }
  });
  return {
    helps,
    right,
    spread: responses.spread,
    without: gains.without / minutes.without,
    with: gains.with / minutes.with,
  };
}

const runs = Array.from({ length: RUNS }, (_, i) => simulate(i + 1));
const sum = (of: (r: (typeof runs)[number]) => number) => runs.reduce((all, r) => all + of(r), 0);
console.log("what helps whom");
console.log(`  ${RUNS} simulations of ${ATHLETES} athletes, ${WEEKS} weeks, ${TRIALS_A_WEEK} trials a week`);
console.log(
  `  said to help: ${sum((r) => r.helps)}, right: ${((100 * sum((r) => r.right)) / sum((r) => r.helps)).toFixed(1)} % (at least 90)`,
);
console.log(
  `  gain of what a plan has for the limiter, in measurement errors a minute: ${(sum((r) => r.without) / RUNS).toFixed(3)} without, ${(sum((r) => r.with) / RUNS).toFixed(3)} with what has been learnt; more in ${runs.filter((r) => r.with > r.without).length} of ${RUNS}`,
);
console.log(`  spread between athletes, 0.8 in truth: ${(sum((r) => r.spread) / RUNS).toFixed(2)}`);

/** Five years of a gym: how long it takes to work out who responds to what. */
const random = numbersFrom(99);
const years = Array.from({ length: 20_000 }, (_, i): Trial => {
  const test = limiting[i % limiting.length]!;
  const guess = nextToTry(test, drills, [])[Math.floor(random() * 8)]!;
  const value = () => Array.from({ length: test.sides }, () => 10 + Math.floor(random() * 6));
  return {
    ...{ athlete: `a${i % 60}`, test: test.id, drill: guess.drill.id, seconds: 90, day: dayOf(i % 1800) },
    ...{ before: value(), after: value() },
  };
});
const start = performance.now();
responsesFrom(years, tests, drills, dayOf(1800));
console.log(`  20,000 trials of 60 athletes: ${(performance.now() - start).toFixed(0)} ms`);

/** Sessions that a gym learns from, people in each, and how often that is simulated. */
const SESSIONS = 10;
const PEOPLE = 9;
const GYMS = 30;

/** How far off the planned time to the last drill is at the median, without what was learnt and with it. Shares of what it takes. */
function timesOff(seed: number) {
  const random = numbersFrom(1000 + seed);
  const normal = normalsFrom(random);
  const truths = new Map<string, number>();
  const takes = (drill: string) => {
    if (!truths.has(drill)) truths.set(drill, Math.min(1.6, Math.max(0.7, normal(1.12, 0.18))));
    return truths.get(drill)!;
  };
  const done = new Map<string, { drill: string; athlete: string; ratios: number[] }>();
  const lifts = planCases().filter((c) => c.minutes === 12);
  const requests = Array.from({ length: PEOPLE }, () => lifts[Math.floor(random() * lifts.length)]!);
  const planned = (request: (typeof requests)[number], paces: Record<string, number>) => {
    const { drills } = catalogWith({ ...NO_CUSTOM_CONTENT, paces });
    return planWarmUp({ ...request, drills }).steps;
  };
  const learnt = () =>
    drillPaces(
      [...done.values()].map(({ drill, athlete, ratios }) => ({
        ...{ drill, athlete, times: ratios.length },
        ratio: ratios.reduce((sum, r) => sum + r, 0) / ratios.length,
      })),
    );
  const off = { without: [] as number[], with: [] as number[] };
  for (let session = 0; session <= SESSIONS; session++) {
    const paces = learnt();
    requests.forEach((request, i) => {
      for (const kind of ["without", "with"] as const) {
        const steps = planned(request, kind === "with" ? paces : {});
        let [plan, real] = [0, 0];
        for (const { drill, seconds } of steps) {
          const byParts = seconds / (kind === "with" ? (paces[drill.id] ?? 1) : 1);
          const took = byParts * takes(drill.id) * normal(1, 0.12);
          plan += seconds;
          real += took;
          if (kind === "without") continue;
          const key = `${drill.id} ${i}`;
          const known = done.get(key) ?? { drill: drill.id, athlete: `a${i}`, ratios: [] };
          known.ratios.push(took / byParts);
          done.set(key, known);
        }
        if (session === SESSIONS && real > 0) off[kind].push(Math.abs(plan - real) / real);
      }
    });
  }
  return off;
}

const gyms = Array.from({ length: GYMS }, (_, i) => timesOff(i));
const middle = (shares: readonly number[]) => (100 * spread(shares).median).toFixed(1);
console.log("real times");
console.log(
  `  ${GYMS} gyms, ${SESSIONS} sessions of ${PEOPLE}: the plan is off by ${middle(gyms.flatMap((g) => g.without))} % at the median without what was learnt, by ${middle(gyms.flatMap((g) => g.with))} % with it (at most 5)`,
);
