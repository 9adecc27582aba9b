import { isDone, itemsOf, standingOf, stepNow } from "./floor-items";
import type { FloorAthlete, FloorPlan } from "./floor-plan";
import type { FloorState, PersonState, Presence } from "./fold-events";
import { runningSeconds } from "./running-time";

/** How many of something were done of those that were planned. */
export interface DoneOf {
  done: number;
  planned: number;
}

/** What one athlete did in a session. */
export interface PersonSummary {
  id: string;
  name: string;
  presence: Presence;
  drills: DoneOf;
  ramp: DoneOf;
  work: DoneOf;
  /** When the last ramp set, or the last drill where there is no ramp, was done. Seconds from the start; null: not. */
  readySeconds: number | null;
  /** Names of the drills that were not done. */
  leftOut: readonly string[];
}

/** When the last before the first working set was done. Seconds from the start; null: it was not. */
export function readyAt(athlete: FloorAthlete, person: PersonState, state: FloorState): number | null {
  const last = itemsOf(athlete, person)[standingOf(athlete, person, state.startedAt).before - 1];
  const at = last && (last.kind === "step" ? last.state.done?.at : last.done?.at);
  return at === undefined ? null : Math.round(runningSeconds(state, at));
}

/** What everybody did in a session, against what was planned. */
export function sessionSummary(plan: FloorPlan, state: FloorState): PersonSummary[] {
  return plan.athletes.map((athlete) => {
    const person = state.people[athlete.id]!;
    const items = itemsOf(athlete, person);
    const count = (kind: "set" | "work") => {
      const of = items.filter((i) => i.kind === kind);
      return { done: of.filter(isDone).length, planned: of.length };
    };
    const drills = athlete.steps.filter((s) => !s.isTest);
    const notDone = drills.filter((s) => !person.steps[s.key]?.done);
    return {
      ...{ id: athlete.id, name: athlete.name, presence: person.presence },
      drills: { done: drills.length - notDone.length, planned: drills.length },
      ramp: count("set"),
      work: count("work"),
      readySeconds: readyAt(athlete, person, state),
      leftOut: [...new Set(notDone.map((s) => stepNow(s, person.steps[s.key]).name))],
    };
  });
}
