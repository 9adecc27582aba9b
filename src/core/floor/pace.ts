import { fitSteps, type StepChange } from "./fit-steps";
import { type Standing, secondsInto, secondsOf, standingOf } from "./floor-items";
import type { FloorAthlete, FloorPlan, FloorStep } from "./floor-plan";
import type { FloorState, PersonState, StepState } from "./fold-events";

/** How one athlete is on time. */
export interface Pace {
  standing: Standing;
  /** Seconds of drills and of ramp sets that are left before the first working set. */
  drillsLeft: number;
  rampLeft: number;
  /** When the first working set can begin. Milliseconds since 1970. */
  readyAt: number;
  /** How much later than it is to be; below 0: so much earlier. Seconds. */
  behind: number;
}

/** From so much on there is something to be said. Seconds. */
export const BEHIND = 60;

/** How one athlete is on time at a moment; null before the start. */
export function paceOf(plan: FloorPlan, athlete: FloorAthlete, state: FloorState, now: number): Pace | null {
  const { startedAt } = state;
  const person = state.people[athlete.id];
  if (startedAt === null || !person) return null;
  const standing = standingOf(athlete, person, startedAt);
  const before = standing.items.slice(0, standing.before);
  const left = standing.isWarm ? [] : before.slice(before.indexOf(standing.now!));
  const gone = secondsInto(standing, state, now);
  let drillsLeft = 0;
  let rampLeft = 0;
  for (const item of left) {
    const all = secondsOf(item);
    // What takes longer than planned is over any moment.
    const still = item === standing.now ? Math.max(0, all - gone) : all;
    if (item.kind === "step") drillsLeft += still;
    else rampLeft += still;
  }
  // Waiting for a bar is still to come for whoever has not begun the ramp.
  const hasLifted = Object.keys(person.lifts[0]?.sets ?? {}).length > 0;
  const waiting = hasLifted || rampLeft === 0 ? 0 : Math.max(0, athlete.readySeconds - athlete.seconds);
  const readyAt = now + (drillsLeft + rampLeft + waiting) * 1000;
  return { standing, drillsLeft, rampLeft, readyAt, behind: behindOf(plan, state, athlete, readyAt) };
}

/** When the first working sets are to begin. Milliseconds since 1970. */
export function dueAt(plan: FloorPlan, state: FloorState, now: number): number {
  return state.due ?? (state.startedAt ?? now) + plan.readySeconds * 1000 + pausedMs(state);
}

function behindOf(plan: FloorPlan, state: FloorState, athlete: FloorAthlete, readyAt: number): number {
  // Who is ready before the last one is on time as long as the last one is.
  const spare = state.due === null ? plan.readySeconds - athlete.readySeconds : 0;
  return (readyAt - dueAt(plan, state, readyAt)) / 1000 + spare;
}

/** Where no time is set a pause moves the end. Milliseconds. */
function pausedMs({ pauses }: FloorState): number {
  return pauses.reduce((sum, { from, to }) => sum + Math.max(0, (to ?? from) - from), 0);
}

/** Those who are there. */
export function presentIn(plan: FloorPlan, state: FloorState): FloorAthlete[] {
  return plan.athletes.filter((a) => state.people[a.id]?.presence === "there");
}

/** How the whole session is on time: by whoever is last. Null before the start, and when all are warm. */
export function sessionBehind(plan: FloorPlan, state: FloorState, now: number): number | null {
  const behind = presentIn(plan, state).flatMap((a) => {
    const pace = paceOf(plan, a, state, now);
    return pace && !pace.standing.isWarm ? [pace.behind] : [];
  });
  return behind.length > 0 ? Math.max(...behind) : null;
}

/** What would be left out or shortened to be on time, and for whom; null: everybody who is there. */
export interface CatchUp {
  athlete: string | null;
  name: string | null;
  changes: readonly StepChange[];
  /** Seconds that it saves. */
  saves: number;
}

/**
 * What would be left out or shortened so that everybody is on time, by what the approach finds worth the least: of what all do for
 * everybody, else for each one who is behind. Nothing that is on or done is touched.
 */
export function catchUps(plan: FloorPlan, state: FloorState, now: number): CatchUp[] {
  const late = presentIn(plan, state).flatMap((athlete) => {
    const pace = paceOf(plan, athlete, state, now);
    return pace && !pace.standing.isWarm && pace.behind >= BEHIND ? [{ athlete, pace }] : [];
  });
  if (late.length === 0) return [];
  if (!plan.isGroup) return late.flatMap(({ athlete, pace }) => offer(athlete, pace));
  // What all do is shortened for all, by the one who is furthest behind.
  const last = late.reduce((a, b) => (b.pace.behind > a.pace.behind ? b : a));
  const isShared = ({ step }: { step: FloorStep }) => step.isShared;
  const shared = openSteps(last.pace).filter(isShared);
  const worths = sharedWorths(plan);
  const changes = changesFor(
    shared.map(({ step, state: s }) => ({
      step: { ...step, worth: worths.get(step.key) ?? step.worth },
      state: s,
    })),
    last.pace.behind,
  );
  return changes.length > 0 ? [{ athlete: null, name: null, changes, saves: savedBy(changes) }] : [];
}

function offer(athlete: FloorAthlete, pace: Pace): CatchUp[] {
  const changes = changesFor(openSteps(pace), pace.behind);
  return changes.length > 0
    ? [{ athlete: athlete.id, name: athlete.name, changes, saves: savedBy(changes) }]
    : [];
}

const savedBy = (changes: readonly StepChange[]) => changes.reduce((sum, c) => sum + c.saves, 0);

/** Steps that are not on yet, before the first working set. */
function openSteps({ standing }: Pace): { step: FloorStep; state: StepState }[] {
  return standing.items.slice(0, standing.before).flatMap((item) => {
    if (item.kind !== "step" || item.state.done || item === standing.now) return [];
    return [{ step: item.step, state: item.state }];
  });
}

/** The changes that save so many seconds of some steps; as much as can be saved where that is less. */
function changesFor(steps: readonly { step: FloorStep; state: StepState }[], seconds: number): StepChange[] {
  const whole = steps.reduce((sum, { step }) => sum + secondsOf({ kind: "step", step, state: {} }), 0);
  return fitSteps(steps, Math.max(0, whole - seconds));
}

/** What a step that all do is worth to all of them together. */
function sharedWorths(plan: FloorPlan): Map<string, number> {
  const worths = new Map<string, number>();
  for (const { steps } of plan.athletes)
    for (const s of steps) if (s.isShared) worths.set(s.key, (worths.get(s.key) ?? 0) + s.worth);
  return worths;
}

/**
 * What somebody who comes late leaves out or does shorter of all that is planned, so as to be ready with the others: the best that
 * fits what is left.
 */
export function lateStart(
  plan: FloorPlan,
  athlete: FloorAthlete,
  person: PersonState,
  state: FloorState,
  now: number,
): StepChange[] {
  const standing = standingOf(athlete, person, state.startedAt);
  const before = standing.items.slice(0, standing.before);
  const ramp = before.reduce((sum, i) => sum + (i.kind === "set" && !i.done ? secondsOf(i) : 0), 0);
  const due = dueAt(plan, state, now);
  const steps = before.flatMap((i) =>
    i.kind === "step" && !i.state.done ? [{ step: i.step, state: i.state }] : [],
  );
  return fitSteps(steps, Math.max(0, (due - now) / 1000 - ramp));
}
