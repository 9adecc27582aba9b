import { isEqual } from "./equality";

/** A value with what it was before and, after undoing, what it was later. */
export interface History<T> {
  past: readonly T[];
  present: T;
  /** The next one first. */
  future: readonly T[];
}

const MOST_UNDO = 200;
/** Changes that can still be undone after the page was left or loaded again. */
const MOST_KEPT = 40;

/** A history that begins. */
export function startHistory<T>(present: T): History<T> {
  return { past: [], present, future: [] };
}

/** After a change; what had been undone can no longer be done again. */
export function changed<T>({ past, present }: History<T>, to: T): History<T> {
  return { past: [...past, present].slice(-MOST_UNDO), present: to, future: [] };
}

/** One change back; as it is where there is none. */
export function undone<T>(history: History<T>): History<T> {
  const { past, present, future } = history;
  if (past.length === 0) return history;
  return { past: past.slice(0, -1), present: past.at(-1)!, future: [present, ...future] };
}

/** One undone change forth; as it is where there is none. */
export function redone<T>(history: History<T>): History<T> {
  const { past, present, future } = history;
  if (future.length === 0) return history;
  return { past: [...past, present], present: future[0]!, future: future.slice(1) };
}

/** A history as text, to be kept while its page is away, with the revision of what is stored that it belongs to. */
export function historyText<T>({ past, present, future }: History<T>, revision: number): string {
  return JSON.stringify({
    revision,
    present,
    past: past.slice(-MOST_KEPT),
    future: future.slice(0, MOST_KEPT),
  });
}

/**
 * A kept history; null if there is none, nothing in it, or what is stored now is not what it ended with. It may have been kept
 * while its last change was being saved: what is stored is one revision on then.
 */
export function keptHistory<T>(text: string | null, revision: number, stored: T): History<T> | null {
  if (!text) return null;
  let kept: History<T> & { revision: number };
  try {
    kept = JSON.parse(text);
  } catch {
    return null;
  }
  if (!Array.isArray(kept?.past) || !Array.isArray(kept.future)) return null;
  if (kept.past.length + kept.future.length === 0) return null;
  const isOf = kept.revision === revision || kept.revision === revision - 1;
  const isSame = isOf && isEqual(kept.present, stored);
  return isSame ? { past: kept.past, present: stored, future: kept.future } : null;
}
