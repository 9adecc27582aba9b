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
  stepNow,
} from "../floor";
import type { Felt } from "../ramp";
import type { Weight } from "../units";

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

/** What one athlete did in a session. */
export interface AthleteSession {
  athlete: string;
  name: string;
  presence: Presence;
  drills: readonly DrillDone[];
  sets: readonly SetDone[];
  /** Lifts that were stopped, by their names. */
  stopped: readonly string[];
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
    stopped: athlete.lifts.flatMap((l, i) => (person.lifts[i]?.stopped ? [l.name] : [])),
    pains: person.pains.map(({ area, level, quality, signs, lift }) => ({
      area,
      level,
      quality,
      signs,
      lift,
    })),
    notes: person.notes.map((n) => n.text),
    plannedSeconds: athlete.readySeconds,
    readySeconds: readyAt(athlete, person, state),
  };
}

/** What things took by what they are; seconds, and whether they were begun by hand. */
type Took = (key: string) => { seconds: number; isFromBegin: boolean } | null;

const setKey = (lift: number, set: number, isWork: boolean) => `${isWork ? "work" : "set"} ${lift} ${set}`;

function tookOf(athlete: FloorAthlete, person: PersonState, state: FloorState): Took {
  const at = (ms: number) => runningSeconds(state, ms);
  const done = itemsOf(athlete, person).flatMap((item) => {
    if (item.kind !== "step") {
      const { lift, set } = item;
      return item.done
        ? [{ key: setKey(lift, set, item.kind === "work"), end: at(item.done.at), begun: null }]
        : [];
    }
    const { begun, done } = item.state;
    return done ? [{ key: item.step.key, end: at(done.at), begun: begun ? at(begun.at) : null }] : [];
  });
  const inOrder = done.toSorted((a, b) => a.end - b.end);
  const times = new Map<string, { seconds: number; isFromBegin: boolean }>();
  let before = person.arrived ? at(person.arrived.at) : 0;
  for (const { key, end, begun } of inOrder) {
    const isFromBegin = begun !== null && begun >= before;
    times.set(key, { seconds: Math.round(end - (isFromBegin ? begun : before)), isFromBegin });
    before = end;
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
