import { drillsFor, type PlannedAthlete, wishesFor, withFavourites } from "../athlete";
import { approachFor, type Catalog, kitWithout, knownLift } from "../catalog";
import type { GymKit } from "../gym";
import { liftKit } from "../gym";
import { coolDownRequest, lightUnder, type PlannedLift, type PlanRequest } from "../plan";
import { isBarKit, type LoadKit, nearestLoadable } from "../plates";
import { type DoneSet, usualPlates } from "../ramp";
import { convertWeight } from "../units";
import type { WarmUpDraft } from "./draft";

/** A done set with plates of the kit: where the gym has lost some of them, the usual ones; null where none make it. */
function doneWith(kit: LoadKit, done: DoneSet): DoneSet | null {
  const isThere = !isBarKit(kit) || done.perSide.every((p) => kit.plates.some((k) => k.weight === p));
  if (isThere) return done;
  const perSide = usualPlates(kit, done.weight);
  return perSide && { ...done, perSide };
}

/**
 * The plan request for a draft, an athlete and a gym. Drills without lifting have an approach of their own.
 *
 * @throws where the draft names a lift or an approach that the catalog does not have.
 */
export function planRequestFor(
  draft: WarmUpDraft,
  athlete: PlannedAthlete,
  gym: GymKit,
  catalog: Catalog,
): PlanRequest {
  const bodyWeight = athlete.bodyWeight && convertWeight(athlete.bodyWeight, athlete.unit, gym.unit);
  const lifts = draft.lifts.map((d): PlannedLift => {
    const { reps, sets, rir } = d;
    const lift = knownLift(catalog, d.lift);
    const kit = liftKit(gym, lift, athlete, d.bar);
    // A gym may have lost plates since: the nearest lighter weight stands in, and it is said.
    const weight = kit && d.weight !== null ? nearestLoadable(kit, d.weight, false).lower : d.weight;
    return {
      lift,
      kit,
      working: weight === null ? null : { weight, reps, sets, rir },
      askedWeight: weight === d.weight ? undefined : (d.weight ?? undefined),
      backOffs: d.backOffs,
      pairedWithNext: d.pairedWithNext,
      style: d.rampStyle ?? undefined,
      start: d.rampStart ?? undefined,
      rampSets: d.rampSets ?? undefined,
      fixed: d.fixed,
      additions: d.additions,
      lightUnder: lightUnder(lift, kit, bodyWeight),
      onBlocks: d.onBlocks,
      done: kit ? d.done.flatMap((set) => doneWith(kit, set) ?? []) : [],
      secondsLeft: d.secondsLeft ?? undefined,
    };
  });
  const wishes = wishesFor(gym, draft.lifts, athlete, catalog);
  return {
    unit: gym.unit,
    lifts,
    minutes: draft.minutes,
    athlete,
    approach: withFavourites(approachFor(catalog, lifts[0]!.lift, draft.approach), wishes),
    room: draft.room,
    equipment: kitWithout(new Set(gym.equipment), athlete.cannotUse),
    clearFloor: gym.clearFloor,
    own: draft.own,
    circuits: draft.circuits,
    dropped: draft.dropped,
    tests: draft.tests,
    coolDown: coolDownRequest(draft.coolDown, catalog),
    taken: draft.taken ?? undefined,
    begun: draft.begun ?? undefined,
    drills: drillsFor(catalog.drills, wishes, draft.own, athlete.paces),
  };
}
