import { addDays, parseISO } from "date-fns";
import { testById } from "@/catalog/tests";
import { drillById, liftById, PHASE_NAMES, PHASES } from "@/core/catalog";
import type { DemandId } from "@/core/demands";
import type { Pain } from "@/core/floor";
import type { FollowUpAnswer } from "@/core/follow-up";
import { type DemandTime, demandTimes } from "@/core/progress";
import { type MaximumOfDay, maximumHistory } from "@/core/strength";
import type { UnitSystem, Weight } from "@/core/units";
import { listAthletes, listGroups, readAthlete, readGroup } from "@/data/athletes";
import { listFollowUpsOf } from "@/data/follow-ups";
import {
  countAttended,
  listHurt,
  listSessionTimes,
  listWorkSets,
  rampSeconds,
  secondsByDrill,
} from "@/data/records";
import { listTestResults, listTrials } from "@/data/trials";
import { isoDay } from "@/lib/iso-day";
import { bodyOf } from "../athletes/athlete-record";
import { gymKit } from "../gyms/gym-kit";
import { openCatalog } from "../library/catalog";
import { today } from "../sessions/day";
import type { NamedResponse, NotedResult } from "../trials/open-tests";
import { openResponses } from "../trials/responses";
import { comparedLifts, comparedTests } from "./compared";

/** How far back progress is looked at, by the name in the address. Days; null: all there is. */
export const PERIODS = { quarter: 91, year: 365, all: null } as const;
export type Period = keyof typeof PERIODS;

/** In which times demands are held against each other. Days. */
export const DEMAND_DAYS = { recent: 14, all: 56 } as const;

/** A working weight and what it says of the maximum, day by day. */
export interface LiftProgress {
  lift: string;
  name: string;
  unit: UnitSystem;
  /** Heaviest working set of the day, on record or done. */
  weights: readonly { day: string; weight: Weight }[];
  maxima: readonly MaximumOfDay[];
}

/** Progress of an athlete, or of several. Seconds. */
export interface Progress {
  today: string;
  period: Period;
  /** How many people it is of. */
  people: number;
  responses: readonly NamedResponse[];
  sessions: readonly { sessionId: string; day: string; name: string; planned: number; real: number }[];
  /** Of a session of one person on average, of the last year at most. */
  phases: readonly { phase: string; planned: number; real: number }[];
  /** Of each person on average. */
  demands: readonly DemandTime[];
  limiters: readonly DemandId[];
  /** Sessions of one person each that were written down, those who were absent left out. */
  attended: number;
  /** With how it was afterwards, as far as it was answered. */
  pains: readonly {
    day: string;
    athlete: string;
    session: string;
    pain: Pain;
    answers: readonly FollowUpAnswer[];
  }[];
}

/** Progress of one athlete. */
export interface AthleteProgress extends Progress {
  athlete: { id: string; name: string };
  lifts: readonly LiftProgress[];
  results: readonly NotedResult[];
}

const dayBefore = (day: string, days: number) => isoDay(addDays(parseISO(day), -days));
/** Before anything was written down. */
const EVER = "0001-01-01";

/** Reads a period from an address; what is not one is the year. */
export function periodOf(text: string | string[] | undefined): Period {
  const [first] = [text].flat();
  return first === "quarter" || first === "all" ? first : "year";
}

async function progressOf(
  people: readonly { id: string; name: string }[],
  limiters: readonly DemandId[],
  period: Period,
): Promise<Progress> {
  const ids = people.map((p) => p.id);
  const now = today();
  const days = PERIODS[period];
  const since = days === null ? EVER : dayBefore(now, days);
  const yearAgo = dayBefore(now, PERIODS.year);
  // How long phases take now is not told by what they took years ago.
  const phasesSince = [since, yearAgo].sort()[1]!;
  const [catalog, responses, sessions, ofPeriod, recent, all, hurt, timed, attended, answered] =
    await Promise.all([
      openCatalog(),
      openResponses(),
      listSessionTimes(ids, since),
      secondsByDrill(ids, phasesSince),
      secondsByDrill(ids, dayBefore(now, DEMAND_DAYS.recent)),
      secondsByDrill(ids, dayBefore(now, DEMAND_DAYS.all)),
      listHurt(ids, since),
      countAttended(ids, phasesSince),
      countAttended(ids, since),
      listFollowUpsOf(ids),
    ]);
  const each = (rows: typeof all) =>
    rows.map((r) => ({ ...r, seconds: r.seconds / Math.max(1, ids.length) }));
  const [only] = people;
  const of = people.length === 1 && only ? responses.of(only.id) : responses.ofAll;
  const times = Math.max(1, timed);
  const ramps = await rampSeconds(ids, phasesSince);
  const nameOf = new Map(people.map((p) => [p.id, p.name]));
  return {
    ...{ today: now, period, people: people.length, sessions, limiters },
    responses: of.map((r) => ({ ...r, name: drillById(catalog, r.drill)?.name ?? r.drill })),
    phases: [
      ...PHASES.flatMap((phase) => {
        const rows = ofPeriod.filter((r) => r.phase === phase);
        if (rows.length === 0) return [];
        const sum = (key: "planned" | "seconds") => rows.reduce((total, r) => total + r[key], 0) / times;
        return [{ phase: PHASE_NAMES[phase], planned: sum("planned"), real: sum("seconds") }];
      }),
      ...(ramps.times === 0
        ? []
        : [{ phase: "Ramp", planned: ramps.planned / ramps.times, real: ramps.real / ramps.times }]),
    ],
    attended,
    demands: demandTimes(each(recent), each(all), catalog.drills, limiters),
    pains: hurt.flatMap((r) =>
      (r.pains as Pain[]).map((pain) => ({
        ...{ day: r.day, athlete: nameOf.get(r.athleteId) ?? "", session: r.name, pain },
        answers: answered
          .filter((a) => a.sessionId === r.sessionId && a.athleteId === r.athleteId && a.about === pain.area)
          .map(({ moment, feels, level }) => ({ moment, feels, level })),
      })),
    ),
  };
}

/** Progress of an athlete; null: there is no such athlete. */
export async function openAthleteProgress(id: string, period: Period): Promise<AthleteProgress | null> {
  const athlete = await readAthlete(id);
  if (!athlete) return null;
  const { limiters } = bodyOf(athlete);
  const days = PERIODS[period];
  const since = days === null ? EVER : dayBefore(today(), days);
  const [progress, catalog, sets, results, trials] = await Promise.all([
    progressOf([athlete], limiters, period),
    openCatalog(),
    listWorkSets([id], since),
    listTestResults([id]),
    listTrials([id]),
  ]);
  const weights = athlete.weights.filter((w) => w.day >= since);
  const lifts = [...new Set([...weights.map((w) => w.lift), ...sets.map((s) => s.lift)])];
  return {
    ...progress,
    athlete: { id, name: athlete.name },
    lifts: lifts
      .map((lift): LiftProgress => {
        const onRecord = weights.filter((w) => w.lift === lift);
        const done = sets.filter((s) => s.lift === lift && s.unit === athlete.unit);
        return {
          ...{ lift, name: liftById(catalog, lift)?.name ?? lift, unit: athlete.unit },
          weights: heaviestByDay([...onRecord.filter((w) => w.kind === "working"), ...done]),
          maxima: maximumHistory(onRecord.map((w) => ({ ...w, weight: w.weight as Weight }))),
        };
      })
      .sort((a, b) => b.weights.length - a.weights.length || a.name.localeCompare(b.name)),
    results: [
      ...results.map((r) => ({ ...r, value: r.value as number[], signs: r.signs as string[] })),
      // What a trial began with is an outcome too.
      ...trials.map((t) => ({ ...t, value: t.before as number[], signs: [], moment: "cold" as const })),
    ]
      .filter((r) => r.day >= since && testById(r.test))
      .map(({ id, test, day, moment, value, signs }) => ({ id, test, day, moment, value, signs }))
      .sort((a, b) => a.day.localeCompare(b.day)),
  };
}

function heaviestByDay(rows: readonly { day: string; weight: number }[]): { day: string; weight: Weight }[] {
  const heaviest = new Map<string, number>();
  for (const { day, weight } of rows) heaviest.set(day, Math.max(weight, heaviest.get(day) ?? 0));
  return [...heaviest]
    .map(([day, weight]) => ({ day, weight: weight as Weight }))
    .sort((a, b) => a.day.localeCompare(b.day));
}

/** Progress of a group, or of everybody where none is named; null: there is no such group. */
export async function openGroupProgress(groupId: string | null, period: Period) {
  const group = groupId === null ? null : await readGroup(groupId);
  if (groupId !== null && !group) return null;
  const [athletes, groups] = await Promise.all([listAthletes(), listGroups()]);
  const people = athletes.filter((a) => groupId === null || a.groupId === groupId);
  const days = PERIODS[period];
  const since = days === null ? EVER : dayBefore(today(), days);
  const [gym, catalog] = await Promise.all([gymKit(), openCatalog()]);
  const unit = gym?.unit ?? "kg";
  const [progress, lifts, tests] = await Promise.all([
    progressOf(people, [], period),
    comparedLifts(people, since, unit, catalog),
    comparedTests(people, since),
  ]);
  return {
    ...{ ...progress, unit, lifts, tests },
    group: group && { id: group.id, name: group.name },
    groups: groups.map(({ id, name }) => ({ id, name })),
  };
}
export type GroupProgress = NonNullable<Awaited<ReturnType<typeof openGroupProgress>>>;
