import { formatWeight, type Weight } from "../units";

/**
 * What to take off and put on each side before a set, in words.
 *
 * @example describeChange([weight(10)], [weight(2.5), weight(5)]) // "Take off 2.5 + 5, put on 10 each side"
 */
export function describeChange(add: readonly Weight[], strip: readonly Weight[]): string {
  const list = (plates: readonly Weight[]) => plates.map(formatWeight).join(" + ");
  if (add.length === 0 && strip.length === 0) return "Empty bar";
  if (strip.length === 0) return `Put on ${list(add)} each side`;
  if (add.length === 0) return `Take off ${list(strip)} each side`;
  return `Take off ${list(strip)}, put on ${list(add)} each side`;
}
