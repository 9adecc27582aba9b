/** A source of numbers from 0 to 1 that are the same for the same seed (mulberry32). */
export function numbersFrom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Normally distributed numbers from numbers between 0 and 1 (Box and Muller, 1958). */
export function normalsFrom(next: () => number): (mean: number, sd: number) => number {
  return (mean, sd) => mean + sd * Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());
}
