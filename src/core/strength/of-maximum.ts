import { fail, ok, type Result } from "@/lib/result";
import { type E1rmFormula, weightForReps } from "./one-rep-max";

/** A working weight said by what it is of a one-repetition maximum. */
export type OfMaximum =
  | { kind: "percent"; percent: number; of: "max" | "training-max" }
  | { kind: "reserve"; rir: number };

/** A training maximum is this share of the one-repetition maximum. */
export const TRAINING_MAX_SHARE = 0.9;

const PERCENT = { least: 10, most: 120 };
const MOST_RIR = 10;
/** RPE counts from ten down: RPE 8 leaves two repetitions in reserve. */
const TOP_RPE = 10;
const LEAST_RPE = 5;

const PERCENT_TEXT = /^(\d+(?:[.,]\d+)?)\s*%\s*(tm|training max(?:imum)?|1rm|max)?$/i;
const RIR_TEXT = /^(?:rir\s*(\d+)|(\d+)\s*rir)$/i;
const RPE_TEXT = /^(?:rpe|@)\s*(\d+(?:[.,]5)?)$/i;

/**
 * Reads a working weight that is said by its maximum: "80 %", "85 % TM" (of the training maximum), "RIR 2",
 * "RPE 8" or "@8".
 *
 * @returns null if the text says no such thing; a failure tells what to type instead.
 */
export function parseOfMaximum(text: string): Result<OfMaximum, string> | null {
  const typed = text.trim();
  const percent = PERCENT_TEXT.exec(typed);
  if (percent) {
    const value = Number(percent[1]!.replace(",", "."));
    if (value < PERCENT.least || value > PERCENT.most)
      return fail(`Give ${PERCENT.least} to ${PERCENT.most} %.`);
    const ofTraining = /^t/i.test(percent[2] ?? "");
    return ok({ kind: "percent", percent: value, of: ofTraining ? "training-max" : "max" });
  }
  const rir = RIR_TEXT.exec(typed);
  if (rir) {
    const value = Number(rir[1] ?? rir[2]);
    return value > MOST_RIR ? fail(`Give 0 to ${MOST_RIR} in reserve.`) : ok({ kind: "reserve", rir: value });
  }
  const rpe = RPE_TEXT.exec(typed);
  if (rpe) {
    const value = Number(rpe[1]!.replace(",", "."));
    if (value < LEAST_RPE || value > TOP_RPE) return fail(`Give an RPE of ${LEAST_RPE} to ${TOP_RPE}.`);
    return ok({ kind: "reserve", rir: TOP_RPE - value });
  }
  return null;
}

/**
 * The weight that is meant, not rounded to what can be loaded.
 *
 * @param oneRepMax any unit; the result is in the same unit.
 * @param reps of the working sets; a percentage does not depend on them.
 */
export function weightOfMaximum(
  said: OfMaximum,
  oneRepMax: number,
  reps: number,
  formula: E1rmFormula = "epley",
): number {
  if (said.kind === "reserve") return weightForReps(oneRepMax, reps + said.rir, formula);
  return (oneRepMax * said.percent * (said.of === "training-max" ? TRAINING_MAX_SHARE : 1)) / 100;
}
