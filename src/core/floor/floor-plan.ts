import type { Drill, DrillId, Phase } from "../catalog";
import type { Dose, DoseRange } from "../dose";
import type { GymPlate } from "../gym";
import type { Stair } from "../plan";
import type { BarPlace } from "../rack";
import type { RampRequest } from "../ramp";
import type { UnitSystem, Weight } from "../units";

/** What a drill's figure is drawn from. */
export interface FloorFigure {
  id: DrillId;
  name: string;
  figure?: Drill["figure"];
  dose: Pick<DoseRange, "kind" | "secondsPerUnit" | "sides" | "tempo">;
}

/** A drill that may be done in the place of another, at its usual dose. */
export interface FloorSwap {
  drill: DrillId;
  name: string;
  dose: Dose;
  /** Set-up, work and rests. */
  seconds: number;
  cue: string;
  picture: FloorFigure;
  /** Whether it needs something of the gym's. */
  needsKit: boolean;
}

/** A drill at less than planned. */
export interface ShorterStep {
  dose: Dose;
  seconds: number;
  /** What is left of the step's worth. Points. */
  worth: number;
}

/** A drill of one round, or a test, in its place. */
export interface FloorStep {
  /** The same for everybody who does it at this place: its lift's place, the drill and the round. */
  key: string;
  /** The block that it belongs to. */
  block: number;
  drill: DrillId;
  isTest: boolean;
  name: string;
  phase: Phase | "test";
  /** Of one round; null: a test. */
  dose: Dose | null;
  /** Seconds of the set-up before the work. */
  setUpSeconds: number;
  /** Set-up, work and rests. */
  seconds: number;
  /** How much longer it was planned to take than its parts; absent: 1. */
  pace?: number;
  /** To get from it to what follows. Seconds. */
  changeSeconds: number;
  /** From the start of the warm-up, as planned. Seconds. */
  startsAt: number;
  /** How it is done, or what the test looks for. */
  cue: string;
  picture: FloorFigure;
  /** The round of its circuit and how many there are; 1 of 1 outside circuits. */
  round: number;
  rounds: number;
  /** Whether it needs something of the gym's. */
  needsKit: boolean;
  /** Whether everybody does it together. */
  isShared: boolean;
  /** What leaving it out would cost, in points of the choice; chosen by the coach: more than all others. */
  worth: number;
  /** How it can be done in less time, the longest first. */
  shorter: readonly ShorterStep[];
  /** What may be done in its place, the nearest first. */
  swaps: readonly FloorSwap[];
}

/** A ramp set, or a working set, as it is loaded. */
export interface FloorSet {
  weight: Weight;
  reps: number;
  /** Plates on one side, inside first. */
  perSide: readonly Weight[];
  /** The set itself with its set-up. */
  seconds: number;
  restSeconds: number;
  /** The rest if others change the plates. */
  leastRestSeconds: number;
  /** Share of the working weight, 0 to 1. */
  fraction: number;
  /** What to do before it, in words. */
  change: string;
  notes: readonly string[];
}

/** A main lift with its ramp. */
export interface FloorLift {
  lift: string;
  name: string;
  block: number;
  /** Where its bar is; null: it is on none. */
  place: BarPlace | null;
  /** With what its weights count, as "kg a hand". */
  unit: string;
  /** What its ramp was worked out from; null: no ramp. */
  request: RampRequest | null;
  sets: readonly FloorSet[];
  /** The working sets, all alike; null: no weight is known. */
  working: (FloorSet & { sets: number }) | null;
  /** A drill for one side at a time that serves the lift, not in the plan; null: there is none. */
  oneSided: FloorSwap | null;
}

/** One athlete's warm-up as it was when the session was started. */
export interface FloorAthlete {
  id: string;
  name: string;
  steps: readonly FloorStep[];
  lifts: readonly FloorLift[];
  /** Places of the lifts that are done in turns, in order. */
  blocks: readonly (readonly number[])[];
  /** The warm-up's picture up to the first working set. */
  stair: Stair;
  /** To the first working set, without and with waiting for bars. */
  seconds: number;
  readySeconds: number;
}

/** A bar and who lifts on it; a later shift comes when the one before it is done. */
export interface FloorRack {
  rack: number;
  shift: number;
  athletes: readonly string[];
}

/**
 * Everything that is run on the floor, as it was planned when the session was started: what is changed later in the library, the
 * records or the session does not change it. Plain JSON.
 */
export interface FloorPlan {
  version: 1;
  sessionId: string;
  name: string;
  day: string;
  /** Of the first working set, as "18:30"; null: not fixed. */
  time: string | null;
  unit: UnitSystem;
  plates: readonly GymPlate[];
  isGroup: boolean;
  athletes: readonly FloorAthlete[];
  racks: readonly FloorRack[];
  secondsPerMove: number;
  /** When the last is ready for the first working set. Seconds from the start. */
  readySeconds: number;
}
