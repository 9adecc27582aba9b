/** Rows by a key of theirs; each list in the order of the rows. */
export function groupRows<T>(rows: readonly T[], keyOf: (row: T) => string): (key: string) => T[] {
  const lists = new Map<string, T[]>();
  for (const row of rows) {
    const list = lists.get(keyOf(row));
    if (list) list.push(row);
    else lists.set(keyOf(row), [row]);
  }
  return (key) => lists.get(key) ?? [];
}
