import type { Drill, Phase } from "../catalog";
import type { SignId, WorkFormat } from "../dose";
import type { CircuitPart } from "./circuits";

/** A drill at a dose that may be chosen. */
export interface Candidate {
  drill: Drill;
  phase: Phase;
  /** What is done in one stretch; blocks follow each other in the order of their numbers. */
  block: number;
  /** Sets of one round. */
  sets: number;
  amount: number;
  /** How its work is spread; absent: in equal sets. */
  format?: WorkFormat;
  /** The sign by which it ends beside the clock. */
  until?: SignId;
  /** How often the circuit that it belongs to goes round; 1 outside circuits. */
  rounds: number;
  /** The circuit that it goes round in; null: none. */
  circuit: CircuitPart | null;
  /** Whether the coach has it done on its own, in no superset of the approach either; absent: no. */
  alone?: boolean;
  /** Work and rests of one round. Seconds. */
  workSeconds: number;
  /** Work of all rounds, set-up and an estimate of the changes. Seconds. */
  seconds: number;
  /** Index of the demand and what the dose serves of it. */
  serves: readonly { demand: number; served: number }[];
  family: number;
  /** What it is for, see `jobOf`. */
  job: string;
  /** The approach's slot that it fills, by its place; null: none. */
  slot: number | null;
  /** Whether it rehearses one of today's lifts in its own shape. */
  ownShape: boolean;
  /** Whether it is the lift with the empty bar, as the ramp's first set is. */
  repeatsRamp: boolean;
  /** Whether it readies a sore low back for hinging. */
  braces: boolean;
  /** Demand indices of the limiters whose own drill it is: none that may be chosen serves them more. */
  limiterOf: readonly number[];
  /** Demand indices of the limiters that alone let it in; empty if the session asks for it anyway. */
  onlyForLimiters: readonly number[];
  /** Chosen by the coach: it stays. */
  pinned: boolean;
}
