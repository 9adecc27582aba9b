import { daysBetween } from "@/lib/days-between";
import { groupRows } from "@/lib/group-rows";
import type { Drill, DrillId } from "../catalog";
import type { DemandId } from "../demands";
import type { AthleteTest } from "./athlete-test";
import {
  averageEffect,
  type Estimate,
  type Evidence,
  effectFor,
  likeliestSpread,
  probabilityAbove,
  RESPONSE,
} from "./estimate";
import { gainInErrors, type Trial } from "./trial";

/** What can be said of a drill for a demand: it helps, does little, or it is not known yet. */
export type ResponseVerdict = "helps" | "little" | "unknown";

/** What a drill does for a demand of one athlete, or of all. */
export interface Response {
  drill: DrillId;
  demand: DemandId;
  /** The test that most of its trials used. */
  test: string;
  /** In measurement errors of the test. */
  effect: Estimate;
  /** What is expected of it without evidence. In measurement errors. */
  expected: number;
  /** How many trials it has from the athlete, and from all. */
  trials: number;
  trialsOfAll: number;
  /** What the drill took in its trials on average. Seconds. */
  seconds: number;
  verdict: ResponseVerdict;
}

/** From how many trials on the spread between athletes is estimated too. */
const SPREAD_FROM_TRIALS = 30;

/** When a drill helps or does little: how sure it is that it gains more than so many measurement errors, from so many trials. */
const HELPS = { above: 0.5, from: 0.8, trials: 2 };
const LITTLE = { above: 1, under: 0.2, trials: 3 };

/** Verdict over several trials. */
export function responseVerdict(effect: Estimate, trials: number): ResponseVerdict {
  if (trials >= HELPS.trials && probabilityAbove(effect, HELPS.above) >= HELPS.from) return "helps";
  if (trials >= LITTLE.trials && probabilityAbove(effect, LITTLE.above) <= LITTLE.under) return "little";
  return "unknown";
}

/** What a drill serves counts so much as it is expected to do this for every athlete. */
const FACTOR = { slope: 0.4, least: 0.5, most: 1.5, step: 0.05 };

/**
 * How much more or less of a demand a drill serves an athlete than its record says: ρ of docs/model.md.
 *
 * @returns from 0.5 to 1.5, in steps of 0.05, so that plans stay as they are while nothing of weight is learnt.
 */
export function serveFactor({ effect, expected }: Pick<Response, "effect" | "expected">): number {
  const factor = 1 + FACTOR.slope * (effect.mean - expected);
  const clamped = Math.min(FACTOR.most, Math.max(FACTOR.least, factor));
  return Math.round(Math.round(clamped / FACTOR.step) * FACTOR.step * 100) / 100;
}

/** How much a minute of a drill gains. In the unit of its test. */
export function gainPerMinute(
  { effect, seconds }: Pick<Response, "effect" | "seconds">,
  test: AthleteTest,
): number {
  return seconds > 0 ? (effect.mean * test.measurementError * 60) / seconds : 0;
}

/** What measuring alone changes in each test: mean gain of the retests without a drill, as if some had shown nothing. In its errors. */
export function retestGains(
  trials: readonly Trial[],
  tests: readonly AthleteTest[],
): (test: string) => number {
  const gains = new Map<string, number>();
  for (const test of tests) {
    const retests = trials.filter((t) => t.drill === null && t.test === test.id);
    const sum = retests.reduce((all, t) => all + gainInErrors(test, t), 0);
    gains.set(test.id, sum / (RESPONSE.retestsAssumed + retests.length));
  }
  return (test) => gains.get(test) ?? 0;
}

/** Trials of one drill for one demand, with what they show. */
interface Tried {
  drill: DrillId;
  demand: DemandId;
  test: string;
  expected: number;
  seconds: number;
  trials: readonly Trial[];
  evidence: ReadonlyMap<string, Evidence & { trials: number }>;
}

function triedOf(
  trials: readonly Trial[],
  tests: readonly AthleteTest[],
  drills: readonly Drill[],
  today: string,
): Tried[] {
  const testOf = new Map(tests.map((t) => [t.id, t]));
  const drillOf = new Map(drills.map((d) => [d.id, d]));
  const retestGain = retestGains(trials, tests);
  const known = trials.filter((t) => t.drill !== null && testOf.has(t.test) && drillOf.has(t.drill));
  const keyOf = (t: Trial) => `${t.drill} ${testOf.get(t.test)!.demand}`;
  const ofKey = groupRows(known, keyOf);
  return [...new Set(known.map(keyOf))].sort().map((key) => {
    const own = ofKey(key);
    const { demand } = testOf.get(own[0]!.test)!;
    const drill = drillOf.get(own[0]!.drill!)!;
    const ofAthlete = groupRows(own, (t) => t.athlete);
    const evidence = new Map(
      [...new Set(own.map((t) => t.athlete))].map((athlete) => {
        let weight = 0;
        let sum = 0;
        for (const t of ofAthlete(athlete)) {
          const age = Math.max(0, daysBetween(t.day, today));
          const counts = 0.5 ** (age / RESPONSE.halfLifeDays);
          weight += counts;
          sum += counts * (gainInErrors(testOf.get(t.test)!, t) - retestGain(t.test));
        }
        const { length } = ofAthlete(athlete);
        return [athlete, { weight, mean: weight > 0 ? sum / weight : 0, trials: length }] as const;
      }),
    );
    return {
      ...{ drill: drill.id, demand, test: mostUsed(own), trials: own, evidence },
      expected: RESPONSE.perServe * (drill.serves[demand] ?? 0),
      seconds: own.reduce((all, t) => all + t.seconds, 0) / own.length,
    };
  });
}

/** The test that most trials used; of several the one that comes first. */
function mostUsed(trials: readonly Trial[]): string {
  const of = groupRows(trials, (t) => t.test);
  const ids = [...new Set(trials.map((t) => t.test))].sort();
  return ids.reduce((best, id) => (of(id).length > of(best).length ? id : best));
}

/** What drills do, for each athlete and on average. */
export interface Responses {
  /** Drills that anybody has tried, for one athlete: the own trials, drawn towards what the drill does for others. */
  of: (athlete: string) => Response[];
  /** What they do on average. */
  ofAll: readonly Response[];
  /** Standard deviation between athletes of what one drill does. In measurement errors. */
  spread: number;
}

/**
 * What helps whom: the effect of every drill that has been tried, by athlete (docs/model.md, "What helps whom").
 *
 * @param trials of all athletes; those of tests and drills that are not known are left out.
 * @param today ISO day, for the age of the trials.
 */
export function responsesFrom(
  trials: readonly Trial[],
  tests: readonly AthleteTest[],
  drills: readonly Drill[],
  today: string,
): Responses {
  const tried = triedOf(trials, tests, drills, today);
  const count = tried.reduce((sum, t) => sum + t.trials.length, 0);
  const evidence = tried.map((t) => ({ all: [...t.evidence.values()], expected: t.expected }));
  const spread = count < SPREAD_FROM_TRIALS ? RESPONSE.betweenAthletes : likeliestSpread(evidence);
  const model = { ...RESPONSE, betweenAthletes: spread };
  const averages = tried.map((_, i) => averageEffect(evidence[i]!.all, evidence[i]!.expected, model));
  const responseOf = (t: Tried, effect: Estimate, trials: number): Response => ({
    ...{ drill: t.drill, demand: t.demand, test: t.test, expected: t.expected, seconds: t.seconds },
    ...{ effect, trials, trialsOfAll: t.trials.length, verdict: responseVerdict(effect, trials) },
  });
  return {
    of: (athlete) =>
      tried.map((t, i) => {
        const own = t.evidence.get(athlete) ?? { weight: 0, mean: 0, trials: 0 };
        return responseOf(t, effectFor(own, averages[i]!, model), own.trials);
      }),
    ofAll: tried.map((t, i) => responseOf(t, averages[i]!, t.trials.length)),
    spread,
  };
}
