import { testById } from "@/catalog/tests";
import { drillById } from "@/core/catalog";
import type { Response, TestValue } from "@/core/response";
import { readAthlete } from "@/data/athletes";
import { listTestResults, listTrials } from "@/data/trials";
import { bodyOf } from "../athletes/athlete-record";
import { openCatalog } from "../library/catalog";
import { today } from "../sessions/day";
import { openResponses, trialOf } from "./responses";

/** Outcome of a test as it is listed. */
export interface NotedResult {
  id: string;
  test: string;
  day: string;
  moment: "cold" | "after";
  value: TestValue;
  signs: readonly string[];
}

/** A trial as it is listed. */
export interface NotedTrial {
  id: string;
  test: string;
  drill: string | null;
  drillName: string | null;
  seconds: number;
  day: string;
  before: TestValue;
  after: TestValue;
}

/** What drills do for an athlete, with their names. */
export type NamedResponse = Response & { name: string };

/** Tests and trials of an athlete with what they show; null: there is no such athlete. What cannot be read is left out. */
export async function openTests(athleteId: string) {
  const athlete = await readAthlete(athleteId);
  if (!athlete) return null;
  const [results, trials, responses, catalog] = await Promise.all([
    listTestResults([athleteId]),
    listTrials([athleteId]),
    openResponses(),
    openCatalog(),
  ]);
  const { limiters, areas, usesResponses } = bodyOf(athlete);
  const nameOf = (id: string) => drillById(catalog, id)?.name ?? id;
  return {
    ...{ athlete: { id: athlete.id, name: athlete.name }, today: today() },
    ...{ limiters, usesResponses },
    profile: { experience: athlete.experience, limiters, areas },
    results: results
      .filter((r) => testById(r.test))
      .map(
        ({ id, test, day, moment, value, signs }): NotedResult => ({
          ...{ id, test, day, moment, value: value as number[], signs: signs as string[] },
        }),
      ),
    trials: trials
      .filter((t) => testById(t.test))
      .map((t): NotedTrial => {
        const { test, drill, seconds, day, before, after } = trialOf(t);
        return { id: t.id, test, drill, drillName: drill && nameOf(drill), seconds, day, before, after };
      }),
    responses: responses.of(athleteId).map((r): NamedResponse => ({ ...r, name: nameOf(r.drill) })),
    spread: responses.spread,
  };
}
export type OpenTests = NonNullable<Awaited<ReturnType<typeof openTests>>>;
