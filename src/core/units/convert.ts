import type { UnitSystem, Weight } from "./weight";

/** Kilograms in one international pound, exact by definition. */
const KG_PER_LB = 0.45359237;

/**
 * Converts a weight once from one system to the other, to the nearest thousandth of the new unit.
 * Never convert back: keep the value as it was entered.
 *
 * @example convertWeight(weight(100), "kg", "lb") // 220462, i.e. 220.462 lb
 */
export function convertWeight(w: Weight, from: UnitSystem, to: UnitSystem): Weight {
  if (from === to) return w;
  return Math.round(from === "kg" ? w / KG_PER_LB : w * KG_PER_LB) as Weight;
}
