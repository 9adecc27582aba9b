import { type UnitSystem, type Weight, weightValue } from "./weight";

/** The number as a coach writes it, without trailing zeros. @example formatWeight(weight(72.5)) // "72.5" */
export function formatWeight(w: Weight): string {
  return String(Number(weightValue(w).toFixed(3)));
}

/** @example formatWeightWithUnit(weight(72.5), "kg") // "72.5 kg" */
export function formatWeightWithUnit(w: Weight, system: UnitSystem): string {
  return `${formatWeight(w)} ${system}`;
}
