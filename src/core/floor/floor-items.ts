import { lightestOf } from "../plates";
import type { Felt } from "../ramp";
import type { Happening } from "./floor-event";
import type { FloorAthlete, FloorLift, FloorSet, FloorStep } from "./floor-plan";
import type { DoneFloorSet, FloorState, PersonState, StepState } from "./fold-events";
import { runningSeconds } from "./running-time";

/** Something that one athlete does: a drill, a ramp set or a working set. */
export type FloorItem =
  | { kind: "step"; step: FloorStep; state: StepState }
  | { kind: "set"; lift: number; set: number; load: FloorSet; done: DoneFloorSet | null }
  | { kind: "work"; lift: number; set: number; load: FloorSet; done: DoneFloorSet | null };

/** A step as it is done now: another drill in its place, or less of it. */
export function stepNow(step: FloorStep, state: StepState | undefined): FloorStep {
  const { swapped, shortened } = state ?? {};
  const swap = swapped && {
    drill: swapped.drill,
    name: swapped.name,
    dose: swapped.dose,
    seconds: swapped.seconds,
    cue: swapped.cue,
    setUpSeconds: 0,
    picture: step.swaps.find((s) => s.drill === swapped.drill)?.picture ?? {
      ...{ id: swapped.drill, name: swapped.name },
      dose: { ...swapped.dose, secondsPerUnit: 2 },
    },
  };
  return { ...step, ...swap, ...(shortened && !swapped && shortened) };
}

/** The ramp and the working sets of a lift as they are now. */
export function liftNow(
  lift: FloorLift,
  person: PersonState,
  at: number,
): Pick<FloorLift, "sets" | "working"> {
  return person.lifts[at]?.ramp ?? lift;
}

/** Steps of a block in their order, those put in on the floor first. */
function stepsOf({ steps }: FloorAthlete, person: PersonState, block: number): FloorStep[] {
  return [...person.added.filter((s) => s.block === block), ...steps.filter((s) => s.block === block)];
}

/**
 * All that one athlete does in its order, as it is now: for each block its drills, the ramps, of two lifts in turns a set each,
 * and the working sets. What was skipped, and what is left of a lift that was stopped, is not in it.
 */
export function itemsOf(athlete: FloorAthlete, person: PersonState): FloorItem[] {
  return athlete.blocks.flatMap((places, block) => {
    const steps = stepsOf(athlete, person, block).flatMap((planned): FloorItem[] => {
      const state = person.steps[planned.key] ?? {};
      if (state.skipped && !state.done) return [];
      return [{ kind: "step", step: stepNow(planned, state), state }];
    });
    const lifts = places.map((lift) => {
      const { sets, working } = liftNow(athlete.lifts[lift]!, person, lift);
      const now = person.lifts[lift];
      const isStopped = now?.stopped !== undefined;
      const ramp = sets
        .map((load, set): FloorItem => ({ kind: "set", lift, set, load, done: now?.sets[set] ?? null }))
        .filter((i) => i.kind !== "step" && (i.done || !isStopped));
      const work = Array.from({ length: working?.sets ?? 0 }, (_, set): FloorItem => {
        return { kind: "work", lift, set, load: working!, done: now?.work[set] ?? null };
      }).filter((i) => i.kind !== "step" && (i.done || !isStopped));
      return { ramp, work };
    });
    return [...steps, ...inTurns(lifts.map((l) => l.ramp)), ...inTurns(lifts.map((l) => l.work))];
  });
}

/** One of each list after the other. */
function inTurns<T>(lists: readonly (readonly T[])[]): T[] {
  const longest = Math.max(0, ...lists.map((l) => l.length));
  return Array.from({ length: longest }, (_, i) => lists.flatMap((l) => l.slice(i, i + 1))).flat();
}

/** Whether an item has been done. */
export function isDone(item: FloorItem): boolean {
  return item.kind === "step" ? item.state.done !== undefined : item.done !== null;
}

/** What is said when an item is done as planned. */
export function doneNow(item: FloorItem, felt: Felt | null = null): Happening {
  if (item.kind === "step") return { kind: "step-done", step: item.step.key };
  const { lift, set, load } = item;
  const { weight, reps } = load;
  return { kind: "set-done", lift, set, isWork: item.kind === "work", weight, reps, felt };
}

/** When an item was done. Milliseconds since 1970; null: it is not. */
function doneAt(item: FloorItem): number | null {
  return item.kind === "step" ? (item.state.done?.at ?? null) : (item.done?.at ?? null);
}

/** Seconds that an item takes, with the change or the rest after it. */
export function secondsOf(item: FloorItem): number {
  return item.kind === "step"
    ? item.step.seconds + item.step.changeSeconds
    : item.load.seconds + item.load.restSeconds;
}

/** Where one athlete is. */
export interface Standing {
  items: readonly FloorItem[];
  /** How many of them are the warm-up: before the first working set, or before a later lift where the first one has none. */
  before: number;
  /** What is on, and what comes next; null: all is done. */
  now: FloorItem | null;
  next: FloorItem | null;
  /** When what is on began. Milliseconds since 1970; null: not yet. */
  begunAt: number | null;
  /** Whether it was begun by hand, its set-up over. */
  isSetUp: boolean;
  /** Whether all before the first working set is done: the warm-up is over. */
  isWarm: boolean;
}

/** How many items come before the first working set, or before a later lift where the first one has none. */
function warmUpLength(athlete: FloorAthlete, items: readonly FloorItem[]): number {
  const isAfter = (i: FloorItem) =>
    i.kind === "work" || (i.kind === "step" ? i.step.block : athlete.lifts[i.lift]!.block) > 0;
  const first = items.findIndex(isAfter);
  return first < 0 ? items.length : first;
}

/** Where one athlete is: at the first thing that is not done, begun when the one before was done unless it was begun by hand. */
export function standingOf(athlete: FloorAthlete, person: PersonState, startedAt: number | null): Standing {
  const items = itemsOf(athlete, person);
  const open = items.findIndex((i) => !isDone(i));
  const at = open < 0 ? items.length : open;
  const now = items[at] ?? null;
  const before = warmUpLength(athlete, items);
  const byHand = now && begunByHand(now, person);
  const skipped = Object.values(person.steps).flatMap((s) => (s.skipped && !s.done ? [s.skipped.at] : []));
  const done = items.slice(0, at).flatMap((i) => doneAt(i) ?? []);
  const since = Math.max(startedAt ?? 0, person.arrived?.at ?? 0, ...done, ...skipped);
  return {
    items,
    before,
    now,
    next: items[at + 1] ?? null,
    begunAt: startedAt === null ? null : (byHand ?? since),
    isSetUp: byHand !== null,
    isWarm: at >= before,
  };
}

/** When what is on was begun by hand; null: it was not. Milliseconds since 1970. */
function begunByHand(item: FloorItem, person: PersonState): number | null {
  if (item.kind === "step") return item.state.begun?.at ?? null;
  const begun = person.lifts[item.lift]?.begun;
  return item.kind === "set" && begun?.set === item.set ? begun.at : null;
}

/** Seconds that an athlete is into what is on, the set-up among them where it is over; 0 before the start. */
export function secondsInto({ now, begunAt, isSetUp }: Standing, state: FloorState, at: number): number {
  if (!now || begunAt === null) return 0;
  const gone = Math.max(0, runningSeconds(state, at) - runningSeconds(state, begunAt));
  return gone + (isSetUp && now.kind === "step" ? now.step.setUpSeconds : 0);
}

/**
 * The lift whose first loaded set has just been done and of which it is still to be asked how that was; null: none. What weighs no
 * more than the lightest there is, is not loaded.
 */
export function openCheck(athlete: FloorAthlete, person: PersonState): number | null {
  const lift = athlete.lifts.findIndex(({ request, sets }, at) => {
    const now = person.lifts[at];
    if (!request || !now || now.check || now.stopped || Object.keys(now.work).length > 0) return false;
    return sets.some((s, i) => now.sets[i] !== undefined && s.weight > lightestOf(request.kit));
  });
  return lift < 0 ? null : lift;
}
