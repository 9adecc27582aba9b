import type { AthleteRecord } from "../athlete";
import { type Catalog, knownLift, type Lift, liftById } from "../catalog";
import { type GymKit, liftKit } from "../gym";
import { nearestLoadable } from "../plates";
import { estimateOneRepMax, weightForReps } from "../strength";
import { convertWeight, type Weight } from "../units";
import { type DraftLift, RAMP_AS_USUAL, type WarmUpDraft } from "./draft";

/** What a warm-up starts from when nothing else is known. */
const USUAL = {
  reps: 5,
  sets: 3,
  rir: 2,
  minutes: 15,
  approach: "temperature-first",
  room: "normal",
} as const;

/**
 * The working weight of an athlete for a lift in a gym: converted once if the gym counts in the other unit,
 * then rounded down to what can be loaded there. Where only a maximum is known, what it leaves for the usual sets.
 *
 * @returns null where none is known or nothing that light can be loaded.
 */
export function workingWeightIn(
  gym: GymKit,
  athlete: AthleteRecord,
  lift: Pick<Lift, "id" | "implement">,
): Weight | null {
  const known = athlete.workingWeights.find((w) => w.lift === lift.id);
  const kit = liftKit(gym, lift, athlete);
  if (!kit) return null;
  if (known) return nearestLoadable(kit, convertWeight(known.weight, athlete.unit, gym.unit), false).lower;
  const max = oneRepMaxIn(gym, athlete, lift);
  if (max === null) return null;
  const usual = weightForReps(max, USUAL.reps + USUAL.rir);
  return nearestLoadable(kit, Math.floor(usual) as Weight, false).lower;
}

/**
 * The one-repetition maximum of an athlete for a lift, in the gym's fine unit and not rounded: the one on record, or
 * the one estimated from working sets where those are newer; null where there is neither.
 */
export function oneRepMaxIn(gym: GymKit, athlete: AthleteRecord, lift: Pick<Lift, "id">): number | null {
  const working = athlete.workingWeights.find((w) => w.lift === lift.id);
  const max = athlete.maxima.find((m) => m.lift === lift.id);
  if (max && (!working || max.day >= working.day)) return convertWeight(max.weight, athlete.unit, gym.unit);
  if (!working) return null;
  return estimateOneRepMax(convertWeight(working.weight, athlete.unit, gym.unit), working.reps + working.rir);
}

/** A lift with the athlete's last working weight, sets and reps for it, or the usual. */
export function startLift(
  athlete: AthleteRecord,
  gym: GymKit,
  lift: Pick<Lift, "id" | "implement">,
): DraftLift {
  const known = athlete.workingWeights.find((w) => w.lift === lift.id);
  return {
    lift: lift.id,
    bar: null,
    weight: workingWeightIn(gym, athlete, lift),
    reps: known?.reps ?? USUAL.reps,
    sets: known?.sets ?? USUAL.sets,
    rir: known?.rir ?? USUAL.rir,
    backOffs: [],
    pairedWithNext: false,
    ...RAMP_AS_USUAL,
    rampStyle: athlete.rampStyle,
    done: [],
    secondsLeft: null,
  };
}

/** The approach that an athlete always has; null: none, or one that the catalog no longer has. */
export function usualApproach(
  { approach }: Pick<AthleteRecord, "approach">,
  catalog: Catalog,
): string | null {
  return catalog.approaches.some((a) => a.id === approach) ? approach : null;
}

/**
 * A first draft for an athlete: the last working weights of the lifts with their sets and reps, the rest from a
 * warm-up to be like, or the usual.
 */
export function startDraft(
  athlete: AthleteRecord,
  gym: GymKit,
  catalog: Catalog,
  like: Partial<Pick<WarmUpDraft, "minutes" | "approach" | "room"> & { lifts: readonly string[] }> = {},
): WarmUpDraft {
  // A lift on record may be one that the gym had once and deleted since.
  const last = athlete.workingWeights.find((w) => liftById(catalog, w.lift));
  const lifts = like.lifts ?? [last?.lift ?? "back-squat"];
  return {
    lifts: lifts.map((id) => startLift(athlete, gym, knownLift(catalog, id))),
    minutes: like.minutes ?? USUAL.minutes,
    approach: usualApproach(athlete, catalog) ?? like.approach ?? USUAL.approach,
    room: like.room ?? USUAL.room,
    own: [],
    circuits: [],
    tests: [],
    coolDown: false,
    dropped: [],
    taken: null,
    begun: null,
  };
}
