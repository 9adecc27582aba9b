/** The system a gym's bars and plates are marked in. */
export const UNIT_SYSTEMS = ["kg", "lb"] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];
export const UNIT_NAMES: Record<UnitSystem, string> = { kg: "Kilograms", lb: "Pounds" };

/**
 * A weight as an integer number of thousandths of its system's unit: grams in a kg gym,
 * thousandths of a pound in a lb gym. Which system it is in is known by what holds it.
 */
export type Weight = number & { readonly __weight: unique symbol };

/**
 * The weight for a number of kg or lb, rounded to the nearest thousandth.
 *
 * @example weight(72.5) // 72500
 */
export function weight(value: number): Weight {
  return Math.round(value * 1000) as Weight;
}

/** The number of kg or lb of a weight. @example weightValue(weight(72.5)) // 72.5 */
export function weightValue(w: Weight): number {
  return w / 1000;
}

/** A kg amount that a rule names, in the given system, as lifters round it: see docs/model.md, "Units". */
export function kilograms(amounts: { kg: number; lb: number }, system: UnitSystem): Weight {
  return weight(amounts[system]);
}

/** One step of a loaded weight as gyms count it: 2.5 kg or 5 lb. */
export function weightStep(system: UnitSystem): Weight {
  return weight(system === "kg" ? 2.5 : 5);
}
