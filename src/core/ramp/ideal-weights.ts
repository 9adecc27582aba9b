import { ONE_SET_BELOW_TOP, ONE_SET_SHARE, systemConstants } from "./constants";
import { RAMP_STYLES, topOf } from "./styles";
import type { FixedSet, RampRequest } from "./types";

/**
 * Where the sets of a ramp would lie if every weight could be loaded, in the fine unit, rounded to it.
 *
 * @param sets number of ramp sets, 0 or more.
 * @param start the first ramp weight.
 * @param named shares of the working weight that the style names itself, see `namedShares`.
 */
export function idealWeights(
  request: Pick<RampRequest, "working" | "style" | "unit" | "experience">,
  sets: number,
  start: number,
  cutByWarmth: boolean,
  named: readonly number[] | null = null,
): number[] {
  const W = request.working.weight;
  const share = topOf(request.style, request.working.reps);
  if (sets === 0) return [];
  const { jumpRatio } = RAMP_STYLES[request.style];
  if (named?.length === sets) return named.map((s) => Math.round(Math.max(start, W * s)));
  if (sets === 1) {
    // A beginner's first set is with the lightest there is.
    const low = request.experience === "beginner" ? start : Math.max(start, W * ONE_SET_SHARE);
    const reaches = W - low <= systemConstants(request.unit).oneSetReach && !cutByWarmth;
    return [Math.round(reaches ? low : Math.max(start, W * (share - ONE_SET_BELOW_TOP)))];
  }
  const top = Math.max(W * (named?.at(-1) ?? share), start);
  return [Math.round(start), ...stepsTo(start, top, sets - 1, jumpRatio)];
}

/**
 * Where the sets would lie leading through what the coach has set by hand: the sets between go along, as near to one and to the other as
 * before. In the fine unit, rounded to it.
 */
export function idealsThrough(
  ideals: readonly number[],
  fixed: Readonly<Record<number, FixedSet>>,
  W: number,
): number[] {
  const all = [...ideals, W];
  const anchors = all.flatMap((ideal, i) => {
    const own = fixed[i]?.weight;
    return own !== undefined || i === 0 || i === ideals.length ? [{ i, from: ideal, to: own ?? ideal }] : [];
  });
  return ideals.map((ideal, i) => {
    const after = anchors.findIndex((a) => a.i > i);
    const [low, high] = [anchors[after - 1]!, anchors[after]!];
    const part = high.from > low.from ? (ideal - low.from) / (high.from - low.from) : 0;
    return Math.round(low.to + part * (high.to - low.to));
  });
}

/**
 * Weights that climb from one, which is not among them, to another, in the fine unit and rounded to it.
 *
 * @param ratio each step as a share of the one before.
 */
export function stepsTo(from: number, top: number, steps: number, ratio: number): number[] {
  let parts = 0;
  for (let i = 0; i < steps; i++) parts += ratio ** i;
  let at = from;
  return Array.from({ length: steps }, (_, i) => {
    at += ((top - from) * ratio ** i) / parts;
    return Math.round(at);
  });
}
