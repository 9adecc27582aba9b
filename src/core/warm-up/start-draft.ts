import type { Catalog, Lift } from "../catalog";
import { nearestLoadable } from "../plates";
import { estimateOneRepMax } from "../strength";
import { convertWeight, type Weight } from "../units";
import { type DraftLift, RAMP_AS_USUAL, type WarmUpDraft } from "./draft";
import { liftKit } from "./lift-kit";
import type { AthleteRecord, GymKit } from "./plan-request";

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
 * then rounded down to what can be loaded there.
 *
 * @returns null where none is known or nothing that light can be loaded.
 */
export function workingWeightIn(
  gym: GymKit,
  athlete: AthleteRecord,
  lift: Pick<Lift, "id" | "implement">,
): Weight | null {
  const known = athlete.workingWeights.find((w) => w.lift === lift.id);
  if (!known) return null;
  const kit = liftKit(gym, lift, athlete);
  return kit && nearestLoadable(kit, convertWeight(known.weight, athlete.unit, gym.unit), false).lower;
}

/**
 * The one-repetition maximum of an athlete for a lift, estimated from the last working sets on record, in the gym's
 * fine unit and not rounded; null where there are none.
 */
export function oneRepMaxIn(gym: GymKit, athlete: AthleteRecord, lift: Pick<Lift, "id">): number | null {
  const known = athlete.workingWeights.find((w) => w.lift === lift.id);
  if (!known) return null;
  return estimateOneRepMax(convertWeight(known.weight, athlete.unit, gym.unit), known.reps + known.rir);
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
    weight: workingWeightIn(gym, athlete, lift),
    reps: known?.reps ?? USUAL.reps,
    sets: known?.sets ?? USUAL.sets,
    rir: known?.rir ?? USUAL.rir,
    backOffs: [],
    pairedWithNext: false,
    ...RAMP_AS_USUAL,
    done: [],
    secondsLeft: null,
  };
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
  const lifts = like.lifts ?? [athlete.workingWeights[0]?.lift ?? "back-squat"];
  return {
    lifts: lifts.map((id) =>
      startLift(athlete, gym, catalog.lifts.find((l) => l.id === id) ?? catalog.lifts[0]!),
    ),
    minutes: like.minutes ?? USUAL.minutes,
    approach: like.approach ?? USUAL.approach,
    room: like.room ?? USUAL.room,
    own: [],
    dropped: [],
    taken: null,
    begun: null,
  };
}
