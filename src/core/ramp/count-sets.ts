import {
  ADDED_FOR_AREA,
  BEGINNER_RATIO,
  COMPOUND_KEEPS_ONE_ABOVE,
  HIGH_REPS,
  LOW_REPS,
  MOST_ADDED,
  MOST_SETS,
  repsBand,
  SETS_BY_RATIO,
  SINGLE_JOINT_WARM_AT,
  WARMTH_CUT,
} from "./constants";
import type { RampRequest } from "./types";

/**
 * How many ramp sets a lift gets before the room between start and top is looked at
 * (docs/model.md, "How many sets").
 *
 * @param ratio the working weight over the base.
 * @returns the number of sets, how many of them are light ones for an area or a cold room, and whether warmth from
 *   earlier lifts has cut it.
 */
export function countSets(
  request: Pick<
    RampRequest,
    "working" | "lift" | "experience" | "slowToWarm" | "similarDone" | "room" | "rampSets"
  >,
  ratio: number,
): { sets: number; extras: number; cutByWarmth: boolean } {
  const { working, lift, experience, slowToWarm, similarDone, room, rampSets } = request;

  const sore = slowToWarm === "sore";
  let sets = SETS_BY_RATIO.find((row) => ratio <= row.upTo)!.sets;
  if (sets === 0 && !sore && rampSets === undefined) return { sets: 0, extras: 0, cutByWarmth: false };

  if (working.reps >= HIGH_REPS) sets = Math.max(1, sets - 1);
  if (working.reps <= LOW_REPS) sets += 1;
  if (experience === "beginner" && ratio < BEGINNER_RATIO) sets = Math.max(1, sets - 1);
  sets = Math.min(sets, repsBand(working.reps).mostSets);

  const forLift = lift.olympic ? 1 : 0;
  const gentle = ADDED_FOR_AREA[slowToWarm] + (room === "cold" ? 1 : 0);
  const plain = Math.min(MOST_SETS, sets + forLift);
  sets = Math.min(MOST_SETS, sets + Math.min(forLift + gentle, sore ? MOST_ADDED.sore : MOST_ADDED.usual));
  if (rampSets !== undefined) {
    return {
      sets: rampSets,
      extras: Math.max(0, Math.min(rampSets - plain, sets - plain)),
      cutByWarmth: false,
    };
  }
  const extras = Math.max(0, sets - plain);
  if (similarDone === 0 || sore) return { sets, extras, cutByWarmth: false };
  const cut = Math.floor(sets * (1 - WARMTH_CUT * similarDone) + 0.5);
  const least = lift.compound
    ? Number(ratio > COMPOUND_KEEPS_ONE_ABOVE)
    : Number(similarDone < SINGLE_JOINT_WARM_AT);
  const kept = Math.min(sets, Math.max(cut, least));
  return { sets: kept, extras: Math.max(0, kept - plain), cutByWarmth: kept < sets };
}
