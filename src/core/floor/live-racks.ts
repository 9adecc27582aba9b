import { type BarTurn, type Lifter, lifterOf, shareBar, shareBarSteps } from "../rack";
import type { Weight } from "../units";
import { liftNow } from "./floor-items";
import type { FloorAthlete, FloorPlan, FloorRack } from "./floor-plan";
import type { FloorState } from "./fold-events";
import { paceOf } from "./pace";

/** A turn on a bar that is still to come. */
export interface LiveTurn extends BarTurn {
  athlete: string;
  /** The place of the set in that athlete's ramp. */
  rampSet: number;
}

/** A rack as it stands. */
export interface LiveRack {
  rack: number;
  /** Those whose turn it is, and those of later shifts. */
  athletes: readonly string[];
  later: readonly string[];
  /** Plates of one side that are on the bar, inside first. */
  onBar: readonly Weight[];
  /** From now on, the best order there is from what is on the bar. Seconds from now. */
  turns: readonly LiveTurn[];
  isProven: boolean;
}

/** What one rack is ordered from; two that are alike have one order. */
export interface RackQuestion {
  rack: number;
  athletes: readonly string[];
  later: readonly string[];
  lifters: readonly Lifter[];
  /** How many of each one's ramp sets are done. */
  done: readonly number[];
  onBar: readonly Weight[];
  secondsPerMove: number;
}

/** Somebody whose turn was let pass comes after this much. Seconds. */
const PASSED_SECONDS = 60;
/** Times are rounded to this, so that the order is not worked out anew every second. */
const GRAIN = 15;

/** Ramp sets that one athlete has left on the bar of their first lift. */
function rampLeft(athlete: FloorAthlete, state: FloorState) {
  const person = state.people[athlete.id]!;
  const lift = person.lifts[0];
  if (person.presence !== "there" || lift?.stopped) return { sets: [], done: 0 };
  const { sets } = liftNow(athlete.lifts[0]!, person, 0);
  const done = sets.findIndex((_, i) => !lift?.sets[i]);
  return done < 0 ? { sets: [], done: sets.length } : { sets: sets.slice(done), done };
}

/** What stands on a rack's bar: the plates of the last set that was lifted on it. */
function onBarOf(rack: readonly FloorRack[], plan: FloorPlan, state: FloorState): readonly Weight[] {
  let last: { at: number; perSide: readonly Weight[] } = { at: Number.NEGATIVE_INFINITY, perSide: [] };
  for (const id of rack.flatMap((r) => r.athletes)) {
    const athlete = plan.athletes.find((a) => a.id === id)!;
    const person = state.people[id]!;
    const { sets, working } = liftNow(athlete.lifts[0]!, person, 0);
    for (const [i, done] of Object.entries(person.lifts[0]?.sets ?? {})) {
      const planned = sets[Number(i)];
      if (planned && done.at > last.at) last = { at: done.at, perSide: planned.perSide };
    }
    for (const done of Object.values(person.lifts[0]?.work ?? {}))
      if (working && done.at > last.at) last = { at: done.at, perSide: working.perSide };
  }
  return last.perSide;
}

/** What each rack is ordered from at a moment. */
export function rackQuestions(plan: FloorPlan, state: FloorState, now: number): RackQuestion[] {
  const racks = [...new Set(plan.racks.map((r) => r.rack))];
  return racks.map((rack) => {
    const shifts = plan.racks.filter((r) => r.rack === rack);
    const open = shifts
      .toSorted((a, b) => a.shift - b.shift)
      .map((s) => s.athletes.filter((id) => rampLeft(athleteOf(plan, id), state).sets.length > 0))
      .filter((ids) => ids.length > 0);
    const [athletes = [], ...later] = open;
    const lifters = athletes.map((id) => lifterNow(plan, athleteOf(plan, id), state, now));
    return {
      rack,
      athletes,
      later: later.flat(),
      lifters,
      done: athletes.map((id) => rampLeft(athleteOf(plan, id), state).done),
      onBar: onBarOf(shifts, plan, state),
      secondsPerMove: plan.secondsPerMove,
    };
  });
}

const athleteOf = (plan: FloorPlan, id: string) => plan.athletes.find((a) => a.id === id)!;

/** An athlete as the bar sees them now: the sets that are left, and when the next can begin. */
function lifterNow(plan: FloorPlan, athlete: FloorAthlete, state: FloorState, now: number): Lifter {
  const { sets, done } = rampLeft(athlete, state);
  const lift = state.people[athlete.id]!.lifts[0];
  const last = done > 0 ? lift?.sets[done - 1] : undefined;
  const planned = liftNow(athlete.lifts[0]!, state.people[athlete.id]!, 0).sets[done - 1];
  const rested = last && planned ? (last.at - now) / 1000 + planned.leastRestSeconds : 0;
  const drills = paceOf(plan, athlete, state, now)?.drillsLeft ?? 0;
  const passed = lift?.passed?.set === done ? (lift.passed.at - now) / 1000 + PASSED_SECONDS : 0;
  const from = Math.max(0, rested, drills, passed);
  const rounded = Math.ceil(from / GRAIN) * GRAIN;
  return lifterOf(athlete.name, athlete.lifts[0]!.place ?? "rack", { sets }, rounded);
}

/** A rack in the best order from what is on the bar; exact, see `shareBar`. */
export function orderRack(question: RackQuestion): LiveRack {
  const { lifters, onBar, secondsPerMove } = question;
  if (lifters.length === 0) return rackOf(question, [], true);
  const { best, isProven } = shareBar(lifters, secondsPerMove, onBar);
  return rackOf(question, best.turns, isProven);
}

/** A rack in an order that is good at once: the first answer of the search for the best. */
export function quickRack(question: RackQuestion): LiveRack {
  const { lifters, onBar, secondsPerMove } = question;
  if (lifters.length === 0) return rackOf(question, [], true);
  const { best } = shareBarSteps(lifters, secondsPerMove, onBar).next().value;
  return rackOf(question, best.turns, false);
}

function rackOf(
  { rack, athletes, later, onBar, done }: RackQuestion,
  turns: readonly BarTurn[],
  isProven: boolean,
): LiveRack {
  return {
    ...{ rack, athletes, later, onBar, isProven },
    turns: turns.map((t) => ({ ...t, athlete: athletes[t.lifter]!, rampSet: done[t.lifter]! + t.set })),
  };
}
