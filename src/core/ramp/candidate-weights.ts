import type { Weight } from "../units";

/**
 * The loadable weights worth trying for a set: those within `window` of its ideal, and the nearest
 * loadable one on either side of it. Lightest first.
 *
 * @param loadable every loadable weight, lightest first.
 */
export function candidateWeights(loadable: readonly Weight[], ideal: number, window: number): Weight[] {
  const below = loadable.findLast((w) => w <= ideal);
  const above = loadable.find((w) => w >= ideal);
  return loadable.filter((w) => Math.abs(w - ideal) <= window || w === below || w === above);
}
