import { describeChange, type LoadKit } from "../plates";
import { formatWeight, formatWeightWithUnit, type UnitSystem, type Weight } from "../units";

/** What a weight of a kit counts, after its unit. */
const COUNTS: Record<LoadKit["kind"], string> = {
  barbell: "",
  machine: "",
  stack: "",
  dumbbells: " a hand",
  kettlebells: "",
  bodyweight: " in all",
};

/** The unit of a kit's weights with what they count. @example loadUnit(dumbbells, "kg") // "kg a hand" */
export function loadUnit(kit: LoadKit, unit: UnitSystem): string {
  return unit + COUNTS[kit.kind];
}

/** A load with what changes before it. */
interface Load {
  weight: Weight;
  add: readonly Weight[];
  strip: readonly Weight[];
}

/**
 * What to do before a set, in words: plates on and off, the dumbbells to take, the pin, what to hang on.
 *
 * @example describeLoad(dumbbells, { weight: weight(12.5), … }, "kg") // "Take the 12.5 kg pair"
 */
export function describeLoad(kit: LoadKit, { weight, add, strip }: Load, unit: UnitSystem): string {
  const said = formatWeightWithUnit(weight, unit);
  switch (kit.kind) {
    case "barbell":
      return describeChange(add, strip);
    case "machine":
      return add.length + strip.length === 0 ? "Nothing on it" : describeChange(add, strip);
    case "dumbbells":
      return `Take the ${said} pair`;
    case "kettlebells":
      return `Take the ${said} bell`;
    case "stack":
      return `Set the stack to ${said}`;
    case "bodyweight": {
      const more = weight - (kit.bodyWeight ?? weight);
      if (more === 0) return "Body weight alone";
      const amount = `${formatWeight(Math.abs(more) as Weight)} ${unit}`;
      return more > 0 ? `Hang on ${amount}` : `${amount} of help`;
    }
  }
}
