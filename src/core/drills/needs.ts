import type { Candidate } from "./candidate";
import { HARD_EFFORT, OPENING_EFFORT } from "./constants";
import { sharesDemand } from "./shared-demands";

/** Whether `mover` is dynamic work on a range that the stretch `held` serves, in the same block or a later one. */
export function releases(held: Candidate, mover: Candidate): boolean {
  return (
    mover.drill.mode === "dynamic" &&
    mover.block >= held.block &&
    sharesDemand(held.drill, mover.drill, "range", 1)
  );
}

/** What a drill needs beside it. */
export type Need = "movement" | "activation" | "gentle-start";

/**
 * What a candidate needs beside it: dynamic work after a stretch, something activated before power, something
 * gentle before other hard work; null: nothing.
 */
export function needOf({ drill, phase }: Candidate): Need | null {
  if (drill.stretch && phase !== "cool-down") return "movement";
  if (phase === "power") return "activation";
  return drill.effort >= HARD_EFFORT ? "gentle-start" : null;
}

/** Whether another candidate is what `c` needs. What has needs of its own meets nobody's. */
function meetsNeed(need: Need, c: Candidate, other: Candidate): boolean {
  if (needOf(other) !== null) return false;
  if (need === "movement") return releases(c, other);
  if (other.block > c.block) return false;
  return need === "activation" ? other.phase === "activate" : other.drill.effort <= OPENING_EFFORT;
}

/**
 * The places of those of which one has to be chosen beside a candidate; null if it needs none, or if the coach
 * has chosen it.
 *
 * @param others null where something is nobody's prerequisite.
 */
export function prerequisitesOf(c: Candidate, others: readonly (Candidate | null)[]): number[] | null {
  const need = c.pinned ? null : needOf(c);
  return need && others.flatMap((o, i) => (o && meetsNeed(need, c, o) ? [i] : []));
}
