/** The outcome of a function that can fail for a reason a person must hear about. */
export type Result<T, E> = { ok: true; value: T } | { ok: false; error: E };

export function ok<T>(value: T): { ok: true; value: T } {
  return { ok: true, value };
}

export function fail<E>(error: E): { ok: false; error: E } {
  return { ok: false, error };
}

/** Something the coach should know about a ramp or a plan: a rule that had to give way, or a warning. */
export interface Finding<Code extends string> {
  code: Code;
  message: string;
}
export type { SaveOutcome } from "./save-outcome";
