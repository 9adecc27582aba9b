import type { DrillId, Phase } from "../catalog";
import {
  type FloorAthlete,
  type FloorPlan,
  type FloorState,
  type FloorStep,
  itemsOf,
  type Pain,
  type PersonState,
  type Presence,
  readyAt,
  runningSeconds,
  type Said,
  stepNow,
} from "../floor";
import type { Felt } from "../ramp";
import type { Weight } from "../units";

/** The device that is named where something was written down after a session. */
export const AFTERWARDS = "written afterwards";

/** A drill of one round as it was planned and done. */
export interface DrillDone {
  key: string;
  /** What was done, which may be another drill than the planned one. */
  drill: DrillId;
  name: string;
  phase: Phase | "test";
  status: "done" | "left-out";
  /** What was planned in its place; null: itself. */
  insteadOf: string | null;
  /** With the change to what follows where that is part of what is measured. */
  plannedSeconds: number;
  /** How much longer that was than its parts. */
  pace: number;
  /** From when it was begun, or the one before was done; null: it was not done, or nobody knows from when. */
  realSeconds: number | null;
}

/** A set as it was done. */
export interface SetDone {
  lift: string;
  name: string;
  /** Place of the lift in the session and of the set in it, from 0. */
  at: number;
  set: number;
  isWork: boolean;
  weight: Weight;
  reps: number;
  felt: Felt | null;
  plannedSeconds: number;
  realSeconds: number | null;
}

/** A lift as it was planned on the day, with what was changed on the floor. */
export interface LiftPlanned {
  /** Place in the session, from 0. */
  at: number;
  lift: string;
  name: string;
  /** With what its weights count, as "kg a hand". */
  unit: string;
  /** Working sets; null: no weight was known. */
  working: { weight: Weight; reps: number; sets: number } | null;
  isStopped: boolean;
}

/** What one athlete did in a session. */
export interface AthleteSession {
  athlete: string;
  name: string;
  presence: Presence;
  drills: readonly DrillDone[];
  sets: readonly SetDone[];
  lifts: readonly LiftPlanned[];
  pains: readonly Pain[];
  notes: readonly string[];
  /** From the start to the first working set, as planned and as it was; null: it was not reached. Seconds. */
  plannedSeconds: number;
  readySeconds: number | null;
}

/**
 * The record of a session: what everybody did, left out and swapped, with planned and real times.
 *
 * Real times are those between what was ticked: of what was begun by hand from then, else from what the athlete did before it.
 */
export function sessionRecord(plan: FloorPlan, state: FloorState): AthleteSession[] {
  return plan.athletes.map((athlete) => athleteSession(athlete, state));
}

function athleteSession(athlete: FloorAthlete, state: FloorState): AthleteSession {
  const person = state.people[athlete.id]!;
  const took = tookOf(athlete, person, state);
  const steps = [...person.added, ...athlete.steps].filter((s) => !s.isTest);
  return {
    ...{ athlete: athlete.id, name: athlete.name, presence: person.presence },
    drills: steps.map((step) => drillDone(step, person, took)),
    sets: setsOf(athlete, person, took),
    lifts: athlete.lifts.map(({ lift, name, unit, working }, at): LiftPlanned => {
      const now = person.lifts[at]?.ramp?.working ?? working;
      const { weight, reps, sets } = now ?? {};
      return {
        ...{ at, lift, name, unit, isStopped: person.lifts[at]?.stopped !== undefined },
        working: weight && reps && sets ? { weight, reps, sets } : null,
      };
    }),
    pains: person.pains.map(({ area, level, quality, signs, lift }) => ({
      area,
      level,
      quality,
      signs,
      lift,
    })),
    notes: person.notes.map((n) => n.text),
    plannedSeconds: athlete.readySeconds,
    readySeconds: isAfterwards(state) ? null : readyAt(athlete, person, state),
  };
}

/** Whether a session was written down afterwards: nobody knows what anything took. */
function isAfterwards({ events }: FloorState): boolean {
  return events.some((e) => e.kind === "started" && e.device === AFTERWARDS);
}

/** What things took by what they are; seconds, and whether they were begun by hand. */
type Took = (key: string) => { seconds: number; isFromBegin: boolean } | null;

const setKey = (lift: number, set: number, isWork: boolean) => `${isWork ? "work" : "set"} ${lift} ${set}`;

function tookOf(athlete: FloorAthlete, person: PersonState, state: FloorState): Took {
  const at = (ms: number) => runningSeconds(state, ms);
  const end = state.finished?.at ?? Number.POSITIVE_INFINITY;
  // What was said afterwards says nothing of when.
  const isTimed = (said: Said) => said.device !== AFTERWARDS && said.at <= end;
  const done = itemsOf(athlete, person).flatMap((item) => {
    if (item.kind !== "step") {
      const { lift, set } = item;
      return item.done && isTimed(item.done)
        ? [{ key: setKey(lift, set, item.kind === "work"), end: at(item.done.at), begun: null }]
        : [];
    }
    const { begun, done } = item.state;
    return done && isTimed(done)
      ? [{ key: item.step.key, end: at(done.at), begun: begun ? at(begun.at) : null }]
      : [];
  });
  const inOrder = done.toSorted((a, b) => a.end - b.end);
  const times = new Map<string, { seconds: number; isFromBegin: boolean }>();
  let before = person.arrived ? at(person.arrived.at) : 0;
  for (const { key, end, begun } of inOrder) {
    const isFromBegin = begun !== null && begun >= before && begun <= end;
    const seconds = Math.round(end - (isFromBegin ? begun : before));
    // What was done before one came is not timed.
    if (seconds >= 0) times.set(key, { seconds, isFromBegin });
    before = Math.max(before, end);
  }
  return (key: string) => times.get(key) ?? null;
}

function drillDone(step: FloorStep, person: PersonState, took: Took): DrillDone {
  const state = person.steps[step.key];
  const now = stepNow(step, state);
  const time = state?.done ? took(step.key) : null;
  return {
    ...{ key: step.key, drill: now.drill, name: now.name, phase: step.phase },
    status: state?.done ? "done" : "left-out",
    insteadOf: now.drill === step.drill ? null : step.name,
    plannedSeconds: time?.isFromBegin ? now.seconds : now.seconds + step.changeSeconds,
    pace: step.pace ?? 1,
    realSeconds: time?.seconds ?? null,
  };
}

function setsOf(athlete: FloorAthlete, person: PersonState, took: Took): SetDone[] {
  return athlete.lifts.flatMap((lift, at) => {
    const state = person.lifts[at];
    const ramp = state?.ramp ?? lift;
    const rows = (isWork: boolean) =>
      Object.entries((isWork ? state?.work : state?.sets) ?? {}).map(([set, done]): SetDone => {
        const load = isWork ? ramp.working : ramp.sets[Number(set)];
        return {
          ...{ lift: lift.lift, name: lift.name, at, set: Number(set), isWork },
          ...{ weight: done.weight, reps: done.reps, felt: done.felt },
          plannedSeconds: load ? load.seconds + load.restSeconds : 0,
          realSeconds: took(setKey(at, Number(set), isWork))?.seconds ?? null,
        };
      });
    return [...rows(false), ...rows(true)];
  });
}
