import type { Finding } from "@/lib/result";
import type { Drill, DrillId } from "../catalog";
import type { DemandId } from "../demands";
import type { WorkFormat } from "../dose";
import type { Weight } from "../units";

/** One drill of a warm-up as it stands on paper, ours or the coach's own. */
export interface WrittenStep {
  drill: Drill;
  /** The block of lifts that it comes before; 0 is the first. */
  block: number;
  sets: number;
  /** Repetitions, contractions or breaths; seconds of a hold or of time; metres. For one side and direction. */
  amount: number;
  /** How the work is spread; absent: in equal sets. */
  format?: WorkFormat;
  /** Which side it is done on, of a drill that has two. */
  side: "both" | "left" | "right";
}

/** One ramp set as it stands on paper. */
export interface WrittenSet {
  weight: Weight;
  reps: number;
  /** Seconds. */
  restSeconds: number;
}

/** A warm-up as somebody has put it together: drills in order and the ramp of each lift. */
export interface WrittenWarmUp {
  steps: readonly WrittenStep[];
  /** One for each lift; null where there is none. */
  ramps: readonly (readonly WrittenSet[] | null)[];
  /** To the first working set. */
  minutes: number;
}

/** What a finding is about. */
export type Place =
  | { kind: "plan" }
  | { kind: "demand"; demand: DemandId }
  | { kind: "step"; step: number }
  | { kind: "set"; lift: number; set: number };

/** One change to a warm-up. Steps and sets are named by where they stand before any of the remedy's changes. */
export type Change =
  | { kind: "drop-step"; step: number }
  | { kind: "add-step"; drill: Drill; block: number; sets: number; amount: number; at: number }
  | { kind: "swap-step"; step: number; drill: Drill; sets: number; amount: number }
  | { kind: "move-step"; step: number; to: number }
  | { kind: "dose-step"; step: number; sets: number; amount: number }
  | { kind: "both-sides"; drill: DrillId; block: number }
  | { kind: "minutes"; minutes: number }
  | { kind: "change-set"; lift: number; set: number; to: Partial<WrittenSet> }
  | { kind: "replace-ramp"; lift: number; sets: readonly WrittenSet[] };

/** What would remove a finding, in words for a button. */
export interface Remedy {
  label: string;
  changes: readonly Change[];
}

/** A finding before anything is said of its remedies. */
export interface Found extends Finding<FindingCode> {
  place: Place;
  /** What it is about, whatever its place: the same code and subject is the same finding again. */
  subject: string;
}

export interface ReviewFinding extends Found {
  /** Each removes the finding when it is applied; the best first. */
  remedies: readonly Remedy[];
}

export const FINDING_CODES = [
  "unserved",
  "serves-nothing",
  "stretch-without-movement",
  "explosive-early",
  "one-sided",
  "missing-plane",
  "too-many-limiters",
  "limiter-too-long",
  "over-time",
  "not-in-gym",
  "too-few-machines",
  "against-area",
  "repeated-while-warm",
  "weight-not-loadable",
  "weights-not-rising",
  "jump-too-large",
  "ramp-tiring",
  "heavy-without-rest",
] as const;
export type FindingCode = (typeof FINDING_CODES)[number];
