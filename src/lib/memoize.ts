/** A function of an object that works its value out once for each object, for as long as the object lives. */
export function memoize<K extends object, V>(work: (of: K) => V): (of: K) => V {
  const known = new WeakMap<K, V>();
  return (of) => {
    const before = known.get(of);
    if (before !== undefined) return before;
    const value = work(of);
    known.set(of, value);
    return value;
  };
}
