/** Something that is fetched once, when it is asked for first. */
export interface FetchedOnce<T> {
  /** Fetches it unless it is there or under way. Never fails: while somebody waits it is tried again. */
  ask: () => void;
  /** Null until it is there. */
  current: () => T | null;
  /** Tells once it is there; gives back how to stop waiting. */
  subscribe: (told: () => void) => () => void;
}

/**
 * Something that is fetched once and then kept, such as code that a page needs later.
 *
 * @param againAfter when it could not be had while somebody waits, it is tried again. Milliseconds.
 */
export function fetchedOnce<T>(fetch: () => Promise<T>, againAfter = 2000): FetchedOnce<T> {
  let there: T | null = null;
  let isUnderWay = false;
  const waiting = new Set<() => void>();
  async function ask(): Promise<void> {
    if (there !== null || isUnderWay) return;
    isUnderWay = true;
    try {
      there = await fetch();
      for (const told of waiting) told();
    } catch {
      if (waiting.size > 0) setTimeout(ask, againAfter);
    } finally {
      isUnderWay = false;
    }
  }
  return {
    ask: () => void ask(),
    current: () => there,
    subscribe: (told) => {
      waiting.add(told);
      return () => waiting.delete(told);
    },
  };
}
