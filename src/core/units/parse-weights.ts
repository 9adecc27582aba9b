import { fail, ok, type Result } from "@/lib/result";
import { formatWeight } from "./format-weight";
import { parseWeight } from "./parse-weight";
import type { Weight } from "./weight";

const MOST_WEIGHTS = 200;
const RANGE = /^(.+?)\s*(?:-|–|to)\s*(.+?)\s*(?:by|\/)\s*(.+)$/;

/**
 * Reads a list of weights as typed, each alone or as a range with its step; lightest first, each once.
 *
 * @returns the weights, none for an empty text, or a sentence that says what to type instead.
 * @example parseWeights("5–20 by 5, 22.5") // 5, 10, 15, 20, 22.5
 */
export function parseWeights(text: string): Result<Weight[], string> {
  const found: Weight[] = [];
  for (const part of text.split(/[,;]\s+|[;\n]|,$/).map((p) => p.trim())) {
    if (part === "") continue;
    const range = RANGE.exec(part);
    const [from, to, by] = (range ? range.slice(1) : [part, part, part]).map((p) => parseWeight(p!));
    if (!from!.ok || !to!.ok || !by!.ok) return fail(`"${part}" is no weight. Type 5, 7.5 or 5–40 by 2.5.`);
    if (to!.value < from!.value) return fail(`"${part}": type the lighter end first.`);
    if ((to!.value - from!.value) / by!.value > MOST_WEIGHTS)
      return fail(`Give at most ${MOST_WEIGHTS} weights.`);
    for (let w = from!.value; w <= to!.value; w = (w + by!.value) as Weight) found.push(w);
  }
  const weights = [...new Set(found)].sort((a, b) => a - b);
  return weights.length > MOST_WEIGHTS ? fail(`Give at most ${MOST_WEIGHTS} weights.`) : ok(weights);
}

/** A list of weights for `parseWeights` to read again: equal steps of four and more as a range. */
export function formatWeights(weights: readonly Weight[]): string {
  const parts: string[] = [];
  for (let i = 0; i < weights.length; ) {
    const step = (weights[i + 1] ?? 0) - weights[i]!;
    let end = i;
    while (weights[end + 1] !== undefined && weights[end + 1]! - weights[end]! === step) end++;
    if (end - i >= 3) {
      parts.push(
        `${formatWeight(weights[i]!)}–${formatWeight(weights[end]!)} by ${formatWeight(step as Weight)}`,
      );
      i = end + 1;
    } else {
      parts.push(formatWeight(weights[i]!));
      i += 1;
    }
  }
  return parts.join(", ");
}
