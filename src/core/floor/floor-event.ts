import type { AreaId, DrillId } from "../catalog";
import type { Dose } from "../dose";
import type { Felt } from "../ramp";
import type { Weight } from "../units";
import type { FloorSet, FloorStep } from "./floor-plan";

/** What was answered after the first loaded set of a lift. */
export const CHECK_ANSWERS = ["well", "flying", "tight", "one-sided", "pain"] as const;
export type CheckAnswer = (typeof CHECK_ANSWERS)[number];

/** What a pain comes with that has a lift stopped. */
export const PAIN_SIGNS = ["numb", "giving-way", "swelling"] as const;
export type PainSign = (typeof PAIN_SIGNS)[number];

export interface Pain {
  area: AreaId;
  /** 0 to 10. */
  level: number;
  quality: "dull" | "sharp";
  signs: readonly PainSign[];
  /** Place of the lift that it came up at; null: at a drill, or at no matter what. */
  lift: number | null;
}

/** Why something was left out. */
export type SkipReason = "coach" | "time" | "late" | "pain";

/** What happens on the floor. Lifts and sets by their places from 0; steps by their keys. */
export type Happening =
  /** `due`: when the first working set is to begin; null: as long as it takes. */
  | { kind: "started"; due: number | null }
  | { kind: "due-changed"; due: number | null }
  | { kind: "arrived" }
  | { kind: "absent" }
  | { kind: "left" }
  | { kind: "step-begun"; step: string }
  | { kind: "step-done"; step: string }
  | { kind: "step-skipped"; step: string; why: SkipReason }
  | { kind: "step-shortened"; step: string; dose: Dose; seconds: number }
  | {
      kind: "step-swapped";
      step: string;
      drill: DrillId;
      name: string;
      dose: Dose;
      seconds: number;
      cue: string;
    }
  | { kind: "step-added"; step: FloorStep }
  | { kind: "set-begun"; lift: number; set: number }
  /** Sets from the ramp's last on are working sets. */
  | {
      kind: "set-done";
      lift: number;
      set: number;
      isWork: boolean;
      weight: Weight;
      reps: number;
      felt: Felt | null;
    }
  | { kind: "turn-passed"; lift: number; set: number }
  | { kind: "checked"; lift: number; answer: CheckAnswer }
  | {
      kind: "ramp-changed";
      lift: number;
      sets: readonly FloorSet[];
      working: FloorSet & { sets: number };
      why: string;
    }
  | { kind: "lift-stopped"; lift: number }
  | ({ kind: "pain" } & Pain)
  | { kind: "note"; text: string }
  /** The athlete asks for a version that takes at most so many minutes, or that needs nothing; `minutes` null: as many as there are. */
  | { kind: "asked"; minutes: number | null; noKit: boolean }
  /** The coach has taken what was asked for, or not. */
  | { kind: "answered"; ask: string; taken: boolean }
  | { kind: "paused" }
  | { kind: "resumed" }
  /** `event`: the id of what is taken back. */
  | { kind: "undone"; event: string }
  /** `complete`: false where it was forgotten and ended by itself. */
  | { kind: "finished"; complete: boolean };

/**
 * One thing that happened in a session. Events are only ever added; what the screens show is worked out from them, so it does not
 * depend on the order in which they arrive, nor on how often.
 */
export type FloorEvent = {
  /** A UUID of version 7, made where it happened. */
  id: string;
  /** Null: everybody who is there. */
  athlete: string | null;
  /** The device on which it was said, and whose that is. */
  device: string;
  /** When it happened by the server's clock. Milliseconds since 1970. */
  at: number;
} & Happening;

export type HappeningKind = Happening["kind"];
