import type { DrillWishes } from "../athlete";
import type { EquipmentId } from "../catalog";
import type { PinStack, PlateKind } from "../plates";
import type { UnitSystem, Weight } from "../units";

/** A plate as the gym has it, with what it takes to draw it. */
export interface GymPlate extends PlateKind {
  colour: string;
  diameterMm: number;
  thicknessMm: number;
}

/** How a gym says times, weeks, paper and lengths. */
export interface GymSettings {
  /** Hours of the day. */
  clock: 12 | 24;
  /** The first day of the week, 0 for Sunday as `Date` has it. */
  weekStart: 0 | 1 | 6;
  paper: "a4" | "letter";
  lengths: "cm" | "in";
  /** Whether what drills have been found to do for people counts in plans. */
  usesResponses: boolean;
}

export const USUAL_SETTINGS: GymSettings = {
  clock: 24,
  weekStart: 1,
  paper: "a4",
  lengths: "cm",
  usesResponses: true,
};

export interface GymKit {
  id: string;
  name: string;
  unit: UnitSystem;
  /** The bar that is taken unless another one is named. */
  bar: { name: string; weight: Weight; collar: Weight };
  otherBars: readonly { name: string; weight: Weight }[];
  plates: readonly GymPlate[];
  /** One of each pair on the rack. */
  dumbbells: readonly Weight[];
  /** What the sledge of the plate machine weighs; null: there is none. */
  sledge: Weight | null;
  /** The stack of the pulldown; null: there is none. */
  stack: PinStack | null;
  /** What can take weight off a body. */
  help: readonly Weight[];
  equipment: readonly EquipmentId[];
  /** The straight stretch of floor that is free for drills that travel, in metres; null or absent: enough for all. */
  clearFloor?: number | null;
  /** Where its clock is, by its IANA name, as "Europe/Berlin"; null or absent: as whoever looks at its calendar. */
  timeZone?: string | null;
  /** Drills that are liked or never used here; absent: none. */
  wishes?: DrillWishes;
  /** How times, weeks, paper and lengths are said here; absent: as usual. */
  settings?: GymSettings;
  /** How many there are of things that one person uses at a time; absent: enough for all. */
  counts?: Readonly<Partial<Record<EquipmentId, number>>>;
}
