import { fail, ok, type Result } from "@/lib/result";

/** Reads a whole number within bounds, or says what to type. */
export function parseWhole(least: number, most: number): (text: string) => Result<number, string> {
  return (text) => {
    const value = Number(text.trim());
    if (text.trim() === "" || !Number.isInteger(value) || value < least || value > most) {
      return fail(`Type a whole number from ${least} to ${most}.`);
    }
    return ok(value);
  };
}

/** Reads a number within bounds, with a point or a comma, or says what to type. */
export function parseNumber(least: number, most: number): (text: string) => Result<number, string> {
  return (text) => {
    const value = Number(text.replace(",", ".").replace("%", "").trim());
    const isRead = /\d/.test(text) && value >= least && value <= most;
    return isRead ? ok(value) : fail(`Type a number from ${least} to ${most}.`);
  };
}

/** One step within bounds; null at the end. */
export function stepWhole(least: number, most: number, step = 1) {
  return (value: number, direction: 1 | -1): number | null => {
    const to = value + direction * step;
    return to < least || to > most ? null : to;
  };
}
