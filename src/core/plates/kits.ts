import type { Weight } from "../units";

/** One size of plate in the gym. */
export interface PlateKind {
  weight: Weight;
  /** How many pairs there are: one plate of a pair goes on each side. */
  pairs: number;
  /** Whether a bar loaded with it stands at full height on the floor. */
  fullDiameter: boolean;
}

/** A bar with its collars, or the sledge of a machine, and the plates that go on both sides of it. */
export interface BarKit {
  kind: "barbell" | "machine";
  /** The bar with both collars, or the sledge. */
  empty: Weight;
  /** Heaviest first, each weight once. */
  plates: PlateKind[];
}

/**
 * Weights that are taken as they are: dumbbells (of one hand), kettlebells, a stack with its pin, or what an
 * athlete's body weighs with what is hung on it or helps it.
 */
export interface WeightList {
  kind: "dumbbells" | "kettlebells" | "stack" | "bodyweight";
  /** Lightest first, each once, at least one. */
  weights: readonly Weight[];
  /** What the body weighs; only with `bodyweight`. */
  bodyWeight?: Weight;
}

/** What a lift is loaded from. */
export type LoadKit = BarKit | WeightList;

export function isBarKit(kit: LoadKit): kit is BarKit {
  return "plates" in kit;
}

/**
 * A kit from a bar, the weight of one collar and plates in any order; plates of equal weight are
 * put together (a size is of full diameter if any of it is).
 */
export function barKit(
  bar: Weight,
  collar: Weight,
  plates: readonly PlateKind[],
  kind: BarKit["kind"] = "barbell",
): BarKit {
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
    kind,
    empty: (bar + 2 * collar) as Weight,
    plates: [...bySize.values()].sort((a, b) => b.weight - a.weight),
  };
}

/** The weight on the bar when `side` hangs on each end. */
export function totalOf(kit: BarKit, side: number): Weight {
  return (kit.empty + 2 * side) as Weight;
}

/** A list of weights in any order, each put in once. */
function weightList(kind: WeightList["kind"], weights: readonly Weight[]): WeightList {
  return { kind, weights: [...new Set(weights)].sort((a, b) => a - b) };
}

/** The dumbbells on the rack, by the weight of one of a pair. */
export function dumbbellKit(pairs: readonly Weight[]): WeightList {
  return weightList("dumbbells", pairs);
}

export function kettlebellKit(bells: readonly Weight[]): WeightList {
  return weightList("kettlebells", bells);
}

/** A stack of plates with a pin. */
export interface PinStack {
  start: Weight;
  step: Weight;
  top: Weight;
  /** Small weights that may be laid on the stack, each there is once. */
  addOns: readonly Weight[];
}

/** Every sum of some of the weights, 0 among them. */
function sums(weights: readonly Weight[]): number[] {
  const all = [0];
  for (const w of weights) all.push(...all.map((s) => s + w));
  return all;
}

/** What a stack with a pin and its add-ons makes. */
export function stackKit({ start, step, top, addOns }: PinStack): WeightList {
  const pins = Array.from({ length: Math.floor((top - start) / step) + 1 }, (_, i) => start + i * step);
  return weightList(
    "stack",
    pins.flatMap((pin) => sums(addOns).map((more) => (pin + more) as Weight)),
  );
}

/**
 * What a lift with one's own body can weigh: the body, less what helps it, or more by what is hung on it.
 *
 * @param help weights that a machine or bands take off, in any order; as much as the body weighs helps nobody.
 * @param added weights that can be hung on.
 */
export function bodyKit(bodyWeight: Weight, help: readonly Weight[], added: readonly Weight[]): WeightList {
  const weights = [
    ...help.filter((h) => h < bodyWeight).map((h) => bodyWeight - h),
    bodyWeight,
    ...added.map((a) => bodyWeight + a),
  ] as Weight[];
  return { ...weightList("bodyweight", weights), bodyWeight };
}

/** The lightest that a kit can be: the empty bar, or the first weight of a list. */
export function lightestOf(kit: LoadKit): Weight {
  return isBarKit(kit) ? kit.empty : kit.weights[0]!;
}

/**
 * The smallest step from one load to the next: the lightest plate on both sides, or the least difference in a
 * list. 0 where there is only one.
 */
export function smallestStep(kit: LoadKit): Weight {
  if (isBarKit(kit)) return (2 * (kit.plates.at(-1)?.weight ?? 0)) as Weight;
  const steps = kit.weights.slice(1).map((w, i) => w - kit.weights[i]!);
  return (steps.length > 0 ? Math.min(...steps) : 0) as Weight;
}
