import { addDays } from "date-fns";
import { shippedCatalog } from "@/catalog";
import { tests } from "@/catalog/tests";
import { rulesOut } from "@/core/athlete";
import { type AthleteTest, nextToTry, RESPONSE, responsesFrom, type Trial } from "@/core/response";
import { together, write } from "@/data/database";
import { testResult, trial } from "@/data/schema";
import { inParts } from "@/lib/in-parts";
import { isoDay } from "@/lib/iso-day";
import { type DemoAthlete, groups } from "./people";
import { seedOf } from "./play-floor";
import { normalsFrom, numbersFrom } from "./random";

/** Weeks of tests, how many tests somebody has, and which of the best guesses a trial is of. */
const WEEKS = 8;
const MOST_TESTS = 2;
const GUESSES = 3;
/** How much better people get in the weeks, in measurement errors of a test. */
const GAINED = 2.5;

const { drills } = shippedCatalog;

/** A source of normally distributed numbers, the same for the same name. */
function normalFrom(name: string): (mean: number, sd: number) => number {
  return normalsFrom(numbersFrom(seedOf(name)));
}

/** What a drill truly does for somebody, in measurement errors: the same for all but for a difference of their own. */
function truth(athlete: string, drill: (typeof drills)[number], { demand }: AthleteTest): number {
  const expected = RESPONSE.perServe * (drill.serves[demand] ?? 0);
  const average = normalFrom(`does ${drill.id} ${demand}`)(expected, RESPONSE.betweenDrills);
  return normalFrom(`does ${athlete} ${drill.id} ${demand}`)(average, RESPONSE.betweenAthletes);
}

/** The tests that somebody has: what measures the limiters, else the first. */
const testsOf = ({ limiters }: DemoAthlete) => {
  const own = tests.filter((t) => limiters.includes(t.demand) && t.unit !== "points");
  return (own.length > 0 ? own : [tests[0]!]).slice(0, MOST_TESTS);
};

/** Eight weeks of made-up tests and trials of everybody, in which what helps whom can be found. */
function testsAndTrials(now: Date) {
  const results: (typeof testResult.$inferInsert)[] = [];
  const rows: (typeof trial.$inferInsert)[] = [];
  const trials: Trial[] = [];
  const people = groups.flatMap((g) => g.athletes);
  for (let week = WEEKS; week >= 1; week--) {
    const monday = addDays(now, -7 * week);
    const responses = responsesFrom(trials, tests, drills, isoDay(monday));
    for (const person of people) {
      const profile = { ...person, areas: person.areas.map(([area, level]) => ({ area, level })) };
      const normal = normalFrom(`week ${week} ${person.id}`);
      const pick = numbersFrom(seedOf(`pick ${week} ${person.id}`));
      testsOf(person).forEach((test, i) => {
        const [least, most] = test.range;
        const sign = test.better === "more" ? 1 : -1;
        const clamped = (n: number) =>
          Math.min(most, Math.max(least, Math.round(n / test.step) * test.step)) || 0;
        const start =
          test.goodFrom - sign * test.measurementError * (3 + normalFrom(`starts ${person.id}`)(0, 1));
        const gained = sign * test.measurementError * GAINED * ((WEEKS - week) / WEEKS);
        const uneven = normalFrom(`sides ${person.id} ${test.id}`)(0, test.measurementError);
        const measured = (more: number) =>
          Array.from({ length: test.sides }, (_, side) =>
            clamped(normal(start + gained + (side === 1 ? uneven : 0) + more, test.measurementError * 0.7)),
          );
        const day = isoDay(addDays(monday, i + (week % 2)));
        const at = addDays(monday, i).getTime();
        const id = `demo-${person.id}-${test.id}-${WEEKS - week}`;
        const of = { athleteId: person.id, test: test.id, day, at };
        if (week % 2 === 0) results.push({ ...of, id, moment: "cold", value: measured(0), signs: [] });
        const may = drills.filter((d) => !rulesOut(profile, d));
        const guesses = nextToTry(test, may, responses.of(person.id)).slice(0, GUESSES);
        const guess = guesses[Math.floor(pick() * guesses.length)];
        if (!guess) return;
        // Now and then it is only measured again.
        const drill = pick() < 0.08 ? null : guess.drill;
        const more = drill ? sign * truth(person.id, drill, test) * test.measurementError : 0;
        const seconds = drill ? 60 + 30 * Math.floor(pick() * 3) : 0;
        const row = { ...of, id: `${id}-trial`, drill: drill?.id ?? null, seconds };
        const [before, after] = [measured(0), measured(more)];
        rows.push({ ...row, before, after });
        trials.push({ ...row, athlete: person.id, before, after });
      });
    }
  }
  return { results, rows };
}

/** Fills in the tests and trials of the last eight weeks, where they are not there yet. */
export async function seedTests(now: Date): Promise<void> {
  const { results, rows } = testsAndTrials(now);
  await write((db) =>
    together(db, [
      ...inParts(results).map((some) => db.insert(testResult).values(some).onConflictDoNothing()),
      ...inParts(rows).map((some) => db.insert(trial).values(some).onConflictDoNothing()),
    ]),
  );
}
