import { matchSorter, rankings } from "match-sorter";

/** Something in a list that is found by typing. */
export interface Entry {
  id: string;
  /** What it stands under. */
  heading: string;
  label: string;
  /** What tells it from others of the same name, or what is to know of it: a day, a group, a key. */
  note?: string;
  /** Further words by which it is found. */
  words?: string;
}

/**
 * The entries in which every word of `search` stands, the best first, under their headings in that order. Accents and
 * case do not count. A name that begins with a word comes before one that has it somewhere. Without words, all.
 */
export function findEntries<T extends Entry>(
  entries: readonly T[],
  search: string,
): { heading: string; entries: T[] }[] {
  const words = search.split(/\s+/).filter((word) => word !== "");
  // From the last word to the first, so that the first has the last say in the order.
  const found = words.reduceRight<T[]>(
    (left, word) =>
      matchSorter(left, word, {
        keys: ["label", { key: "note", maxRanking: rankings.CONTAINS }, "words"],
        threshold: rankings.CONTAINS,
        baseSort: (a, b) => a.index - b.index,
      }),
    [...entries],
  );
  const headings = new Map<string, T[]>();
  for (const entry of found) headings.set(entry.heading, [...(headings.get(entry.heading) ?? []), entry]);
  return [...headings].map(([heading, under]) => ({ heading, entries: under }));
}
