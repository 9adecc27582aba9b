import type { Weight } from "../units";

/** One size of plate in the gym. */
export interface PlateKind {
  weight: Weight;
  /** How many pairs there are: one plate of a pair goes on each side. */
  pairs: number;
  /** Whether a bar loaded with it stands at full height on the floor. */
  fullDiameter: boolean;
}

/** A bar with its collars and the plates that go on it. Plates are heaviest first, each weight once. */
export interface BarKit {
  /** The bar with both collars. */
  empty: Weight;
  plates: PlateKind[];
}

/**
 * A kit from a bar, the weight of one collar and plates in any order; plates of equal weight are
 * put together (a size is of full diameter if any of it is).
 */
export function barKit(bar: Weight, collar: Weight, plates: readonly PlateKind[]): BarKit {
  const bySize = new Map<Weight, PlateKind>();
  for (const plate of plates) {
    if (plate.pairs === 0) continue;
    const same = bySize.get(plate.weight);
    bySize.set(plate.weight, {
      weight: plate.weight,
      pairs: plate.pairs + (same?.pairs ?? 0),
      fullDiameter: plate.fullDiameter || (same?.fullDiameter ?? false),
    });
  }
  return {
    empty: (bar + 2 * collar) as Weight,
    plates: [...bySize.values()].sort((a, b) => b.weight - a.weight),
  };
}

/** The weight on the bar when `side` hangs on each end. */
export function totalOf(kit: BarKit, side: number): Weight {
  return (kit.empty + 2 * side) as Weight;
}

/** The smallest step from one loaded bar to the next: the lightest plate on both sides. 0 without plates. */
export function smallestStep(kit: BarKit): Weight {
  const lightest = kit.plates.at(-1);
  return (lightest ? 2 * lightest.weight : 0) as Weight;
}
