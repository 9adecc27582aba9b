import type { DrillId, LiftId } from "../catalog";

/** What a coach has changed of the drills in one session. */
export interface DrillEdits {
  /** The first lift that the drills came before. */
  lift: LiftId;
  dropped: readonly DrillId[];
  pinned: readonly DrillId[];
}

/** A drill that was taken out again and again, or put in. */
export interface RepeatedEdit {
  drill: DrillId;
  kind: "never" | "favourite";
  times: number;
  /** The lift that it was always before; null: several. */
  lift: LiftId | null;
}

/** From how many times on it is a preference, and among how many of the last sessions. */
const REPEATED_FROM = 3;
export const SESSIONS_LOOKED_AT = 12;

/**
 * The drill that has been taken out or put in most often, from the third time on; null: none, or all have been asked about.
 *
 * @param sessions the newest first; only the last twelve count.
 * @param isAsked whether the coach has been asked about it, or has said it anyway.
 */
export function repeatedEdit(
  sessions: readonly DrillEdits[],
  isAsked: (drill: DrillId, kind: RepeatedEdit["kind"]) => boolean,
): RepeatedEdit | null {
  const counted = new Map<string, RepeatedEdit>();
  for (const { lift, dropped, pinned } of sessions.slice(0, SESSIONS_LOOKED_AT)) {
    const edits = [
      ...dropped.map((drill) => ({ drill, kind: "never" as const })),
      ...pinned.map((drill) => ({ drill, kind: "favourite" as const })),
    ];
    for (const { drill, kind } of edits) {
      const key = `${kind} ${drill}`;
      const known = counted.get(key);
      const isSame = !known || known.lift === lift;
      counted.set(key, { drill, kind, times: (known?.times ?? 0) + 1, lift: isSame ? lift : null });
    }
  }
  const repeated = [...counted.values()].filter(
    ({ drill, kind, times }) => times >= REPEATED_FROM && !isAsked(drill, kind),
  );
  return repeated.sort((a, b) => b.times - a.times || (a.drill < b.drill ? -1 : 1))[0] ?? null;
}
