import type { UnitSystem } from "../units";
import type { EquipmentId } from "./equipment";

/** What a gym usually has in one unit. Weights in kg or lb as people say them. */
export interface GymSetLoads {
  bar: number;
  /** Further bars. */
  otherBars: readonly { name: string; weight: number }[];
  /** Sizes with their pairs, heaviest first. */
  plates: readonly { weight: number; pairs: number }[];
  /** From, to and step of the pairs on the rack; null: there are none. */
  dumbbells: { from: number; to: number; step: number } | null;
  /** The sledge of a plate machine; null: there is none. */
  sledge: number | null;
  stack: { start: number; step: number; top: number; addOns: readonly number[] } | null;
  /** What can take weight off a body: from, to and step; null: nothing. */
  help: { from: number; to: number; step: number } | null;
}

/** A common kind of gym to start from. */
export interface GymSet {
  id: string;
  name: string;
  note: string;
  /** Whether the larger plates are all of one diameter. */
  bumpers: boolean;
  loads: Readonly<Record<UnitSystem, GymSetLoads>>;
  /** How many there are of each thing; null: enough for all. */
  equipment: Readonly<Partial<Record<EquipmentId, number | null>>>;
}
