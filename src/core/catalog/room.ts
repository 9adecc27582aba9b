import type { Drill } from "./drill";
import { EQUIPMENT, type EquipmentId, kitInUse } from "./equipment";

type Travelling = Pick<Drill, "space" | "impact" | "shoesOff">;

/** On a shorter floor there is no step between two turns. Metres. */
const LEAST_LEG = 2;

/**
 * How a drill fits the clear floor: straight on, or in two legs where it is walked and half of its stretch is there; null:
 * not at all.
 *
 * @param clearFloor the straight stretch that is free, in metres; null or absent: enough for everything.
 */
export function travelOn(
  { space, impact }: Travelling,
  clearFloor: number | null | undefined,
): "straight" | "there-and-back" | null {
  if (space === undefined || clearFloor == null || space <= clearFloor) return "straight";
  const isWalked = impact === "none" && clearFloor >= LEAST_LEG;
  return isWalked && space <= 2 * clearFloor ? "there-and-back" : null;
}

/** What is to be seen to before a drill, besides its kit. */
export function roomNotes(drill: Travelling, clearFloor: number | null | undefined): string[] {
  return [
    ...(drill.shoesOff ? ["shoes off"] : []),
    ...(travelOn(drill, clearFloor) === "there-and-back" ? ["there and back"] : []),
  ];
}

/** All that is to be there for a drill, in a few words each: its kit, of what a gym has, and what else to see to. */
export function needsOf(
  drill: Drill,
  { equipment, clearFloor }: { equipment: readonly EquipmentId[]; clearFloor?: number | null },
): string[] {
  const kit = kitInUse(drill.equipment, equipment).map((k) => EQUIPMENT[k].toLowerCase());
  return [...kit, ...roomNotes(drill, clearFloor)];
}
