import { codeOf } from "./trouble";

/** For how long damage that was met is told, unless it is met again. Milliseconds. */
const TOLD_MS = 60_000;

/** Kept for the whole process: pages and routes have this module each for themselves. */
const seen = globalThis as { ironStepDamage?: number };

/** Notes that a statement has met a page of the file that cannot be read. */
export function noteDamage(error: unknown, now = Date.now()): void {
  if (/^SQLITE_(CORRUPT|NOTADB)/.test(codeOf(error))) seen.ironStepDamage = now;
}

/** Whether the file was found to be damaged lately: what is asked now may have been kept in memory and look sound. */
export function damageSeen(now = Date.now()): boolean {
  return seen.ironStepDamage !== undefined && now - seen.ironStepDamage < TOLD_MS;
}
