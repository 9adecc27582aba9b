/** So much of something, by its place in a list. */
export interface Term {
  index: number;
  amount: number;
}

/** A thing that is chosen whole or not at all. */
export interface Option {
  /** Points that it costs. */
  cost: number;
  /** What it adds to goals. */
  gives: readonly Term[];
  /** What it takes of limits. */
  uses: readonly Term[];
  /** Options, none with prerequisites of its own, of which at least one must be chosen with it; null: it needs none. */
  prerequisites: readonly number[] | null;
}

/** Something to be met: each piece in turn is worth its slope in points, and slopes fall. */
export interface Goal {
  pieces: readonly { upTo: number; slope: number }[];
}

/** The most that chosen options may use together. */
export interface Limit {
  most: number;
}

/**
 * A choice among options for the greatest objective: `atNothing` plus what the goals are worth minus what the
 * chosen options cost, within the limits. Of each list in `required` exactly one option is chosen.
 *
 * Whoever builds a problem sees to it that the first option of every required list fits the limits together.
 */
export interface Problem {
  options: readonly Option[];
  goals: readonly Goal[];
  limits: readonly Limit[];
  /** The index of the limit that runs out first, the time: quick choices weigh gains against what they use of it. */
  budget: number;
  required: readonly (readonly number[])[];
  /** The objective when nothing is chosen. Points. */
  atNothing: number;
}

/** What a goal is worth when `amount` of it is met. Points. */
export function worthOf(goal: Goal, amount: number): number {
  let worth = 0;
  let from = 0;
  for (const { upTo, slope } of goal.pieces) {
    if (amount <= from) break;
    worth += slope * (Math.min(amount, upTo) - from);
    from = upTo;
  }
  return worth;
}
