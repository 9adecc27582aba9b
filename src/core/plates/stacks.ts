/** The plates on one side from the inside out, as indices into the kit's plates (heaviest is 0). Never falling. */
export type Stack = readonly number[];

/** How many plates two loads of one side share from the inside out; plates as kinds or as weights. */
export function sharedPlates(a: readonly number[], b: readonly number[]): number {
  let common = 0;
  while (common < a.length && common < b.length && a[common] === b[common]) common++;
  return common;
}

/** Plates put on or taken off one side to get from one load to another; plates move at the outside only. */
export function stackMoves(from: readonly number[], to: readonly number[]): number {
  return from.length + to.length - 2 * sharedPlates(from, to);
}
