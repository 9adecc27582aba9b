import {
  type AthleteTest,
  changeVerdict,
  gainPerMinute,
  improvementOf,
  type Response,
  type TestValue,
  testNumber,
  valueInWords,
} from "../response";
import { counted, formatWeight, type UnitSystem, type Weight } from "../units";

/** A part of a report: a heading and its sentences. */
export interface ReportPart {
  title: string;
  lines: readonly string[];
}

/** What a report is made from, oldest first in every list. */
export interface ReportFacts {
  lifts: readonly { name: string; unit: UnitSystem; weights: readonly { day: string; weight: Weight }[] }[];
  tests: readonly { test: AthleteTest; values: readonly TestValue[] }[];
  /** What has been tried by the athlete, with its test. */
  responses: readonly { name: string; response: Response; test: AthleteTest }[];
  /** How many sessions, and in how many of them something hurt. */
  sessions: number;
  hurt: number;
  /** Minutes of drills for each limiter lately. */
  limiters: readonly { name: string; minutes: number }[];
}

/** Drills that a report names. */
const MOST_HELPS = 4;
const MOST_LIFTS = 6;

/** A report to an athlete in plain words: what has become of lifts and tests, what helps, and what to keep doing. Parts without anything are left out. */
export function reportOf(facts: ReportFacts): ReportPart[] {
  const parts: ReportPart[] = [
    { title: "Lifts", lines: facts.lifts.slice(0, MOST_LIFTS).flatMap(liftLine) },
    { title: "Tests", lines: facts.tests.flatMap(testLine) },
    { title: "What helps you", lines: helpLines(facts.responses) },
    { title: "Sessions", lines: sessionLines(facts) },
  ];
  return parts.filter((p) => p.lines.length > 0);
}

function liftLine({ name, unit, weights }: ReportFacts["lifts"][number]): string[] {
  const [first, last] = [weights[0], weights.at(-1)];
  if (!first || !last) return [];
  const now = `${name}: ${formatWeight(last.weight)} ${unit}`;
  if (weights.length === 1 || last.weight === first.weight) return [`${now}.`];
  const by = Math.abs(last.weight - first.weight) as Weight;
  return [
    `${now}, ${formatWeight(by)} ${unit} ${last.weight > first.weight ? "more" : "less"} than at the start.`,
  ];
}

function testLine({ test, values }: ReportFacts["tests"][number]): string[] {
  const [first, last] = [values[0], values.at(-1)];
  if (!first || !last) return [];
  const now = `${test.name}: ${valueInWords(test, last)}`;
  if (values.length === 1) return [`${now}.`];
  const change = improvementOf(test, first, last);
  if (changeVerdict(test, change) === "within-error") return [`${now}, about as at the start.`];
  const size = testNumber(test, Math.abs(change));
  return [`${now}, ${size} ${change > 0 ? "better" : "worse"} than at the start.`];
}

function helpLines(responses: ReportFacts["responses"]): string[] {
  return responses
    .filter(({ response }) => response.verdict === "helps")
    .sort((a, b) => b.response.effect.mean - a.response.effect.mean)
    .slice(0, MOST_HELPS)
    .map(({ name, response, test }) => {
      const gain = testNumber(test, gainPerMinute(response, test));
      return `${name}: a minute of it gives you about ${gain} in ${test.name.toLowerCase()}.`;
    });
}

function sessionLines({ sessions, hurt, limiters }: ReportFacts): string[] {
  if (sessions === 0) return [];
  const lines = [`${counted(sessions, "session")} written down.`];
  if (hurt > 0) lines.push(`Something hurt in ${hurt} of them: tell your coach how it is.`);
  for (const { name, minutes } of limiters) {
    lines.push(
      minutes < 1
        ? `${name}: nothing in the last two weeks.`
        : `${name}: about ${Math.round(minutes)} min of drills in the last two weeks.`,
    );
  }
  return lines;
}
