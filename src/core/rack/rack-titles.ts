import { describeChange } from "../plates";
import type { RackOrder } from "./rack-orders";
import { mixedOf } from "./split-group";
import type { BarPlace, BarSet, BarTurn, Lifter } from "./types";

const PLACES: Record<BarPlace, string> = { rack: "Rack", bench: "Bench", floor: "Floor", machine: "Machine" };

/** The orders of each shift, in its order. */
export function ordersByShift(orders: readonly RackOrder[]): RackOrder[][] {
  const shifts: RackOrder[][] = [];
  for (const order of orders) shifts[order.shift] = [...(shifts[order.shift] ?? []), order];
  return shifts;
}

/**
 * What each bar of a shift is called: its place, with a number where there are several there; of one that is used in
 * several places all of them.
 */
export function rackTitles(orders: readonly RackOrder[], lifters: readonly Lifter[]): string[] {
  const own = orders.map((order) => order.lifters.map((i) => lifters[i]!));
  const placeOf = (at: number) => (mixedOf(own[at]!) > 0 ? null : own[at]![0]!.place);
  return own.map((here, at) => {
    const place = placeOf(at);
    if (place === null) return [...new Set(here.map((l) => PLACES[l.place]))].sort().join(" and ");
    const same = own.map((_, i) => i).filter((i) => placeOf(i) === place);
    return same.length > 1 ? `${PLACES[place]} ${same.indexOf(at) + 1}` : PLACES[place];
  });
}

/** What is done to the bar before a set, in words. */
export function turnChange({ add, strip }: BarTurn, { perSide }: BarSet): string {
  const isLeft = add.length + strip.length === 0 && perSide.length > 0;
  return isLeft ? "As it is" : describeChange(add, strip);
}
