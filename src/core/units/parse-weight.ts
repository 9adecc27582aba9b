import { fail, ok, type Result } from "@/lib/result";
import { type Weight, weight } from "./weight";

/** Above this no bar, athlete or stack is meant; a typing slip is. In kg or lb. */
export const GREATEST_WEIGHT = 2000;

/**
 * Reads a weight as typed, with a point or a comma.
 *
 * @returns the weight, or a sentence that says what to type instead.
 * @example parseWeight("72,5") // { ok: true, value: 72500 }
 */
export function parseWeight(text: string): Result<Weight, string> {
  const trimmed = text.trim().replace(",", ".");
  if (trimmed === "") return fail("Type a weight, for example 72.5.");
  if (!/^\d+(\.\d+)?$/.test(trimmed)) return fail("Type a number above zero, for example 72.5.");
  if (/\.\d{4,}$/.test(trimmed)) return fail("Use at most three decimals.");
  const value = Number(trimmed);
  if (value <= 0) return fail("The weight must be above zero.");
  if (value > GREATEST_WEIGHT) return fail(`The weight must be at most ${GREATEST_WEIGHT}.`);
  return ok(weight(value));
}
