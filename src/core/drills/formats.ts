import { type Approach, type Drill, type FormatRule, isMeant } from "../catalog";
import { type DoseRange, doseOfFormat, isSteady, type OwnDose, type WorkFormat } from "../dose";

/** The most surges of one raise. */
const MOST_SURGES = 5;

/**
 * A dose as the approach spreads it: in its format, and with the sign by which it ends.
 *
 * @param seconds the time for drills; absent: enough.
 */
export function inItsFormat<T extends OwnDose>(
  drill: Drill,
  dose: T,
  { formats }: Pick<Approach, "formats">,
  seconds = Number.POSITIVE_INFINITY,
): T {
  const isDue = ({ under }: (typeof formats)[number]) => under === undefined || seconds < under;
  const rule = formats.find((f) => isDue(f) && isMeant(drill, f.drills));
  if (!rule) return dose;
  const until = rule.until && { until: rule.until };
  const format = rule.format && formatBy(rule.format, drill.dose, dose);
  if (format?.kind === "variants") return { ...dose, ...doseOfFormat(format), ...until };
  return { ...dose, ...(format && { format }), ...until };
}

/** The format that a rule makes of so many sets; null where it has none for them. */
function formatBy(rule: FormatRule, range: DoseRange, { sets, amount }: OwnDose): WorkFormat | null {
  const isTimed = range.kind === "hold" || range.kind === "time";
  switch (rule.kind) {
    case "interval":
      return isTimed && sets > 1
        ? { kind: "interval", on: amount, off: rule.off, times: sets * range.sides }
        : null;
    case "variants": {
      const { by, ways, splits } = rule;
      if (splits && sets === 1 && amount >= ways.length) {
        return { kind: "variants", by, ways, amount: Math.round(amount / ways.length) };
      }
      return sets > 1 && sets <= ways.length
        ? { kind: "variants", by, ways: ways.slice(0, sets), amount }
        : null;
    }
    case "pieces": {
      if (!isTimed || sets < 2 || range.sides > 1) return null;
      const pieces = Array.from({ length: sets }, (_, i) => rule.pieces[i % rule.pieces.length] ?? "");
      return { kind: "pieces", seconds: sets * amount, pieces };
    }
    case "surges": {
      const { every, on, off } = rule;
      const surges = Math.min(MOST_SURGES, Math.floor(amount / every));
      if (!isSteady(range) || surges === 0 || surges * (on + off) > amount) return null;
      return { kind: "surges", seconds: amount, surges, on, off };
    }
  }
}
