import type { DrillId } from "../catalog";
import type { Dose } from "../dose";
import type { Felt } from "../ramp";
import type { Weight } from "../units";
import type { CheckAnswer, FloorEvent, Pain, SkipReason } from "./floor-event";
import type { FloorPlan, FloorSet, FloorStep } from "./floor-plan";

/** When something happened, and on which device it was said. */
export interface Said {
  at: number;
  device: string;
  event: string;
}

/** How one step of one athlete stands. */
export interface StepState {
  begun?: Said;
  done?: Said;
  skipped?: Said & { why: SkipReason };
  shortened?: { dose: Dose; seconds: number };
  swapped?: { drill: DrillId; name: string; dose: Dose; seconds: number; cue: string };
}

/** A set as it was done. */
export interface DoneFloorSet extends Said {
  weight: Weight;
  reps: number;
  felt: Felt | null;
  /** Other weights that were said for it before; the last one counts. */
  before: readonly { weight: Weight; reps: number }[];
}

/** How one lift of one athlete stands. */
export interface LiftState {
  /** By place in the ramp. */
  sets: Record<number, DoneFloorSet>;
  /** Working sets by their number from 0. */
  work: Record<number, DoneFloorSet>;
  begun?: Said & { set: number };
  /** The ramp as it was changed. */
  ramp?: Said & { sets: readonly FloorSet[]; working: FloorSet & { sets: number }; why: string };
  check?: Said & { answer: CheckAnswer };
  stopped?: Said;
  /** The last turn that was let pass. */
  passed?: Said & { set: number };
}

export type Presence = "there" | "absent" | "left";

/** What has happened to one athlete. */
export interface PersonState {
  id: string;
  presence: Presence;
  /** When somebody who came late came; null: from the start. */
  arrived: Said | null;
  steps: Record<string, StepState>;
  /** Drills that were put in on the floor. */
  added: readonly FloorStep[];
  lifts: Record<number, LiftState>;
  /** What was asked for and has not been answered; null: nothing. */
  asked: (Said & { minutes: number | null; noKit: boolean }) | null;
  pains: readonly (Said & Pain)[];
  notes: readonly (Said & { text: string })[];
}

/** Where a session stands after some events. Times in milliseconds since 1970. */
export interface FloorState {
  startedAt: number | null;
  /** When the first working set is to begin; null: as long as it takes. */
  due: number | null;
  pauses: readonly { from: number; to: number | null }[];
  finished: (Said & { complete: boolean }) | null;
  people: Record<string, PersonState>;
  /** Steps that everybody has done, or left out: whoever comes later is not waited for. */
  past: Readonly<Record<string, true>>;
  /** Notes for everybody. */
  notes: readonly (Said & { text: string })[];
  /** Events in force, in the order in which they happened. */
  events: readonly FloorEvent[];
}

/** In the order in which they happened; of one moment, by their ids. */
function inOrder(a: FloorEvent, b: FloorEvent): number {
  return a.at - b.at || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);
}

/**
 * The events that count, each once and in order: without those that were taken back. What is taken back for one athlete counts for the
 * others.
 *
 * @param withUndone whether what takes others back is among them.
 */
export function eventsInForce(events: readonly FloorEvent[], withUndone = false): FloorEvent[] {
  const byId = new Map<string, FloorEvent>();
  for (const e of events) byId.set(e.id, e);
  const all = [...byId.values()];
  // They mostly come in order; to sort them again would take longer than all the rest.
  if (all.some((e, i) => i > 0 && inOrder(all[i - 1]!, e) > 0)) all.sort(inOrder);
  const undoing = all.filter((e) => e.kind === "undone");
  if (undoing.length === 0) return all;
  const byTarget = new Map<string, FloorEvent[]>();
  for (const e of undoing) {
    const isForOne = e.athlete !== null && byId.get(e.event)?.athlete === null;
    if (!isForOne) byTarget.set(e.event, [...(byTarget.get(e.event) ?? []), e]);
  }
  const known = new Map<string, boolean>();
  const isInForce = (e: FloorEvent): boolean => {
    const before = known.get(e.id);
    if (before !== undefined) return before;
    // Of two that would take each other back, neither is.
    known.set(e.id, false);
    const is = !(byTarget.get(e.id) ?? []).some(isInForce);
    known.set(e.id, is);
    return is;
  };
  return all.filter((e) => (withUndone || e.kind !== "undone") && isInForce(e));
}

/**
 * Where a session stands after its events. The outcome does not depend on the order of the events, nor on how often each is there
 * (docs/model.md, "The floor").
 */
export function foldEvents(plan: Pick<FloorPlan, "athletes">, events: readonly FloorEvent[]): FloorState {
  const inForce = eventsInForce(events);
  // Clocks differ by a little: an answer counts wherever it stands.
  const answered = new Set(inForce.flatMap((e) => (e.kind === "answered" ? [e.ask] : [])));
  const people: Record<string, Unfinished> = {};
  for (const { id } of plan.athletes) people[id] = nobodyYet(id);
  const state = { startedAt: null, due: null, finished: null } as Pick<
    FloorState,
    "startedAt" | "due" | "finished"
  >;
  const excepted = exceptions(inForce, events);
  const past: Record<string, true> = {};
  const pauses: { from: number; to: number | null }[] = [];
  const notes: (Said & { text: string })[] = [];
  for (const event of inForce) {
    const said = { at: event.at, device: event.device, event: event.id };
    switch (event.kind) {
      case "started":
        // Started on two devices it has begun with the first.
        if (state.startedAt === null) {
          state.startedAt = event.at;
          state.due = event.due;
        }
        break;
      case "due-changed":
        state.due = event.due;
        break;
      case "paused":
        if (pauses.at(-1)?.to !== null) pauses.push({ from: event.at, to: null });
        break;
      case "resumed": {
        const open = pauses.at(-1);
        if (open?.to === null) open.to = event.at;
        break;
      }
      case "finished":
        state.finished ??= { ...said, complete: event.complete };
        break;
      case "undone":
        break;
      default:
        if (event.athlete === null) {
          if (event.kind === "note") notes.push({ ...said, text: event.text });
          else {
            if (event.kind === "step-done" || event.kind === "step-skipped") past[event.step] = true;
            for (const person of Object.values(people))
              if (isMeantFor(person, event) && !excepted.has(`${event.id} ${person.id}`))
                happenTo(person, event, said);
          }
        } else if (people[event.athlete] && !answered.has(event.id))
          happenTo(people[event.athlete]!, event, said);
    }
  }
  return { ...state, pauses, people, past, notes, events: inForce };
}

/** A person's state while it is worked out. */
type Unfinished = Omit<PersonState, "pains" | "notes" | "added"> & {
  pains: PersonState["pains"][number][];
  notes: PersonState["notes"][number][];
  added: FloorStep[];
};

function nobodyYet(id: string): Unfinished {
  return {
    id,
    presence: "there",
    arrived: null,
    steps: {},
    added: [],
    lifts: {},
    asked: null,
    pains: [],
    notes: [],
  };
}

/** Whether what is said to everybody is for one: who is not there has done nothing, but what is changed is changed. */
function isMeantFor({ presence }: Unfinished, { kind }: FloorEvent): boolean {
  return presence === "there" || kind !== "step-done";
}

/** What was taken back for one of all to whom it was said: the event and the athlete. */
function exceptions(inForce: readonly FloorEvent[], events: readonly FloorEvent[]): ReadonlySet<string> {
  const forAll = new Set(inForce.flatMap((e) => (e.athlete === null ? [e.id] : [])));
  const undone = eventsInForce(events, true).filter((e) => e.kind === "undone");
  return new Set(
    undone.flatMap((e) => (e.athlete !== null && forAll.has(e.event) ? [`${e.event} ${e.athlete}`] : [])),
  );
}

function stepOf(person: Unfinished, key: string): StepState {
  person.steps[key] ??= {};
  return person.steps[key];
}

function liftOf(person: Unfinished, lift: number): LiftState {
  person.lifts[lift] ??= { sets: {}, work: {} };
  return person.lifts[lift];
}

/** Notes what happened to one athlete. Events come in order: what is said again later counts, but what was done was done. */
function happenTo(person: Unfinished, event: FloorEvent, said: Said): void {
  switch (event.kind) {
    case "arrived":
      person.presence = "there";
      person.arrived = said;
      break;
    case "absent":
    case "left":
      person.presence = event.kind;
      break;
    case "step-begun":
      stepOf(person, event.step).begun = said;
      break;
    case "step-done":
      stepOf(person, event.step).done ??= said;
      break;
    case "step-skipped":
      stepOf(person, event.step).skipped ??= { ...said, why: event.why };
      break;
    case "step-shortened":
      stepOf(person, event.step).shortened = { dose: event.dose, seconds: event.seconds };
      break;
    case "step-swapped": {
      const { drill, name, dose, seconds, cue } = event;
      stepOf(person, event.step).swapped = { drill, name, dose, seconds, cue };
      break;
    }
    case "step-added":
      if (!person.added.some((s) => s.key === event.step.key)) person.added.push(event.step);
      break;
    case "set-begun":
      liftOf(person, event.lift).begun = { ...said, set: event.set };
      break;
    case "set-done":
      noteSet(liftOf(person, event.lift)[event.isWork ? "work" : "sets"], event, said);
      break;
    case "turn-passed":
      liftOf(person, event.lift).passed = { ...said, set: event.set };
      break;
    case "checked":
      liftOf(person, event.lift).check = { ...said, answer: event.answer };
      break;
    case "ramp-changed": {
      const { sets, working, why } = event;
      liftOf(person, event.lift).ramp = { ...said, sets, working, why };
      break;
    }
    case "lift-stopped":
      liftOf(person, event.lift).stopped ??= said;
      break;
    case "pain": {
      const { area, level, quality, signs, lift } = event;
      person.pains.push({ ...said, area, level, quality, signs, lift });
      break;
    }
    case "asked":
      person.asked = { ...said, minutes: event.minutes, noKit: event.noKit };
      break;
    case "note":
      person.notes.push({ ...said, text: event.text });
      break;
  }
}

const NONE_BEFORE: DoneFloorSet["before"] = [];

/** A set that is ticked twice is one set, done when it was first; of two weights the later counts. */
function noteSet(
  sets: Record<number, DoneFloorSet>,
  { set, weight, reps, felt }: Extract<FloorEvent, { kind: "set-done" }>,
  said: Said,
): void {
  const known = sets[set];
  if (!known) {
    // Written out: copying would take longer than all else of the fold.
    const { at, device, event } = said;
    sets[set] = { at, device, event, weight, reps, felt, before: NONE_BEFORE };
    return;
  }
  if (known.weight !== weight || known.reps !== reps) {
    known.before = [...known.before, { weight: known.weight, reps: known.reps }];
    known.weight = weight;
    known.reps = reps;
  }
  known.felt = felt ?? known.felt;
}
