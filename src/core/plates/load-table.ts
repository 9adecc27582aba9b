import { type Weight, weight } from "../units";
import { type BarKit, barKit, isBarKit, type LoadKit, type PlateKind, totalOf } from "./kits";

/** Stands in a load table for a weight that no plates make. */
export const UNREACHABLE = 32767;

/**
 * Which side weights can be made from the plates of a kit, and with how few plates.
 * Side weights are counted in `grain`s, the greatest common divisor of the plate weights.
 */
export interface LoadTable {
  kit: BarKit;
  /** Whether at least one full-diameter plate must be on the bar. */
  fromFloor: boolean;
  grain: number;
  /** `fewest[k][s]`: fewest plates that make `s` grains from plate kinds k and lighter; 32767 if none do. */
  fewest: Int16Array[];
  /** `fewestLoadable[s]`: fewest plates that make `s` grains with the floor rule kept; 32767 if none do. */
  fewestLoadable: Int16Array;
}

function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}

/**
 * `from` with up to `count` more plates of `size` grains: the fewest plates for every side weight. Each weight is looked at
 * once: of those that lie whole plates below it, the best stand in a queue from which what is too far below falls out.
 */
function withPlates(from: Int16Array, size: number, count: number): Int16Array {
  const to = Int16Array.from(from);
  const steps = Math.ceil(to.length / size);
  // Plates below, and what they take less the plates of this size up to there.
  const at = new Int32Array(steps);
  const least = new Int32Array(steps);
  for (let rest = 0; rest < Math.min(size, to.length); rest++) {
    let first = 0;
    let end = 0;
    for (let k = 0, s = rest; s < to.length; k++, s += size) {
      const plates = from[s]!;
      if (plates < UNREACHABLE) {
        while (end > first && least[end - 1]! >= plates - k) end--;
        at[end] = k;
        least[end++] = plates - k;
      }
      if (end > first && at[first]! < k - count) first++;
      if (end > first) to[s] = least[first]! + k;
    }
  }
  return to;
}

/**
 * The load table of a kit for side weights up to `greatest`.
 *
 * @param greatest the heaviest total weight of interest; heavier loads are left out.
 * @param fromFloor whether the bar must stand at full height on the floor.
 */
export function loadTable(kit: BarKit, greatest: Weight, fromFloor: boolean): LoadTable {
  const grain = kit.plates.reduce((g, p) => greatestCommonDivisor(g, p.weight), 0) || 1;
  const all = kit.plates.reduce((sum, p) => sum + p.weight * p.pairs, 0);
  const cap = Math.max(0, Math.min(all, Math.floor((greatest - kit.empty) / 2)));
  const length = Math.floor(cap / grain) + 1;

  const nothing = new Int16Array(length).fill(UNREACHABLE);
  nothing[0] = 0;
  const fewest: Int16Array[] = new Array(kit.plates.length + 1);
  fewest[kit.plates.length] = nothing;
  for (let k = kit.plates.length - 1; k >= 0; k--) {
    const plate = kit.plates[k]!;
    fewest[k] = withPlates(fewest[k + 1]!, plate.weight / grain, plate.pairs);
  }

  const fewestLoadable = fromFloor ? fewestFromFloor(kit, grain, length) : fewest[0]!;
  return { kit, fromFloor, grain, fewest, fewestLoadable };
}

/** The fewest plates for every side weight, at least one of them of full diameter. */
function fewestFromFloor(kit: BarKit, grain: number, length: number): Int16Array {
  let any: Int16Array = new Int16Array(length).fill(UNREACHABLE);
  let standing: Int16Array = new Int16Array(length).fill(UNREACHABLE);
  any[0] = 0;
  for (const { weight: plate, pairs, fullDiameter } of kit.plates) {
    const size = plate / grain;
    if (!fullDiameter) {
      standing = withPlates(standing, size, pairs);
    } else if (pairs > 0) {
      // The first of its kind makes it stand, whatever else is on the bar.
      const others = withPlates(any, size, pairs - 1);
      for (let s = length - 1; s >= size; s--) {
        const plates = others[s - size]!;
        if (plates < UNREACHABLE && plates + 1 < standing[s]!) standing[s] = plates + 1;
      }
    }
    any = withPlates(any, size, pairs);
  }
  return standing;
}

/** Every loadable total weight of a table, lightest first. */
export function loadableTotals(table: LoadTable): Weight[] {
  const totals: Weight[] = [];
  table.fewestLoadable.forEach((plates, s) => {
    if (plates < UNREACHABLE) totals.push(totalOf(table.kit, s * table.grain));
  });
  return totals;
}

/**
 * Every weight that a kit makes up to `greatest`, lightest first.
 *
 * @param fromFloor whether a bar must stand at full height on the floor.
 */
export function loadableWeights(kit: LoadKit, greatest: Weight, fromFloor = false): Weight[] {
  if (!isBarKit(kit)) return kit.weights.filter((w) => w <= greatest);
  return greatest < kit.empty ? [] : loadableTotals(loadTable(kit, greatest, fromFloor));
}

/**
 * The heaviest loadable weight at or below `weight` and the lightest at or above it; null where there is none.
 * Both are `weight` itself when it can be loaded.
 */
export function nearestLoadable(
  kit: LoadKit,
  weight: Weight,
  fromFloor: boolean,
): { lower: Weight | null; upper: Weight | null } {
  const totals = isBarKit(kit)
    ? loadableWeights(
        kit,
        (Math.max(weight, kit.empty) + 4 * (kit.plates[0]?.weight ?? 0)) as Weight,
        fromFloor,
      )
    : kit.weights;
  const lower = totals.findLast((t) => t <= weight) ?? null;
  const upper = totals.find((t) => t >= weight) ?? null;
  return { lower, upper };
}

/** The most that is hung on a body, in the gym's unit. */
const MOST_HUNG = 150;

/** What can be hung on a belt: every sum of plates, each plate on its own, lightest first, up to 150. */
export function hungOn(plates: readonly PlateKind[]): Weight[] {
  const single = plates.map((p) => ({ ...p, pairs: 2 * p.pairs }));
  const belt = barKit(0 as Weight, 0 as Weight, single);
  // A bar carries plates on both sides, a belt once.
  return loadableWeights(belt, weight(2 * MOST_HUNG))
    .slice(1)
    .map((w) => (w / 2) as Weight);
}
