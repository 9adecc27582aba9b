import type { FixedSet } from "./types";

/** What is fixed of the sets of a ramp as if the sets from a place on, so many, were not there. */
export function fixedWithout(
  fixed: Readonly<Record<number, FixedSet>>,
  from: number,
  times: number,
): Record<number, FixedSet> {
  return Object.fromEntries(
    Object.entries(fixed).flatMap(([at, set]): [number, FixedSet][] => {
      const i = Number(at);
      if (i < from) return [[i, set]];
      return i < from + times ? [] : [[i - times, set]];
    }),
  );
}

/** What is fixed of the sets of a ramp but their weights. */
export function withoutWeights(fixed: Readonly<Record<number, FixedSet>>): Record<number, FixedSet> {
  return Object.fromEntries(Object.entries(fixed).map(([i, f]) => [i, { ...f, weight: undefined }]));
}
