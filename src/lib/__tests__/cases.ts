/** How many times more random cases `npm run test:long` tries. */
const LONG = Number(process.env.LONG ?? 1);

/**
 * How many random cases fast-check tries, and from which seed: that of the run, which it prints at its start and which
 * `SEED=… npm run test:unit` tries again.
 */
export function cases(count: number): { numRuns: number; seed?: number } {
  return { numRuns: count * LONG, ...(process.env.SEED && { seed: Number(process.env.SEED) }) };
}
