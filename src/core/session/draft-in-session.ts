import type { AthleteRecord } from "../athlete";
import { type Catalog, knownLift, type Lift } from "../catalog";
import { type DraftLift, oneRepMaxIn, startLift, usualApproach, type WarmUpDraft } from "../draft";
import { type GymKit, liftKit } from "../gym";
import { nearestLoadable } from "../plates";
import { repsToFailureAt, weightOfMaximum } from "../strength";
import type { Weight } from "../units";
import { liftsFor, type Scheme, type Session, type SessionLift } from "./session";

/** Repetitions in reserve where nothing tells. */
const USUAL_RIR = 2;
const MOST_RIR = 10;

/** Repetitions in reserve of a weight that somebody can lift `oneRepMax` of; the usual where that is not known. */
function reserveAt(weight: number | null, oneRepMax: number | null, reps: number): number {
  if (weight === null || oneRepMax === null) return USUAL_RIR;
  const left = Math.floor(repsToFailureAt(weight, oneRepMax) + 1e-9) - reps;
  return Math.min(MOST_RIR, Math.max(0, left));
}

function withScheme(
  lift: DraftLift,
  main: Lift,
  { sets, reps, load }: Scheme,
  athlete: AthleteRecord,
  gym: GymKit,
): DraftLift {
  const oneRepMax = oneRepMaxIn(gym, athlete, main);
  const kit = liftKit(gym, main, athlete);
  let meant: number | null = null;
  if (load.kind === "weight") meant = load.weight;
  else if (oneRepMax !== null) meant = weightOfMaximum(load, oneRepMax, reps);
  const weight =
    meant !== null && kit ? nearestLoadable(kit, Math.floor(meant + 1e-6) as Weight, false).lower : null;
  const rir = load.kind === "reserve" ? Math.floor(load.rir) : reserveAt(weight, oneRepMax, reps);
  return { ...lift, weight, sets, reps, rir };
}

function draftLift(
  { lift: id, scheme, pairedWithNext }: SessionLift,
  athlete: AthleteRecord,
  gym: GymKit,
  catalog: Catalog,
): DraftLift {
  const main = knownLift(catalog, id);
  const asLast = startLift(athlete, gym, main);
  const lift = scheme && !main.kind ? withScheme(asLast, main, scheme, athlete, gym) : asLast;
  return { ...lift, pairedWithNext };
}

/**
 * What a session gives one athlete before anything has been changed for that one: the lifts with weights by the
 * athlete's own record, rounded down to what can be loaded, and the session's time, approach and room. Drills that
 * were chosen for everybody are in it only where each warms up alone; together they belong to the group's plan.
 */
export function draftInSession(
  session: Session,
  athlete: AthleteRecord,
  gym: GymKit,
  catalog: Catalog,
): WarmUpDraft {
  return {
    lifts: liftsFor(session, athlete.id).map((l) => draftLift(l, athlete, gym, catalog)),
    minutes: session.minutes,
    approach: session.together ? session.approach : (usualApproach(athlete, catalog) ?? session.approach),
    room: session.room,
    own: session.together ? [] : session.own,
    circuits: session.together ? [] : session.circuits,
    dropped: session.together ? [] : session.dropped,
    tests: session.together ? [] : session.tests,
    coolDown: session.coolDown,
    taken: null,
    begun: null,
  };
}
