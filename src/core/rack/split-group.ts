import { greedyOrder, layOutOrder } from "./running-order";
import type { Lifter } from "./types";

/** Most who share a bar. */
export const MOST_ON_A_BAR = 4;
/** What it costs to lift on one bar in different places, for each place more: more than any ramp takes. Seconds. */
const MIXED_SECONDS = 3600;
/** Differences below this are none. Seconds. */
const NOTHING = 1e-9;

/**
 * Splits a group over racks, at most four on each, so that the slowest rack is ready as early as may be. Who
 * lifts in different places shares a bar only where there are too few racks. Like loads are put together first, then
 * people are exchanged between the slowest rack and the others for as long as that helps. Good, not proven; the same
 * group gets the same split.
 *
 * @returns the places of each rack's lifters in the roster, racks that stay empty left out; null if the racks have
 *   no room for everybody.
 */
export function splitGroup(
  lifters: readonly Lifter[],
  racks: number,
  secondsPerMove: number,
): number[][] | null {
  if (lifters.length > racks * MOST_ON_A_BAR) return null;
  const known = new Map<string, number>();
  const secondsOf = (rack: readonly number[]) => {
    const key = rack.toSorted((a, b) => a - b).join();
    const own = rack.map((i) => lifters[i]!);
    const seconds =
      known.get(key) ??
      layOutOrder(own, greedyOrder(own, secondsPerMove), secondsPerMove).seconds +
        MIXED_SECONDS * mixedOf(own);
    known.set(key, seconds);
    return seconds;
  };
  const isUnder = (rack: readonly number[], most: number) => secondsOf(rack) < most - NOTHING;

  let split = byPlaceAndLoad(lifters, racks);
  for (;;) {
    const times = split.map(secondsOf);
    const most = Math.max(...times);
    const slowest = times.indexOf(most);
    const better = exchanges(split, slowest).find((changed) =>
      changed.every(([, rack]) => isUnder(rack, most)),
    );
    if (!better) return split.filter((rack) => rack.length > 0);
    split = better.reduce((now, [at, rack]) => now.with(at, rack), split);
  }
}

/** In how many places more than one some lifters lift. */
export function mixedOf(lifters: readonly Lifter[]): number {
  return Math.max(0, new Set(lifters.map((l) => l.place)).size - 1);
}

/** A first split: racks for each place by how many lift there, the heaviest together on them. */
function byPlaceAndLoad(lifters: readonly Lifter[], racks: number): number[][] {
  const heaviest = (i: number) => lifters[i]!.sets.at(-1)?.weight ?? 0;
  const places = [...new Set(lifters.map((l) => l.place))].sort();
  const groups = places.map((place) =>
    lifters
      .flatMap((l, i) => (l.place === place ? [i] : []))
      .sort((a, b) => heaviest(b) - heaviest(a) || a - b),
  );
  const needed = groups.map((g) => Math.ceil(g.length / MOST_ON_A_BAR));
  let left = racks - needed.reduce((a, b) => a + b, 0);
  // Too few racks to keep the places apart: whoever is left over goes where there is room.
  if (left < 0) return evenly(groups.flat(), racks);
  for (; left > 0; left--) {
    const crowd = groups.map((g, p) => g.length / needed[p]!);
    needed[crowd.indexOf(Math.max(...crowd))]! += 1;
  }
  return groups.flatMap((group, p) => evenly(group, needed[p]!));
}

/** A list cut into so many parts of nearly the same length. */
function evenly(list: readonly number[], parts: number): number[][] {
  return Array.from({ length: parts }, (_, r) =>
    list.slice(Math.ceil((r * list.length) / parts), Math.ceil(((r + 1) * list.length) / parts)),
  );
}

/** Racks as they would be if one of a rack's lifters went to another rack, or changed places with somebody there. */
function exchanges(split: readonly (readonly number[])[], from: number): [at: number, rack: number[]][][] {
  const here = split[from]!;
  return split.flatMap((there, to) => {
    if (to === from) return [];
    return here.flatMap((moving) => {
      const left = here.filter((i) => i !== moving);
      const goes: [number, number[]][][] =
        there.length < MOST_ON_A_BAR
          ? [
              [
                [from, left],
                [to, [...there, moving]],
              ],
            ]
          : [];
      const swaps = there.map((other): [number, number[]][] => [
        [from, [...left, other]],
        [to, [...there.filter((i) => i !== other), moving]],
      ]);
      return [...goes, ...swaps];
    });
  });
}
