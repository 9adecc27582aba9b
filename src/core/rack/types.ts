import type { Weight } from "../units";

/** One ramp set of one lifter, with what it needs of the bar. */
export interface BarSet {
  weight: Weight;
  reps: number;
  /** Plates on one side, inside first. */
  perSide: readonly Weight[];
  /** The set with its set-up. */
  seconds: number;
  /** Least rest before the same lifter's next set, changing plates left out. */
  restSeconds: number;
}

/** Where a bar is for a lift: who lifts in different places cannot well share one. */
export type BarPlace = "rack" | "bench" | "floor" | "machine";

/** Somebody whose ramp is done on a shared bar. */
export interface Lifter {
  name: string;
  place: BarPlace;
  sets: readonly BarSet[];
  /** When the first set can begin, the drills before it done; absent: at once. Seconds. */
  from?: number;
}

/** A set in its place in the running order. */
export interface BarTurn {
  /** Place of the lifter in the roster. */
  lifter: number;
  /** Which of their sets, from 0. */
  set: number;
  /** Plates of one side to take off before it, outside first, and to put on, inside first. */
  strip: Weight[];
  add: Weight[];
  startsAt: number;
  endsAt: number;
  /** How long the lifter, rested, has waited for the bar or its plates. Seconds. */
  waitedSeconds: number;
}

/** A running order of everybody's ramp sets on one bar. */
export interface RunningOrder {
  turns: readonly BarTurn[];
  /** When each lifter is ready for the first working set. Seconds. */
  readyAt: readonly number[];
  /** When the last of them is. Seconds. */
  seconds: number;
  /** Plates moved on one side. */
  moves: number;
  waitedSeconds: number;
}

/** The best running order found, against taking turns. */
export interface SharedBar {
  best: RunningOrder;
  /** Everybody in roster order, a set each, round after round. */
  turns: RunningOrder;
  /** Whether no order is better: the last one ready earlier, or as early with fewer plates moved. */
  isProven: boolean;
}
