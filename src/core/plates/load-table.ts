import type { Weight } from "../units";
import { type BarKit, totalOf } from "./bar-kit";

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

/** `from` with up to `count` more plates of `size` grains: the fewest plates for every side weight. */
function withPlates(from: Int16Array, size: number, count: number): Int16Array {
  const to = Int16Array.from(from);
  for (let s = size; s < to.length; s++) {
    for (let c = 1; c <= count && c * size <= s; c++) {
      const plates = from[s - c * size]! + c;
      if (plates < to[s]!) to[s] = plates;
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
  const any = new Int16Array(length).fill(UNREACHABLE);
  const standing = new Int16Array(length).fill(UNREACHABLE);
  any[0] = 0;
  for (const plate of kit.plates) {
    const size = plate.weight / grain;
    for (let c = 0; c < plate.pairs; c++) {
      for (let s = length - 1; s >= size; s--) {
        const before = plate.fullDiameter
          ? Math.min(standing[s - size]!, any[s - size]!)
          : standing[s - size]!;
        if (before + 1 < standing[s]!) standing[s] = before + 1;
        if (any[s - size]! + 1 < any[s]!) any[s] = any[s - size]! + 1;
      }
    }
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
 * The heaviest loadable weight at or below `weight` and the lightest at or above it; null where there is none.
 * Both are `weight` itself when it can be loaded.
 */
export function nearestLoadable(
  kit: BarKit,
  weight: Weight,
  fromFloor: boolean,
): { lower: Weight | null; upper: Weight | null } {
  const heaviest = kit.plates[0]?.weight ?? 0;
  const totals = loadableTotals(
    loadTable(kit, (Math.max(weight, kit.empty) + 4 * heaviest) as Weight, fromFloor),
  );
  const lower = totals.findLast((t) => t <= weight) ?? null;
  const upper = totals.find((t) => t >= weight) ?? null;
  return { lower, upper };
}
