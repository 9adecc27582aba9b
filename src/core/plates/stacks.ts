/** The plates on one side from the inside out, as indices into the kit's plates (heaviest is 0). Never falling. */
export type Stack = readonly number[];

/** Plates put on or taken off one side to get from one stack to another; plates move at the outside only. */
export function stackMoves(from: Stack, to: Stack): number {
  let common = 0;
  while (common < from.length && common < to.length && from[common] === to[common]) common++;
  return from.length + to.length - 2 * common;
}
