/**
 * Keeps the last result for each of so many things, so that only what has changed is worked out again.
 *
 * @returns a function that takes what the thing is, what its result is worked out from, and how.
 */
export function keptLast<T>(most: number): (id: string, from: string, work: () => T) => T {
  const kept = new Map<string, { from: string; result: T }>();
  return (id, from, work) => {
    const known = kept.get(id);
    if (known?.from === from) {
      // The one used last is the last to go.
      kept.delete(id);
      kept.set(id, known);
      return known.result;
    }
    const result = work();
    kept.delete(id);
    if (kept.size >= most) kept.delete(kept.keys().next().value!);
    kept.set(id, { from, result });
    return result;
  };
}
