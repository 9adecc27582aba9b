/** Rows that one statement takes: SQLite counts every value. */
const MOST_ROWS = 500;

/** A list in parts of at most so many, in its order. @example inParts([1, 2, 3], 2) // [[1, 2], [3]] */
export function inParts<T>(all: readonly T[], most = MOST_ROWS): T[][] {
  const parts: T[][] = [];
  for (let from = 0; from < all.length; from += most) parts.push(all.slice(from, from + most));
  return parts;
}
