import type { EquipmentId, GymSet, GymSetLoads } from "../catalog";
import { type UnitSystem, type Weight, weight } from "../units";
import type { GymKit } from "./gym-kit";
import { usualPlate } from "./usual-look";

/** Every weight from one to another in equal steps, both in. */
function every(range: GymSetLoads["help"]): Weight[] {
  if (!range) return [];
  const { from, to, step } = range;
  return Array.from({ length: Math.floor((to - from) / step + 1e-9) + 1 }, (_, i) => weight(from + i * step));
}

/** A gym as a set has it, its plates as they usually look. */
export function gymFromSet(
  set: GymSet,
  { id, name, unit }: { id: string; name: string; unit: UnitSystem },
): GymKit {
  const { bar, otherBars, plates, dumbbells, sledge, stack, help } = set.loads[unit];
  const things = Object.entries(set.equipment) as [EquipmentId, number | null][];
  return {
    id,
    name,
    unit,
    bar: { name: "Barbell", weight: weight(bar), collar: weight(0) },
    otherBars: otherBars.map((b) => ({ name: b.name, weight: weight(b.weight) })),
    plates: plates.map((p) => ({
      ...usualPlate(weight(p.weight), unit, set.bumpers),
      weight: weight(p.weight),
      pairs: p.pairs,
    })),
    dumbbells: every(dumbbells),
    sledge: sledge === null ? null : weight(sledge),
    stack: stack && {
      start: weight(stack.start),
      step: weight(stack.step),
      top: weight(stack.top),
      addOns: stack.addOns.map(weight),
    },
    help: every(help),
    equipment: things.map(([e]) => e),
    counts: Object.fromEntries(things.flatMap(([e, count]) => (count === null ? [] : [[e, count]]))),
  };
}
