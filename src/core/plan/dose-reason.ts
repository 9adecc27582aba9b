import { joinWords } from "@/lib/join-words";
import type { Approach } from "../catalog";
import { type Dose, formatDose } from "../dose";
import { type Candidate, jobInSentence } from "../drills";
import type { PlanRequest } from "./types";

/** An approach's usual minutes are without the ramp, which takes about so many. */
const RAMP_MINUTES = 6;

/** The minutes that a warm-up of an approach usually takes, its ramp included. */
export function usualMinutes({ approach }: Pick<PlanRequest, "approach">): number {
  return approach.typicalMinutes.from + RAMP_MINUTES;
}

/** A slot that is worth so much is one that its approach is known by. Points. */
const ESSENTIAL_FROM = 20;

/**
 * How much of a drill is done and for what part of the approach, as a coach would say it: "10 each side: the usual."
 *
 * @param isShort whether there is less time than the approach usually takes.
 */
export function doseReason(candidate: Candidate, dose: Dose, approach: Approach, isShort: boolean): string {
  const slot = candidate.slot === null ? null : approach.slots[candidate.slot]!;
  const isKept = slot !== null && isShort && slot.points >= ESSENTIAL_FROM;
  const job =
    slot && `${approach.name} has it for “${slot.name}”${isKept ? ", kept although time is short" : ""}.`;
  return [`${formatDose(dose)}: ${amountReason(candidate)}.`, job].filter(Boolean).join(" ");
}

/** Why it is so much: the usual, more for a limiter or from easy to hard, less for lack of time. */
function amountReason({ phase, drill, sets, amount, rounds, limiterOf, pinned }: Candidate): string {
  if (pinned) return "your choice";
  if (phase === "raise") return "what the time allows";
  const [, usualSets] = drill.dose.sets;
  const [, usual] = drill.dose.amount;
  const share = (rounds * sets * amount) / (usualSets * usual);
  if (rounds > 1) return `a usual set in each of ${rounds} rounds`;
  if (drill.dose.onlyLeast) return "the smallest dose, since more was too much";
  if (share < 1) return "less than usual, for lack of time";
  if (share === 1) return "the usual";
  return limiterOf.length > 0 ? "more than usual, for a limiter" : "more than usual, since there is time";
}

const ORDINALS = ["", "", "the second", "the third", "the fourth"];

/**
 * The drills that a plan leaves out against a longer one, by what they are for: "the second for the hips".
 *
 * @param now jobs of the plan's drills, one for each.
 * @param whole the same of the longer plan.
 * @returns a sentence; null where nothing is left out.
 */
export function leftOutSentence(now: readonly string[], whole: readonly string[]): string | null {
  const count = (list: readonly string[], job: string) => list.filter((j) => j === job).length;
  const gone = [...new Set(whole)].flatMap((job) => {
    const [has, had] = [count(now, job), count(whole, job)];
    if (has >= had) return [];
    const name = jobInSentence(job);
    return has === 0 ? [name] : [`${ORDINALS[had] ?? "one more"} for ${name}`];
  });
  return gone.length === 0 ? null : `Left out: ${joinWords(gone)}.`;
}
