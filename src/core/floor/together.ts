import type { Happening } from "./floor-event";
import { standingOf, stepNow } from "./floor-items";
import type { FloorAthlete, FloorPlan, FloorStep } from "./floor-plan";
import type { FloorState, PersonState } from "./fold-events";
import { presentIn } from "./pace";
import { runningSeconds } from "./running-time";

/** What everybody does at a moment. */
export interface SharedNow {
  step: FloorStep;
  next: FloorStep | null;
  /** When it began. Milliseconds since 1970. */
  begunAt: number;
  /** Whether it was begun by hand, its set-up over. */
  isSetUp: boolean;
}

/** The drills that everybody does, each once, in their order. */
function sharedSteps(plan: FloorPlan): FloorStep[] {
  const steps = plan.athletes.flatMap((a) => a.steps.filter((s) => s.isShared));
  return [...new Map(steps.map((s) => [s.key, s])).values()].sort((a, b) => a.startsAt - b.startsAt);
}

const isOpen = (person: PersonState, { key }: FloorStep): boolean => {
  const state = person.steps[key];
  return !state?.done && !state?.skipped;
};

/**
 * The drill that everybody does now: the first that has not been done by all, and that somebody who is there has not done; null: before
 * the start, and at the end.
 */
export function sharedNow(plan: FloorPlan, state: FloorState): SharedNow | null {
  const { startedAt } = state;
  if (startedAt === null) return null;
  const here = presentIn(plan, state).map((athlete) => ({ athlete, person: state.people[athlete.id]! }));
  const has = (a: FloorAthlete, step: FloorStep) => a.steps.some((s) => s.key === step.key);
  const open = sharedSteps(plan).filter(
    (s) => !state.past[s.key] && here.some(({ athlete, person }) => has(athlete, s) && isOpen(person, s)),
  );
  const [step, next = null] = open;
  if (!step) return null;
  const on = here.flatMap(({ athlete, person }) => {
    const standing = standingOf(athlete, person, startedAt);
    const isOn = standing.now?.kind === "step" && standing.now.step.key === step.key;
    return isOn && standing.begunAt !== null ? [{ standing, person }] : [];
  });
  const first =
    on.length > 0 ? on.reduce((a, b) => (b.standing.begunAt! < a.standing.begunAt! ? b : a)) : null;
  // What was shortened for all is for each of them; what one has swapped is that one's.
  const { shortened } =
    (first ?? here.find(({ athlete }) => has(athlete, step)))?.person.steps[step.key] ?? {};
  return {
    step: stepNow(step, shortened && { shortened }),
    next,
    begunAt: first?.standing.begunAt ?? startedAt,
    isSetUp: first?.standing.isSetUp ?? false,
  };
}

/** Seconds that all are into what they do, the set-up among them where it is over. */
export function secondsIntoShared(
  { step, begunAt, isSetUp }: SharedNow,
  state: FloorState,
  now: number,
): number {
  const gone = Math.max(0, runningSeconds(state, now) - runningSeconds(state, begunAt));
  return gone + (isSetUp ? step.setUpSeconds : 0);
}

/** Where one athlete is against the others. */
export type Face = "with-all" | "own" | "drills" | "behind" | "ahead" | "lifting" | "ready" | "away";

/** Where one athlete is against what everybody does. */
export function faceOf(
  { isGroup }: Pick<FloorPlan, "isGroup">,
  athlete: FloorAthlete,
  state: FloorState,
  shared: SharedNow | null,
): Face {
  const person = state.people[athlete.id]!;
  if (person.presence !== "there") return "away";
  const { now, isWarm } = standingOf(athlete, person, state.startedAt);
  if (!now || isWarm) return "ready";
  if (now.kind !== "step") return shared ? "ahead" : "lifting";
  if (!shared) return isGroup ? "own" : "drills";
  if (now.step.key === shared.step.key) return "with-all";
  const { startsAt, seconds } = shared.step;
  if (!now.step.isShared && now.step.startsAt < startsAt + seconds && now.step.startsAt >= startsAt - 1)
    return "own";
  return now.step.startsAt < startsAt ? "behind" : "ahead";
}

/**
 * What is said when all go on to the next drill: it is done for everybody, and so is what single ones did meanwhile in its place or
 * for themselves.
 */
export function goOn(
  plan: FloorPlan,
  state: FloorState,
  { step, next }: SharedNow,
): { athlete: string | null; what: Happening }[] {
  const until = next?.startsAt ?? step.startsAt + step.seconds;
  const own = presentIn(plan, state).flatMap((athlete) => {
    const person = state.people[athlete.id]!;
    return athlete.steps
      .filter((s) => !s.isShared && s.block === step.block && s.startsAt < until && isOpen(person, s))
      .map(({ key }) => ({ athlete: athlete.id, what: { kind: "step-done", step: key } as Happening }));
  });
  return [{ athlete: null, what: { kind: "step-done", step: step.key } }, ...own];
}
