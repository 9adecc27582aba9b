/** A list with a first element. */
export type NonEmpty<T> = readonly [T, ...T[]];

/**
 * A list as one that has a first element.
 *
 * @throws RangeError if it is empty.
 */
export function nonEmpty<T>(list: readonly T[]): NonEmpty<T> {
  const [first, ...rest] = list;
  if (list.length === 0) throw new RangeError("The list is empty.");
  return [first as T, ...rest];
}

/** What each element becomes, as a list that has a first element too. */
export function mapNonEmpty<T, U>([first, ...rest]: NonEmpty<T>, become: (of: T) => U): NonEmpty<U> {
  return [become(first), ...rest.map(become)];
}
