import { type LoadKit, nearestLoadable } from "../plates";
import { type Felt, roundDown } from "../ramp";
import type { Weight } from "../units";

/** A working set as it was done. */
export interface WorkDone {
  weight: Weight;
  reps: number;
  felt: Felt | null;
}

/** What to work with the next time, and why. */
export interface NextWeight {
  weight: Weight;
  /** A sentence without its end, for the coach. */
  reason: string;
}

/** How far the next weight goes: up after easy sets, up after sets that were as planned, down after missed ones. */
const CHANGE = { easy: 0.05, asPlanned: 0.025, missed: -0.05 };
/** The most that a coarse step may carry it up. */
const MOST_UP = 0.06;

/**
 * The next working weight from how the working sets went: up where all was done and none was heavy, the same where it was heavy or
 * little was missed, less where much was; nothing where it hurt or was stopped.
 *
 * @param planned sets and repetitions that were to be done, with the weight.
 * @returns null: there is nothing to go by, or it hurt.
 */
export function nextWorkingWeight(
  kit: LoadKit,
  planned: { weight: Weight; reps: number; sets: number },
  done: readonly WorkDone[],
  hurt: boolean,
): NextWeight | null {
  if (done.length === 0 || hurt) return null;
  const heaviest = Math.max(...done.map((s) => s.weight)) as Weight;
  const full = done.filter((s) => s.reps >= planned.reps && s.weight >= planned.weight).length;
  const missed = planned.sets - full;
  if (done.some((s) => s.weight < planned.weight) && full === 0) {
    return { weight: heaviest, reason: "lighter than planned this time: build from there" };
  }
  if (missed >= 2) {
    const weight = roundDown(kit, heaviest * (1 + CHANGE.missed));
    return weight === null
      ? null
      : { weight, reason: `${missed} of ${planned.sets} sets were not done in full` };
  }
  if (missed === 1) return { weight: heaviest, reason: "one set was not done in full" };
  if (done.some((s) => s.felt === "heavy")) return { weight: heaviest, reason: "all sets done, but heavy" };
  const isEasy = done.every((s) => s.felt === "easy");
  const up = stepUp(kit, heaviest, isEasy ? CHANGE.easy : CHANGE.asPlanned);
  const how = isEasy ? "all sets done and easy" : "all sets done";
  return up === null
    ? { weight: heaviest, reason: `${how}, but the next step is too far` }
    : { weight: up, reason: how };
}

/** So much more, rounded down but one step at least; null where the smallest step goes too far. */
function stepUp(kit: LoadKit, from: Weight, by: number): Weight | null {
  const wanted = roundDown(kit, from * (1 + by));
  if (wanted !== null && wanted > from) return wanted;
  const { upper } = nearestLoadable(kit, (from + 1) as Weight, false);
  return upper !== null && upper <= from * (1 + MOST_UP) ? upper : null;
}

/** What to work with the next time after it was too much: a step lighter, as after sets that were missed; null: nothing is lighter. */
export function lighterWeight(kit: LoadKit, working: Weight): Weight | null {
  return roundDown(kit, working * (1 + CHANGE.missed));
}
