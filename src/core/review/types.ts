import type { Finding } from "@/lib/result";
import type { Drill } from "../catalog";
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

/** What speaks against a warm-up, and where. */
export interface Found extends Finding<FindingCode> {
  place: Place;
  /** What it is about, whatever its place: the same code and subject is the same finding again. */
  subject: string;
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
