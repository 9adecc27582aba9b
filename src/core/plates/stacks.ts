import type { LoadTable } from "./load-table";

/** The plates on one side from the inside out, as indices into the kit's plates (heaviest is 0). Never falling. */
export type Stack = readonly number[];

/**
 * Every stack of at most `mostPlates` plates that weighs `side`, the table's floor rule kept.
 * Dead ends are cut by the table, so the work is in proportion to what is found.
 *
 * @param side the weight on one side, in the weights' fine unit.
 */
export function stacksOf(table: LoadTable, side: number, mostPlates: number): Stack[] {
  const { kit, grain, fewest, fromFloor } = table;
  const found: Stack[] = [];
  if (side < 0 || side % grain !== 0 || table.fewestLoadable[side / grain]! > mostPlates) return found;
  const stack: number[] = [];

  function fill(kind: number, rest: number, room: number, standsFull: boolean): void {
    if (rest === 0) {
      if (standsFull || !fromFloor) found.push(stack.slice());
      return;
    }
    if (kind === kit.plates.length || fewest[kind]![rest]! > room) return;
    const plate = kit.plates[kind]!;
    const size = plate.weight / grain;
    const most = Math.min(plate.pairs, room, Math.floor(rest / size));
    for (let c = 0; c <= most; c++) {
      fill(kind + 1, rest - c * size, room - c, standsFull || (c > 0 && plate.fullDiameter));
      stack.push(kind);
    }
    stack.length -= most + 1;
  }

  fill(0, side / grain, mostPlates, false);
  return found;
}

/** Plates put on or taken off one side to get from one stack to another; plates move at the outside only. */
export function stackMoves(from: Stack, to: Stack): number {
  let common = 0;
  while (common < from.length && common < to.length && from[common] === to[common]) common++;
  return from.length + to.length - 2 * common;
}
